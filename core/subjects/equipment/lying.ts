import { boxOn, plateSize } from '../../truck/index.js';
import type { Inside, OnSurface, Surface } from '../../truck/index.js';
import type { EquipmentLine } from './block.js';
import type { Equipment } from './parts.js';
import { posed } from './pose.js';
import type { Pose } from './pose.js';

/** How all pieces of a line lie on a surface: each in its pose, so many along, across and off it. */
export interface Lay {
  pose: Pose;
  /** What one takes along the surface, across it and off it, in. */
  each: OnSurface & { offIn: number };
  along: number;
  across: number;
  off: number;
  /** What all of them take, in. */
  all: OnSurface & { offIn: number };
}

/** What is no more than a hair too long still fits, in. */
const HAIR_IN = 0.05;
const times = (room: number, each: number): number => Math.max(1, Math.floor((room + HAIR_IN) / each));

/** The pose in which a line's pieces lie where nobody says: flat, along; on a board with the broad side to it. */
export const usualPose = (surface: Pick<Surface, 'faces'>): Pose =>
  surface.faces === 'up' ? 'along' : 'edgeAlong';

/**
 * How so many pieces lie on a surface (formulas: surfaces): piled as high as they may be and still come out, then from its edge inward,
 * then along it. In tubes each has its own.
 */
export function layOf(
  part: Equipment,
  count: number,
  surface: Surface,
  pose: Pose = usualPose(surface),
  rows?: number,
): Lay {
  const { alongIn, inIn, upIn } = posed(part, pose);
  const flat = surface.faces === 'up';
  const each = flat ? { alongIn, inIn, offIn: upIn } : { alongIn, inIn: upIn, offIn: inIn };
  const size = plateSize(surface);
  const clear = Math.min(surface.outHighIn, Math.max(0, ...surface.room.map(({ z0, z1 }) => z1 - z0)));
  const off = flat ? Math.min(count, part.stacks ?? 1, times(clear, each.offIn)) : 1;
  const piles = Math.ceil(count / off);
  const usual = flat
    ? Math.min(piles, times(size.inIn, each.inIn))
    : Math.ceil(piles / Math.min(piles, times(size.alongIn, each.alongIn)));
  const across = Math.min(piles, rows ?? usual);
  const along = Math.ceil(piles / across);
  return {
    pose,
    each,
    along,
    across,
    off,
    all: { alongIn: along * each.alongIn, inIn: across * each.inIn, offIn: off * each.offIn },
  };
}

/** A line on its surface: how it lies there, and the room that it takes, as the inside has it. */
export interface Lying {
  surface: Surface;
  lay: Lay;
  at: OnSurface;
  box: Inside;
}

/** Where a line lies on a surface. Of what is in tubes each tube is its own place: all of them take the whole. */
export function lyingOn(line: EquipmentLine, part: Equipment, surface: Surface): Lying {
  const lay = layOf(part, line.count, surface, line.pose, line.rows);
  const at = { alongIn: line.alongIn ?? 0, inIn: line.inIn ?? 0 };
  const box = surface.tubes !== null && surface.room[0] ? surface.room[0] : boxOn(surface, at, lay.all);
  return { surface, lay, at, box };
}
