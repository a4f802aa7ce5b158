import { edgeOf, seenFrom } from '../body/index.js';
import type { Compartment } from '../../truck/index.js';
import { IN3_PER_FT3 } from '../../units/index.js';
import type { Equipment } from './parts.js';

/** A box that a compartment has room for behind its door: along the door, up the door, and in; in. */
type Room = readonly [longIn: number, highIn: number, deepIn: number];

const known = new WeakMap<Compartment, Room[]>();

const sorted = (values: number[]): number[] => [...new Set(values)].sort((a, b) => a - b);

/** The boxes that a compartment has room for, none of which is within another (formulas: does it go in). */
function roomsOf(compartment: Compartment): Room[] {
  let rooms = known.get(compartment);
  if (rooms) return rooms;
  const { side: face, openingIn } = compartment;
  const edge = edgeOf(face, compartment);
  const cells = compartment.room.map((box) => seenFrom(face, box, edge));
  const us = sorted(cells.flatMap(({ u0, u1 }) => [u0, u1]));
  const vs = sorted(cells.flatMap(({ v0, v1 }) => [v0, v1]));
  // Each piece of the door, in columns from the bottom up; undefined where nothing is behind.
  const grid = us
    .slice(0, -1)
    .map((u) =>
      vs.slice(0, -1).map((v) => cells.find(({ u0, u1, v0, v1 }) => u0 <= u && u < u1 && v0 <= v && v < v1)),
    );
  rooms = [];
  for (let i = 0; i < grid.length; i++)
    for (let k = 0; k < vs.length - 1; k++) {
      // As wide as the row below it goes on; each row further up may end it sooner.
      let width = grid.length;
      for (let l = k; l < vs.length - 1 && width > i; l++) {
        let [near, far] = [0, Infinity];
        for (let j = i; j < width; j++) {
          for (let r = k; r <= l; r++) {
            const cell = grid[j]![r];
            near = cell ? Math.max(near, cell.nearIn) : Infinity;
            far = cell ? Math.min(far, cell.farIn) : 0;
          }
          if (far <= near) {
            width = j;
            break;
          }
          const room: Room = [
            Math.min(us[j + 1]! - us[i]!, openingIn.wide),
            Math.min(vs[l + 1]! - vs[k]!, openingIn.high),
            far - near,
          ];
          if (rooms.some((other) => other[0] >= room[0] && other[1] >= room[1] && other[2] >= room[2]))
            continue;
          rooms = [
            ...rooms.filter((other) => other[0] > room[0] || other[1] > room[1] || other[2] > room[2]),
            room,
          ];
        }
      }
    }
  known.set(compartment, rooms);
  return rooms;
}

/** What no tape shows is no misfit, in. */
const HAIR_IN = 0.05;

type Goes = (piece: Equipment) => boolean;
const answered = new WeakMap<Compartment, Goes>();

/** Tells of pieces whether they go into a compartment through its door and lie in it, turned as they may be. */
export function goingInto(compartment: Compartment): Goes {
  let goes = answered.get(compartment);
  if (!goes) {
    const answers = new Map<Equipment, boolean>();
    goes = (piece) => {
      let answer = answers.get(piece);
      if (answer === undefined) answers.set(piece, (answer = hasRoomFor(compartment, piece)));
      return answer;
    };
    answered.set(compartment, goes);
  }
  return goes;
}

/** Whether a piece goes into a compartment. */
export const goesInto = (piece: Equipment, compartment: Compartment): boolean =>
  goingInto(compartment)(piece);

function hasRoomFor(compartment: Compartment, { lengthIn, widthIn, heightIn }: Equipment): boolean {
  const [a, b, c] = [lengthIn - HAIR_IN, widthIn - HAIR_IN, heightIn - HAIR_IN];
  return roomsOf(compartment).some(
    ([long, high, deep]) =>
      (a <= long && ((b <= high && c <= deep) || (c <= high && b <= deep))) ||
      (b <= long && ((a <= high && c <= deep) || (c <= high && a <= deep))) ||
      (c <= long && ((a <= high && b <= deep) || (b <= high && a <= deep))),
  );
}

/** The longest straight piece that goes into a compartment, in. */
export const longestIn = (compartment: Compartment): number =>
  Math.max(0, ...roomsOf(compartment).map((room) => Math.max(...room)));

/** The longest side of a piece, in. */
export const longestOf = ({ lengthIn, widthIn, heightIn }: Equipment): number =>
  Math.max(lengthIn, widthIn, heightIn);

/** Room that a piece takes, ft³. */
export const roomOfPiece = ({ lengthIn, widthIn, heightIn }: Equipment): number =>
  (lengthIn * widthIn * heightIn) / IN3_PER_FT3;
