import type { Box } from '../../../kernel/index.js';
import { SHORTEST_IN } from './courses.js';
import type { Course, Courses } from './courses.js';
import { pocketIn } from './holds.js';

/** One lay in its place, from which foot of the load to which; its boxes within the bed, in. */
export interface Lay {
  boxes: Box[];
  fromIn: number;
  toIn: number;
}

/** A coupling in its pocket at the end of a lay, after so many inches of hose. */
export interface Coupling {
  box: Box;
  atIn: number;
}

export interface Laid {
  lays: Lay[];
  couplings: Coupling[];
}

/** A pocket for a coupling: the layers of a column that stop short of the end of the bed for it, in. */
interface Pocket {
  column: number;
  end: 0 | 1;
  layer0: number;
  layer1: number;
  fromIn: number;
  toIn: number;
}

/** Between two couplings there are at least so many lays: one fold takes up what hose there is too little of. */
const LEAST_LAYS = 2;

/** Where couplings find no room after so many tries, a bed is told not to hold them. */
const MOST_TRIES = 400;
/** Nothing that can be measured, in. */
const HAIR_IN = 1e-6;

/** Whole numbers from one up to before another. */
export const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from) }, (_, nth) => from + nth);

/** At which end lay `i` ends: they go to and fro. */
const endOf = (i: number): 0 | 1 => (i % 2 === 0 ? 1 : 0);

/** A pocket that holds the coupling after lay `i`, as near to the end of the bed as those that are there let it. */
function pocketFor(
  course: Course,
  end: 0 | 1,
  courses: Courses,
  thick: number,
  d: number,
  there: Pocket[],
): Pocket {
  const layers = Math.ceil(d / thick - 1e-9);
  const long = pocketIn(d);
  const last = Math.max(0, courses.layers - layers);
  const beside = there.filter(({ column, end: of }) => column === course.column && of === end);
  const first = Math.max(0, course.layer - layers + 1);
  for (let fromIn = 0; ; fromIn += long) {
    const taken = beside.filter((other) => other.fromIn === fromIn);
    // As tight on the last one there as it goes: what is left stays in one piece.
    const starts = [first, ...taken.map(({ layer1 }) => layer1)]
      .map((start) => Math.min(start, last))
      .filter((start) => start >= first || start === last)
      .filter((start) => start <= course.layer)
      .filter((start) => taken.every(({ layer0, layer1 }) => start >= layer1 || start + layers <= layer0));
    if (starts.length > 0) {
      const layer0 = Math.min(...starts);
      return { column: course.column, end, layer0, layer1: layer0 + layers, fromIn, toIn: fromIn + long };
    }
  }
}

/** By how much each fold stops short of the end of the bed, in: fold `i` comes before lay `i`. */
function shortOf(
  count: number,
  layers: number,
  numbers: ReadonlyMap<number, number>,
  pockets: Pocket[],
): Float64Array {
  const short = new Float64Array(count + 1);
  for (const { column, end, layer0, layer1, toIn } of pockets)
    for (let layer = layer0; layer < Math.min(layer1, layers); layer++) {
      const i = numbers.get(column * layers + layer);
      if (i === undefined || i >= count) continue;
      const fold = end === endOf(i) ? i + 1 : i;
      short[fold] = Math.max(short[fold]!, toIn);
    }
  return short;
}

/** Which lay lies in each layer of each column. */
const numbered = ({ all, layers }: Courses): ReadonlyMap<number, number> =>
  new Map(all.map(({ column, layer }, i) => [column * layers + layer, i]));

/** Of what both ends of a lay could give, so much at most is given: its neighbors have couplings to make room for. */
const GIVEN_AT_MOST = 0.8;

/** What a lay usually takes, in: its share of the bed, but no less than its ends can leave. */
const usualIn = ({ lengthIn, givesIn }: Course, fill: number): number =>
  Math.max(lengthIn * fill, lengthIn - 2 * givesIn * GIVEN_AT_MOST);

/** After which lay each section ends, from a lay on, where each lay takes its usual share. */
function usualEnds(sectionsIn: readonly number[], from: number, { all }: Courses, fill: number): number[] {
  let [lays, laidIn, askedIn] = [from, 0, 0];
  return sectionsIn.map((sectionIn) => {
    askedIn += sectionIn;
    const least = lays + LEAST_LAYS;
    while (lays < all.length) {
      const next = usualIn(all[lays]!, fill);
      if (lays >= least && laidIn + next / 2 > askedIn) break;
      laidIn += next;
      lays++;
    }
    return Math.max(lays, least);
  });
}

