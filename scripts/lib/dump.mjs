import { existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { quiet } from './command.mjs';
import { Plain } from './say.mjs';

const lastLine = (text) => text.trim().split('\n').pop()?.trim() ?? '';

/** Runs one of PostgreSQL's programs on a database; its password is in no list of processes. */
function onDatabase({ programs, url }, program, args) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return quiet(
    join(programs, program),
    ['-h', hostname, '-p', port, '-U', username, ...args, '-d', pathname.slice(1)],
    {
      env: { ...process.env, PGPASSWORD: decodeURIComponent(password) },
    },
  );
}

/**
 * Writes a database out into a file of pg_dump's custom format, and reads the file through to its end. Nothing
 * is left of one that fails.
 */
export function dump(database, file) {
  mkdirSync(dirname(file), { recursive: true });
  if (existsSync(file)) throw new Plain(`${file} is there already; give the backup another name.`);
  const part = `${file}.part`;
  const written = onDatabase(database, 'pg_dump', [
    '--format=custom',
    '--no-owner',
    '--no-privileges',
    '-f',
    part,
  ]);
  if (!written.ok) {
    rmSync(part, { force: true });
    throw new Plain(`the backup could not be written: ${lastLine(written.stderr)}`);
  }
  const read = readThrough(database.programs, part);
  if (!read.ok) {
    rmSync(part, { force: true });
    throw new Plain(`the backup was written and can't be read again: ${lastLine(read.stderr)}`);
  }
  renameSync(part, file);
  return statSync(file).size;
}

/** Reads a dump to its end, and makes nothing of it. */
const readThrough = (programs, file) =>
  quiet(join(programs, 'pg_restore'), ['--exit-on-error', '-f', '/dev/null', file]);

/** Brings a dump into an empty database: all of it or nothing. */
export function undump(database, file) {
  if (!existsSync(file)) throw new Plain(`${file} is not there.`);
  const read = readThrough(database.programs, file);
  if (!read.ok) throw new Plain(`${file} is no backup of Baros that can be read: ${lastLine(read.stderr)}`);
  const brought = onDatabase(database, 'pg_restore', [
    '--single-transaction',
    '--exit-on-error',
    '--no-owner',
    '--no-privileges',
    file,
  ]);
  if (!brought.ok)
    throw new Plain(`${file} could not be brought in, and nothing of it was: ${lastLine(brought.stderr)}`);
}
