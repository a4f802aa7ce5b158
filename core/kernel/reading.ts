import type { Build } from '../build/index.js';
import type { Subject } from './subject.js';

/**
 * A figure, a place or a table that is worked out from others: what it reads is declared, so that it is
 * worked out when it is first asked for, and again only when something that it reads has changed.
 */
export interface Reading<T> {
  /** What is known of it is kept under this number. */
  number: number;
  /** The subject whose work it is. */
  of: string;
  how:
    | { kind: 'work'; reads: readonly AnyReading[]; work: (...values: never[]) => T }
    /** Entry by entry of the list that it reads first. */
    | { kind: 'each'; reads: readonly AnyReading[]; work: (entry: never, ...values: never[]) => unknown }
    | { kind: 'build'; take: (build: Build) => T }
    | { kind: 'port' }
    | {
        kind: 'gather';
        pick: (subject: Subject) => AnyReading | undefined;
        together: (values: unknown[]) => T;
      };
  /** A result that says the same as the last one is the last one: who reads it need not work again. */
  settles?: true;
}

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- a reading of whatever it gives
export type AnyReading = Reading<any>;
export type ValuesOf<R extends readonly AnyReading[]> = {
  [K in keyof R]: R[K] extends Reading<infer T> ? T : never;
};

let readings = 0;
const numbered = <T>(of: string, how: Reading<T>['how']): Reading<T> => ({ number: readings++, of, how });

/** Worked out by a subject from other readings. */
export const reading = <T, const R extends readonly AnyReading[]>(
  of: string,
  reads: R,
  work: (...values: ValuesOf<R>) => T,
): Reading<T> => numbered(of, { kind: 'work', reads, work: work as (...values: never[]) => T });

/** The same, for what often comes to the same again: those who read it are spared then. */
export const settling = <T, const R extends readonly AnyReading[]>(
  of: string,
  reads: R,
  work: (...values: ValuesOf<R>) => T,
): Reading<T> => ({
  ...reading(of, reads, work),
  settles: true,
});

/**
 * One result for each entry of a list, which need not be worked out again while the entry and what else is read are
 * the very same as the last time.
 */
export const each = <E, T, const R extends readonly AnyReading[] = []>(
  of: string,
  entries: Reading<readonly E[]> | Reading<E[]>,
  work: (entry: E, ...values: ValuesOf<R>) => T,
  ...also: R
): Reading<T[]> =>
  numbered<T[]>(of, {
    kind: 'each',
    reads: [entries, ...also],
    work: work as (entry: never, ...values: never[]) => T,
  });

/** Taken from the build as it is. */
export const fromBuild = <T>(take: (build: Build) => T): Reading<T> =>
  numbered('build', { kind: 'build', take });

/** A place for a reading that one subject provides and others may read without knowing whose it is. */
export const port = <T>(of: string): Reading<T> => numbered(of, { kind: 'port' });

/** What a subject provides for a port. */
export interface Provided {
  port: AnyReading;
  by: AnyReading;
}
export const provide = <T, const R extends readonly AnyReading[]>(
  to: Reading<T>,
  reads: R,
  work: (...values: ValuesOf<R>) => T,
): Provided => ({
  port: to,
  by: settling(to.of, reads, work),
});

/** One reading of every subject that has it, in the order of the registry. */
export const gather = <T>(of: string, pick: (subject: Subject) => Reading<T> | undefined): Reading<T[]> =>
  numbered<T[]>(of, { kind: 'gather', pick, together: (values) => values as T[] });

/** The type of truck, and its name. */
export const typeOfBuild = fromBuild(({ type }) => type);
export const nameOfBuild = fromBuild(({ name }) => name);