/**
 * Takes what hose a section has too little for its lays from the folds between them, every other one at each end
 * first; says whether they had so much to give.
 */
function giveUp(spareIn: number, first: number, end: number, short: Float64Array, { all }: Courses): boolean {
  const folds = range(first + 1, end);
  const left = (i: number) => all[i]!.lengthIn - short[i]! - short[i + 1]!;
  let wanted = spareIn / 2;
  const give = (fold: number, shareIn: number) => {
    const most = [fold - 1, fold].map((i) => Math.min(left(i) - SHORTEST_IN, all[i]!.givesIn - short[fold]!));
    const givenIn = Math.max(0, Math.min(shareIn, ...most));
    short[fold]! += givenIn;
    wanted -= givenIn;
  };
  for (const some of [folds.filter((_, nth) => nth % 4 < 2), folds])
    some.forEach((fold, nth) => give(fold, wanted / (some.length - nth)));
  for (const fold of folds) give(fold, wanted);
  return wanted < HAIR_IN;
}

/** Hose in each lay, in. */
const roomIn = ({ all }: Courses, short: Float64Array, i: number): number =>
  all[i]!.lengthIn - short[i]! - short[i + 1]!;

/**
 * The first section that doesn't find room in its lays, from where each ends: too little of it, a pocket beyond what
 * a lay can give, or more hose than its folds can take up; -1 where each does.
 */
function lackingAt(
  ends: readonly number[],
  sectionsIn: readonly number[],
  short: Float64Array,
  courses: Courses,
) {
  const begins = (nth: number) => ends[nth - 1] ?? 0;
  const spare = ends.map(
    (end, nth) =>
      range(begins(nth), end).reduce((sum, i) => sum + roomIn(courses, short, i), 0) - sectionsIn[nth]!,
  );
  const beyond = (i: number) => Math.max(short[i]!, short[i + 1]!) > courses.all[i]!.givesIn;
  return ends.findIndex(
    (end, nth) =>
      spare[nth]! < -HAIR_IN ||
      range(begins(nth), end).some(beyond) ||
      !giveUp(spare[nth]!, begins(nth), end, short, courses),
  );
}

/** Every lay and coupling in its place. */
function laidAs(ends: readonly number[], short: Float64Array, pockets: Pocket[], courses: Courses): Laid {
  let atIn = 0;
  const lays = range(0, ends.at(-1) ?? 0).map((i): Lay => {
    const fromIn = atIn;
    atIn += roomIn(courses, short, i);
    const [short0, short1] = endOf(i) === 1 ? [short[i]!, short[i + 1]!] : [short[i + 1]!, short[i]!];
    return { boxes: courses.lay(courses.all[i]!, short0, short1), fromIn, toIn: atIn };
  });
  const couplings = pockets.map(({ column, layer0, end, fromIn }, nth) => ({
    box: courses.coupling(column, layer0, end, fromIn),
    atIn: lays[ends[nth]! - 1]!.toIn,
  }));
  return { lays, couplings };
}

/**
 * Sections of hose laid in courses: after each a coupling in its pocket, around which the lays beside it stop
 * short; what a section has too little for the lays that it takes, every other fold gives up. Nothing where they
 * don't all find room.
 */
export function layInCourses(
  sectionsIn: readonly number[],
  courses: Courses,
  { thicknessIn, couplingIn }: { thicknessIn: number; couplingIn: number },
  fill: number,
): Laid | null {
  const ends = usualEnds(sectionsIn, 0, courses, fill);
  const numbers = numbered(courses);
  const pockets: Pocket[] = [];
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const count = ends.at(-1) ?? 0;
    if (count > courses.all.length) return null;
    for (const end of ends.slice(pockets.length))
      pockets.push(
        pocketFor(courses.all[end - 1]!, endOf(end - 1), courses, thicknessIn, couplingIn, pockets),
      );
    const short = shortOf(count, courses.layers, numbers, pockets);
    const lacking = lackingAt(ends, sectionsIn, short, courses);
    if (lacking < 0) return laidAs(ends, short, pockets, courses);
    // It takes one lay more; all that comes after it is laid anew.
    ends[lacking]! += 1;
    const later = usualEnds(sectionsIn.slice(lacking + 1), ends[lacking]!, courses, fill);
    ends.splice(lacking + 1, later.length, ...later);
    pockets.length = lacking;
  }
  return null;
}
