import { groupsBy, volumeOf } from '../../../kernel/index.js';
import type { Evaluation } from '../../../kernel/index.js';
import {
  cabPlace,
  compartments,
  components,
  onFace,
  onTruck,
  provisions,
  surfaces,
} from '../../../truck/index.js';
import type { Compartment, Provision, Surface } from '../../../truck/index.js';
import { IN3_PER_FT3, IN_PER_FT } from '../../../units/index.js';
import { equipmentShelf, pieceAs, YET } from '../../equipment/index.js';
import type { Equipment, EquipmentLine, Lay, Need } from '../../equipment/index.js';
import { freeAfter, freeOn, laysOn, spotFor } from '../pack.js';
import type { Free } from '../pack.js';
import { placed } from '../stowed.js';
import type { Placed } from '../stowed.js';
import { USES_A_MONTH } from './wishes.js';
import type { Rules, Where, Wishes } from './wishes.js';

/** A line that is to have a place. */
export interface Item {
  line: EquipmentLine;
  part: Equipment;
  weightLb: number;
  /** Of all its pieces, ft³. */
  roomFt3: number;
  usesAMonth: number;
}

/** A surface on which lines may be placed, with what is free beside what stays there. */
export interface Place {
  surface: Surface;
  compartment: Compartment;
  free: Free[];
  /** Free of it, in²; pounds that it still takes; tubes that are free. */
  areaIn2: number;
  leftLb: number;
  tubes: number;
  /** Feet from the crew's doors. */
  walkFt: number;
}

/** A line on a surface where it goes in by itself. */
export interface Option {
  item: number;
  place: number;
  lays: Lay[];
  /** The least of the surface that it takes, in². */
  areaIn2: number;
  /** Height of its middle as hands take it, and on the truck; to the officer's side; in. */
  reachIn: number;
  zIn: number;
  yIn: number;
  /** What it costs by the wishes, but for what the sides cost together. */
  cost: number;
}

/** Why a line may not lie on a surface, by the rule that says so. */
export type Rule = 'size' | 'where' | 'needs' | 'height' | 'tubes' | 'rating' | 'beside' | 'home';
export const RULE_NAMES: Record<Rule, string> = {
  size: 'it has no room there',
  where: 'its discipline rides elsewhere',
  needs: 'the compartment has not what it asks for',
  height: 'it is too heavy for that height',
  tubes: 'cylinders go into tubes',
  rating: 'it weighs more than is rated',
  beside: 'what a hand has put there soils it, or is soiled by it',
  home: 'its set is elsewhere',
};

export interface Problem {
  items: Item[];
  places: Place[];
  options: Option[];
  /** For each line the rule that keeps it from a surface, and what it would cost there. */
  barred: { item: number; place: number; rule: Rule; cost: number }[];
  /** Places to charge that are free, by compartment. */
  charging: Readonly<Record<string, number>>;
  /** What a hand has put down takes so much room, ft³. */
  keptFt3: number;
  /** Moment to the officer's side of all that the plan does not move, lb·in. */
  momentLbIn: number;
  wishes: Wishes;
  rules: Rules;
}

/** What one is worth against another where each counts as usual: so many units of each are one. */
export const ONE_OF = { reachLbFt: 400, walkFt: 400, momentLbIn: 1_500, lowLbIn: 4_000 };

/** The crew's doors are that far ahead of the back of the cab, in; who goes to the rear goes around the corner. */
const DOORS_AHEAD_IN = 24;

function walkFtTo(compartment: Compartment, doorsIn: number): number {
  const { side, x0, x1, y0, y1 } = compartment;
  const along = Math.abs((x0 + x1) / 2 - doorsIn);
  return (along + (side === 'rear' ? Math.max(Math.abs(y0), Math.abs(y1)) : 0)) / IN_PER_FT;
}

const isFront = (compartment: Compartment): boolean => compartment.order === 1 && compartment.side !== 'rear';

/** Whether a compartment is where a discipline rides. */
export function isWhere(where: Where, compartment: Compartment, mostOrder: number): boolean {
  switch (where) {
    case 'any':
      return true;
    case 'left':
    case 'right':
      return compartment.side === where || compartment.through || compartment.side === 'rear';
    case 'front':
      return isFront(compartment);
    case 'middle':
      return compartment.side !== 'rear' && compartment.order > 1 && compartment.order < mostOrder;
    case 'rear':
      return compartment.side === 'rear' || compartment.order === mostOrder;
  }
}

