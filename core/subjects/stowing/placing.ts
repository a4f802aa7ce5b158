import type { Build } from '../../build/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { boxOf } from '../../kernel/index.js';
import { compartments, onFace, plateSize, surfaces } from '../../truck/index.js';
import type { OnSurface, Surface } from '../../truck/index.js';
import { equipmentShelf, layOf, pieceAs, posesOf, withEquipmentLine } from '../equipment/index.js';
import type { EquipmentLine, Lay, Pose } from '../equipment/index.js';
import { freeAfter, freeOn, laysOn, spotFor } from './pack.js';
import type { Free, Spot } from './pack.js';
import { misplacedAmong, onSurfaces, placed } from './stowed.js';
import type { Misplaced, Placed } from './stowed.js';

/** A line with its piece, wherever it rides. */
const lineIn = (build: Build, lineId: string) => {
  const line = build.equipment.lines.find(({ id }) => id === lineId)!;
  return { line, part: pieceAs(equipmentShelf.in(build).part(line.partId), line) };
};

/** What is free on a surface beside what lies there; a line may be left out. */
export function freeNow(evaluation: Evaluation, surface: Surface, without?: string): Free[] {
  const compartment = evaluation.read(compartments).find(({ id }) => id === surface.compartmentId)!;
  const things = evaluation.read(onSurfaces).find((load) => load.surface.id === surface.id)?.things ?? [];
  return things
    .filter(({ line }) => line.id !== without)
    .reduce<Free[]>(
      (free, { lying }) => freeAfter(free, onFace(surface, lying.box)),
      freeOn(surface, compartment),
    );
}

/** Tubes that are free in a surface that has them. */
function tubesLeft(evaluation: Evaluation, surface: Surface, without: string): number {
  const things = evaluation.read(onSurfaces).find((load) => load.surface.id === surface.id)?.things ?? [];
  const used = things
    .filter(({ line }) => line.id !== without)
    .reduce((sum, { line }) => sum + line.count, 0);
  return (surface.tubes ?? 0) - used;
}

/** In a tube: the first of them, as all are alike. */
const inTubes = (line: EquipmentLine, part: Parameters<typeof layOf>[0], surface: Surface): Spot => ({
  at: { alongIn: 0, inIn: 0 },
  lay: layOf(part, line.count, surface, 'in'),
  rows: 1,
  taken: boxOf(0, 0, 0, 0, 0, 0),
});

/** Where on a surface a line of the list would lie; null where it has no room there. */
export function spotOn(evaluation: Evaluation, lineId: string, surface: Surface): Spot | null {
  const { line, part } = lineIn(evaluation.build, lineId);
  if (surface.tubes !== null)
    return part.tubed && line.count <= tubesLeft(evaluation, surface, lineId)
      ? inTubes(line, part, surface)
      : null;
  return spotFor(freeNow(evaluation, surface, lineId), laysOn(part, line.count, surface));
}

/** The surfaces on which a line has room, in the order of the truck's compartments. */
export const spotsFor = (evaluation: Evaluation, lineId: string): { surface: Surface; spot: Spot }[] =>
  evaluation.read(surfaces).flatMap((surface) => {
    const spot = spotOn(evaluation, lineId, surface);
    return spot ? [{ surface, spot }] : [];
  });

/** To the tenth of an inch, never nearer to what is before it. */
const tenth = (inches: number): number => Math.max(0, Math.ceil(inches * 10 - 1e-6) / 10) + 0;

/** A line in its place on a surface. What a hand has put there stays when others are placed anew. */
export const withPlaced = (
  build: Build,
  lineId: string,
  surface: Pick<Surface, 'id' | 'compartmentId'>,
  { at, pose, rows, fixed }: { at: OnSurface; pose: Pose; rows?: number; fixed: boolean },
): Build =>
  withEquipmentLine(build, lineId, {
    compartmentId: surface.compartmentId,
    on: surface.id,
    alongIn: tenth(at.alongIn),
    inIn: tenth(at.inIn),
    pose,
    ...(rows === undefined ? {} : { rows }),
    ...(fixed ? { fixed: 'yes' as const } : {}),
  });

/** A line on a surface where it has room. */
export const withSpot = (
  build: Build,
  lineId: string,
  surface: Surface,
  { at, lay, rows }: Spot,
  fixed: boolean,
): Build => withPlaced(build, lineId, surface, { at, pose: lay.pose, rows, fixed });

/** Nearer than this an edge takes hold, in. */
const SNAP_IN = 1.5;

/** The nearest of some edges to a place, where one is near. */
function snapTo(at: number, long: number, edges: readonly number[]): number {
  let [best, by] = [at, SNAP_IN];
  for (const edge of edges)
    for (const candidate of [edge, edge - long])
      if (Math.abs(candidate - at) < by) [best, by] = [candidate, Math.abs(candidate - at)];
  return best;
}

/** Where a hand's piece would come to lie: snapped to edges and neighbors, with what is wrong with it there. */
export interface Trial {
  surface: Surface;
  at: OnSurface;
  pose: Pose;
  build: Build;
  /** Why it does not lie there; null where it does. */
  wrong: Misplaced | null;
  /** Free beside it, behind it and over it, in. */
  clear: { beforeIn: number; afterIn: number; behindIn: number; overIn: number };
}

const gap = (value: number): number => Math.max(0, Math.round(value * 10) / 10);

