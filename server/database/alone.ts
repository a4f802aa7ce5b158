import pg from 'pg';

/** Any number: all servers of Baros on one database take the same. */
const LOCK = 8300;

/** Does a work while no other server on this database does it: the tables are made and filled once. */
export async function alone<T>(databaseUrl: string, work: () => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [LOCK]);
    return await work();
  } finally {
    await client.end();
  }
}
