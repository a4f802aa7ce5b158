/** The kinds of truck from which a build starts. */
export const BUILD_TYPES = ['pumper', 'aerial', 'brush'] as const;

/** What the figures of a part rest on; the better the basis, the narrower the tolerance. */
export const BASES = ['weighed', 'calculated', 'catalogued', 'estimated'] as const;
export type Basis = (typeof BASES)[number];

/** Usual tolerance of each basis, ± percent at 95 % (formulas: mass properties). */
export const BASIS_TOLERANCE_PCT: Record<Basis, number> = {
  weighed: 1,
  catalogued: 3,
  calculated: 5,
  estimated: 15,
};
