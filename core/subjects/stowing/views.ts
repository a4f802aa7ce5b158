import { around, boxOf, groupsBy, reading, without } from '../../kernel/index.js';
import type { Box, Evaluation, Rectangle } from '../../kernel/index.js';
import { compartments, doorway, insideOf, insideSize, onFace, plateSize } from '../../truck/index.js';
import type { Compartment, Inside, Surface } from '../../truck/index.js';
import { openedBox, placedAll, whenOut } from '../shelving/index.js';
import type { FittedKind } from '../shelving/index.js';
import { carriedLb, misplaced, onSurfaces, placed, stowed } from './stowed.js';
import type { Stowed } from './stowed.js';

/** A line of equipment with the number that it has on the locker map, its labels and its pictures. */
export const numbers = reading(
  'stowing',
  [compartments, stowed],
  (all, things): ReadonlyMap<string, number> => {
    const by = groupsBy(things, ({ compartment }) => compartment.id);
    const inOrder = all.flatMap(({ id }) =>
      [...(by.get(id) ?? [])].sort(
        (a, b) => high(a) - high(b) || (a.lying?.box.x0 ?? 0) - (b.lying?.box.x0 ?? 0) || aside(a) - aside(b),
      ),
    );
    return new Map(inOrder.map(({ line }, i) => [line.id, i + 1]));
  },
);

/** What has no place on a surface comes last. */
const LAST_IN = 1e6;
const high = ({ lying }: Stowed): number => lying?.surface.plate.z0 ?? LAST_IN;
const aside = ({ lying }: Stowed): number => lying?.box.y0 ?? 0;

/** A fitting in the views of its compartment; from above also as it is when it is out. */
export interface FittedView {
  id: string;
  kind: FittedKind;
  name: string;
  front: Rectangle;
  above: Rectangle;
  opened: Rectangle | null;
}

/** A line of equipment in a picture. */
export interface ThingOn {
  lineId: string;
  number: number;
  name: string;
  count: number;
  at: Rectangle;
  /** It does not lie there as it should. */
  wrong: boolean;
  /** A hand has put it there, and it stays. */
  fixed: boolean;
}

/** The same in the views of its compartment: where it is from the door, and out with its tray or board from above. */
export interface ThingView extends ThingOn {
  surfaceId: string;
  /** Of its shelf, tray or board; null on a floor. */
  fittingId: string | null;
  opened: Rectangle;
  /** In a tube of its own: its box is not seen. */
  inTube: boolean;
  /** The middle of what is seen of it from the door; null where it is behind something. */
  seenAt: [u: number, v: number] | null;
}

/** What is seen of a thing less than so wide or high names nothing, in. */
const LEAST_SEEN_IN = 1.5;

/** The middle of the largest part of a rectangle that others do not cover; null where hardly any is seen. */
function seenOf(at: Rectangle, before: readonly Rectangle[]): [u: number, v: number] | null {
  const flat = ([u0, v0, u1, v1]: Rectangle): Box => boxOf(u0, u1, 0, 1, v0, v1);
  const area = ({ x0, x1, z0, z1 }: Box) => (x1 - x0) * (z1 - z0);
  const [best] = without(flat(at), before.map(flat))
    .filter(({ x0, x1, z0, z1 }) => Math.min(x1 - x0, z1 - z0) >= LEAST_SEEN_IN)
    .sort((a, b) => area(b) - area(a));
  return best ? [(best.x0 + best.x1) / 2, (best.z0 + best.z1) / 2] : null;
}

const thingOn = (
  { line, part }: Pick<Stowed, 'line' | 'part'>,
  at: Rectangle,
  numbered: ReadonlyMap<string, number>,
  wrongOnes: ReadonlySet<string>,
): ThingOn => ({
  lineId: line.id,
  number: numbered.get(line.id) ?? 0,
  name: part.name,
  count: line.count,
  at,
  wrong: wrongOnes.has(line.id),
  fixed: line.fixed === 'yes',
});

/** A surface from the front: from its plate as far as it is clear. */
export interface SurfaceView {
  id: string;
  name: string;
  kind: Surface['kind'];
  front: Rectangle;
  carriedLb: number;
  ratedLb: number | null;
}

/**
 * A compartment as one sees it who stands before its door, in: from the front its left end and its floor are 0, from
 * above its door is, and what comes out of it is less.
 */
export interface LockerView {
  id: string;
  name: string;
  wideIn: number;
  highIn: number;
  deepIn: number;
  /** Its floor over the ground, in. */
  floorIn: number;
  room: Rectangle[];
  roomAbove: Rectangle[];
  doorway: Rectangle;
  fittings: FittedView[];
  surfaces: SurfaceView[];
  /** The surface that carries most; null where there is none. */
  fullestId: string | null;
  things: ThingView[];
}

/** On the officer's side the front end is at the right. */
const isMirrored = ({ side }: Pick<Compartment, 'side'>): boolean => side === 'right';

/** Along a compartment as it is seen: from its left end, in. */
const seenAlong = (of: Compartment, wideIn: number, { x0, x1 }: Pick<Box, 'x0' | 'x1'>): [number, number] =>
  isMirrored(of) ? [wideIn - x1, wideIn - x0] : [x0, x1];

