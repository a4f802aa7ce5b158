import { mkdtempSync, chmodSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startPostgres } from '../../scripts/lib/postgres.mjs';

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

/** A PostgreSQL of its own for the tests, gone afterwards: a running Baros is never touched. */
export default async function setup(project: TestProject) {
  const folder = mkdtempSync(join(tmpdir(), 'baros-test-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  project.provide('databaseUrl', database.url);
  return () => {
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
