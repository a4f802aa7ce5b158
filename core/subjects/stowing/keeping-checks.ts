import {
  check,
  groupsBy,
  heldTo,
  limitKind,
  limitOf,
  noneOf,
  reading,
  volumeOf,
} from '../../kernel/index.js';
import { compartments, provisions } from '../../truck/index.js';
import { CAB, riding } from '../equipment/index.js';
import type { Need } from '../equipment/index.js';
import {
  counted,
  cubicFeet,
  formatWhole,
  inches,
  IN3_PER_FT3,
  lb,
  listed,
  within,
} from '../../units/index.js';
import { andMore, saidWhere } from './fit-checks.js';
import { onSurfaces, placed, reachIn, stowed } from './stowed.js';
import type { Placed, Stowed } from './stowed.js';

export const limits = {
  heavyLb: limitKind('A piece is heavy from', 'lb', 'reckon', 10, 200, 'smaller'),
  heavyHighIn: limitKind('Highest that a heavy piece is lifted from', 'in', 'most', 24, 90),
  growthPct: limitKind('Room kept for growth', '%', 'least', 0, 60),
};

const needs = ({ part }: Stowed, need: Need): boolean => part.needs?.includes(need) ?? false;
const BASIS = 'House rule, by what the list says of each piece';

/** Heavy pieces, the highest first. */
export const heavyHigh = reading('stowing', [placed, limitOf('heavyLb')], (all, from) =>
  from === null
    ? []
    : all
        .filter(({ part }) => part.weightLb > from.value)
        .map((thing) => ({ thing, highIn: reachIn(thing) }))
        .sort((a, b) => b.highIn - a.highIn),
);

const heavy = check(
  'stowing',
  { id: 'heavyHigh', title: 'Heavy pieces below the shoulder', steps: ['equipment'] },
  [limitOf('heavyHighIn'), heavyHigh],
  (most, all) => {
    const [highest] = all;
    if (!most || !highest) return null;
    const over = all.filter(({ highIn }) => highIn > most.value).length;
    const { thing, highIn } = highest;
    return heldTo(
      'most',
      'in',
      highIn,
      most,
      `${saidWhere(thing)}, ${lb(thing.part.weightLb)}: its middle is ${inches(highIn)} over the ground.${andMore(over)}`,
    );
  },
);

/** Pieces that soil or poison, in one compartment with what must stay clean. */
export const mixed = reading('stowing', [stowed], (all) =>
  [...groupsBy(all, ({ compartment }) => compartment.id).values()].flatMap((things) => {
    const clean = things.filter((thing) => needs(thing, 'clean'));
    const away = things.filter((thing) => needs(thing, 'away') || needs(thing, 'dirty'));
    return clean[0] ? away.map((thing) => ({ thing, clean })) : [];
  }),
);

const apart = check(
  'stowing',
  { id: 'apart', title: 'Fuel and dirt away from breathing and medical gear', steps: ['equipment'] },
  [stowed, mixed],
  (all, wrong) => {
    if (!all.some((thing) => needs(thing, 'clean'))) return null;
    const [first] = wrong;
    return noneOf(
      wrong.length,
      'fails',
      BASIS,
      first
        ? `${first.thing.part.name} rides in ${first.thing.compartment.name} with ${listed([...new Set(first.clean.map(({ part }) => within(part.name)))].slice(0, 3))}.${andMore(wrong.length)}`
        : 'Nothing that soils rides in a compartment with what must stay clean.',
    );
  },
);

/** What comes back dirty and rides with the crew. */
export const dirtyInCab = reading('stowing', [riding], (places) =>
  places
    .filter(({ id }) => id === CAB)
    .flatMap(({ pieces }) =>
      pieces.filter(({ part }) => part.needs?.includes('dirty') || part.needs?.includes('away')),
    ),
);

const clean = check(
  'stowing',
  { id: 'cleanCab', title: 'Nothing dirty with the crew', steps: ['equipment', 'cab'] },
  [riding, dirtyInCab],
  (places, wrong) => {
    if (places.length === 0) return null;
    return noneOf(
      wrong.length,
      'fails',
      BASIS,
      wrong.length > 0
        ? `${counted(wrong.length, 'piece')} that ${wrong.length === 1 ? 'comes' : 'come'} back dirty ${wrong.length === 1 ? 'rides' : 'ride'} in the cab: ${listed(wrong.map(({ part }) => within(part.name)).slice(0, 3))}.`
        : 'Nothing that comes back dirty rides in the cab.',
    );
  },
);

