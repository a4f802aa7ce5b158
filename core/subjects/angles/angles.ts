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

function lowest(components: Component[], overhangOf: (box: Box) => number): Governed | null {
  let least: Governed | null = null;
  for (const { id, name, shapes } of components) {
    for (const { kind, box } of shapes) {
      const overhangIn = overhangOf(box);
      if (overhangIn <= 0 || NOT_OUTSIDE.has(kind)) continue;
      const deg = angle(box.z0, overhangIn);
      if (!least || deg < least.deg) least = { deg, componentId: id, name, overhangIn, heightIn: box.z0 };
    }
  }
  return least;
}

/**
 * Approach angle at in-service ride height: the component ahead of the front axle that would strike first;
 * null where nothing is ahead.
 */
export const approachOf = (components: Component[]): Governed | null => lowest(components, ({ x0 }) => -x0);

/** Departure angle behind the rearmost axle, likewise. */
export function departureOf(
  components: Component[],
  axles: Pick<Axles, 'wheelbaseIn' | 'rear'>,
): Governed | null {
  const last = lastAxleIn(axles);
  return lowest(components, ({ x1 }) => x1 - last);
}
