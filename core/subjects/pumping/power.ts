import { fromBuild, limitOf, reading } from '../../kernel/index.js';
import { chosenChassis, roadOf } from '../chassis/index.js';
import { chosenPump, curveOf, waterHp } from '../pump/index.js';
import type { CurvePoint, Pump } from '../pump/index.js';
import { altitudeShare, highFt } from '../road/index.js';
import type { PrimerKind } from './block.js';
import { USUAL_SUCTION_FT } from './block.js';

/** Of the power at its shaft, what a pump puts into the water where the profile says nothing, percent. */
export const USUAL_EFFICIENCY_PCT = 62;
export const efficiency = reading(
  'pumping',
  [limitOf('pumpEfficiencyPct')],
  (limit) => (limit?.value ?? USUAL_EFFICIENCY_PCT) / 100,
);

/** What a pump needs at its shaft at the worst point of its curve. Gpm, psi, hp. */
export interface WorstPoint extends CurvePoint {
  hp: number;
}
export const worstPoint = (curve: readonly CurvePoint[], share: number): WorstPoint =>
  curve
    .map((point) => ({ ...point, hp: waterHp(point.gpm, point.psi) / share }))
    .reduce((worst, point) => (point.hp > worst.hp ? point : worst));

/** The power that there is for a pump, and what limits it; hp. */
export interface DrivePower {
  hp: number | null;
  by: string;
}

/** What drives the pump: the truck's engine and what its power take-off passes, an engine or a motor of its own. */
export function drivePower(pump: Pump, engineHp: number, altitudeFt: number): DrivePower {
  const thin = altitudeShare(altitudeFt);
  const own = pump.driveHp;
  switch (pump.drive) {
    case 'midship':
      return { hp: engineHp * thin, by: 'the engine of the truck' };
    case 'pto': {
      const engine = engineHp * thin;
      return own !== undefined && own < engine
        ? { hp: own, by: 'what its power take-off passes' }
        : { hp: engine, by: 'the engine of the truck' };
    }
    case 'auxiliary':
      return { hp: own === undefined ? null : own * thin, by: 'its own engine' };
    case 'electric':
      return { hp: own ?? null, by: 'its motor' };
  }
}

/** The power that there is for the pump at the district's altitude; null without a pump. */
export const powerForPump = reading(
  'pumping',
  [chosenPump, chosenChassis, highFt],
  (pump, { chassis }, altitudeFt) => pump && drivePower(pump, roadOf(chassis).powerHp, altitudeFt),
);

/** What the pump needs at the worst point of its curve. */
export const neededByPump = reading(
  'pumping',
  [chosenPump, efficiency],
  (pump, share) => pump && worstPoint(curveOf(pump), share),
);

/** Air that a primer takes, ft³ a minute (formulas: priming). */
const PRIMER_CFM: Record<PrimerKind, number> = { electric: 16, air: 20, exhaust: 8 };
/** Air in a pump with its pipes, ft³ for each thousand gpm of its rating (formulas: priming). */
const PUMP_FT3_PER_1000_GPM = 1.4;
const IN2_PER_FT2 = 144;

/** Seconds to prime: what suction and pump hold, over what the primer takes (formulas: priming). */
export function primingS(
  { ratedGpm }: Pick<Pump, 'ratedGpm'>,
  suctionIn: number,
  suctionFt: number,
  kind: PrimerKind,
): number {
  const hoseFt3 = ((Math.PI / 4) * suctionIn ** 2 * suctionFt) / IN2_PER_FT2;
  return ((hoseFt3 + (PUMP_FT3_PER_1000_GPM * ratedGpm) / 1_000) / PRIMER_CFM[kind]) * 60;
}

/** The primer that is fitted: as usual at such a pump where nothing is said. */
export const primer = reading(
  'pumping',
  [chosenPump, fromBuild(({ pumping }) => pumping.primer)],
  (pump, asked): PrimerKind => asked ?? (pump?.drive === 'auxiliary' ? 'exhaust' : 'electric'),
);
export const suctionFt = fromBuild(({ pumping }) => pumping.suctionFt ?? USUAL_SUCTION_FT);

const KW_PER_HP = 0.74569987158227;
/** Of a battery's energy, what motor and its electronics bring to the shaft. */
const MOTOR_SHARE = 0.92;
/** What a heavy truck takes to drive a mile, kWh for each thousand pounds. */
const KWH_PER_MILE_1000_LB = 0.075;

/** Minutes that a battery pumps at a power at the shaft, after driving so many miles (formulas: pump energy). */
export const pumpingMin = (usableKwh: number, shaftHp: number, miles: number, grossLb: number): number => {
  const left = Math.max(0, usableKwh - miles * KWH_PER_MILE_1000_LB * (grossLb / 1_000));
  return shaftHp <= 0 ? Infinity : (left * MOTOR_SHARE * 60) / (shaftHp * KW_PER_HP);
};

/** A stage for high pressure: its points, as data of such a stage; what it weighs and costs. */
export const HIGH_STAGE = {
  curve: [
    { gpm: 120, psi: 400 },
    { gpm: 75, psi: 550 },
    { gpm: 25, psi: 620 },
  ] as CurvePoint[],
  weightLb: 145,
  priceCents: 1_180_000,
};

/** At a walking pace an engine that drives pump and wheels turns at this share of its pumping speed. */
const WALKING_SHARE = 0.55;

/**
 * What a pump gives while the truck rolls at a walking pace (formulas: pump and roll): one that has its own engine or
 * motor all of its curve; one on a power take-off turns more slowly, and its flow falls as the speed, its pressure as the
 * square of it. Null where it can't.
 */
export function rollingCurve(pump: Pump): CurvePoint[] | null {
  if (!pump.pumpAndRoll) return null;
  if (pump.drive === 'auxiliary' || pump.drive === 'electric') return curveOf(pump);
  return curveOf(pump).map(({ gpm, psi }) => ({ gpm: gpm * WALKING_SHARE, psi: psi * WALKING_SHARE ** 2 }));
}

/** In which position a pump of two stages works at a flow: pressure up to half its rating, volume above; null for others. */
export const stagePosition = (
  pump: Pick<Pump, 'stages' | 'ratedGpm'>,
  gpm: number,
): 'pressure' | 'volume' | null =>
  pump.stages === 2 ? (gpm <= pump.ratedGpm / 2 ? 'pressure' : 'volume') : null;
