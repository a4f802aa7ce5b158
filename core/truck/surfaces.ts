import { boxOf, port } from '../kernel/index.js';
import type { Box } from '../kernel/index.js';

/** On what something lies in a compartment, or hangs: its floor, a shelf, a tray, a face of a board. */
export interface Surface {
  /** Of the fitting, with the face of a board behind it; that of a compartment's floor is `floorOf` it. */
  id: string;
  name: string;
  compartmentId: string;
  kind: 'floor' | 'shelf' | 'tray' | 'tipDown' | 'drawer' | 'board' | 'tubes' | 'module';
  /** The fitting that it is part of; null for a floor. */
  fittingId: string | null;
  /** Which way things stand off it, as the door sees it. */
  faces: 'up' | 'front' | 'back' | 'out' | 'in';
  /** Where it is, flat in the way that it faces (inside.ts). */
  plate: Box;
  /** The room over it or before it, as boxes that do not overlap, each beginning at the plate. */
  room: Box[];
  /** How high something on it may be to come out through the doorway, in; on a board nothing stands so high. */
  outHighIn: number;
  /** What it is rated to carry, and its outer half where it comes out; null where nobody rated it. Lb. */
  ratingLb: number | null;
  outerLb: number | null;
  /** How far it comes out, in; 0 where it stays. */
  outIn: number;
  /** How far its things come down when it tips, in. */
  downIn: number;
  /** So many round things go into it, each into a tube of its own; null where it has no tubes. */
  tubes: number | null;
}
export const surfaces = port<Surface[]>('shelving');

/** What a compartment has beside surfaces: outlets of shore power, places to charge, louvers, a lock. */
export interface Provision {
  outlets: number;
  charges: number;
  vented: boolean;
  locked: boolean;
}
/** By compartment, of those in which anything is fitted. */
export const provisions = port<Readonly<Record<string, Provision>>>('shelving');

/** The floor of a compartment as a surface. */
export const floorOf = (compartmentId: string): string => `${compartmentId}.floor`;

/** On a surface, in: along it, and across it: in from its edge, or up a board. */
export interface OnSurface {
  alongIn: number;
  inIn: number;
}

/** How far a surface goes along and across, in. */
export function plateSize({
  faces,
  plate: { x0, x1, y0, y1, z0, z1 },
}: Pick<Surface, 'faces' | 'plate'>): OnSurface {
  if (faces === 'up') return { alongIn: x1 - x0, inIn: y1 - y0 };
  return { alongIn: faces === 'out' || faces === 'in' ? x1 - x0 : y1 - y0, inIn: z1 - z0 };
}

/**
 * The room that something takes on a surface, as the inside has it: from a place on it, so far along, across and off
 * it; in.
 */
export function boxOn(
  { faces, plate: { x0, x1, y0, y1, z0 } }: Pick<Surface, 'faces' | 'plate'>,
  { alongIn: p, inIn: q }: OnSurface,
  { alongIn: long, inIn: wide, offIn: off }: OnSurface & { offIn: number },
): Box {
  switch (faces) {
    case 'up':
      return boxOf(x0 + p, x0 + p + long, y0 + q, y0 + q + wide, z0, z0 + off);
    case 'front':
      return boxOf(x0 - off, x0, y0 + p, y0 + p + long, z0 + q, z0 + q + wide);
    case 'back':
      return boxOf(x1, x1 + off, y0 + p, y0 + p + long, z0 + q, z0 + q + wide);
    case 'out':
      return boxOf(x0 + p, x0 + p + long, y0 - off, y0, z0 + q, z0 + q + wide);
    case 'in':
      return boxOf(x0 + p, x0 + p + long, y1, y1 + off, z0 + q, z0 + q + wide);
  }
}

/** A box of the inside as a surface has it: along, across and off it; in. */
export function onFace({ faces, plate }: Pick<Surface, 'faces' | 'plate'>, box: Box): Box {
  const { x0, y0, z0 } = plate;
  switch (faces) {
    case 'up':
      return boxOf(box.x0 - x0, box.x1 - x0, box.y0 - y0, box.y1 - y0, box.z0 - z0, box.z1 - z0);
    case 'front':
      return boxOf(box.y0 - y0, box.y1 - y0, box.z0 - z0, box.z1 - z0, x0 - box.x1, x0 - box.x0);
    case 'back':
      return boxOf(box.y0 - y0, box.y1 - y0, box.z0 - z0, box.z1 - z0, box.x0 - plate.x1, box.x1 - plate.x1);
    case 'out':
      return boxOf(box.x0 - x0, box.x1 - x0, box.z0 - z0, box.z1 - z0, y0 - box.y1, y0 - box.y0);
    case 'in':
      return boxOf(box.x0 - x0, box.x1 - x0, box.z0 - z0, box.z1 - z0, box.y0 - plate.y1, box.y1 - plate.y1);
  }
}