/** How a line would lie on a surface, as far as that does not depend on what else lies there. */
function measured({ surface, compartment }: Place, lays: readonly Lay[]) {
  const least = lays.reduce((a, b) => (b.all.offIn < a.all.offIn ? b : a));
  const upIn = surface.faces === 'up' ? least.all.offIn : least.all.inIn;
  const low = surface.faces === 'up' ? surface.plate.z0 : (surface.plate.z0 + surface.plate.z1 - upIn) / 2;
  const middle = onTruck(compartment, {
    ...surface.plate,
    z0: low + upIn / 2,
    z1: low + upIn / 2,
  });
  return {
    areaIn2: Math.min(...lays.map(({ all }) => all.alongIn * all.inIn)),
    zIn: middle.z0,
    reachIn: middle.z0 - surface.downIn,
    yIn: (middle.y0 + middle.y1) / 2,
  };
}

/** What a line costs at a height and a distance by the wishes. */
const costOf = (
  { weightLb, usesAMonth }: Item,
  { reachIn, zIn }: Pick<Option, 'reachIn' | 'zIn'>,
  walkFt: number,
  wishes: Wishes,
): number =>
  (wishes.reach * weightLb * usesAMonth * (reachIn / IN_PER_FT)) / ONE_OF.reachLbFt +
  (wishes.walk * walkFt * usesAMonth) / ONE_OF.walkFt +
  (wishes.low * weightLb * zIn) / ONE_OF.lowLbIn;

/** To leave a line out costs more than any place of it, and more for what is heavier and used more. */
const LEFT_OUT = 1_000;
export const leftOutCost = ({ weightLb, usesAMonth }: Item): number => LEFT_OUT + weightLb + usesAMonth;

/** Of all pieces of a line, ft³. */
const roomFt3 = ({ count }: EquipmentLine, { lengthIn, widthIn, heightIn }: Equipment): number =>
  (lengthIn * widthIn * heightIn * count) / IN3_PER_FT3;

/** What soils clean gear beside it. */
export const SOILS: readonly Need[] = ['away', 'dirty'];

/** Lines that stay where a hand has put them. */
const stays = ({ line }: Placed): boolean => line.fixed === 'yes';

const asks = ({ part }: { part: Equipment }, ...of: Need[]): boolean =>
  part.needs?.some((need) => of.includes(need)) ?? false;

/** What a rule looks at: a line, a surface, what the compartment has, and what stays where a hand has put it. */
interface Asked {
  item: Item;
  place: Place;
  fits: boolean;
  reachIn: number;
  has: Provision | undefined;
  kept: readonly Placed[];
  /** A piece over this weight is no higher than that; lb, in. */
  heavy: { lb: number; highIn: number };
  /** Some surface has tubes. */
  tubed: boolean;
  /** Whether its discipline rides there. */
  rides: boolean;
}

/** The rules, in the order in which they are told; each says whether it keeps the line from the surface. */
const KEEPS_FROM: readonly (readonly [Rule, (asked: Asked) => boolean])[] = [
  ['tubes', ({ item, place, tubed }) => place.surface.tubes === null && item.part.tubed === true && tubed],
  ['size', ({ item, place }) => place.surface.tubes !== null && item.part.tubed !== true],
  ['size', ({ item, place }) => place.surface.tubes !== null && place.tubes < item.line.count],
  ['size', ({ fits }) => !fits],
  ['where', ({ rides }) => !rides],
  ['needs', ({ item, has }) => asks(item, 'vented') && !has?.vented],
  ['needs', ({ item, has }) => asks(item, 'locked') && !has?.locked],
  ['needs', ({ item, place }) => asks(item, 'curbSide') && place.compartment.side === 'left'],
  ['needs', ({ item, has }) => asks(item, 'charged') && !has?.outlets && !has?.charges],
  [
    'height',
    ({ item, reachIn, heavy }) =>
      (item.part.weightLb > heavy.lb || asks(item, 'fromGround')) && reachIn > heavy.highIn,
  ],
  ['rating', ({ item, place }) => item.weightLb > place.leftLb],
  [
    'beside',
    ({ item, place, kept }) =>
      kept.some(
        (other) =>
          other.compartment.id === place.compartment.id &&
          ((asks(item, 'clean') && asks(other, ...SOILS)) || (asks(item, ...SOILS) && asks(other, 'clean'))),
      ),
  ],
  [
    'home',
    ({ item: { line }, place, kept }) =>
      line.set !== undefined &&
      kept.some((other) => other.line.set === line.set && other.compartment.id !== place.compartment.id),
  ],
];

/**
 * What is to be placed, where it could be and what that costs (formulas: plan): every line in a compartment or with no
 * place yet that no hand has put down, on every surface where it goes in by itself and no rule keeps it from.
 */