/** On which side of the truck something rides. */
export const sideOf = ({ compartment: { side, through, y0, y1 } }: Stowed): 'left' | 'right' | 'middle' => {
  if (through) return 'middle';
  if (side === 'left' || side === 'right') return side;
  return y1 < 0 ? 'left' : y0 > 0 ? 'right' : 'middle';
};

/** Sets of which some ride on the driver's side and some on the officer's. */
export const splitSets = reading('stowing', [stowed], (all) =>
  [
    ...groupsBy(
      all.filter(({ line }) => line.set !== undefined),
      ({ line }) => line.set!,
    ),
  ].flatMap(([set, things]) => {
    const sides = new Set(things.map(sideOf));
    return sides.has('left') && sides.has('right') ? [{ set, things }] : [];
  }),
);

const together = check(
  'stowing',
  { id: 'setsTogether', title: 'Sets on one side', steps: ['equipment'] },
  [stowed, splitSets],
  (all, split) => {
    if (!all.some(({ line }) => line.set !== undefined)) return null;
    const [first] = split;
    const on = (side: 'left' | 'right') =>
      listed(first!.things.filter((thing) => sideOf(thing) === side).map(({ part }) => within(part.name)));
    return noneOf(
      split.length,
      'fails',
      BASIS,
      first
        ? `${counted(split.length, 'set')} ${split.length === 1 ? 'is' : 'are'} split. “${first.set}”: ${on('left')} on the driver’s side, ${on('right')} on the officer’s side.`
        : 'Each set is on one side of the truck.',
    );
  },
);

/** Compartments in which more pieces are charged than there are places for, with what charges there. */
export const unpowered = reading('stowing', [placed, provisions], (all, has) =>
  [
    ...groupsBy(
      all.filter((thing) => needs(thing, 'charged')),
      ({ compartment }) => compartment.id,
    ),
  ].flatMap(([id, things]) => {
    const { outlets = 0, charges = 0 } = has[id] ?? {};
    const places = outlets + charges;
    const count = things.reduce((sum, { line }) => sum + line.count, 0);
    return count > places ? [{ id, things, count, places }] : [];
  }),
);

const charged = check(
  'stowing',
  { id: 'charged', title: 'An outlet for each charged tool', steps: ['equipment', 'body'] },
  [placed, unpowered],
  (all, short) => {
    if (!all.some((thing) => needs(thing, 'charged'))) return null;
    const [first] = short;
    const lacking = short.reduce((sum, { count, places }) => sum + count - places, 0);
    return noneOf(
      lacking,
      'caution',
      BASIS,
      first
        ? `${first.things[0]!.compartment.name} has ${counted(first.places, 'place')} to charge for ${counted(first.count, 'piece')}: ${listed(first.things.map(({ part }) => within(part.name)).slice(0, 3))}.${andMore(short.length)}`
        : 'Every charged piece has an outlet or a charger in its compartment.',
    );
  },
);

/** Cylinders that lie loose. */
export const untubed = reading('stowing', [placed], (all) =>
  all.filter(({ part, lying }) => part.tubed && lying.surface.tubes === null),
);

const tubed = check(
  'stowing',
  { id: 'tubed', title: 'Cylinders in tubes', steps: ['equipment', 'body'] },
  [placed, untubed],
  (all, loose) => {
    if (!all.some(({ part }) => part.tubed)) return null;
    const count = loose.reduce((sum, { line }) => sum + line.count, 0);
    const [first] = loose;
    return noneOf(
      count,
      'caution',
      BASIS,
      first ? `${saidWhere(first)} is in no tube.${andMore(loose.length)}` : 'Every cylinder has its tube.',
    );
  },
);

/** Whether one thing stands behind another on a surface that stays in. */
const isBehind = (back: Placed, front: Placed): boolean => {
  const [a, b] = [back.lying.box, front.lying.box];
  const across = Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0);
  const up = Math.min(a.z1, b.z1) - Math.max(a.z0, b.z0);
  return a.y0 >= b.y1 - 0.05 && across > (a.x1 - a.x0) / 2 && up > 0;
};

/** What is used on every run, with what is used once a year before it. */
export const hidden = reading('stowing', [onSurfaces], (all) =>
  all
    .filter(({ surface }) => surface.faces === 'up' && surface.outIn === 0)
    .flatMap(({ things }) =>
      things
        .filter(({ part }) => part.often === 'everyRun')
        .flatMap((back) => {
          const front = things.find(
            (other) => (other.part.often ?? 'yearly') === 'yearly' && isBehind(back, other),
          );
          return front ? [{ back, front }] : [];
        }),
    ),
);

