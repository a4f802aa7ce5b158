import { boxOf } from '../../../kernel/index.js';
import type { Box } from '../../../kernel/index.js';
import { ENDS_IN } from './finishes.js';
import type { Folded, Packable, Room } from './finishes.js';
import { horseshoeIn, horseshoes, layIn, pocketIn, whole } from './holds.js';

/**
 * One lay of hose, from a fold to the next: in which column and layer, how long it can be at most, and by how much
 * either of its ends can stop short, in.
 */
export interface Course {
  column: number;
  layer: number;
  lengthIn: number;
  givesIn: number;
}

/**
 * The lays that a bed has room for, in the order in which they are laid, and where each comes to lie. Within the
 * bed x is along the lays, y across them, z up, each from the bed's corner, in. Lays end at end 0 and 1 in turns.
 */
export interface Courses {
  all: Course[];
  layers: number;
  /** The lay's boxes where its ends stop short of the bed's by so much, in. */
  lay(course: Course, short0: number, short1: number): Box[];
  /** A coupling at an end, at a layer, so far from the end of the bed, in. */
  coupling(column: number, layer: number, end: 0 | 1, fromIn: number): Box;
}

/** The longest load in the shortest bed has fewer lays: none beyond them is looked at. */
const MOST_LAYS = 6000;

/** No lay, and no arm of one, is shorter, in. */
export const SHORTEST_IN = 1;

/** Between the folds of the lays, beside each other across a bed: no column is narrower than its coupling. */
const pitchIn = ({ flatWidthIn, couplingIn }: Packable): number => Math.max(flatWidthIn, couplingIn);

const END_IN = ENDS_IN / 2;

/** Where lays and couplings lie along a bed, from its ends. */
const along = (room: Room, long: number) => ({
  lay: (short0: number, short1: number) => [END_IN + short0, room.lengthIn - END_IN - short1] as const,
  coupling: (end: 0 | 1, fromIn: number) =>
    end === 0
      ? ([END_IN + fromIn, END_IN + fromIn + long] as const)
      : ([room.lengthIn - END_IN - fromIn - long, room.lengthIn - END_IN - fromIn] as const),
});

function flatCourses(room: Room, hose: Packable, byColumn: boolean): Courses {
  const { flatWidthIn: wide, thicknessIn: thick, couplingIn: d } = hose;
  const columns = whole(room.widthIn / pitchIn(hose));
  const layers = whole(room.depthIn / thick);
  const pitch = room.widthIn / Math.max(1, columns);
  const lengthIn = layIn(room);
  const all = Array.from({ length: Math.min(MOST_LAYS, columns * layers) }, (_, i): Course => {
    if (byColumn) return { column: Math.floor(i / layers), layer: i % layers, lengthIn, givesIn: lengthIn };
    const layer = Math.floor(i / columns);
    const nth = i % columns;
    return { column: layer % 2 === 0 ? nth : columns - 1 - nth, layer, lengthIn, givesIn: lengthIn };
  });
  const { lay, coupling } = along(room, pocketIn(d));
  const middle = (column: number) => pitch * (column + 0.5);
  return {
    all,
    layers,
    lay: ({ column, layer }, short0, short1) => [
      boxOf(
        ...lay(short0, short1),
        middle(column) - wide / 2,
        middle(column) + wide / 2,
        layer * thick,
        (layer + 1) * thick,
      ),
    ],
    coupling: (column, layer, end, fromIn) =>
      boxOf(
        ...coupling(end, fromIn),
        middle(column) - d / 2,
        middle(column) + d / 2,
        layer * thick,
        layer * thick + d,
      ),
  };
}

function edgeCourses(room: Room, hose: Packable): Courses {
  const { flatWidthIn: high, thicknessIn: thick, couplingIn: d } = hose;
  const pitch = pitchIn(hose);
  const tiers = whole(room.depthIn / pitch);
  const layers = whole(room.widthIn / thick);
  const lengthIn = layIn(room);
  const all = Array.from({ length: Math.min(MOST_LAYS, tiers * layers) }, (_, i): Course => {
    const column = Math.floor(i / layers);
    const nth = i % layers;
    return { column, layer: column % 2 === 0 ? nth : layers - 1 - nth, lengthIn, givesIn: lengthIn };
  });
  const { lay, coupling } = along(room, pocketIn(d));
  return {
    all,
    layers,
    lay: ({ column, layer }, short0, short1) => [
      boxOf(
        ...lay(short0, short1),
        layer * thick,
        (layer + 1) * thick,
        column * pitch,
        column * pitch + high,
      ),
    ],
    coupling: (column, layer, end, fromIn) =>
      boxOf(...coupling(end, fromIn), layer * thick, layer * thick + d, column * pitch, column * pitch + d),
  };
}

function horseshoeCourses(room: Room, hose: Packable): Courses {
  const { flatWidthIn: high, thicknessIn: thick, couplingIn: d } = hose;
  const { lengthIn: long, widthIn: wide } = room;
  const pitch = pitchIn(hose);
  const tiers = whole(room.depthIn / pitch);
  const layers = horseshoes(room, hose);
  const all = Array.from({ length: Math.min(MOST_LAYS, tiers * layers) }, (_, i): Course => {
    const layer = i % layers;
    const givesIn = layIn(room) - (layer + 1) * thick - SHORTEST_IN;
    return { column: Math.floor(i / layers), layer, lengthIn: horseshoeIn(room, thick, layer), givesIn };
  });
  const end = long - END_IN;
  const { coupling } = along(room, pocketIn(d));
  return {
    all,
    layers,
    lay: ({ column, layer }, short0, short1) => {
      const [z0, z1] = [column * pitch, column * pitch + high];
      const [out, inner] = [layer * thick, (layer + 1) * thick];
      return [
        boxOf(END_IN + inner, end - short0, out, inner, z0, z1),
        boxOf(END_IN + out, END_IN + inner, out, wide - out, z0, z1),
        boxOf(END_IN + inner, end - short1, wide - inner, wide - out, z0, z1),
      ];
    },
    coupling: (column, layer, of, fromIn) => {
      const [y0, y1] =
        of === 0 ? [layer * thick, layer * thick + d] : [wide - layer * thick - d, wide - layer * thick];
      return boxOf(...coupling(1, fromIn), y0, y1, column * pitch, column * pitch + d);
    },
  };
}

/** The lays of a finish in a bed. */
export function coursesOf(finish: Folded, room: Room, hose: Packable): Courses {
  if (finish === 'edge') return edgeCourses(room, hose);
  if (finish === 'horseshoe') return horseshoeCourses(room, hose);
  return flatCourses(room, hose, finish === 'shoulder');
}
