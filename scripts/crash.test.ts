import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { BuildView, RevisionDetail } from '#core/exchange';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

const BUILDS = 10;
const SAVES_OF_EACH = 50;

let folder: string;
let port: number;
let database: Awaited<ReturnType<typeof startPostgres>>;
let server: Awaited<ReturnType<typeof startServer>>;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'baros-crash-'));
  chmodSync(folder, 0o755);
  port = await freePort();
  database = await startPostgres(folder);
  server = await startServer(database.url, port);
}, 120_000);
afterAll(async () => {
  await server.kill();
  database.stop();
  rmSync(folder, { recursive: true, force: true });
});

const ask = async <T>(method: string, path: string, body?: unknown): Promise<{ status: number; body: T }> => {
  const answer = await fetch(`${server.url}/${path}`, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  return { status: answer.status, body: (await answer.json()) as T };
};

/** The postmaster ends at once, as in a power cut; its children follow. */
const killPostgres = () =>
  process.kill(Number(readFileSync(join(folder, 'pg', 'postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');

it('every save that was answered is there after server and PostgreSQL were killed in the middle of 500', async () => {
  const { body: department } = await ask<{ id: string }>('POST', 'departments', {
    name: 'Burst',
    district: '',
    kind: 'rural',
  });
  const builds = await Promise.all(
    Array.from(
      { length: BUILDS },
      async (_, i) =>
        (
          await ask<BuildView>('POST', 'builds', {
            departmentId: department.id,
            name: `Engine ${i}`,
            type: 'pumper',
          })
        ).body,
    ),
  );
  const answered: { id: string; revision: number; gallons: number }[] = [];
  let kills = 0;
  let down: Promise<void> | null = null;

  /** Ends what the saves go to, at a third and at two thirds of them, and starts it again. */
  const crash = async () => {
    kills += 1;
    if (kills === 2) killPostgres();
    await server.kill();
    if (kills === 2) {
      rmSync(join(folder, 'pg', 'postmaster.pid'), { force: true });
      database = await startPostgres(folder);
    }
    server = await startServer(database.url, port);
  };

  await Promise.all(
    builds.map(async (build) => {
      let now = build;
      for (let n = 1; n <= SAVES_OF_EACH;) {
        if (down) await down;
        const gallons = 300 + n;
        const answer = await ask<BuildView & { currentRevision?: number }>('PUT', `builds/${now.id}`, {
          revision: now.revision,
          words: `Save ${n}`,
          build: { ...now.build, tank: { ...now.build.tank, gallons } },
        }).catch(() => null);
        if (answer?.status === 200) {
          now = answer.body;
          answered.push({ id: now.id, revision: now.revision, gallons });
          n += 1;
          if (!down && kills < 2 && answered.length >= ((kills + 1) * BUILDS * SAVES_OF_EACH) / 3)
            down = crash().finally(() => {
              down = null;
            });
        } else {
          // No answer, or a stale one because an answer was lost: look what is there.
          const there = await ask<BuildView>('GET', `builds/${now.id}`).catch(() => null);
          if (there?.status === 200) {
            now = there.body;
            if (now.build.tank.gallons === gallons) n += 1;
          }
        }
      }
    }),
  );

  expect(kills).toBe(2);
  expect(answered.length).toBeGreaterThan(BUILDS * SAVES_OF_EACH * 0.9);
  for (const build of builds) {
    const revisions = (await ask<{ revision: number }[]>('GET', `builds/${build.id}/revisions?most=500`))
      .body;
    expect(revisions.length).toBeGreaterThanOrEqual(SAVES_OF_EACH + 1);
    // Numbered without a gap.
    expect(revisions.map(({ revision }) => revision)).toEqual(
      Array.from({ length: revisions.length }, (_, i) => revisions.length - i),
    );
  }
  for (const { id, revision, gallons } of answered) {
    const { status, body } = await ask<RevisionDetail>('GET', `builds/${id}/revisions/${revision}`);
    expect([status, body.build?.tank.gallons]).toEqual([200, gallons]);
  }
}, 240_000);
