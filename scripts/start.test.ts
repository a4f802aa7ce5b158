import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readFileSync, renameSync, rmSync } from 'node:fs';
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

function start(env: Record<string, string> = {}): Started {
  const { DATABASE_URL: _own, ...rest } = process.env;
  const child = spawn(process.execPath, [script], {
    env: { ...rest, BAROS_DATA: folder, PORT: String(port), ...env },
  });
  let text = '';
  child.stdout.on('data', (data) => (text += data));
  child.stderr.on('data', (data) => (text += data));
  return { child, output: () => text, ended: new Promise((resolve) => child.once('exit', resolve)) };
}

/** Waits until it says so, or fails with what it said when it ends first. */
const until = ({ child, output, ended }: Started, words: string) =>
  new Promise<void>((resolve, reject) => {
    const look = () => output().includes(words) && resolve();
    child.stdout!.on('data', look);
    child.stderr!.on('data', look);
    void ended.then(() =>
      output().includes(words) ? resolve() : reject(new Error(`ended without "${words}": ${output()}`)),
    );
  });

const postgresRuns = () => {
  const file = join(folder, 'pg', 'postmaster.pid');
  if (!existsSync(file)) return false;
  try {
    process.kill(Number(readFileSync(file, 'utf8').split('\n')[0]), 0);
    return true;
  } catch {
    return false;
  }
};

const lines = (text: string) => text.trim().split('\n');
const api = (path: string, init?: RequestInit) => fetch(`http://localhost:${port}/api/${path}`, init);

describe('npm start', { timeout: 120_000 }, () => {
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
