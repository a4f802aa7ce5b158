import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:http';
import type { IncomingHttpHeaders, Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import express from 'express';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { screens } from './screens.js';

const POLICY = "default-src 'none'";
const SCRIPT = 'console.log("a screen")';
let folder: string;
let server: Server;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'baros-screens-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<title>Baros</title>');
  writeFileSync(join(folder, 'assets', 'bench.js'), SCRIPT);
  writeFileSync(join(folder, 'assets', 'office.worker.js'), SCRIPT);
  writeFileSync(join(folder, 'assets', 'bench.js.br'), brotliCompressSync(SCRIPT));
  writeFileSync(join(folder, 'assets', 'bench.js.gz'), gzipSync(SCRIPT));
  const app = express();
  app.use((_, response, next) => {
    response.setHeader('Content-Security-Policy', POLICY);
    response.setHeader('X-Content-Type-Options', 'nosniff');
    next();
  });
  app.use(screens(folder));
  app.use((_, response) => void response.status(404).send('the API'));
  server = createServer(app);
  await new Promise<void>((up) => server.listen(0, '127.0.0.1', up));
});
afterAll(() => {
  server.close();
  rmSync(folder, { recursive: true });
});

const ask = (
  path: string,
  encoding = '',
): Promise<{ status: number; headers: IncomingHttpHeaders; body: Buffer }> =>
  new Promise((resolve, reject) => {
    const { port } = server.address() as AddressInfo;
    request({ port, path, headers: encoding ? { 'accept-encoding': encoding } : {} }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () =>
        resolve({ status: response.statusCode!, headers: response.headers, body: Buffer.concat(parts) }),
      );
    })
      .on('error', reject)
      .end();
  });

describe('the screens', () => {
  it.each([
    ['gzip, deflate, br', 'br', brotliCompressSync(SCRIPT)],
    ['gzip, deflate', 'gzip', gzipSync(SCRIPT)],
    ['identity', undefined, Buffer.from(SCRIPT)],
  ])('travel to one who reads %s as they were compressed', async (reads, encoding, content) => {
    const { headers, body } = await ask('/assets/bench.js', reads);
    expect(headers['content-encoding']).toBe(encoding);
    expect(headers['content-type']).toMatch(/javascript/);
    expect(headers['vary']).toMatch(/accept-encoding/i);
    expect(body.equals(content)).toBe(true);
  });

  it('are kept for long by their names, and the page is asked for anew', async () => {
    expect((await ask('/assets/bench.js')).headers['cache-control']).toMatch(/max-age=31536000, immutable/);
    expect((await ask('/')).headers['cache-control']).toBe('no-cache');
  });

  it('say what a page may do with the page and its workers, and not with every file', async () => {
    const policyOf = async (path: string) => (await ask(path)).headers['content-security-policy'];
    expect(await policyOf('/')).toBe(POLICY);
    expect(await policyOf('/builds/some-build')).toBe(POLICY);
    expect(await policyOf('/assets/office.worker.js')).toBe(POLICY);
    expect(await policyOf('/assets/bench.js')).toBeUndefined();
    expect((await ask('/assets/bench.js')).headers['x-content-type-options']).toBe('nosniff');
  });

  it('answer a path of their own with the page, and leave what is gone and the API to others', async () => {
    const page = await ask('/builds/some-build/analysis');
    expect([page.status, String(page.body)]).toEqual([200, '<title>Baros</title>']);
    expect((await ask('/assets/gone.js')).status).toBe(404);
    expect(String((await ask('/api/health')).body)).toBe('the API');
    expect((await ask('/../package.json')).status).toBe(404);
  });
});
