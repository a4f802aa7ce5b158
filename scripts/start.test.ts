import { execFileSync, spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import {
  chmodSync,
  cpSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from './lib/postgres.mjs';

const script = fileURLToPath(new URL('start.mjs', import.meta.url));
let folder: string;
let port: number;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'baros-start-'));
  chmodSync(folder, 0o755);
  port = await freePort();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

interface Started {
  child: ChildProcess;
  output: () => string;
  ended: Promise<number | null>;
}

function start(env: Record<string, string> = {}, cwd?: string): Started {
  const { DATABASE_URL: _own, ...rest } = process.env;
  const child = spawn(process.execPath, [script], {
    env: { ...rest, BAROS_DATA: folder, PORT: String(port), ...env },
    ...(cwd ? { cwd } : {}),
  });
  let text = '';
  child.stdout.on('data', (data) => (text += data));
  child.stderr.on('data', (data) => (text += data));
  return { child, output: () => text, ended: new Promise((resolve) => child.once('exit', resolve)) };
}

const stopped = async ({ child, ended }: Started) => {
  child.kill('SIGINT');
  expect(await ended).toBe(0);
};

/** The number of a folder's postmaster, and what it says of itself. */
const postmaster = (of = folder) => readFileSync(join(of, 'pg', 'postmaster.pid'), 'utf8').split('\n');

/** Waits until it says so, or fails with what it said when it ends first. */
const until = ({ child, output, ended }: Started, words: string) =>
  new Promise<void>((resolve, reject) => {
    const look = () => output().includes(words) && resolve();
    look();
    child.stdout!.on('data', look);
    child.stderr!.on('data', look);
    void ended.then(() =>
      output().includes(words) ? resolve() : reject(new Error(`ended without "${words}": ${output()}`)),
    );
  });

const postgresRuns = () => {
  if (!existsSync(join(folder, 'pg', 'postmaster.pid'))) return false;
  try {
    process.kill(Number(postmaster()[0]), 0);
    return true;
  } catch {
    return false;
  }
};

const lines = (text: string) => text.trim().split('\n');
const api = (path: string, init?: RequestInit) => fetch(`http://localhost:${port}/api/${path}`, init);

