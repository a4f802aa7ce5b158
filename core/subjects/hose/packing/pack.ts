import { around } from '../../../kernel/index.js';
import type { Box } from '../../../kernel/index.js';
import { IN_PER_FT } from '../../../units/index.js';
import { coursesOf } from './courses.js';
import { isMadeUp } from './finishes.js';
import type { Finish, Folded, Packable, Room } from './finishes.js';
import { bedHolds, whole } from './holds.js';
import { layInCourses, range } from './lay.js';
import type { Coupling, Laid, Lay } from './lay.js';
import { madeUpIn } from './made-up.js';

/** A load packed: what of it fits, and where each lay and coupling of that lies within the bed, in. */
export interface Packed {
  /** Lays beside each other and on top of each other that the bed has room for. */
  across: number;
  up: number;
  /** Whether the bed takes its couplings at all. */
  takesCoupling: boolean;
  /** Feet and sections of the load that fit; the rest is left over. */
  fitFt: number;
  leftFt: number;
  sections: number;
  lays: readonly Lay[];
  couplings: readonly Coupling[];
  /** What all of it takes; null where nothing fits. */
  box: Box | null;
  /** How high the middle of its hose lies over the floor, in. */
  middleIn: number;
}

/** A load of so many feet as its sections, ft: whole ones, and the rest of a shorter one. */
export function sectionsOf(feet: number, sectionFt: number): number[] {
  const full = whole(feet / sectionFt);
  const rest = feet - full * sectionFt;
  return [...new Array<number>(full).fill(sectionFt), ...(rest > HAIR_FT ? [rest] : [])];
}

const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);

/** How high the middle of hose lies over the floor, by its length, in. */
function middleOf(lays: readonly Lay[]): number {
  const parts = lays.flatMap(({ boxes }) => boxes);
  const long = ({ x0, x1, y0, y1 }: Box) => Math.max(x1 - x0, y1 - y0);
  return sum(parts.map((box) => (long(box) * (box.z0 + box.z1)) / 2)) / sum(parts.map(long));
}

const nothing: Laid = { lays: [], couplings: [] };
/** Feet that nobody can measure. */
const HAIR_FT = 1e-6;

/** As many sections of a load, from its first, as find room in their courses. */
function mostLaid(
  sections: readonly number[],
  finish: Folded,
  room: Room,
  hose: Packable,
  fill: number,
): { count: number; laid: Laid } {
  const courses = coursesOf(finish, room, hose);
  const laidOf = (count: number) =>
    layInCourses(
      sections.slice(0, count).map((feet) => feet * IN_PER_FT),
      courses,
      hose,
      fill,
    );
  let most = { count: 0, laid: nothing };
  let over = sections.length + 1;
  for (let count = sections.length; count > most.count; count = Math.floor((most.count + over) / 2)) {
    const laid = laidOf(count);
    if (laid) most = { count, laid };
    else over = count;
  }
  return most;
}

/** How many lays lie beside and on top of each other, and how many feet they would hold. */
function counted(finish: Folded, bed: Room, hose: Packable, fill: number) {
  const load = finish === 'shoulder' ? 'flat' : finish;
  return bedHolds({ bed, hose: { ...hose, lbPerFt: 0 }, load, fill });
}

/** Whether couplings lie in a bed of that finish: a horseshoe has one on either side of its middle. */
const fitsCoupling = (finish: Finish, { widthIn, depthIn }: Room, { couplingIn }: Packable): boolean =>
  couplingIn <= depthIn && couplingIn <= (finish === 'horseshoe' ? widthIn / 2 : widthIn);

/**
 * A load of hose packed in the room that it has: by columns and layers, each coupling in its pocket. What fits is
 * never more than columns, layers and fill come to, and never more than finds a place (formulas: hose beds).
 */
export function pack(feet: number, finish: Finish, room: Room, hose: Packable, fill: number): Packed {
  const sections = sectionsOf(feet, hose.sectionFt);
  const takesCoupling = fitsCoupling(finish, room, hose);
  const packedAs = (across: number, up: number, count: number, { lays, couplings }: Laid): Packed => {
    const fitFt = sum(sections.slice(0, count));
    const boxes = [...lays.flatMap((lay) => lay.boxes), ...couplings.map(({ box }) => box)];
    return {
      across,
      up,
      takesCoupling,
      fitFt,
      leftFt: feet - fitFt,
      sections: count,
      lays,
      couplings,
      // Folds take the ends of the bed.
      box:
        boxes.length > 0
          ? { ...around(boxes), ...(isMadeUp(finish) ? {} : { x0: 0, x1: room.lengthIn }) }
          : null,
      middleIn: lays.length > 0 ? middleOf(lays) : 0,
    };
  };
  if (!takesCoupling) return packedAs(0, 0, 0, nothing);
  if (isMadeUp(finish)) {
    const { across, up, count: most, box } = madeUpIn(finish, room, hose);
    const count = Math.min(sections.length, most);
    const lays = range(0, count).map((nth): Lay => ({ boxes: [box(nth)], fromIn: 0, toIn: 0 }));
    return packedAs(across, up, count, { lays, couplings: [] });
  }
  const { across, up, mostFt } = counted(finish, room, hose, fill);
  const within = sections.filter((_, i) => sum(sections.slice(0, i + 1)) <= mostFt + HAIR_FT);
  const { count, laid } = mostLaid(within, finish, room, hose, fill);
  return packedAs(across, up, count, laid);
}

/** No load is longer, ft. */
export const MOST_FT = 3000;

/** Feet of a hose that a room takes in whole sections, up to the longest load. */
export const holdsFt = (finish: Finish, room: Room, hose: Packable, fill: number): number =>
  pack(whole(MOST_FT / hose.sectionFt) * hose.sectionFt, finish, room, hose, fill).fitFt;
