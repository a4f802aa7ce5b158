export function startServer(
  databaseUrl: string,
  port: number,
  env?: Record<string, string>,
): Promise<{ url: string; kill: () => Promise<void> }>;
