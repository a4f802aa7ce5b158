import { limitOf, reading } from '../../kernel/index.js';
import { IN_PER_FT } from '../../units/index.js';
import { axles, chosenChassis, roadOf } from '../chassis/index.js';
import type { LineOf } from '../brief/index.js';
import { outline } from './outline.js';
import { laidAt, laidBest, sweptBy, tailSwingIn } from './sweep.js';
import type { Turn } from './sweep.js';
import { cornerClearanceFt, turning, turningWheelbaseIn, turnRadiusIn } from './turning.js';
import type { Corner, Steering, TurningResult } from './turning.js';

/** Over how much of its way a driver turns the wheels from straight to full lock, ft, where no limit says so. */
const USUAL_STEER_FT = 12;

/** How this truck steers, as the contract's calculation has it. */
export const steering = reading(
  'streets',
  [chosenChassis, axles, outline],
  ({ chassis, frontAxle }, on, places): Steering => {
    const { crampDeg, kingpinIn } = roadOf(chassis);
    return {
      wheelbaseIn: on.wheelbaseIn,
      tandemSpreadIn: on.rear.axles === 2 ? on.rear.spreadIn : 0,
      crampAngleDeg: crampDeg,
      kingpinSpacingIn: kingpinIn,
      frontTrackIn: on.front.trackIn,
      tireWidthIn: (frontAxle.tire ?? chassis.frontTire).widthIn,
      frontOverhangIn: Math.max(0, ...places.map(({ xIn }) => -xIn)),
      bodyWidthIn: 2 * Math.max(...places.map(({ yIn }) => yIn)),
    };
  },
);

/** The turn that it drives: outline, radius, and how fast the wheels are turned. */
export const turn = reading(
  'streets',
  [steering, outline, limitOf('steerFt')],
  (of, places, steer): Turn => ({
    wheelbaseIn: turningWheelbaseIn(of.wheelbaseIn, of.tandemSpreadIn),
    radiusIn: turnRadiusIn(of),
    steerIn: (steer?.value ?? USUAL_STEER_FT) * IN_PER_FT,
    outline: places,
  }),
);

/** What the truck sweeps over in a right angle, and how far its tail swings out. */
export const swept = reading('streets', [turn], (of) => ({ ...sweptBy(of), tailSwingIn: tailSwingIn(of) }));

/** The radii of a truck by its own outline; a published radius stands in place of the one worked out. */
export const radii = reading(
  'streets',
  [steering, turn, chosenChassis],
  (of, { outline: places, radiusIn, wheelbaseIn }, { chassis }): TurningResult => {
    const wall = Math.max(...places.map(({ xIn, yIn }) => Math.hypot(radiusIn + yIn, wheelbaseIn - xIn)));
    const published = roadOf(chassis).curbRadiusFt;
    return {
      ...turning(of),
      wallToWallRadiusFt: wall / IN_PER_FT,
      ...(published === undefined ? {} : { curbToCurbRadiusFt: published }),
    };
  },
);

/** A corner of the brief as the calculation has it. */
export const cornerOf = ({ fromFt, intoFt, insideFt }: LineOf<'corners'>): Corner => ({
  approachWidthFt: fromFt,
  exitWidthFt: intoFt,
  insideRadiusFt: insideFt,
});

/** What a corner leaves of a truck: at full lock throughout, and as it is driven; ft. */
export interface CornerLeft {
  fullLockFt: number;
  drivenFt: number;
}

export const cornerLeft = reading(
  'streets',
  [radii, swept],
  ({ wallToWallRadiusFt, insideRadiusFt }, way) =>
    (corner: Corner): CornerLeft => ({
      fullLockFt: cornerClearanceFt(corner, wallToWallRadiusFt, insideRadiusFt),
      drivenFt: laidAt(way, corner, 0).insideIn / IN_PER_FT,
    }),
);

/** The truck laid into a corner as a good driver takes it. */
export const laidInto = reading('streets', [swept], (way) => (corner: Corner) => ({
  ...laidBest(way, corner),
  swept: way,
}));
