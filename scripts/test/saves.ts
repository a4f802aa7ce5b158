import { expect } from 'vitest';
import type { BuildView, RevisionDetail } from '#core/exchange';

/** Asks a server under its address of the moment. */
export const asker =
  (address: () => string) =>
  async <T>(method: string, path: string, body?: unknown): Promise<{ status: number; body: T }> => {
    const answer = await fetch(`${address()}/${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    return { status: answer.status, body: (await answer.json()) as T };
  };
export type Ask = ReturnType<typeof asker>;

interface Answered {
  id: string;
  revision: number;
  gallons: number;
}

/** Builds of a department of their own. */
export async function makeBuilds(ask: Ask, count: number): Promise<BuildView[]> {
  const { body: department } = await ask<{ id: string }>('POST', 'departments', {
    name: 'Burst',
    district: '',
    kind: 'rural',
  });
  return Promise.all(
    Array.from(
      { length: count },
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
}

/**
 * Saves each build so often, one save after the other, whatever becomes of the servers meanwhile: without an
 * answer it looks what is there, and goes on from it. Gives every save that was answered.
 */
export async function saveAll(
  ask: Ask,
  builds: readonly BuildView[],
  each: number,
  answeredSoFar: (answered: number) => Promise<void> | null,
): Promise<Answered[]> {
  const answered: Answered[] = [];
  await Promise.all(
    builds.map(async (build) => {
      let now = build;
      for (let n = 1; n <= each;) {
        await answeredSoFar(answered.length);
        const gallons = 300 + n;
        const answer = await ask<BuildView>('PUT', `builds/${now.id}`, {
          revision: now.revision,
          words: `Save ${n}`,
          build: { ...now.build, tank: { ...now.build.tank, gallons } },
        }).catch(() => null);
        if (answer?.status === 200) {
          now = answer.body;
          answered.push({ id: now.id, revision: now.revision, gallons });
          n += 1;
          continue;
        }
        // No answer, or a stale one because an answer was lost: look what is there.
        const there = await ask<BuildView>('GET', `builds/${now.id}`).catch(() => null);
        if (there?.status === 200) {
          now = there.body;
          if (now.build.tank.gallons === gallons) n += 1;
        }
      }
    }),
  );
  return answered;
}

/** Every save that was answered is there, and no revision is missing. */
export async function expectAll(
  ask: Ask,
  builds: readonly BuildView[],
  each: number,
  answered: readonly Answered[],
): Promise<void> {
  expect(answered.length).toBeGreaterThan(builds.length * each * 0.9);
  for (const build of builds) {
    const revisions = (await ask<{ revision: number }[]>('GET', `builds/${build.id}/revisions?most=500`))
      .body;
    expect(revisions.length).toBeGreaterThanOrEqual(each + 1);
    // Numbered without a gap.
    expect(revisions.map(({ revision }) => revision)).toEqual(
      Array.from({ length: revisions.length }, (_, i) => revisions.length - i),
    );
  }
  for (const { id, revision, gallons } of answered) {
    const { status, body } = await ask<RevisionDetail>('GET', `builds/${id}/revisions/${revision}`);
    expect([status, body.build?.tank.gallons]).toEqual([200, gallons]);
  }
}
