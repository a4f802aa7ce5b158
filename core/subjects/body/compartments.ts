import {
  around,
  boxOf,
  fromBuild,
  overlapIn,
  provide,
  reading,
  settling,
  takenFromCompartments,
  volumeOf,
} from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { bodyPlace, cabPlace, compartments, wheelOpening } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { IN3_PER_FT3 } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bodyOf, chosenBody, doorShelf } from './block.js';
import { lineOf, listedPlans } from './listed.js';
import type { Standing } from './listed.js';
import type { DoorStyle } from './parts.js';
import { familyPlans, LEAST_LENGTH_IN } from './plans.js';
import type { Plan } from './plans.js';
import { edgeOf, roomOf, seenFrom } from './room.js';
import { sheetsOf } from './sheet.js';
import type { AsMade } from './sheet.js';

/** A compartment shallower or lower than this is not built, in; what a person asks for may be smaller. */
const LEAST_DEPTH_IN = 9;
const LEAST_HEIGHT_IN = 10;
const LEAST_ASKED_IN = 4;
/** The wall between a compartment and what stands behind it, in. */
const WALL_IN = 1.5;
/** What is put into a compartment lies that share of the height of its middle above its floor. */
const CONTENT_SHARE = 0.8;
/** A roll-up door's guides at each side, in. */
const GUIDES_IN = 1.5;

/** A compartment with the room that is left of it; null where that is too little to build. */
function built(plan: Plan, room: Box[], doors: DoorStyle, asked: boolean): Compartment | null {
  const { id, name, face, order } = plan;
  if (room.length === 0) return null;
  const bounds = around(room);
  const edge = edgeOf(face, bounds);
  const seen = seenFrom(face, bounds, edge);
  const [long, high] = [seen.u1 - seen.u0, seen.v1 - seen.v0];
  if (!asked && (long < LEAST_LENGTH_IN || high < LEAST_HEIGHT_IN)) return null;
  let [volume, x, y, z] = [0, 0, 0, 0];
  let [lowerDepthIn, upperDepthIn] = [0, 0];
  for (const box of room) {
    const v = volumeOf(box);
    volume += v;
    x += (v * (box.x0 + box.x1)) / 2;
    y += (v * (box.y0 + box.y1)) / 2;
    z += (v * (box.z0 + box.z1)) / 2;
    const { v0, v1, nearIn, farIn } = seenFrom(face, box, edge);
    if (v0 === seen.v0) lowerDepthIn = Math.max(lowerDepthIn, farIn - nearIn);
    if (v1 === seen.v1) upperDepthIn = Math.max(upperDepthIn, farIn - nearIn);
  }
  const rollUp = doors.style === 'rollUp' && face !== 'top';
  return {
    id,
    name,
    side: face,
    through: plan.through ?? false,
    ...(plan.inCab ? { inCab: true as const } : {}),
    order,
    x0: bounds.x0,
    x1: bounds.x1,
    y0: bounds.y0,
    y1: bounds.y1,
    z0: bounds.z0,
    z1: bounds.z1,
    room,
    openingIn: {
      wide: long - (rollUp ? 2 * GUIDES_IN : 0),
      high: high - (rollUp ? (doors.drum?.heightIn ?? 0) : 0),
    },
    lowerDepthIn,
    upperDepthIn,
    center: { xIn: x / volume, yIn: y / volume, zIn: bounds.z0 + (z / volume - bounds.z0) * CONTENT_SHARE },
    volumeFt3: volume / IN3_PER_FT3,
  };
}

const listOf = fromBuild(({ body }) => body.compartments);

const plannedByFamily = settling(
  'body',
  [chosenBody, bodyOf, wheelOpening, bodyPlace],
  ({ body }, dividers, cut, at) => familyPlans(body, at, cut, dividers),
);

const standing = settling(
  'body',
  [bodyPlace, cabPlace, chosenChassis],
  (body, cab, { chassis }): Standing => ({
    body,
    cab: { ...cab, widthIn: chassis.cab.widthIn },
  }),
);

