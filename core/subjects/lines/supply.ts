import { frictionOfOne } from './hydraulics.js';

/** What brings water to the pump: the pressure at its intake for a flow, and how much there is at most. */
export interface Supply {
  kind: 'tank' | 'hydrant' | 'draft' | 'relay';
  name: string;
  /** Pressure at the intake, psi; falls with the flow. */
  intakePsi: (gpm: number) => number;
  /** What must be left at the intake, psi. */
  leastPsi: number;
  mostGpm: number;
}

export interface HydrantTest {
  staticPsi: number;
  residualPsi: number;
  flowGpm: number;
}

/** Of the pressure that a main loses, the flow is this power (formulas: water supply). */
const FLOW_POWER = 0.54;

/** What a hydrant gives at a residual pressure, gpm, from its flow test; 0 above its static pressure. */
export const hydrantGpm = ({ staticPsi, residualPsi, flowGpm }: HydrantTest, atPsi: number): number =>
  atPsi >= staticPsi || residualPsi >= staticPsi
    ? 0
    : flowGpm * ((staticPsi - atPsi) / (staticPsi - residualPsi)) ** FLOW_POWER;

/** The pressure that a hydrant keeps at a flow, psi: its test read the other way. */
export const hydrantPsi = ({ staticPsi, residualPsi, flowGpm }: HydrantTest, gpm: number): number =>
  flowGpm <= 0
    ? gpm > 0
      ? -Infinity
      : staticPsi
    : staticPsi - (staticPsi - residualPsi) * (gpm / flowGpm) ** (1 / FLOW_POWER);

/** What a strainer can be under a pump at the sea, and how much of it each thousand feet take; ft (formulas: draft). */
const LIFT_FT = 25.4;
const FT_PER_1000_FT = 1;
/** Lift at which pumps are rated, by their rating; gpm, ft. */
const RATED_LIFT = [
  { toGpm: 1_500, liftFt: 10 },
  { toGpm: 1_750, liftFt: 8 },
  { toGpm: Infinity, liftFt: 6 },
] as const;

/** The lift at which a pump of a rating is tested, ft. */
export const ratedLiftFt = (ratedGpm: number): number =>
  RATED_LIFT.find(({ toGpm }) => ratedGpm <= toGpm)!.liftFt;

/**
 * What a pump draws from so many feet below it, gpm (formulas: draft): at its rated lift its rating; what the lift
 * leaves of the air's pressure drives the water through suction and strainer, by the square of the flow. No more than
 * its rating is counted on.
 */
export function draftGpm(ratedGpm: number, liftFt: number, altitudeFt: number): number {
  const lost = (Math.max(0, altitudeFt) / 1_000) * FT_PER_1000_FT;
  const left = LIFT_FT - lost - liftFt;
  return left <= 0 ? 0 : ratedGpm * Math.min(1, Math.sqrt(left / (LIFT_FT - ratedLiftFt(ratedGpm))));
}

/** Supply lines side by side from the hydrant or the other pumper. */
export interface SupplyLine {
  lengthFt: number;
  parallel: number;
  coefficient: number;
}

const losses = (line: SupplyLine, gpm: number): number => frictionOfOne([line]) * gpm ** 2;

/** Left in the main and at the intake, so that nothing is drawn flat; psi (formulas: water supply). */
export const LEAST_INTAKE_PSI = 20;

export const fromTank = (pathGpm: number): Supply => ({
  kind: 'tank',
  name: 'the tank',
  intakePsi: () => 0,
  leastPsi: 0,
  mostGpm: pathGpm,
});
export const fromHydrant = (name: string, test: HydrantTest, line: SupplyLine): Supply => ({
  kind: 'hydrant',
  name,
  intakePsi: (gpm) => hydrantPsi(test, gpm) - losses(line, gpm),
  leastPsi: LEAST_INTAKE_PSI,
  mostGpm: Infinity,
});
export const fromDraft = (name: string, mostGpm: number): Supply => ({
  kind: 'draft',
  name,
  intakePsi: () => 0,
  leastPsi: 0,
  mostGpm,
});
export const fromRelay = (otherPsi: number, line: SupplyLine): Supply => ({
  kind: 'relay',
  name: 'another pumper',
  intakePsi: (gpm) => otherPsi - losses(line, gpm),
  leastPsi: LEAST_INTAKE_PSI,
  mostGpm: Infinity,
});
