import type { BuildType } from '../build/index.js';
import { amount } from '../units/index.js';
import { check } from './check.js';
import type { Check, Judgement, Unit } from './check.js';
import { port, reading } from './reading.js';
import type { Reading } from './reading.js';

/** Whether a limit is the least, the most, or a figure to reckon with. */
export type LimitSense = 'least' | 'most' | 'reckon';

/** What a limit is, whatever its value: its title in our own words, its unit, and what a person may write there. */
export interface LimitKind {
  title: string;
  unit:
    | '%'
    | 'deg'
    | 'lb'
    | 'gal'
    | 'gpm'
    | 'ft'
    | 'ft3'
    | 'seats'
    | 'mph'
    | 's'
    | 'min'
    | 'in'
    | 'psi'
    | 'lbf'
    | 'pieces'
    | 'tankfuls'
    | 'hp';
  sense: LimitSense;
  min: number;
  max: number;
  /** Which of two weighs heavier: the larger of figures to reckon with, where nothing else is said. */
  heavier: 'larger' | 'smaller';
}
const HEAVIER = { least: 'larger', most: 'smaller', reckon: 'larger' } as const;
export const limitKind = (
  title: string,
  unit: LimitKind['unit'],
  sense: LimitSense,
  min: number,
  max: number,
  heavier: LimitKind['heavier'] = HEAVIER[sense],
): LimitKind => ({ title, unit, sense, min, max, heavier });

/** One limit of a profile: its value in the unit of its kind, what it rests on, and a note. */
export interface Limit {
  value: number;
  basis: string;
  note?: string;
}

/** The limits that a build is held against. */
export interface Profile {
  id: string;
  name: string;
  types: BuildType[];
  limits: Record<string, Limit>;
  /** Set on a department's own profile, which travels with the build. */
  own?: true;
  /** The two of which this is both. */
  both?: readonly [Profile, Profile];
}

/**
 * Two profiles held against at once: of each limit the harder one, and of what is reckoned with the heavier, so
 * that every check says what the worse of the two would.
 */
export function bothOf(one: Profile, other: Profile, kinds: Readonly<Record<string, LimitKind>>): Profile {
  const limits = { ...one.limits };
  for (const [id, limit] of Object.entries(other.limits)) {
    const now = limits[id];
    const larger = now !== undefined && limit.value > now.value;
    const smaller = now !== undefined && limit.value < now.value;
    if (!now || (kinds[id]?.heavier === 'smaller' ? smaller : larger)) limits[id] = limit;
  }
  return { ...one, name: `${one.name}; ${other.name}`, limits, both: [one, other] };
}

/** The profile that the build is held against. */
export const held = port<Profile>('limits');

const read = new Map<string, Reading<Limit | null>>();

/** One limit of the profile; null where the profile does not set it. */
export function limitOf(id: string): Reading<Limit | null> {
  let of = read.get(id);
  if (!of) read.set(id, (of = reading('limits', [held], ({ limits }) => limits[id] ?? null)));
  return of;
}

const readTogether = new Set<string>();

/** Limits that only say something together, profile by profile where a build is held against two. */
export function limitsOfEach<const I extends string>(...ids: I[]): Reading<Partial<Record<I, Limit>>[]> {
  for (const id of ids) readTogether.add(id);
  return reading('limits', [held], (profile) =>
    (profile.both ?? [profile]).map(({ limits }) => limits as Partial<Record<I, Limit>>),
  );
}

/** The limits that some subject reads. */
export const limitsRead = (): string[] => [...new Set([...read.keys(), ...readTogether])];

/** A figure held to the least or the most that it may be: it holds, or it fails. */
export function heldTo(
  sense: 'least' | 'most',
  unit: Unit,
  actual: number,
  { value: limit, basis }: Pick<Limit, 'value' | 'basis'>,
  words: string,
  state: Judgement['state'] = null,
): Judgement {
  const margin = sense === 'least' ? actual - limit : limit - actual;
  return { status: margin < 0 ? 'fails' : 'holds', actual, limit, margin, unit, state, basis, words };
}

/** A check that the profile asks for at least so much of something. */
export const atLeast = (
  of: string,
  id: string,
  limitId: string,
  { title, unit }: LimitKind,
  steps: readonly string[],
  actual: Reading<number>,
): Check =>
  check(of, { id, title, steps }, [limitOf(limitId), actual], (asked, value) => {
    if (!asked) return null;
    const margin = value - asked.value;
    const words = `${amount(value, unit)} of at least ${amount(asked.value, unit)}.`;
    return heldTo(
      'least',
      unit as Unit,
      value,
      asked,
      margin < 0 ? `${words} ${amount(-margin, unit)} short.` : words,
    );
  });

/** A check that something must fit into the room that it has, in. */
export const fits = (actual: number, limit: number, words: string) => ({
  actual,
  limit,
  margin: limit - actual,
  unit: 'in' as const,
  state: null,
  basis: 'Geometry of this build',
  status: limit - actual < -FIT_TOLERANCE_IN ? ('fails' as const) : ('holds' as const),
  words,
});

/** A check that there are none of something that is counted; what one of them means is given. */
export const noneOf = (
  count: number,
  found: 'caution' | 'fails',
  basis: string,
  words: string,
): Judgement => ({
  actual: count,
  limit: 0,
  margin: 0 - count,
  unit: 'pieces',
  state: null,
  basis,
  status: count > 0 ? found : 'holds',
  words,
});

/** What no tape shows is no misfit, in. */
const FIT_TOLERANCE_IN = 0.05;
