import fc from 'fast-check';
import type { Field, Fields } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { often } from './often.js';

/**
 * Builds with odd values where anything may stand: `npm run fuzz` tries some twenty thousand; a seed repeats
 * them.
 */
export const RUNS = often(80);
/** Twenty thousand take their time. */
export const LONG_MS = 7_200_000;

type Json = Record<string, unknown>;

const TYPES = ['pumper', 'aerial', 'brush'] as const;
const BASES = [
  ...DEMONSTRATION.flatMap(({ builds }) => builds),
  ...TYPES.map((type) => starterBuild(type, 'New', 'Department')),
].map((build) => JSON.stringify(house.carrying(build)));

const NUMBERS = [
  0,
  -0,
  -1,
  0.5,
  1e-7,
  5e-324,
  -5e-324,
  1,
  7,
  99.999_999,
  2 ** 31,
  2 ** 53,
  1e12,
  1e308,
  -1e308,
  Number.MAX_VALUE,
];
const TEXTS = [
  '',
  ' ',
  '0',
  '__proto__',
  'constructor',
  'toString',
  '\0',
  '\u0001',
  '\ud800',
  '\ufffe',
  '2009-222',
  '2026-02-30T00:00:00.000Z',
  "'; DROP TABLE builds; --",
  '=1+1',
  '{7 lb}',
  '<script>alert(1)</script>',
  'none',
  'x'.repeat(81),
  'x'.repeat(5000),
];
const OTHERS = [null, true, false, [], {}, [[]], [{}], [null], { id: 'a' }, [0], { length: 1 }];

const deep = (levels: number): unknown => (levels === 0 ? 1 : [deep(levels - 1)]);
/** What may stand anywhere; undefined takes away what is there. */
export const ODD = [...NUMBERS, ...TEXTS, ...OTHERS, deep(15), deep(60), Array(3000).fill({}), undefined];

/** Every place of a JSON value, as the keys that lead to it. */
export function placesOf(value: unknown, at: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => [[...at, key], ...placesOf(inner, [...at, key])]);
}

/** Every place of the fields of a build, also those that the demonstration leaves out. */
const fieldPlaces = (fields: Fields, at: string[]): string[][] =>
  Object.entries(fields).flatMap(([key, field]) => {
    const here = [...at, key];
    const inner = (field as Field & { fields?: Fields; of?: unknown }).fields;
    if (!inner) return [here];
    return [here, ...fieldPlaces(inner, field.kind === 'lines' ? [...here, '0'] : here)];
  });
const OF_FIELDS = house.blocks.flatMap(({ id, fields }) => fieldPlaces(fields, [id]));

const BUILDS = BASES.map((text) => ({ text, places: [...placesOf(JSON.parse(text)), ...OF_FIELDS] }));

/** Puts a value at a place, or takes away what is there. */
export function put(root: Json, place: string[], value: unknown): void {
  let at: Json = root;
  for (const key of place.slice(0, -1)) {
    const next = at[key];
    if (typeof next !== 'object' || next === null) return;
    at = next as Json;
  }
  const key = place.at(-1)!;
  if (value === undefined) delete at[key];
  else Object.defineProperty(at, key, { value, enumerable: true, configurable: true, writable: true });
}

/** One change: an odd value, what stands at another place, a field of no meaning, or a list twice as long. */
const change = fc.record({
  place: fc.nat(),
  what: fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom(...ODD).map((value) => ({ value })) },
    { weight: 2, arbitrary: fc.nat().map((from) => ({ from })) },
    { weight: 1, arbitrary: fc.constantFrom('__proto__', 'paint', '').map((key) => ({ key })) },
    { weight: 1, arbitrary: fc.constant({ twice: true }) },
    { weight: 2, arbitrary: fc.double().map((value) => ({ value })) },
  ),
});

/** A build with one to four odd things in it: which, and what is put where. */
export const oddBuild = fc.record({
  of: fc.nat(BUILDS.length - 1),
  changes: fc.array(change, { minLength: 1, maxLength: 4 }),
});
export type OddBuild = typeof oddBuild extends fc.Arbitrary<infer T> ? T : never;

/** The file of an odd build, as the text that comes from outside. */
export function textOf({ of, changes }: OddBuild): string {
  const { text, places } = BUILDS[of]!;
  const build = JSON.parse(text) as Json;
  for (const { place, what } of changes) {
    const at = places[place % places.length]!;
    const there = (keys: string[]) => keys.reduce<unknown>((value, key) => (value as Json)?.[key], build);
    if ('from' in what) put(build, at, structuredClone(there(places[what.from % places.length]!)));
    else if ('key' in what) put(build, [...at, what.key], 1);
    else if ('twice' in what) {
      const list = there(at);
      if (Array.isArray(list)) put(build, at, [...(list as unknown[]), ...(list as unknown[])]);
    } else put(build, at, what.value);
  }
  return JSON.stringify(build);
}
