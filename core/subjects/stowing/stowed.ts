import { each, groupsBy, overlapIn, reading, without } from '../../kernel/index.js';
import { doorway, onTruck, surfaces } from '../../truck/index.js';
import type { Compartment, Inside, Surface } from '../../truck/index.js';
import { lyingIn, posesOf, riding } from '../equipment/index.js';
import type { Equipment, EquipmentLine, Lying, Riding } from '../equipment/index.js';

/** A line of equipment in its compartment, with its place on a surface where it has one. */
export interface Stowed {
  line: EquipmentLine;
  part: Equipment;
  compartment: Compartment;
  lying: Lying | null;
  /** All of the line, lb. */
  weightLb: number;
}

const stowedByPlace = each('stowing', riding, (rides: Riding): Stowed[] => {
  const { compartment } = rides;
  if (!compartment) return [];
  return rides.pieces.map((piece) => ({
    line: piece.line,
    part: piece.part,
    compartment,
    lying: lyingIn(piece, rides),
    weightLb: piece.part.weightLb * piece.line.count,
  }));
});

/** Everything that rides in a compartment. */
export const stowed = reading('stowing', [stowedByPlace], (all): Stowed[] => all.flat());

/** What has its place on a surface. */
export type Placed = Stowed & { lying: Lying };
export const isPlaced = (one: Stowed): one is Placed => one.lying !== null;

/** All that has. */
export const placed = reading('stowing', [stowed], (all): Placed[] => all.filter(isPlaced));

/** What lies on each surface, by the surface's id; a surface with nothing on it has an empty list. */
export const onSurfaces = reading('stowing', [surfaces, placed], (all, things) => {
  const by = groupsBy(things, ({ lying }) => lying.surface.id);
  return all.map((surface) => ({ surface, things: by.get(surface.id) ?? [] }));
});
export interface Load {
  surface: Surface;
  things: Placed[];
}

/** What no tape shows, in. */
const HAIR_IN = 0.05;

/** Why a piece does not lie where it was put. */
export type Why = 'outside' | 'into' | 'doorway' | 'tubes' | 'upright';
export interface Misplaced {
  thing: Placed;
  why: Why;
  /** What it runs into. */
  other?: Placed;
  byIn: number;
}

/** By how much a box is outside some boxes at its worst, in. */
const outsideIn = (box: Inside, cells: readonly Inside[]): number =>
  Math.max(
    0,
    ...without(box, cells).map(({ x0, x1, y0, y1, z0, z1 }) => Math.min(x1 - x0, y1 - y0, z1 - z0)),
  );

/** By how much a piece is too high or too far aside to be drawn out through the doorway, in. */
function stuckIn({ compartment, lying: { box } }: Placed): number {
  const { x0, x1, top } = doorway(compartment);
  return Math.max(0, x0 - box.x0, box.x1 - x1, box.z1 - top);
}

/** How a piece fails to lie on its surface by itself; null where it lies well. */
function misplacedAlone(thing: Placed): Misplaced | null {
  const { line, part, lying } = thing;
  const { surface, box, lay } = lying;
  if (surface.tubes !== null) {
    const fits = part.tubed === true && line.count <= surface.tubes;
    return fits ? null : { thing, why: 'tubes', byIn: 0 };
  }
  if (surface.faces === 'up' && !posesOf(part).includes(lay.pose)) return { thing, why: 'upright', byIn: 0 };
  const out = outsideIn(box, surface.room);
  if (out > HAIR_IN) return { thing, why: 'outside', byIn: out };
  const stuck = stuckIn(thing);
  return stuck > HAIR_IN ? { thing, why: 'doorway', byIn: stuck } : null;
}

/** In one compartment what does not lie where it was put: beyond its surface, in another piece, behind the door's head. */
export function misplacedAmong(things: readonly Placed[]): Misplaced[] {
  return things.flatMap((thing, i): Misplaced[] => {
    const alone = misplacedAlone(thing);
    if (alone) return [alone];
    if (thing.lying.surface.tubes !== null) {
      const inIt = things.slice(0, i + 1).filter(({ lying }) => lying.surface.id === thing.lying.surface.id);
      const count = inIt.reduce((sum, { line }) => sum + line.count, 0);
      return count > thing.lying.surface.tubes ? [{ thing, why: 'tubes', byIn: 0 }] : [];
    }
    const other = things
      .slice(0, i)
      .find(({ lying }) => lying.surface.tubes === null && overlapIn(lying.box, thing.lying.box) > 0);
    return other ? [{ thing, why: 'into', other, byIn: overlapIn(other.lying.box, thing.lying.box) }] : [];
  });
}

export const misplaced = reading('stowing', [placed], (things): Misplaced[] =>
  [...groupsBy(things, ({ compartment }) => compartment.id).values()].flatMap(misplacedAmong),
);

/** How high over the ground hands take a piece: its middle, where its tray comes down lower by that; in. */
export function reachIn({ compartment, lying }: Stowed): number {
  if (!lying) return compartment.center.zIn;
  const { z0, z1 } = onTruck(compartment, lying.box);
  return (z0 + z1) / 2 - lying.surface.downIn;
}

/** Pounds on the outer half of a surface that comes out: of each piece the share that lies there. */
export function outerLb({ surface, things }: Load): number {
  const half = (surface.plate.y0 + surface.plate.y1) / 2;
  return things.reduce((sum, { weightLb, lying: { box } }) => {
    const outer = Math.min(1, Math.max(0, (Math.min(half, box.y1) - box.y0) / (box.y1 - box.y0)));
    return sum + weightLb * outer;
  }, 0);
}

/** What a surface carries, lb. */
export const carriedLb = ({ things }: Load): number =>
  things.reduce((sum, { weightLb }) => sum + weightLb, 0);
