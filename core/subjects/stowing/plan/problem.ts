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
import type { Compartment, Surface } from '../../../truck/index.js';
import { IN3_PER_FT3, IN_PER_FT } from '../../../units/index.js';
import { equipmentShelf, pieceAs, YET } from '../../equipment/index.js';
import type { Equipment, EquipmentLine, Lay } from '../../equipment/index.js';
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
export type Rule = 'size' | 'where' | 'needs' | 'height' | 'tubes' | 'rating';
export const RULE_NAMES: Record<Rule, string> = {
  size: 'it has no room there',
  where: 'its discipline rides elsewhere',
  needs: 'the compartment has not what it asks for',
  height: 'it is too heavy for that height',
  tubes: 'cylinders go into tubes',
  rating: 'it weighs more than is rated',
};

export interface Problem {
  items: Item[];
  places: Place[];
  options: Option[];
  /** For each line the rule that keeps it from a surface, and what it would cost there. */
  barred: { item: number; place: number; rule: Rule; cost: number }[];
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

/** Lines that stay where a hand has put them. */
const stays = ({ line }: Placed): boolean => line.fixed === 'yes';

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
        roomFt3: (part.lengthIn * part.widthIn * part.heightIn * line.count) / IN3_PER_FT3,
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
  const heavyLb = evaluation.limit('heavyLb')?.value ?? Infinity;
  const heavyHighIn = evaluation.limit('heavyHighIn')?.value ?? Infinity;
  const tubed = places.some(({ surface }) => surface.tubes !== null);
  const problem: Problem = { items, places, options: [], barred: [], momentLbIn: 0, wishes, rules };
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
      const needs = item.part.needs ?? [];
      const provided = has[compartment.id];
      const heavy = item.part.weightLb > heavyLb || needs.includes('fromGround');
      const rule: Rule | null =
        inTube !== (item.part.tubed === true && tubed)
          ? 'tubes'
          : inTube && place.tubes < item.line.count
            ? 'size'
            : fits.length === 0
              ? 'size'
              : !isWhere(rules.where[item.part.group], compartment, mostOrder)
                ? 'where'
                : (needs.includes('vented') && !provided?.vented) ||
                    (needs.includes('locked') && !provided?.locked) ||
                    (needs.includes('curbSide') && compartment.side === 'left') ||
                    (needs.includes('charged') && !provided?.outlets && !provided?.charges)
                  ? 'needs'
                  : heavy && at.reachIn > heavyHighIn
                    ? 'height'
                    : item.weightLb > place.leftLb
                      ? 'rating'
                      : null;
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

/** Room of all surfaces together, ft³. */
export const roomOf = ({ places }: Problem): number =>
  places.reduce((sum, { surface }) => sum + surface.room.reduce((ft, box) => ft + volumeOf(box), 0), 0) /
  IN3_PER_FT3;
