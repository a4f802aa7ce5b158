/** What a foam system and its tanks are asked for. Gallons, gpm, percent, ft³ a minute. */
export interface FoamInput {
  /** Of the solution: water and concentrate. */
  flowGpm: number;
  percent: number;
  foamTankGal: number;
  waterTankGal: number;
  /** The most concentrate that the proportioner gives. */
  proportionerGpm: number;
  airCfm?: number;
}

/** What they give. Minutes, gallons, gpm. */
export interface Mixing {
  concentrateGpm: number;
  /** Until the concentrate is gone. */
  enduranceMin: number;
  /** Solution that all of the concentrate makes. */
  solutionGal: number;
  /** The largest flow at which the percentage holds. */
  maxFlowGpm: number;
  withinProportioner: boolean;
  /** Until the water is gone: the concentrate is no part of it. */
  waterMin: number;
  /** Of the foam against its solution; only with air. */
  expansionRatio?: number;
}

const GAL_PER_FT3 = 7.48;

/** How much larger foam is than its solution, by the air for each gallon; ft³ a minute, gpm (formulas: compressed air). */
export const expansionOf = (airCfm: number, gpm: number): number => 1 + (GAL_PER_FT3 * airCfm) / gpm;

/** Concentrate that a flow of solution takes, gpm (formulas: foam). */
export const concentrateGpm = (flowGpm: number, percent: number): number => (flowGpm * percent) / 100;

/** Solution that so much concentrate makes, gal; endless where none is mixed in (formulas: foam). */
export const solutionGal = (foamGal: number, percent: number): number =>
  percent > 0 ? foamGal / (percent / 100) : Infinity;

/** The calculation `foam` of the outside contract (formulas: foam, compressed air). */
export function mixing({
  flowGpm,
  percent,
  foamTankGal,
  waterTankGal,
  proportionerGpm,
  airCfm,
}: FoamInput): Mixing {
  const concentrate = concentrateGpm(flowGpm, percent);
  const maxFlowGpm = solutionGal(proportionerGpm, percent);
  return {
    concentrateGpm: concentrate,
    enduranceMin: foamTankGal / concentrate,
    solutionGal: solutionGal(foamTankGal, percent),
    maxFlowGpm,
    withinProportioner: flowGpm <= maxFlowGpm,
    waterMin: waterTankGal / (flowGpm - concentrate),
    ...(airCfm === undefined ? {} : { expansionRatio: expansionOf(airCfm, flowGpm) }),
  };
}
