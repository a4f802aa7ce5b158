/** What PostgreSQL and its connection say when the database is not there, or is just going or coming. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  '57P01',
  '57P02',
  '57P03',
  '08000',
  '08001',
  '08003',
  '08006',
]);
const AWAY_WORDS =
  /^(Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error)/;

/** Whether an error says that the database is out of reach. */
export function databaseAway(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { code, message, driverError } = error as {
    code?: unknown;
    message?: unknown;
    driverError?: unknown;
  };
  return (
    AWAY.has(String(code)) ||
    AWAY_WORDS.test(String(message)) ||
    (driverError !== error && databaseAway(driverError))
  );
}

/** What two transactions say that wait for each other, or that saw what the other changed. */
const CROSSED = new Set(['40P01', '40001']);

/** Does a work in one transaction, and once more where it met another crosswise. */
export async function onceMore<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!CROSSED.has(String((error as { code?: unknown }).code))) throw error;
    return work();
  }
}
