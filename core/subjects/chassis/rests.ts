import type { Box, Rest } from '../../kernel/index.js';
import type { AxleOption, Chassis, ChassisMasses } from './parts/index.js';

/**
 * What a wet chassis usually consists of where its maker does not say, as shares of the curb weight in front:
 * axle, wheels and brakes; engine, gearbox and cooling; the cab (formulas: frame).
 */
const USUAL_SHARES = { frontUnsprung: 0.16, engine: 0.27, cab: 0.3 };
/** The engine's middle behind the front axle, and half its length, in. */
const ENGINE_IN = { aft: 10, half: 24 };

/** The masses of a chassis: those that its maker states, otherwise usual shares of its curb weight. Lb, in. */
export const massesOf = ({ masses, curb }: Chassis): ChassisMasses =>
  masses ?? {
    frontUnsprungLb: curb.frontLb * USUAL_SHARES.frontUnsprung,
    engineLb: curb.frontLb * USUAL_SHARES.engine,
    engineXIn: ENGINE_IN.aft,
    cabLb: curb.frontLb * USUAL_SHARES.cab,
  };

/** The axles that a rear weight stands on, on both of a tandem alike: it bends nothing. */
export const onRearAxle = ({ axles, spreadIn }: AxleOption, wheelbaseIn: number, share: number): Rest[] =>
  axles === 2
    ? [at(wheelbaseIn - spreadIn / 2, share / 2), at(wheelbaseIn + spreadIn / 2, share / 2)]
    : [at(wheelbaseIn, share)];

export const at = (xIn: number, share: number): Rest => ({ share, fromIn: xIn, toIn: xIn });

/**
 * Where the parts of a chassis rest along its rails: axles, wheels and brakes on the road, engine and cab each at
 * its own place, and what is left (rails, driveline, tanks) evenly where the chassis' own center asks for it.
 * `weightLb` and `xIn` are those of the chassis without fuel.
 */
export function restsOfChassis(
  { chassis, wheelbaseIn, rearAxle }: { chassis: Chassis; wheelbaseIn: number; rearAxle: AxleOption },
  rails: Box,
  { weightLb, xIn }: { weightLb: number; xIn: number },
): Rest[] {
  const { frontUnsprungLb, engineLb, engineXIn, cabLb } = massesOf(chassis);
  const { frontIn, backIn } = chassis.cab;
  const of = (lb: number) => lb / weightLb;
  const placed: Rest[] = [
    at(0, of(frontUnsprungLb)),
    ...onRearAxle(rearAxle, wheelbaseIn, of(chassis.rearAxleLb)),
    { share: of(engineLb), fromIn: engineXIn - ENGINE_IN.half, toIn: engineXIn + ENGINE_IN.half },
    { share: of(cabLb), fromIn: frontIn, toIn: backIn },
  ];
  const share = 1 - placed.reduce((sum, rest) => sum + rest.share, 0);
  const moment = xIn - placed.reduce((sum, rest) => sum + (rest.share * (rest.fromIn + rest.toIn)) / 2, 0);
  // Parts that come to more than the whole leave nothing to place: it all lies about its own center then.
  if (share <= 0) return [{ share: 1, fromIn: xIn - ENGINE_IN.half, toIn: xIn + ENGINE_IN.half }];
  const middle = moment / share;
  const half = Math.max(ENGINE_IN.half, Math.min(middle - rails.x0, rails.x1 - middle));
  return [...placed, { share, fromIn: middle - half, toIn: middle + half }];
}
