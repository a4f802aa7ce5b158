import { around, boxOf, provide, takenFromCompartments, volumeOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { bodyPlace, compartments, wheelOpening } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { IN3_PER_FT3 } from '../../units/index.js';
import { bodyOf, chosenBody } from './block.js';
import { familyPlans, LEAST_LENGTH_IN } from './plans.js';
import type { Plan } from './plans.js';
import { roomOf } from './room.js';
import type { Face } from './room.js';

/** A compartment shallower or lower than this is not built, in. */
const LEAST_DEPTH_IN = 9;
const LEAST_HEIGHT_IN = 10;
/** The wall between a compartment and what stands behind it, in. */
const WALL_IN = 1.5;
/** What is put into a compartment lies that share of the height of its middle above its floor. */
const CONTENT_SHARE = 0.8;

const along = (face: Face, box: Box) => (face === 'rear' ? box.y1 - box.y0 : box.x1 - box.x0);
const deep = (face: Face, box: Box) => (face === 'rear' ? box.x1 - box.x0 : box.y1 - box.y0);

/** A compartment with the room that is left of it; null where that is too little to build. */
function built({ id, name, face, order }: Plan, room: Box[]): Compartment | null {
  if (room.length === 0) return null;
  const bounds = around(room);
  if (along(face, bounds) < LEAST_LENGTH_IN || bounds.z1 - bounds.z0 < LEAST_HEIGHT_IN) return null;
  let [volume, x, y, z] = [0, 0, 0, 0];
  let [lowerDepthIn, upperDepthIn] = [0, 0];
  for (const box of room) {
    const v = volumeOf(box);
    volume += v;
    x += (v * (box.x0 + box.x1)) / 2;
    y += (v * (box.y0 + box.y1)) / 2;
    z += (v * (box.z0 + box.z1)) / 2;
    if (box.z0 === bounds.z0) lowerDepthIn = Math.max(lowerDepthIn, deep(face, box));
    if (box.z1 === bounds.z1) upperDepthIn = Math.max(upperDepthIn, deep(face, box));
  }
  return {
    id,
    name,
    side: face,
    order,
    x0: bounds.x0,
    x1: bounds.x1,
    y0: bounds.y0,
    y1: bounds.y1,
    z0: bounds.z0,
    z1: bounds.z1,
    room,
    lowerDepthIn,
    upperDepthIn,
    center: { xIn: x / volume, yIn: y / volume, zIn: bounds.z0 + (z / volume - bounds.z0) * CONTENT_SHARE },
    volumeFt3: volume / IN3_PER_FT3,
  };
}

/** The compartments of the body with the room that everything else leaves of them. */
export const compartmentsPlace = provide(
  compartments,
  [chosenBody, bodyOf, wheelOpening, bodyPlace, takenFromCompartments],
  ({ body, doors }, dividers, cut, at, taken) => {
    const openings = [-1, 1].map((side) => {
      const [inner, outer] = [side * cut.innerIn, side * body.widthIn];
      return boxOf(cut.x0, cut.x1, Math.min(inner, outer), Math.max(inner, outer), 0, cut.topIn);
    });
    return familyPlans(body, at, cut, dividers)
      .map((plan) => {
        const room = roomOf(plan.region, plan.face, [...taken, ...openings], {
          wallIn: WALL_IN,
          leastIn: LEAST_DEPTH_IN,
          drum: doors.drum ?? null,
        });
        return built(plan, room);
      })
      .filter((compartment) => compartment !== null);
  },
);
