import type { Component } from '../../kernel/index.js';

/**
 * The doubt of components by the source that their weights rest on: contributions of one source are summed with
 * their sign, sources are independent (formulas: certainty). `a` is Σ w·tol/200 of each source, lb, and `b` is
 * Σ w·tol·x/200, lb·in: two standard deviations are the tolerance.
 */
export interface Doubt {
  a: Float64Array;
  b: Float64Array;
}

/** The doubt of one source. */
export interface SourceDoubt {
  a: number;
  b: number;
}

/** Adds what a component's weight leaves in doubt to its source. */
export function doubtingSource(
  on: Map<string, SourceDoubt>,
  { source, weightLb, xIn, tolerancePct }: Pick<Component, 'source' | 'weightLb' | 'xIn' | 'tolerancePct'>,
): void {
  let of = on.get(source);
  if (!of) on.set(source, (of = { a: 0, b: 0 }));
  const a = (weightLb * tolerancePct) / 200;
  of.a += a;
  of.b += a * xIn;
}

/** Numbers for sources, from 0 in the order in which they are asked for. */
export function numbering(): { (source: string): number; count: () => number } {
  const numbers = new Map<string, number>();
  const number = (source: string): number => {
    let of = numbers.get(source);
    if (of === undefined) numbers.set(source, (of = numbers.size));
    return of;
  };
  return Object.assign(number, { count: () => numbers.size });
}

export const noDoubt = (sources: number): Doubt => ({
  a: new Float64Array(sources),
  b: new Float64Array(sources),
});

/** Adds what a weight at a place leaves in doubt to its source. */
export function doubting(on: Doubt, at: number, weightLb: number, xIn: number, tolerancePct: number): void {
  const a = (weightLb * tolerancePct) / 200;
  on.a[at]! += a;
  on.b[at]! += a * xIn;
}

/** Adds a share of another doubt. */
export function addDoubt(on: Doubt, { a, b }: Doubt, share: number): void {
  for (let i = 0; i < a.length; i++) {
    on.a[i]! += a[i]! * share;
    on.b[i]! += b[i]! * share;
  }
}

/** Σa², Σab and Σb² over the sources: what the deviations of axles and gross are made of. */
export function variancesOf({ a, b }: Doubt): { v: number; vx: number; vxx: number } {
  let [v, vx, vxx] = [0, 0, 0];
  for (let i = 0; i < a.length; i++) {
    v += a[i]! * a[i]!;
    vx += a[i]! * b[i]!;
    vxx += b[i]! * b[i]!;
  }
  return { v, vx, vxx };
}
