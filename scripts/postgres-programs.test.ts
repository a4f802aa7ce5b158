import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { programsFor } from './lib/postgres-programs.mjs';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'baros-programs-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A folder in which Debian has these versions of PostgreSQL. */
function having(...majors: number[]): string {
  const all = join(folder, 'postgresql');
  mkdirSync(all, { recursive: true });
  for (const major of majors) {
    mkdirSync(join(all, String(major), 'bin'), { recursive: true });
    writeFileSync(join(all, String(major), 'bin', 'initdb'), '');
  }
  return all;
}

/** A cluster that was made by a version; of none, a new one. */
function cluster(major?: number): string {
  const made = join(folder, 'pg');
  mkdirSync(made, { recursive: true });
  if (major) writeFileSync(join(made, 'PG_VERSION'), `${major}\n`);
  return made;
}

describe('the PostgreSQL that is used', () => {
  it.each<[string, number[], number | undefined, number]>([
    ['the only one that is installed, for a new database', [17], undefined, 17],
    ['the latest of several, for a new database', [9, 15, 17, 16], undefined, 17],
    ['the one that made the database, whatever else is there', [15, 17], 15, 15],
  ])('is %s', (_, majors, made, used) => {
    const all = having(...majors);
    expect(programsFor(cluster(made), all)).toEqual({
      programs: join(all, String(used), 'bin'),
      major: used,
    });
  });

  it.each([
    [[17], 15, /was made by PostgreSQL 15; installed is PostgreSQL 17\. .*npm run backup.*npm run restore/],
    [[15], 14, /was made by PostgreSQL 14; installed is PostgreSQL 15\. /],
    [[15, 16], 18, /was made by PostgreSQL 18; installed is PostgreSQL 16 and 15\. /],
  ])('of %j for a database of %i is refused with the way on', (majors, made, words) => {
    expect(() => programsFor(cluster(made), having(...majors))).toThrow(words);
  });
});