/** What is free about a thing on its surface: toward each end, behind it and over it, in. */
export function clearAbout(thing: Placed, others: readonly Placed[]): Trial['clear'] {
  const { surface, box } = thing.lying;
  const mine = onFace(surface, box);
  const size = plateSize(surface);
  const along = others.map(({ lying }) => onFace(surface, lying.box));
  const beside = along.filter(({ y0, y1 }) => y0 < mine.y1 - 0.05 && y1 > mine.y0 + 0.05);
  const inLine = along.filter(({ x0, x1 }) => x0 < mine.x1 - 0.05 && x1 > mine.x0 + 0.05);
  const clear = Math.min(
    Infinity,
    ...surface.room
      .map((cell) => onFace(surface, cell))
      .filter(({ x0, x1, y0, y1 }) => x0 < mine.x1 && x1 > mine.x0 && y0 < mine.y1 && y1 > mine.y0)
      .map(({ z1 }) => z1),
  );
  return {
    beforeIn: gap(
      mine.x0 - Math.max(0, ...beside.filter(({ x1 }) => x1 <= mine.x0 + 0.05).map(({ x1 }) => x1)),
    ),
    afterIn: gap(
      Math.min(size.alongIn, ...beside.filter(({ x0 }) => x0 >= mine.x1 - 0.05).map(({ x0 }) => x0)) -
        mine.x1,
    ),
    behindIn: gap(
      Math.min(size.inIn, ...inLine.filter(({ y0 }) => y0 >= mine.y1 - 0.05).map(({ y0 }) => y0)) - mine.y1,
    ),
    overIn: gap((Number.isFinite(clear) ? clear : mine.z1) - mine.z1),
  };
}

/** A line tried at a place of a surface by hand; a place that was typed is taken as it is. */
export function trialAt(
  evaluation: Evaluation,
  lineId: string,
  surface: Surface,
  wanted: OnSurface,
  pose: Pose,
  snaps = true,
): Trial {
  const { line, part } = lineIn(evaluation.build, lineId);
  const lay = layOf(part, line.count, surface, pose, line.rows);
  const size = plateSize(surface);
  const others = evaluation
    .read(placed)
    .filter((one) => one.line.id !== lineId && one.lying.surface.id === surface.id);
  const boxes = others.map(({ lying }) => onFace(surface, lying.box));
  const snapped = {
    alongIn: snapTo(wanted.alongIn, lay.all.alongIn, [
      0,
      size.alongIn,
      ...boxes.flatMap(({ x0, x1 }) => [x0, x1]),
    ]),
    inIn: snapTo(wanted.inIn, lay.all.inIn, [0, size.inIn, ...boxes.flatMap(({ y0, y1 }) => [y0, y1])]),
  };
  const at = snaps ? snapped : wanted;
  const kept = { alongIn: Math.max(0, at.alongIn), inIn: Math.max(0, at.inIn) };
  const build = withPlaced(evaluation.build, lineId, surface, {
    at: kept,
    pose,
    fixed: true,
    ...(line.rows ? { rows: line.rows } : {}),
  });
  const all = evaluation.with(build).read(placed);
  const thing = all.find((one) => one.line.id === lineId);
  const among = all.filter((one) => one.lying.surface.id === surface.id && one.line.id !== lineId);
  // The piece in the hand comes last: what is wrong is told of it and not of what lay there before.
  const wrong = thing ? (misplacedAmong([...among, thing]).find((one) => one.thing === thing) ?? null) : null;
  return {
    surface,
    at: kept,
    pose,
    build,
    wrong,
    clear: thing ? clearAbout(thing, among) : { beforeIn: 0, afterIn: 0, behindIn: 0, overIn: 0 },
  };
}

/** How far a place is from another, in. */
const away = (a: OnSurface, b: OnSurface): number =>
  Math.abs(a.alongIn - b.alongIn) + Math.abs(a.inIn - b.inIn);

/** The place within a free rectangle that is nearest to one that is wanted; null where something so large has none. */
function nearestIn(free: Free, lay: Lay, wanted: OnSurface): OnSurface | null {
  const { alongIn, inIn, offIn } = lay.all;
  const [x1, y1] = [free.x1 - alongIn, free.y1 - inIn];
  if (x1 < free.x0 - HAIR_IN || y1 < free.y0 - HAIR_IN || free.z1 < offIn - HAIR_IN) return null;
  return {
    alongIn: Math.max(free.x0, Math.min(wanted.alongIn, x1)),
    inIn: Math.max(free.y0, Math.min(wanted.inIn, y1)),
  };
}

/** What no tape shows, in. */
const HAIR_IN = 0.05;

/**
 * A line let go by hand at a place along a surface: at its front, or where it has room nearest to that, turned only
 * where it must be. Where it has room nowhere it lies where the hand was, and what is wrong is told.
 */
export function dropAt(
  evaluation: Evaluation,
  lineId: string,
  surface: Surface,
  alongIn: number,
  pose: Pose,
): Trial {
  const wanted = { alongIn, inIn: 0 };
  const asHeld = trialAt(evaluation, lineId, surface, wanted, pose);
  if (!asHeld.wrong || surface.tubes !== null) return asHeld;
  const { line, part } = lineIn(evaluation.build, lineId);
  const free = freeNow(evaluation, surface, lineId);
  for (const one of [pose, ...posesOf(part).filter((other) => other !== pose)]) {
    const lay = layOf(part, line.count, surface, one, line.rows);
    const [nearest] = free
      .map((rectangle) => nearestIn(rectangle, lay, wanted))
      .filter((at): at is OnSurface => at !== null)
      .sort((a, b) => away(a, wanted) - away(b, wanted));
    if (nearest) return trialAt(evaluation, lineId, surface, nearest, one, false);
  }
  return asHeld;
}