export function problemOf(evaluation: Evaluation, rules: Rules, wishes: Wishes): Problem {
  const { build } = evaluation;
  const all = evaluation.read(compartments);
  const stock = equipmentShelf.in(build);
  const has = evaluation.read(provisions);
  const fixed = evaluation.read(placed).filter(stays);
  const kept = new Set(fixed.map(({ line }) => line.id));
  const inBody = new Set([YET, ...all.map(({ id }) => id)]);
  const items = build.equipment.lines
    .filter(({ id, compartmentId }) => inBody.has(compartmentId) && !kept.has(id))
    .map((line): Item => {
      const part = pieceAs(stock.part(line.partId), line);
      return {
        line,
        part,
        weightLb: part.weightLb * line.count,
        roomFt3: roomFt3(line, part),
        usesAMonth: USES_A_MONTH[part.often ?? 'yearly'],
      };
    });
  const onIt = groupsBy(fixed, ({ lying }) => lying.surface.id);
  const doorsIn = evaluation.read(cabPlace).backIn - DOORS_AHEAD_IN;
  const places = evaluation.read(surfaces).flatMap((surface): Place[] => {
    const compartment = all.find(({ id }) => id === surface.compartmentId);
    if (!compartment) return [];
    const there = onIt.get(surface.id) ?? [];
    const free = there.reduce<Free[]>(
      (left, { lying }) => freeAfter(left, onFace(surface, lying.box)),
      freeOn(surface, compartment),
    );
    const cells = surface.room.map((box) => onFace(surface, box));
    const taken = there.reduce((sum, { lying }) => sum + lying.lay.all.alongIn * lying.lay.all.inIn, 0);
    return [
      {
        surface,
        compartment,
        free,
        areaIn2: Math.max(
          0,
          cells.reduce((sum, box) => sum + (box.x1 - box.x0) * (box.y1 - box.y0), 0) - taken,
        ),
        leftLb: (surface.ratingLb ?? Infinity) - there.reduce((sum, { weightLb }) => sum + weightLb, 0),
        tubes: (surface.tubes ?? 0) - there.reduce((sum, { line }) => sum + line.count, 0),
        walkFt: walkFtTo(compartment, doorsIn),
      },
    ];
  });
  const mostOrder = Math.max(1, ...all.map(({ order }) => order));
  const heavy = {
    lb: evaluation.limit('heavyLb')?.value ?? Infinity,
    highIn: evaluation.limit('heavyHighIn')?.value ?? Infinity,
  };
  const tubed = places.some(({ surface }) => surface.tubes !== null);
  const problem: Problem = {
    items,
    places,
    options: [],
    barred: [],
    charging: Object.fromEntries(
      all.map(({ id }) => {
        const { outlets = 0, charges = 0 } = has[id] ?? {};
        const there = fixed.filter((thing) => thing.compartment.id === id && asks(thing, 'charged'));
        return [id, Math.max(0, outlets + charges - there.reduce((sum, { line }) => sum + line.count, 0))];
      }),
    ),
    keptFt3: fixed.reduce((sum, { line, part }) => sum + roomFt3(line, part), 0),
    momentLbIn: 0,
    wishes,
    rules,
  };
  const moved = new Set(items.map(({ line }) => `equipment.${line.id}`));
  problem.momentLbIn = evaluation
    .read(components)
    .filter(({ id }) => !moved.has(id))
    .reduce((sum, { weightLb, yIn }) => sum + weightLb * yIn, 0);
  items.forEach((item, i) =>
    places.forEach((place, p) => {
      const { surface, compartment, free, walkFt } = place;
      const lays = laysOn(item.part, item.line.count, surface);
      const inTube = surface.tubes !== null;
      const fits = inTube ? [lays[0]!] : lays.filter((lay) => spotFor(free, [lay]) !== null);
      const at = measured(place, fits.length > 0 ? fits : lays);
      const cost = costOf(item, at, walkFt, wishes);
      const asked: Asked = {
        item,
        place,
        fits: fits.length > 0,
        reachIn: at.reachIn,
        has: has[compartment.id],
        kept: fixed,
        heavy,
        tubed,
        rides: isWhere(rules.where[item.part.group], compartment, mostOrder),
      };
      const rule = KEEPS_FROM.find(([, keeps]) => keeps(asked))?.[0] ?? null;
      if (rule === null)
        problem.options.push({
          item: i,
          place: p,
          lays: fits,
          ...at,
          areaIn2: inTube ? 0 : Math.min(...fits.map(({ all: { alongIn, inIn } }) => alongIn * inIn)),
          cost,
        });
      else problem.barred.push({ item: i, place: p, rule, cost });
    }),
  );
  return problem;
}

/** Room that a plan may take: of all surfaces, without what stays free for growth and what a hand has filled, ft³. */
export function roomToTake({ places, rules, keptFt3 }: Problem): number {
  const in3 = places.flatMap(({ surface }) => surface.room).reduce((sum, box) => sum + volumeOf(box), 0);
  return Math.max(0, (in3 / IN3_PER_FT3) * (1 - rules.growthPct / 100) - keptFt3);
}
