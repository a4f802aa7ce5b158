import { IN_PER_FT } from '../../units/index.js';

/** How a truck steers and how large it is. Lengths in, angle degrees. */
export interface Steering {
  /** To the rear axle, or to the middle of a tandem. */
  wheelbaseIn: number;
  /** Between the axles of a tandem; 0 for one axle. */
  tandemSpreadIn: number;
  /** Of the inner front wheel at full lock. */
  crampAngleDeg: number;
  kingpinSpacingIn: number;
  frontTrackIn: number;
  tireWidthIn: number;
  frontOverhangIn: number;
  bodyWidthIn: number;
}

/** A street that turns by a right angle, ft. */
export interface Corner {
  approachWidthFt: number;
  exitWidthFt: number;
  /** Of the curb at the inside of the corner. */
  insideRadiusFt: number;
}

export interface TurningInput extends Steering {
  corner?: Corner;
}

export interface TurningResult {
  curbToCurbRadiusFt: number;
  wallToWallRadiusFt: number;
  /** Of the rear of the body at the inside. */
  insideRadiusFt: number;
  /** What is left at the inside curb where the outside wall is just touched; below 0 it needs a second try. */
  cornerClearanceFt?: number;
}

const radians = (deg: number): number => (deg * Math.PI) / 180;

/** Wheelbase that turns like a tandem: its tires drag about their middle (formulas: turning), in. */
export const turningWheelbaseIn = (wheelbaseIn: number, spreadIn: number): number =>
  wheelbaseIn + (spreadIn / 2) ** 2 / wheelbaseIn;

/** From the turn's center to the middle of the rear axle, at full lock (formulas: turning), in. */
export const turnRadiusIn = (
  of: Pick<Steering, 'wheelbaseIn' | 'tandemSpreadIn' | 'crampAngleDeg' | 'kingpinSpacingIn'>,
): number =>
  turningWheelbaseIn(of.wheelbaseIn, of.tandemSpreadIn) / Math.tan(radians(of.crampAngleDeg)) +
  of.kingpinSpacingIn / 2;

/** What a corner leaves of a turn between two radii, ft (formulas: turning). */
export function cornerClearanceFt(
  { approachWidthFt, exitWidthFt, insideRadiusFt: r }: Corner,
  wallRadiusFt: number,
  insideRadiusFt: number,
): number {
  const beyond = (width: number) => Math.max(0, wallRadiusFt - width - r);
  return insideRadiusFt - r - Math.hypot(beyond(approachWidthFt), beyond(exitWidthFt));
}

/**
 * The calculation `turning` of the outside contract: radii at full lock with stiff tires, and what a corner leaves
 * (formulas: turning).
 */
export function turning({ corner, ...steering }: TurningInput): TurningResult {
  const { wheelbaseIn, tandemSpreadIn, kingpinSpacingIn, frontTrackIn, tireWidthIn } = steering;
  const { frontOverhangIn, bodyWidthIn } = steering;
  const long = turningWheelbaseIn(wheelbaseIn, tandemSpreadIn);
  const middle = turnRadiusIn(steering);
  const outerKingpin = middle + kingpinSpacingIn / 2;
  const feet = {
    curb:
      (Math.hypot(long, outerKingpin) + (frontTrackIn - kingpinSpacingIn) / 2 + tireWidthIn / 2) / IN_PER_FT,
    wall: Math.hypot(long + frontOverhangIn, middle + bodyWidthIn / 2) / IN_PER_FT,
    inside: (middle - bodyWidthIn / 2) / IN_PER_FT,
  };
  return {
    curbToCurbRadiusFt: feet.curb,
    wallToWallRadiusFt: feet.wall,
    insideRadiusFt: feet.inside,
    ...(corner ? { cornerClearanceFt: cornerClearanceFt(corner, feet.wall, feet.inside) } : {}),
  };
}
