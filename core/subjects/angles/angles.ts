import { BadInput } from '../../build/index.js';
import type { Box, Component, Shape } from '../../kernel/index.js';
import { lastAxleIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';

/** Where the truck comes nearest to the road ahead of, behind and between its axles. In. */
export interface AnglesInput {
  wheelbaseIn: number;
  front: { overhangIn: number; heightIn: number };
  rear: { overhangIn: number; heightIn: number };
  lowPoint: { xIn: number; heightIn: number };
}

export interface AnglesResult {
  approachDeg: number;
  departureDeg: number;
  breakoverDeg: number;
}

const degrees = (radians: number): number => (radians * 180) / Math.PI;
const angle = (heightIn: number, runIn: number): number => degrees(Math.atan2(heightIn, runIn));

/**
 * The calculation `angles` of the outside contract: approach, departure and breakover by the tape-measure method,
 * from the tires' contact points, degrees (formulas: angles). Lengths in.
 * @throws BadInput when the low point is not between the axles.
 */
export function angles({ wheelbaseIn, front, rear, lowPoint }: AnglesInput): AnglesResult {
  if (lowPoint.xIn >= wheelbaseIn)
    throw new BadInput([
      {
        field: 'lowPoint.xIn',
        message: `lowPoint.xIn must be less than the wheelbase of ${wheelbaseIn} (was ${lowPoint.xIn})`,
      },
    ]);
  return {
    approachDeg: angle(front.heightIn, front.overhangIn),
    departureDeg: angle(rear.heightIn, rear.overhangIn),
    breakoverDeg:
      angle(lowPoint.heightIn, lowPoint.xIn) + angle(lowPoint.heightIn, wheelbaseIn - lowPoint.xIn),
  };
}

/** An angle of a truck with what governs it: the component and the place of its corner, in. */
export interface Governed {
  deg: number;
  componentId: string;
  name: string;
  overhangIn: number;
  heightIn: number;
}

/** What has no outside of its own to strike the road. */
const NOT_OUTSIDE: ReadonlySet<Shape['kind']> = new Set(['wheel', 'axle', 'stowed', 'seat', 'mark']);

/** How far each place of the truck rides above its in-service height, in. */
export type Lift = (xIn: number) => number;
const AS_DRAWN: Lift = () => 0;

/**
 * What of some components is nearest to the road by some measure; `overhangOf` is not more than 0 where a shape is not
 * in question, and no shape makes an object, since this is looked at for every load state.
 */
function lowest(
  components: readonly Component[],
  overhangOf: (box: Box) => number,
  heightOf: (box: Box, overhangIn: number) => number,
  steepness: (heightIn: number, overhangIn: number) => number,
  degOf: (heightIn: number, overhangIn: number) => number,
): Governed | null {
  let least = Infinity;
  let governing: Component | null = null;
  let [at, up] = [0, 0];
  for (const component of components)
    for (const { kind, box } of component.shapes) {
      const overhangIn = overhangOf(box);
      if (!(overhangIn > 0) || NOT_OUTSIDE.has(kind)) continue;
      const heightIn = heightOf(box, overhangIn);
      const steep = steepness(heightIn, overhangIn);
      if (steep >= least) continue;
      [least, governing, at, up] = [steep, component, overhangIn, heightIn];
    }
  return (
    governing && {
      deg: degOf(up, at),
      componentId: governing.id,
      name: governing.name,
      overhangIn: at,
      heightIn: up,
    }
  );
}

const slope = (heightIn: number, overhangIn: number): number => heightIn / overhangIn;

/**
 * Approach angle: the component ahead of the front axle that would strike first; null where nothing is ahead. At
 * in-service ride height, where no lift is given.
 */
export const approachOf = (components: readonly Component[], lift: Lift = AS_DRAWN): Governed | null =>
  lowest(
    components,
    ({ x0 }) => -x0,
    ({ x0, z0 }) => z0 + lift(x0),
    slope,
    angle,
  );

/** Departure angle behind the rearmost axle, likewise. */
export function departureOf(
  components: readonly Component[],
  axles: Pick<Axles, 'wheelbaseIn' | 'rear'>,
  lift: Lift = AS_DRAWN,
): Governed | null {
  const last = lastAxleIn(axles);
  return lowest(
    components,
    ({ x1 }) => x1 - last,
    ({ x1, z0 }) => z0 + lift(x1),
    slope,
    angle,
  );
}

/**
 * Breakover angle between the front axle and the first one behind it: the component that would rest on a crest first
 * (formulas: angles). Of each shape the place nearest to the middle is the worst.
 */
export function breakoverOf(
  components: readonly Component[],
  { wheelbaseIn, rear }: Pick<Axles, 'wheelbaseIn' | 'rear'>,
  lift: Lift = AS_DRAWN,
): Governed | null {
  const between = wheelbaseIn - rear.spreadIn / 2;
  const both = (heightIn: number, x: number) => angle(heightIn, x) + angle(heightIn, between - x);
  return lowest(
    components,
    ({ x0, x1 }) => {
      if (x1 <= 0 || x0 >= between) return 0;
      const x = Math.min(x1, Math.max(x0, between / 2));
      return x < between ? x : 0;
    },
    ({ z0 }, x) => z0 + lift(x),
    both,
    both,
  );
}
