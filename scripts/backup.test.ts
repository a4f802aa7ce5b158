import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { BuildView, DepartmentView } from '#core/exchange';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

let parent: string;
const folderOf = (name: string) => join(parent, name);
beforeAll(() => {
  parent = mkdtempSync(join(tmpdir(), 'baros-backup-'));
  chmodSync(parent, 0o755);
});
afterAll(() => rmSync(parent, { recursive: true, force: true }));

const script = (name: string, data: string, ...args: string[]) => {
  const { DATABASE_URL: _own, ...rest } = process.env;
  const { status, stderr } = spawnSync(
    process.execPath,
    [fileURLToPath(new URL(`${name}.mjs`, import.meta.url)), ...args],
    { encoding: 'utf8', env: { ...rest, BAROS_DATA: folderOf(data) } },
  );
  return { status, said: stderr.trim().split('\n').at(-1)! };
};

/** PostgreSQL keeps its own order of fields: lines are compared by what they say. */
const linesOf = (text: string): unknown[] =>
  text
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as unknown);

/** Starts a Baros on a folder, does something with its API, and stops it. */
async function withBaros<T>(
  name: string,
  work: (ask: (path: string, init?: object) => Promise<Response>) => Promise<T>,
) {
  const database = await startPostgres(folderOf(name));
  const server = await startServer(database.url, await freePort());
  try {
    return await work((path, body) =>
      fetch(
        `${server.url}/${path}`,
        body && {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        },
      ),
    );
  } finally {
    await server.kill();
    database.stop();
  }
}

it('everything goes into one file while Baros runs, and comes back into an empty one', async () => {
  const file = join(parent, 'all.dump');
  const before = await withBaros('first', async (ask) => {
    const department = (await (
      await ask('departments', { name: 'Kept', district: 'x', kind: 'rural' })
    ).json()) as DepartmentView;
    await ask('builds', { departmentId: department.id, name: 'Engine', type: 'pumper' });
    expect(script('backup', 'first', file)).toEqual({
      status: 0,
      said: expect.stringMatching(
        /everything is in .*all\.dump \(\d+\.\d MB\), and was read again to its end/,
      ),
    });
    expect(existsSync(`${file}.part`)).toBe(false);
    expect(script('backup', 'first', file).said).toMatch(/is there already; give the backup another name/);
    // Still there after the backup.
    return (await ask(`departments/${department.id}/archive`)).text();
  });
  const { id } = JSON.parse(before.split('\n')[0]!).department as { id: string };

  expect(script('restore', 'second', file)).toEqual({
    status: 0,
    said: expect.stringMatching(/1 departments with 1 builds are in .*second/),
  });
  await withBaros('second', async (ask) => {
    expect(linesOf(await (await ask(`departments/${id}/archive`)).text())).toEqual(linesOf(before));
    const { builds } = (await (await ask('builds')).json()) as { builds: BuildView[] };
    expect(builds).toHaveLength(1);
  });

  expect(script('restore', 'second', file)).toEqual({
    status: 1,
    said: expect.stringMatching(/is not empty \(1 departments, 1 builds\); restore into an empty one/),
  });
  writeFileSync(join(parent, 'bad.dump'), 'PGDMP but not really');
  expect(script('restore', 'third', join(parent, 'bad.dump'))).toEqual({
    status: 1,
    said: expect.stringMatching(/bad\.dump is no backup of Baros that can be read/),
  });
  expect(script('restore', 'third', join(parent, 'none.dump')).said).toMatch(/none\.dump is not there/);
  expect(script('restore', 'third', file).status).toBe(0);
  expect(script('backup', 'nowhere').said).toMatch(/there is no Baros in .*nowhere/);
});

it('a new database keeps sums of its pages, by which a spoiled one is known', async () => {
  const database = await startPostgres(folderOf('sums'));
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  try {
    expect((await client.query('SHOW data_checksums')).rows).toEqual([{ data_checksums: 'on' }]);
  } finally {
    await client.end();
    database.stop();
  }
});