/** The compartments as they are meant: those of the list, or as the body's family makes them. */
export const planned = settling('body', [plannedByFamily, listOf, standing], (family, list, at): Plan[] =>
  list ? listedPlans(list, at) : family,
);

/** What a plan asks to be left free of its own box: all behind the wall of its shallower upper part. */
function keptFree({ face, region, upper }: Plan): Box[] {
  if (!upper) return [];
  const { x0, x1, y0, y1, z1 } = region;
  const behind = upper.depthIn + WALL_IN;
  switch (face) {
    case 'left':
      return [boxOf(x0, x1, y0 + behind, Math.max(y1, y0 + behind), upper.fromIn, z1)];
    case 'right':
      return [boxOf(x0, x1, Math.min(y0, y1 - behind), y1 - behind, upper.fromIn, z1)];
    case 'rear':
      return [boxOf(Math.min(x0, x1 - behind), x1 - behind, y0, y1, upper.fromIn, z1)];
    default:
      return [];
  }
}

/** The compartments of the body with the room that everything else leaves of them. */
export const compartmentsPlace = provide(
  compartments,
  [chosenBody, doorShelf.stock, planned, listOf, wheelOpening, bodyPlace, takenFromCompartments],
  ({ doors }, styles, plans, list, cut, at, taken) => {
    const openings = [-1, 1].map((side) => {
      const [inner, outer] = [side * cut.innerIn, side * at.widthIn];
      return boxOf(cut.x0, cut.x1, Math.min(inner, outer), Math.max(inner, outer), 0, cut.topIn);
    });
    const inTheWay = [...taken, ...openings];
    const made = new Map<Plan, Compartment>();
    // Of two that a person has put into one place the smaller is kept whole: a pocket takes from what is around it.
    const order = list ? [...plans].sort((a, b) => volumeOf(a.region) - volumeOf(b.region)) : plans;
    for (const plan of order) {
      const style = plan.doorsId === undefined ? doors : styles.part(plan.doorsId);
      const mine = list
        ? [
            ...inTheWay,
            ...[...made].flatMap(([other, { room }]) =>
              overlapIn(other.region, plan.region) > 0 ? room : [],
            ),
            ...keptFree(plan),
          ]
        : inTheWay;
      const room = roomOf(plan.region, plan.face, mine, {
        wallIn: WALL_IN,
        leastIn: list ? LEAST_ASKED_IN : LEAST_DEPTH_IN,
        drum: plan.face === 'top' ? null : (style.drum ?? null),
      });
      const compartment = built(plan, room, style, list !== undefined);
      if (compartment) made.set(plan, compartment);
    }
    return plans.map((plan) => made.get(plan)).filter((compartment) => compartment !== undefined);
  },
);

/** The doors of each compartment, by its id: its own, or those of the body. */
export const doorsOf = settling('body', [chosenBody, doorShelf.stock, planned], ({ doors }, styles, plans) =>
  Object.fromEntries(
    plans.map(({ id, doorsId }) => [id, doorsId === undefined ? doors : styles.part(doorsId)]),
  ),
);

/** What the body weighs and costs with the compartments that its family makes. */
export const asMade = reading('body', [chosenBody, bodyOf], ({ body }, { lengthIn }): AsMade => ({
  weightLb: lengthIn * body.lbPerIn,
  priceCents: Math.round(lengthIn * body.priceCentsPerIn),
}));

/** What a list of compartments adds to the body as its family makes it, and takes from it. */
export const sheets = reading(
  'body',
  [listOf, plannedByFamily, standing, asMade, compartments],
  (list, family, at, made, all) => {
    if (!list) return [];
    const usual = family.map((plan) => lineOf(plan, at.body));
    const isBuilt = new Set(all.map(({ id }) => id));
    return sheetsOf(list, usual, at, made, ({ id }) => isBuilt.has(id));
  },
);
