export function startServer(
  databaseUrl: string,
  port: number,
): Promise<{ url: string; kill: () => Promise<void> }>;
