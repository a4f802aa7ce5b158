import { check, noneOf } from '../../kernel/index.js';
import type { AnyReading, Check, Judgement, ValuesOf } from '../../kernel/index.js';
import { listed } from '../../units/index.js';
import { chosenPump } from '../pump/index.js';
import type { Connection } from './fields.js';
import { connections } from './usual.js';

export const STEP = ['plumbing'] as const;
export const HOUSE = 'House rule';

export const isDischarge = ({ kind }: Connection): boolean => kind === 'discharge';
export const isIntake = ({ kind }: Connection): boolean => kind === 'intake';
/** Whether nothing but water flows there, so that the rated test can be run through it. */
export const isPlain = ({ foam, air }: Connection): boolean => foam === undefined && air === undefined;
/** Discharges of this size and larger count toward the rating, in. */
export const COUNTED_FROM_IN = 2.5;
/** Whether hose can be coupled to it: what is piped to a bed or a monitor is taken already. */
export const isOpen = ({ feedsId, at }: Connection): boolean => feedsId === undefined && at !== 'within';

/** Their labels, in words. */
export const names = (all: readonly Connection[]): string => listed(all.map(({ label }) => label));

/** A check of the connections that needs a pump with plumbing. */
export const ofConnections = <const R extends readonly AnyReading[]>(
  id: string,
  title: string,
  reads: R,
  judge: (all: readonly Connection[], ...values: ValuesOf<R>) => Judgement | null,
  steps: readonly string[] = STEP,
): Check =>
  check('plumbing', { id, title, steps }, [chosenPump, connections, ...reads], (...values) => {
    const [pump, all, ...rest] = values as unknown as [unknown, readonly Connection[], ...ValuesOf<R>];
    return pump ? judge(all, ...rest) : null;
  });

/** A check that finds connections that are not as they should be, and names them. */
export const without = (
  id: string,
  title: string,
  found: 'fails' | 'caution',
  basis: string,
  wrong: (all: readonly Connection[]) => readonly Connection[],
  bad: (names: string) => string,
  good: string,
): Check =>
  ofConnections(id, title, [], (all) => {
    const of = wrong(all);
    return noneOf(of.length, found, basis, of.length ? bad(names(of)) : good);
  });
