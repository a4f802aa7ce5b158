import type { Evaluation } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { bumperShelf } from '../bumper/index.js';
import type { LineOf } from '../brief/index.js';
import { axles, chassisShelf, roadOf } from '../chassis/index.js';
import type { Chassis } from '../chassis/index.js';
import { outline } from './outline.js';
import type { OnPlan } from './outline.js';
import { cornerOf, turn } from './corners.js';
import { laidAt, sweptBy } from './sweep.js';
import { turningWheelbaseIn, turnRadiusIn } from './turning.js';

/** What trucks must get through: corners, and bays that they must stand in. */
export interface Tight {
  corners: readonly LineOf<'corners'>[];
  stations: readonly LineOf<'stations'>[];
}

/** The longest that a truck can be on one chassis with one bumper. */
export interface LongestOn {
  chassisId: string;
  chassis: string;
  crampDeg: number;
  bumper: string;
  frontOverhangIn: number;
  rearOverhangIn: number;
  /** The longest wheelbase on offer that gets through everything; null where none does. */
  wheelbaseIn: number | null;
  lengthIn: number | null;
  /** What a longer one does not get through; nothing where the chassis comes no longer. */
  limitedBy: string | null;
}

/** Wheelbases are looked at to so much, in. */
const FINEST_IN = 1;

interface Shape {
  chassis: Chassis;
  frontIn: number;
  halfIn: number;
  rearOverhangIn: number;
  steerIn: number;
}

/** A plain outline of a truck of some wheelbase. */
const outlineOf = ({ frontIn, halfIn, rearOverhangIn }: Shape, wheelbaseIn: number): OnPlan[] => [
  { xIn: -frontIn, yIn: -halfIn },
  { xIn: wheelbaseIn + rearOverhangIn, yIn: -halfIn },
  { xIn: wheelbaseIn + rearOverhangIn, yIn: halfIn },
  { xIn: -frontIn, yIn: halfIn },
];

/** What a truck of that wheelbase does not get through; null where it gets through everything. */
function stoppedBy(shape: Shape, wheelbaseIn: number, { corners, stations }: Tight): string | null {
  const lengthIn = shape.frontIn + wheelbaseIn + shape.rearOverhangIn;
  for (const { name, bayLongIn, roundIn = 0 } of stations)
    if (bayLongIn !== undefined && lengthIn > bayLongIn - 2 * roundIn) return name;
  if (corners.length === 0) return null;
  const { crampDeg, kingpinIn } = roadOf(shape.chassis);
  const spreadIn = shape.chassis.rearAxles[0]!.spreadIn;
  const swept = sweptBy({
    wheelbaseIn: turningWheelbaseIn(wheelbaseIn, spreadIn),
    radiusIn: turnRadiusIn({
      wheelbaseIn,
      tandemSpreadIn: spreadIn,
      crampAngleDeg: crampDeg,
      kingpinSpacingIn: kingpinIn,
    }),
    steerIn: shape.steerIn,
    outline: outlineOf(shape, wheelbaseIn),
  });
  return corners.find((line) => laidAt(swept, cornerOf(line), 0).insideIn < 0)?.name ?? null;
}

/** The longest wheelbase that gets through; a longer one never turns tighter, so it is found by halving. */
function longestOf(shape: Shape, tight: Tight): Pick<LongestOn, 'wheelbaseIn' | 'limitedBy'> {
  const { minIn, maxIn } = shape.chassis.wheelbase;
  const shortest = stoppedBy(shape, minIn, tight);
  if (shortest !== null) return { wheelbaseIn: null, limitedBy: shortest };
  let stopped = stoppedBy(shape, maxIn, tight);
  if (stopped === null) return { wheelbaseIn: maxIn, limitedBy: null };
  let [fits, tooLong] = [minIn, maxIn];
  while (tooLong - fits > FINEST_IN) {
    const middle = (fits + tooLong) / 2;
    const by = stoppedBy(shape, middle, tight);
    if (by === null) fits = middle;
    else [tooLong, stopped] = [middle, by];
  }
  return { wheelbaseIn: Math.floor(fits), limitedBy: stopped };
}

/**
 * On each chassis of the catalog that suits this truck, with each bumper, the longest truck that gets through: as wide
 * as this one, with as much behind its rear axle.
 */
export function findLongest(evaluation: Evaluation, tight: Tight): LongestOn[] {
  const { build } = evaluation;
  const { rearIn } = evaluation.read(envelope);
  const rearOverhangIn = rearIn - evaluation.read(axles).wheelbaseIn;
  const halfIn = Math.max(...evaluation.read(outline).map(({ yIn }) => yIn));
  const { steerIn } = evaluation.read(turn);
  const bumpers = bumperShelf.in(build).suiting(build.type);
  // Bumpers of one length turn alike: each length once, by the first name that has it.
  const lengths = [...new Map([...bumpers].reverse().map((one) => [one.extensionIn, one])).values()].sort(
    (a, b) => a.extensionIn - b.extensionIn,
  );
  return chassisShelf
    .in(build)
    .suiting(build.type)
    .flatMap((chassis) =>
      lengths.map((bumper): LongestOn => {
        const frontIn = chassis.frontOverhangIn + bumper.extensionIn;
        const { wheelbaseIn, limitedBy } = longestOf(
          { chassis, frontIn, halfIn, rearOverhangIn, steerIn },
          tight,
        );
        return {
          chassisId: chassis.id,
          chassis: chassis.name,
          crampDeg: roadOf(chassis).crampDeg,
          bumper: bumper.name,
          frontOverhangIn: frontIn,
          rearOverhangIn,
          wheelbaseIn,
          lengthIn: wheelbaseIn === null ? null : frontIn + wheelbaseIn + rearOverhangIn,
          limitedBy,
        };
      }),
    );
}