function seen(of: Compartment): { front: (box: Inside) => Rectangle; above: (box: Inside) => Rectangle } {
  const { xIn } = insideSize(of);
  return {
    front: (box) => {
      const [u0, u1] = seenAlong(of, xIn, box);
      return [u0, box.z0, u1, box.z1];
    },
    above: (box) => {
      const [u0, u1] = seenAlong(of, xIn, box);
      return [u0, box.y0, u1, box.y1];
    },
  };
}

/** Every compartment with what is in it, as one sees it before its door and from above. */
export const lockerViews = reading(
  'stowing',
  [compartments, placedAll, onSurfaces, placed, misplaced, numbers],
  (all, fitted, loads, things, wrong, numbered): LockerView[] => {
    const wrongOnes = new Set(wrong.map(({ thing }) => thing.line.id));
    return all.map((of): LockerView => {
      const { xIn, yIn, zIn } = insideSize(of);
      const { front, above } = seen(of);
      const cells = of.room.map((box) => insideOf(of, box));
      const door = doorway(of);
      const mineOf = loads.filter(({ surface }) => surface.compartmentId === of.id);
      const mine = fitted.filter(({ compartment }) => compartment.id === of.id);
      return {
        id: of.id,
        name: of.name,
        wideIn: xIn,
        highIn: zIn,
        deepIn: yIn,
        floorIn: of.z0,
        room: cells.map(front),
        roomAbove: cells.map(above),
        doorway: front({ x0: door.x0, x1: door.x1, y0: 0, y1: 0, z0: 0, z1: door.top }),
        fittings: mine.map((one): FittedView => {
          const opened = openedBox(one);
          // Of a board the plate is seen, and not the room for tools on its faces.
          const shown = one.part.facesIn === undefined ? one.takes : one.plate;
          return {
            id: one.line.id,
            kind: one.part.kind,
            name: one.part.name,
            front: front(shown),
            above: above(shown),
            opened: opened && above(opened),
          };
        }),
        fullestId: [...mineOf].sort((a, b) => carriedLb(b) - carriedLb(a))[0]?.surface.id ?? null,
        surfaces: mineOf.flatMap((load): SurfaceView[] => {
          const { id, name, kind, room, plate, ratingLb } = load.surface;
          const bounds = room.length > 0 ? around(room) : plate;
          return [{ id, name, kind, front: front(bounds), carriedLb: carriedLb(load), ratedLb: ratingLb }];
        }),
        // What is behind is drawn first, and covered by what is before it.
        things: things
          .filter(({ compartment }) => compartment.id === of.id)
          .sort((a, b) => b.lying.box.y0 - a.lying.box.y0)
          .map((thing, i, sorted): ThingView => {
            const { surface, box } = thing.lying;
            const carrier = mine.find((one) => one.line.id === surface.fittingId);
            return {
              ...thingOn(thing, front(box), numbered, wrongOnes),
              surfaceId: surface.id,
              fittingId: surface.fittingId,
              opened: above(carrier ? whenOut(carrier, box) : box),
              inTube: surface.tubes !== null,
              seenAt: seenOf(
                front(box),
                sorted.slice(i + 1).map((other) => front(other.lying.box)),
              ),
            };
          }),
      };
    });
  },
);

/** A surface as one looks at it, from above or at the face of a board; its left end and its edge or lower end are 0; in. */
export interface SurfacePlan {
  surface: Surface;
  wideIn: number;
  highIn: number;
  room: Rectangle[];
  things: ThingOn[];
}

/** From a place on a plan to a place on its surface, and back: what lies on the officer's side is seen from there. */
export function onPlan(of: Compartment, surface: Surface) {
  const { alongIn } = plateSize(surface);
  const turned = isMirrored(of) && surface.faces !== 'front' && surface.faces !== 'back';
  return {
    /** The left end of something so long, on the surface. */
    along: (u: number, longIn: number): number => (turned ? alongIn - u - longIn : u),
    rectangle: (box: Box): Rectangle =>
      turned ? [alongIn - box.x1, box.y0, alongIn - box.x0, box.y1] : [box.x0, box.y0, box.x1, box.y1],
  };
}

/** One surface with what lies on it. */
export function surfacePlan(evaluation: Evaluation, surfaceId: string): SurfacePlan | null {
  const load = evaluation.read(onSurfaces).find(({ surface }) => surface.id === surfaceId);
  const of = load && evaluation.read(compartments).find(({ id }) => id === load.surface.compartmentId);
  if (!load || !of) return null;
  const { surface, things } = load;
  const { rectangle } = onPlan(of, surface);
  const wrongOnes = new Set(evaluation.read(misplaced).map(({ thing }) => thing.line.id));
  const numbered = evaluation.read(numbers);
  const { alongIn, inIn } = plateSize(surface);
  return {
    surface,
    wideIn: alongIn,
    highIn: inIn,
    room: surface.room.map((box) => rectangle(onFace(surface, box))),
    things: things.map((thing) =>
      thingOn(thing, rectangle(onFace(surface, thing.lying.box)), numbered, wrongOnes),
    ),
  };
}