const inFront = check(
  'stowing',
  { id: 'inFront', title: 'What every run needs in front', steps: ['equipment'] },
  [placed, hidden],
  (all, wrong) => {
    if (!all.some(({ part }) => part.often === 'everyRun')) return null;
    const [first] = wrong;
    return noneOf(
      wrong.length,
      'caution',
      BASIS,
      first
        ? `${saidWhere(first.back)} is behind ${within(first.front.part.name)}, which is used once a year.${andMore(wrong.length)}`
        : 'Nothing that is used on every run stands behind something used once a year.',
    );
  },
);

/** What a piece asks of its place that the place may lack, in words that follow its name. */
const LACKS = {
  vented: 'asks for a vented compartment',
  locked: 'asks for a lock',
  curbSide: 'is wanted on the officer’s side, off the traffic',
  fromGround: 'is lifted from the ground only',
} as const satisfies Partial<Record<Need, string>>;
export type Lack = keyof typeof LACKS;

/** What a place lacks of what a piece asks for; null where it has all of it. */
function lackOf(
  thing: Stowed,
  has: { vented: boolean; locked: boolean } | undefined,
  highIn: number,
): Lack | null {
  if (needs(thing, 'vented') && !has?.vented) return 'vented';
  if (needs(thing, 'locked') && !has?.locked) return 'locked';
  if (needs(thing, 'curbSide') && sideOf(thing) === 'left') return 'curbSide';
  return needs(thing, 'fromGround') && reachIn(thing) > highIn ? 'fromGround' : null;
}

export const lacking = reading('stowing', [placed, provisions, limitOf('heavyHighIn')], (all, has, most) =>
  all.flatMap((thing) => {
    const lack = lackOf(thing, has[thing.compartment.id], most?.value ?? Infinity);
    return lack === null ? [] : [{ thing, lack }];
  }),
);

const asked = check(
  'stowing',
  { id: 'asked', title: 'Each piece has what it asks for', steps: ['equipment', 'body'] },
  [placed, lacking],
  (all, short) => {
    if (all.length === 0) return null;
    const [first] = short;
    return noneOf(
      short.length,
      'caution',
      BASIS,
      first
        ? `${first.thing.part.name} in ${first.thing.compartment.name} ${LACKS[first.lack]}.${andMore(short.length)}`
        : `All ${formatWhole(all.length)} lines have vents, locks, sides and heights as they ask.`,
    );
  },
);

/** What is free on the surfaces of each compartment, ft³, and what they may still carry, lb. */
export interface Growth {
  compartmentId: string;
  name: string;
  roomFt3: number;
  freeFt3: number;
  /** Pounds that its rated surfaces may still take; null where none is rated. */
  leftLb: number | null;
}

const ft3 = (boxes: readonly Parameters<typeof volumeOf>[0][]): number =>
  boxes.reduce((sum, box) => sum + volumeOf(box), 0) / IN3_PER_FT3;

export const growth = reading('stowing', [onSurfaces, compartments], (loads, all): Growth[] =>
  [...groupsBy(loads, ({ surface }) => surface.compartmentId)].map(([compartmentId, mine]) => {
    const roomFt3 = ft3(mine.flatMap(({ surface }) => surface.room));
    const usedFt3 = ft3(mine.flatMap(({ things }) => things.map(({ lying }) => lying.box)));
    const ratedLb = mine.reduce((sum, { surface }) => sum + (surface.ratingLb ?? 0), 0);
    const onRated = mine
      .filter(({ surface }) => surface.ratingLb !== null)
      .reduce((sum, { things }) => sum + things.reduce((lbs, { weightLb }) => lbs + weightLb, 0), 0);
    return {
      compartmentId,
      name: all.find(({ id }) => id === compartmentId)?.name ?? compartmentId,
      roomFt3,
      freeFt3: Math.max(0, roomFt3 - usedFt3),
      leftLb: ratedLb === 0 ? null : ratedLb - onRated,
    };
  }),
);

const grows = check(
  'stowing',
  { id: 'growthRoom', title: 'Room kept for growth', steps: ['equipment', 'body'] },
  [limitOf('growthPct'), growth, placed],
  (least, all, things) => {
    const room = all.reduce((sum, { roomFt3 }) => sum + roomFt3, 0);
    if (!least || room === 0 || things.length === 0) return null;
    const free = all.reduce((sum, { freeFt3 }) => sum + freeFt3, 0);
    const most = all.reduce((a, b) => (b.freeFt3 > a.freeFt3 ? b : a));
    return heldTo(
      'least',
      '%',
      (free / room) * 100,
      least,
      `${cubicFeet(free)} of ${cubicFeet(room)} on floors, shelves, trays and boards are free; most in ${most.name}: ${cubicFeet(most.freeFt3)}.`,
    );
  },
);

export const keepingChecks = [heavy, apart, clean, together, charged, tubed, inFront, asked, grows];
