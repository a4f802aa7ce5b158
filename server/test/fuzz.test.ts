import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { house } from '#core/subjects';
import type { BuildView, DepartmentView } from '#core/exchange';
import { LONG_MS, ODD, oddBuild, put, RUNS, textOf } from '../../core/test/odd.js';
import { SEED } from '../../core/test/often.js';
import { startApp } from './app.js';
import { newBuild, newDepartment } from './people.js';

/** One in so many of what is taken is printed too: that takes a second. */
const PRINTED = 60;

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
let build: BuildView;
beforeAll(async () => {
  server = await startApp({ mostRequests: Infinity });
  department = await newDepartment(server, 'Odd Creek');
  build = await newBuild(server, department.id);
});
afterAll(() => server.app.close());

type Method = 'post' | 'put' | 'patch' | 'delete' | 'get';
const send = (method: Method, path: string, body?: string | object) => {
  const request = server.http[method](`/api/${path}`);
  return body === undefined ? request : request.set('content-type', 'application/json').send(body);
};

it(
  'whatever build is sent: refused with its reasons, or kept, read, printed and written again',
  { timeout: LONG_MS },
  async () => {
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(oddBuild, async (odd) => {
        const file = textOf(odd);
        const answer = await send(
          'post',
          'builds/import',
          `{"departmentId":"${department.id}","build":${file}}`,
        );
        expect([201, 400, 413]).toContain(answer.status);
        if (answer.status !== 201) {
          expect(answer.headers['content-type']).toMatch(/problem\+json/);
          return;
        }
        taken += 1;
        const kept = answer.body as BuildView;
        const { body: read } = await send('get', `builds/${kept.id}`).expect(200);
        expect(read.build).toEqual(kept.build);
        expect(Object.values(house.measure(read.build)).every(Number.isFinite)).toBe(true);
        const { body: saved } = await send('put', `builds/${kept.id}`, {
          revision: 1,
          words: 'Again',
          build: read.build,
        }).expect(200);
        expect(saved.revision).toBe(2);
        await send('get', `builds/${kept.id}/revisions`).expect(200);
        if (taken % PRINTED === 1) {
          await send('get', `builds/${kept.id}/papers/weights`).expect(200);
          await send('post', 'calc/evaluate', read.build).expect(200);
        }
      }),
      { numRuns: Math.ceil(RUNS / 4), seed: SEED },
    );
    expect(taken).toBeGreaterThan(RUNS / 100);
    await send('get', 'builds').expect(200);
  },
);

it(
  'whatever stands in any field of any other body: refused or done, and never an error of ours',
  { timeout: LONG_MS },
  async () => {
    const example = (calc: string) =>
      JSON.parse(readFileSync(new URL(`../../core/test/examples/${calc}.json`, import.meta.url), 'utf8'))[0]
        .input;
    const part = {
      id: 'our-ladder',
      kind: 'ladder',
      likeId: 'roof-14',
      name: 'Ours',
      figures: [{ field: 'weightLb', value: 40, source: 'scale' }],
    };
    const bodies: [Method, string, Record<string, unknown>][] = [
      ['post', 'departments', { name: 'A', district: '', kind: 'rural' }],
      [
        'patch',
        `departments/${department.id}`,
        { name: 'Odd Creek', district: 'x', kind: 'rural', archived: false },
      ],
      ['post', 'builds', { departmentId: department.id, name: 'B', type: 'pumper', who: 'W' }],
      ['patch', `builds/${build.id}`, { name: 'Engine', archived: false, who: 'W' }],
      ['post', `builds/${build.id}/copies`, { name: 'C', departmentId: department.id, who: 'W' }],
      ['patch', `builds/${build.id}/revisions/1`, { label: 'as bid' }],
      ['put', `builds/${build.id}`, { revision: 999, words: 'w', build: build.build, who: 'W' }],
      ['put', `departments/${department.id}/parts`, { parts: [part] }],
      ['post', 'calc/weights', example('weights')],
      ['post', 'calc/tank', example('tank')],
      ['post', 'calc/angles', example('angles')],
      ['post', 'calc/turning', example('turning')],
      ['post', 'calc/bridge', example('bridge')],
      ['post', 'calc/line', example('line')],
      ['post', 'calc/pump', example('pump')],
    ];
    const places = (value: unknown, at: string[] = []): string[][] =>
      typeof value === 'object' && value !== null
        ? Object.entries(value).flatMap(([key, inner]) => [
            [...at, key],
            ...(key === 'build' ? [] : places(inner, [...at, key])),
          ])
        : [];
    const cases = bodies.flatMap(([method, path, body]) =>
      places(body).flatMap((place) => ODD.map((value) => ({ method, path, body, place, value }))),
    );
    await fc.assert(
      fc.asyncProperty(fc.nat(cases.length - 1), async (which) => {
        const { method, path, body, place, value } = cases[which]!;
        const odd = structuredClone(body);
        put(odd, place, value);
        const { status, text } = await send(method, path, JSON.stringify(odd));
        expect(status, text.slice(0, 300)).toBeLessThan(500);
        expect(text).not.toMatch(/\bNaN\b|:null/);
      }),
      { numRuns: RUNS, seed: SEED },
    );
  },
);

it('whatever stands in an address: never an error of ours', { timeout: LONG_MS }, async () => {
  const texts = [
    ...ODD.filter((value) => typeof value === 'string'),
    '..',
    '%',
    '%00',
    '%ff',
    '1e309',
    '-1',
    '99999999999',
  ];
  const paths = (odd: string): [Method, string][] => [
    ['get', `builds/${odd}`],
    ['get', `builds/${odd}/revisions`],
    ['get', `builds/${build.id}/revisions/${odd}`],
    ['get', `builds/${build.id}/papers/${odd}`],
    ['get', `builds/${build.id}/papers/weights?units=${odd}`],
    ['get', `builds/${build.id}/papers/weights?revision=${odd}`],
    ['get', `builds?page=${odd}`],
    ['get', `builds/${build.id}/revisions?before=${odd}`],
    ['get', `departments/${odd}/archive`],
    ['delete', `departments/${department.id}/parts/${odd}/x`],
    ['delete', `departments/${department.id}/parts/ladder/${odd}`],
  ];
  for (const text of texts)
    for (const odd of [text, encodeURIComponent(text.replace(/\p{Cs}/gu, '%'))]) {
      for (const [method, path] of paths(odd.replace(/[^\x21-\x7e]/g, '%01'))) {
        const { status } = await send(method, path);
        expect(status, path.slice(0, 200)).toBeLessThan(500);
      }
    }
});
