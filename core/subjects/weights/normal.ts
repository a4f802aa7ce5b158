import { errorFunction } from 'simple-statistics';

/** Standard normal quantile at 95 %, one-sided. */
export const Z_95 = 1.6448536269514722;

/** P(load ≤ rating) for a load of that mean and standard deviation (lb), normally distributed. */
export function probabilityWithin(meanLb: number, sigmaLb: number, ratingLb: number): number {
  if (sigmaLb === 0) return meanLb <= ratingLb ? 1 : 0;
  return (1 + errorFunction((ratingLb - meanLb) / sigmaLb / Math.SQRT2)) / 2;
}
