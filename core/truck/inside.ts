import { boxOf } from '../kernel/index.js';
import type { Box, Point } from '../kernel/index.js';
import type { Compartment } from './stations.js';

/**
 * Inside a compartment everything is told as its door sees it, in: x along it from its front end (at the rear from the
 * driver's side), y in from the door, z up from its floor. What opens upward is seen from the driver's side.
 */
export type Inside = Box;

type Of = Pick<Compartment, 'side' | 'x0' | 'x1' | 'y0' | 'y1' | 'z0'>;

/** A box of the truck as the compartment's inside has it. */
export function insideOf({ side, x0, x1, y0, y1, z0 }: Of, box: Box): Inside {
  const [low, high] = [box.z0 - z0, box.z1 - z0];
  switch (side) {
    case 'left':
    case 'top':
      return boxOf(box.x0 - x0, box.x1 - x0, box.y0 - y0, box.y1 - y0, low, high);
    case 'right':
      return boxOf(box.x0 - x0, box.x1 - x0, y1 - box.y1, y1 - box.y0, low, high);
    case 'rear':
      return boxOf(box.y0 - y0, box.y1 - y0, x1 - box.x1, x1 - box.x0, low, high);
  }
}

/** What is told of the inside, as a box of the truck. */
export function onTruck({ side, x0, x1, y0, y1, z0 }: Of, box: Inside): Box {
  const [low, high] = [box.z0 + z0, box.z1 + z0];
  switch (side) {
    case 'left':
    case 'top':
      return boxOf(box.x0 + x0, box.x1 + x0, box.y0 + y0, box.y1 + y0, low, high);
    case 'right':
      return boxOf(box.x0 + x0, box.x1 + x0, y1 - box.y1, y1 - box.y0, low, high);
    case 'rear':
      return boxOf(x1 - box.y1, x1 - box.y0, box.x0 + y0, box.x1 + y0, low, high);
  }
}

/** How long, deep and high a compartment is within its bounds, in. */
export const insideSize = ({ side, x0, x1, y0, y1, z0, z1 }: Of & { z1: number }): Point =>
  side === 'rear'
    ? { xIn: y1 - y0, yIn: x1 - x0, zIn: z1 - z0 }
    : { xIn: x1 - x0, yIn: y1 - y0, zIn: z1 - z0 };

/** What its door lets through, as the inside has it: from where to where along it, and up to which height; in. */
export function doorway(of: Compartment): { x0: number; x1: number; top: number } {
  const { xIn, zIn } = insideSize(of);
  const guide = Math.max(0, (xIn - of.openingIn.wide) / 2);
  return { x0: guide, x1: xIn - guide, top: of.side === 'top' ? zIn : Math.min(zIn, of.openingIn.high) };
}

/** The middle of all compartments, each by its room; null where there are none. */
export function middleOfCompartments(
  all: readonly Pick<Compartment, 'volumeFt3' | 'center'>[],
): Point | null {
  const volume = all.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
  if (volume === 0) return null;
  const mean = (key: keyof Point) =>
    all.reduce((sum, { volumeFt3, center }) => sum + volumeFt3 * center[key], 0) / volume;
  return { xIn: mean('xIn'), yIn: mean('yIn'), zIn: mean('zIn') };
}
