import type { Build } from '../../build/index.js';
import type { Compartment } from '../../truck/index.js';

/** The compartments that a body of a family has, by side and order from the front. */
export const FAMILY_PLACES = [
  { id: 'L1', side: 'left', order: 1 },
  { id: 'L2', side: 'left', order: 2 },
  { id: 'L3', side: 'left', order: 3 },
  { id: 'R1', side: 'right', order: 1 },
  { id: 'R2', side: 'right', order: 2 },
  { id: 'R3', side: 'right', order: 3 },
  { id: 'B1', side: 'rear', order: 1 },
] as const;

const listed = (id: string, build: Build) => build.body.compartments?.find((line) => line.id === id);

/** Whether a build's own list has a compartment. */
export const isListed = (id: string, build: Build): boolean => listed(id, build) !== undefined;

/** What a compartment is called: by its name in the build's own list, or as a family's is. */
export const compartmentName = (id: string, build: Build): string => listed(id, build)?.name ?? id;

/** The compartment asked for, or the nearest that this body has: same side first, then any. */
export function nearestCompartment(id: string, all: readonly Compartment[]): Compartment | undefined {
  const there = all.find((compartment) => compartment.id === id);
  if (there) return there;
  const asked = FAMILY_PLACES.find((place) => place.id === id);
  const away = (compartment: Compartment) => Math.abs(compartment.order - (asked?.order ?? 0));
  const sameSide = all.filter(({ side }) => side === asked?.side).sort((a, b) => away(a) - away(b));
  return sameSide[0] ?? all[0];
}
