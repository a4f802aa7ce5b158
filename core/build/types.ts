/** The kinds of truck from which a build starts. */
export const BUILD_TYPES = ['pumper', 'aerial', 'brush'] as const;

/** What the figures of a part rest on; the better the basis, the narrower the tolerance. */
export const BASES = ['weighed', 'calculated', 'catalogued', 'estimated'] as const;
export type Basis = (typeof BASES)[number];

/** What each basis is called; the file keeps the older spelling of one. */
export const BASIS_NAMES: Record<Basis, string> = {
  weighed: 'weighed',
  calculated: 'calculated',
  catalogued: 'cataloged',
  estimated: 'estimated',
};

/** The basis that a person means, in either spelling; undefined where it is none. */
export const basisCalled = (text: string): Basis | undefined => {
  const said = text.trim().toLowerCase();
  return BASES.find((basis) => basis === said || BASIS_NAMES[basis] === said);
};

/** Usual tolerance of each basis, ± percent at 95 % (formulas: mass properties). */
export const BASIS_TOLERANCE_PCT: Record<Basis, number> = {
  weighed: 1,
  catalogued: 3,
  calculated: 5,
  estimated: 15,
};
