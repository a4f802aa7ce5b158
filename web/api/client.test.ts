import { afterEach, describe, expect, it, vi } from 'vitest';
import { ask, Refused, Unreachable } from './client';

const answer = (status: number, body: unknown, type = 'application/json') =>
  vi.stubGlobal(
    'fetch',
    vi.fn(
      async () =>
        new Response(typeof body === 'string' ? body : JSON.stringify(body), {
          status,
          headers: { 'content-type': type },
        }),
    ),
  );

const failure = async (): Promise<unknown> =>
  ask('PUT', 'builds/1', {}).then(
    () => null,
    (error: unknown) => error,
  );

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('gives what it answers, and sends a body as JSON', async () => {
    answer(200, { revision: 2 });
    expect(await ask('PUT', 'builds/1', { a: 1 }, true)).toEqual({ revision: 2 });
    expect(fetch).toHaveBeenCalledWith('/api/builds/1', {
      method: 'PUT',
      keepalive: true,
      headers: { 'content-type': 'application/json' },
      body: '{"a":1}',
    });
  });

  it('asks without a body where there is none', async () => {
    answer(200, []);
    await ask('GET', 'builds');
    expect(fetch).toHaveBeenCalledWith('/api/builds', { method: 'GET', keepalive: false });
  });

  it('tells a refusal with its fields from a stale save', async () => {
    answer(
      400,
      {
        detail: 'name must have 1 to 80 characters',
        problems: [{ field: 'name', message: 'name must have 1 to 80 characters' }],
      },
      'application/problem+json',
    );
    expect(await failure()).toMatchObject({
      status: 400,
      message: 'name must have 1 to 80 characters',
      problems: [{ field: 'name' }],
    });
    answer(409, { detail: 'revision must be 7', currentRevision: 7 }, 'application/problem+json');
    expect(await failure()).toMatchObject({ status: 409, currentRevision: 7 });
  });

  it('takes an error of the server for a refusal, and its words where there are any', async () => {
    answer(500, { detail: 'The server could not do this; nothing was changed.' }, 'application/problem+json');
    const error = await failure();
    expect(error).toBeInstanceOf(Refused);
    expect((error as Refused).message).toBe('The server could not do this; nothing was changed.');
  });

  it('takes silence, and a gateway that speaks for nobody, for out of reach', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => Promise.reject(new TypeError('failed'))),
    );
    expect(await failure()).toBeInstanceOf(Unreachable);
    for (const [status, detail] of [
      [503, 'The server is there, but its database does not answer.'],
      [429, 'busy: ask again in 12 s'],
    ] as const) {
      answer(status, { detail }, 'application/problem+json');
      const passing = await failure();
      expect(passing).toBeInstanceOf(Unreachable);
      expect((passing as Error).message).toBe(detail);
    }
    answer(502, '<html>Bad gateway</html>', 'text/html');
    expect(await failure()).toBeInstanceOf(Unreachable);
  });
});
