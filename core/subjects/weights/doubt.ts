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

/** Which source each component's weight rests on, numbered from 0, and how many there are. */
export function sourcesOf(all: readonly Pick<Component, 'source'>[]): { at: Int32Array; count: number } {
  const numbers = new Map<string, number>();
  const at = new Int32Array(all.length);
  for (let i = 0; i < all.length; i++) {
    const { source } = all[i]!;
    let number = numbers.get(source);
    if (number === undefined) numbers.set(source, (number = numbers.size));
    at[i] = number;
  }
  return { at, count: numbers.size };
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
