import { boxOf } from '../../../kernel/index.js';
import { freeAfter, spotFor } from '../pack.js';
import type { Spot } from '../pack.js';
import type { Option, Problem } from './problem.js';

/** The options that are taken on one surface, each with where it lies there. */
export type Filled = ReadonlyMap<Option, Spot>;

type Lay = Option['lays'][number];
const least = (of: (lay: Lay) => number) => (option: Option) => Math.min(...option.lays.map(of));
const longest = least(({ all }) => Math.max(all.alongIn, all.inIn));
const highest = least(({ all }) => all.offIn);
const deepest = least(({ all }) => all.inIn);
const byArea = (a: Option, b: Option) => b.areaIn2 - a.areaIn2;

/** Orders in which things are packed: the first that holds them all is taken. */
const ORDERS: readonly ((a: Option, b: Option) => number)[] = [
  byArea,
  (a, b) => longest(b) - longest(a) || byArea(a, b),
  (a, b) => highest(b) - highest(a) || byArea(a, b),
  (a, b) => deepest(b) - deepest(a) || byArea(a, b),
];

/** In tubes each has its own: nothing has a place beside another. */
const inTubes = (option: Option): Spot => ({
  at: { alongIn: 0, inIn: 0 },
  lay: option.lays[0]!,
  rows: 1,
  taken: boxOf(0, 0, 0, 0, 0, 0),
});

/** Pounds over the outer half of a surface that comes out. */
function outerLb({ items, places }: Problem, place: number, filled: Filled): number {
  const { plate, faces } = places[place]!.surface;
  const half = (plate.y1 - plate.y0) / 2;
  return [...filled].reduce((sum, [option, { at, lay }]) => {
    const [from, deep] = faces === 'up' ? [at.inIn, lay.all.inIn] : [at.alongIn, lay.all.alongIn];
    return sum + items[option.item]!.weightLb * Math.min(1, Math.max(0, (half - from) / deep));
  }, 0);
}

/** The same, what was in front behind: where it then still lies in what is free, nothing else changes. */
function turned(problem: Problem, place: number, filled: Filled): Filled {
  const { surface } = problem.places[place]!;
  const [deep, across] =
    surface.faces === 'up'
      ? [surface.plate.y1 - surface.plate.y0, true]
      : [surface.plate.y1 - surface.plate.y0, false];
  return new Map(
    [...filled].map(([option, spot]) => {
      const { at, lay, taken } = spot;
      const inIn = across ? deep - at.inIn - lay.all.inIn : at.inIn;
      const alongIn = across ? at.alongIn : deep - at.alongIn - lay.all.alongIn;
      const [x, y] = [taken.x1 - taken.x0, taken.y1 - taken.y0];
      const box = boxOf(alongIn, alongIn + x, inIn, inIn + y, taken.z0, taken.z1);
      return [option, { ...spot, at: { alongIn, inIn }, taken: box }] as const;
    }),
  );
}

/** Whether all of it lies in what is free. */
const isFree = ({ places }: Problem, place: number, filled: Filled): boolean =>
  [...filled.values()].every(({ taken }) =>
    places[place]!.free.some(
      ({ x0, x1, y0, y1, z1 }) =>
        taken.x0 >= x0 - 0.05 &&
        taken.x1 <= x1 + 0.05 &&
        taken.y0 >= y0 - 0.05 &&
        taken.y1 <= y1 + 0.05 &&
        taken.z1 <= z1 + 0.05,
    ),
  );

/** Whether what lies on a surface is not too heavy over its outer half; turned about where that helps. */
function balanced(problem: Problem, place: number, filled: Filled): Filled | null {
  const most = problem.places[place]!.surface.outerLb;
  if (most === null || outerLb(problem, place, filled) <= most) return filled;
  const other = turned(problem, place, filled);
  return isFree(problem, place, other) && outerLb(problem, place, other) <= most ? other : null;
}

/** Options that are taken on a surface, packed by real rectangles; null where no order of packing holds them all. */
export function filling(problem: Problem, place: number, options: readonly Option[]): Filled | null {
  const { free, tubes, leftLb, surface } = problem.places[place]!;
  const weight = options.reduce((sum, { item }) => sum + problem.items[item]!.weightLb, 0);
  if (weight > leftLb) return null;
  if (surface.tubes !== null) {
    const count = options.reduce((sum, { item }) => sum + problem.items[item]!.line.count, 0);
    return count <= tubes ? new Map(options.map((option) => [option, inTubes(option)])) : null;
  }
  for (const order of ORDERS) {
    let left = free;
    const filled = new Map<Option, Spot>();
    for (const option of [...options].sort(order)) {
      const spot = spotFor(left, option.lays);
      if (!spot) break;
      filled.set(option, spot);
      left = freeAfter(left, spot.taken);
    }
    if (filled.size < options.length) continue;
    const held = balanced(problem, place, filled);
    if (held) return held;
  }
  return null;
}

/** As few of some options as still do not go together on a surface: any answer must leave one of them out. */
export function tooMany(problem: Problem, place: number, options: readonly Option[]): Option[] {
  let core = [...options].sort(byArea);
  for (const option of [...core].reverse()) {
    const without = core.filter((other) => other !== option);
    if (without.length > 0 && filling(problem, place, without) === null) core = without;
  }
  return core;
}
