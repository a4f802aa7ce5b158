/** A private PostgreSQL: its URL, the URL of another database on it, and how to stop it. */
export function startPostgres(
  folder: string,
): Promise<{ url: string; urlOf: (database: string) => string; stop: () => boolean }>;
export function freePort(): Promise<number>;
