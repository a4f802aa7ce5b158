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

/** The least angle of all that has an outside; `angleAt` gives nothing where a shape is not in question. */
function lowest(
  components: Component[],
  angleAt: (box: Box) => { deg: number; overhangIn: number; heightIn: number } | null,
): Governed | null {
  let least: Governed | null = null;
  for (const { id, name, shapes } of components)
    for (const { kind, box } of shapes) {
      if (NOT_OUTSIDE.has(kind)) continue;
      const found = angleAt(box);
      if (found && (!least || found.deg < least.deg)) least = { ...found, componentId: id, name };
    }
  return least;
}

const beyond =
  (overhangOf: (box: Box) => number, xOf: (box: Box) => number, lift: Lift) =>
  (box: Box): { deg: number; overhangIn: number; heightIn: number } | null => {
    const overhangIn = overhangOf(box);
    if (overhangIn <= 0) return null;
    const heightIn = box.z0 + lift(xOf(box));
    return { deg: angle(heightIn, overhangIn), overhangIn, heightIn };
  };

/**
 * Approach angle: the component ahead of the front axle that would strike first; null where nothing is ahead. At
 * in-service ride height, where no lift is given.
 */
export const approachOf = (components: Component[], lift: Lift = AS_DRAWN): Governed | null =>
  lowest(
    components,
    beyond(
      ({ x0 }) => -x0,
      ({ x0 }) => x0,
      lift,
    ),
  );

/** Departure angle behind the rearmost axle, likewise. */
export function departureOf(
  components: Component[],
  axles: Pick<Axles, 'wheelbaseIn' | 'rear'>,
  lift: Lift = AS_DRAWN,
): Governed | null {
  const last = lastAxleIn(axles);
  return lowest(
    components,
    beyond(
      ({ x1 }) => x1 - last,
      ({ x1 }) => x1,
      lift,
    ),
  );
}

/**
 * Breakover angle between the front axle and the first one behind it: the component that would rest on a crest first
 * (formulas: angles). Of each shape the place nearest to the middle is the worst.
 */
export function breakoverOf(
  components: Component[],
  { wheelbaseIn, rear }: Pick<Axles, 'wheelbaseIn' | 'rear'>,
  lift: Lift = AS_DRAWN,
): Governed | null {
  const between = wheelbaseIn - rear.spreadIn / 2;
  return lowest(components, ({ x0, x1, z0 }) => {
    if (x1 <= 0 || x0 >= between) return null;
    const x = Math.min(x1, Math.max(x0, between / 2));
    if (x <= 0 || x >= between) return null;
    const heightIn = z0 + lift(x);
    return { deg: angle(heightIn, x) + angle(heightIn, between - x), overhangIn: x, heightIn };
  });
}