describe('npm start', () => {
  it('serves the screens and the demonstration, keeps what is added, and Ctrl-C stops all of it', async () => {
    const first = start();
    await until(first, `ready at http://localhost:${port}`);
    expect(await (await fetch(`http://localhost:${port}/`)).text()).toContain('<title>Baros</title>');
    expect(await (await api('departments')).json()).toHaveLength(3);
    const added = await api('departments', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Kept overnight', district: '', kind: 'rural' }),
    });
    expect(added.status).toBe(201);

    const second = start({ PORT: String(await freePort()) });
    expect(await second.ended).toBe(1);
    expect(lines(second.output()).at(-1)).toMatch(/running already on .* \(process \d+\); stop it first/);

    expect(postgresRuns()).toBe(true);
    first.child.kill('SIGINT');
    expect(await first.ended).toBe(0);
    expect(postgresRuns()).toBe(false);
    await expect(api('departments')).rejects.toThrow();

    const nextDay = start();
    await until(nextDay, 'ready at');
    expect(nextDay.output()).not.toMatch(/creating|Loaded|building|installing/);
    expect(((await (await api('departments')).json()) as { name: string }[]).map((d) => d.name)).toContain(
      'Kept overnight',
    );
    nextDay.child.kill('SIGTERM');
    expect(await nextDay.ended).toBe(0);
  });

  it('a port in use, or one that is none, gives one clear line', async () => {
    const other = createServer();
    await new Promise<void>((resolve) => other.listen(port, '127.0.0.1', resolve));
    const run = start();
    expect(await run.ended).toBe(1);
    expect(lines(run.output())).toEqual([
      expect.stringMatching(
        new RegExp(`port ${port} is in use; stop what uses it, or choose another: PORT=`),
      ),
    ]);
    await new Promise((resolve) => other.close(resolve));
    const none = start({ PORT: 'eighty' });
    expect(await none.ended).toBe(1);
    expect(lines(none.output())).toEqual([
      expect.stringContaining('PORT must be a whole number from 1 to 65535 (was "eighty")'),
    ]);
  });

  it('a copy of its folder, made while it runs, is a Baros of its own and never touches the first', async () => {
    const first = start();
    await until(first, 'ready at');
    const copy = `${folder}-copy`;
    cpSync(folder, copy, { recursive: true, preserveTimestamps: true });
    chmodSync(copy, 0o755);
    for (const part of ['pg', 'pg-secret'])
      // As `cp -a` would: each file belongs to whom it belonged before.
      execFileSync('chown', ['-R', `--reference=${join(folder, part)}`, join(copy, part)]);
    try {
      const other = await freePort();
      const second = start({ BAROS_DATA: copy, PORT: String(other) });
      await until(second, `ready at http://localhost:${other}`);
      expect(postmaster(copy)[0]).not.toBe(postmaster()[0]);
      expect(postmaster(copy)[3]).not.toBe(postmaster()[3]);
      await stopped(second);
      expect(postgresRuns()).toBe(true);
      expect((await api('departments')).status).toBe(200);
    } finally {
      await stopped(first);
      rmSync(copy, { recursive: true, force: true });
    }
  });

  it('what a crash left of numbers that are now another program’s is no Baros and no database', async () => {
    writeFileSync(join(folder, 'baros.pid'), [process.pid, '1', folder].join('\n'));
    writeFileSync(
      join(folder, 'pg', 'postmaster.pid'),
      [process.pid, join(folder, 'pg'), 1, 5432, '', '127.0.0.1', '', ''].join('\n'),
    );
    const run = start();
    await until(run, 'ready at');
    await stopped(run);
  });

  it('its database and its server are started again when they die, and what is away meanwhile is told', async () => {
    const run = start();
    await until(run, 'ready at');
    const health = async () => (await api('health')).json() as Promise<{ live: boolean; ready: boolean }>;
    expect(await health()).toEqual({ live: true, ready: true });
    process.kill(Number(postmaster()[0]), 'SIGKILL');
    const away: number[] = [];
    await expect
      .poll(
        async () => {
          const { status } = await api('departments');
          away.push(status);
          return away.includes(503) && status === 200 && (await health()).ready;
        },
        { timeout: 60_000, interval: 100 },
      )
      .toBe(true);
    expect(new Set(away)).toEqual(new Set([503, 200]));
    expect(run.output()).toMatch(/the database stopped by itself; starting it again \(1 of at most 5\)/);

    const server = execFileSync('pgrep', ['-P', String(run.child.pid), '-f', 'server/main.js'], {
      encoding: 'utf8',
    });
    process.kill(Number(server), 'SIGKILL');
    await expect
      .poll(async () => (await api('departments').catch(() => null))?.status, { timeout: 60_000 })
      .toBe(200);
    await until(run, 'the server stopped by itself; starting it again');
    await stopped(run);
  });

  it('a folder by a short name, and a host of its own, are where it says', async () => {
    const parent = mkdtempSync(join(tmpdir(), 'baros-short-'));
    chmodSync(parent, 0o755);
    try {
      const run = start({ BAROS_DATA: 'here', HOST: '127.0.0.2' }, parent);
      await until(run, `ready at http://127.0.0.2:${port}`);
      expect((await fetch(`http://127.0.0.2:${port}/api/departments`)).status).toBe(200);
      expect(existsSync(join(parent, 'here', 'pg', 'PG_VERSION'))).toBe(true);
      await stopped(run);
    } finally {
      rmSync(parent, { recursive: true, force: true });
    }
  });

  it('listening for others too, it says that there are no accounts; on a host that is none, what is wrong', async () => {
    const open = start({ HOST: '0.0.0.0' });
    await until(open, 'ready at');
    expect(open.output()).toMatch(/It has no accounts yet: .* only where the network is trusted/);
    expect(open.output()).not.toMatch(/undefined/);
    await stopped(open);
    const none = start({ HOST: '192.0.2.77' });
    expect(await none.ended).toBe(1);
    expect(lines(none.output())).toEqual([
      expect.stringMatching(new RegExp(`port ${port} on 192\\.0\\.2\\.77 cannot be used: .*EADDRNOTAVAIL`)),
    ]);
  });

  it('a wrong password, and a database of another PostgreSQL, give one clear line and are left as they are', async () => {
    const secret = join(folder, 'pg-secret');
    const right = readFileSync(secret, 'utf8');
    writeFileSync(secret, 'wrong');
    const wrong = start();
    expect(await wrong.ended).toBe(1);
    expect(lines(wrong.output())).toEqual([
      expect.stringMatching(/refuses the password in .*pg-secret: put back the file that belongs to it/),
    ]);
    writeFileSync(secret, right);
    const version = join(folder, 'pg', 'PG_VERSION');
    const made = readFileSync(version, 'utf8');
    writeFileSync(version, '14\n');
    const other = start();
    expect(await other.ended).toBe(1);
    expect(lines(other.output())).toEqual([
      expect.stringMatching(
        /was made by PostgreSQL 14; installed is PostgreSQL \d+.*npm run backup.*npm run restore/,
      ),
    ]);
    writeFileSync(version, made);
  });

  it('a damaged database gives one clear line and is left as it is', async () => {
    const version = join(folder, 'pg', 'PG_VERSION');
    renameSync(version, `${version}.away`);
    const missing = start();
    expect(await missing.ended).toBe(1);
    expect(lines(missing.output())).toEqual([
      expect.stringMatching(/is damaged \(files are missing\); restore the folder/),
    ]);
    renameSync(`${version}.away`, version);

    const control = join(folder, 'pg', 'global', 'pg_control');
    renameSync(control, `${control}.away`);
    const broken = start();
    expect(await broken.ended).toBe(1);
    expect(lines(broken.output())).toEqual([
      expect.stringMatching(/does not start: .*(PANIC|FATAL|could not|control file)/),
    ]);
    renameSync(`${control}.away`, control);

    const whole = start();
    await until(whole, 'ready at');
    whole.child.kill('SIGINT');
    expect(await whole.ended).toBe(0);
  });
});
