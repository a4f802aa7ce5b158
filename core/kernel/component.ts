import { BASIS_TOLERANCE_PCT } from '../build/index.js';
import type { Basis } from '../build/index.js';
import type { Shape, TankBox } from './shapes.js';

/** What a load state may take off or leave on. */
export type Role =
  | 'fixed'
  | 'water'
  | 'foam'
  | 'fuel'
  | 'seatFront'
  | 'seatRear'
  | 'hose'
  | 'ladder'
  | 'equipment'
  | 'item'
  | 'allowance'
  | 'growth';

/** A liquid that can be there in part: its boxes fill from the bottom. */
export interface Filling {
  boxes: TankBox[];
  usableFraction: number;
  gallons: number;
  lbPerGal: number;
}

/** A share of a weight that rests evenly on a length of the frame; on one place where both ends are the same. In. */
export interface Rest {
  share: number;
  fromIn: number;
  toIn: number;
}

/** What a component is made of: a weight that was weighed belongs to this part, in this number and size. */
export interface Made {
  /** Id of the part. */
  part: string;
  count: number;
  /** Gallons, feet or inches, where it comes in sizes. */
  size: number | null;
}

/** Something that water harms, at its lowest, in the truck's frame; in. */
export interface HarmedAt {
  what: string;
  xIn: number;
  yIn: number;
  zIn: number;
}

/** Anything that weighs: mass (lb), place (in), shape, group, basis and tolerance. */
export interface Component {
  /** Part and line, such as `tank` or `hose.k4w9`: it stays when lines before it go. */
  id: string;
  name: string;
  group: string;
  /** The step of the order of work to which it belongs. */
  step: string;
  role: Role;
  weightLb: number;
  xIn: number;
  yIn: number;
  zIn: number;
  basis: Basis;
  tolerancePct: number;
  priceCents: number;
  made: Made;
  /** What its weight rests on: what rests on one source goes wrong together. Its part, where nothing else is said. */
  source: string;
  shapes: Shape[];
  filling?: Filling;
  /** Which seat it sits on, driver first from 1. */
  seat?: number;
  /** Where along the frame its weight rests, by shares that come to 1 and about its own center. */
  rests: readonly Rest[];
  /** What of it water harms, and where: an air intake, a breather, a battery. */
  harmedAt?: readonly HarmedAt[];
  /** What it is no use without. */
  needs?: 'pump';
  /** Why its weight can't be written over; left out where it can. */
  follows?: string;
  /** What the catalog says, where a better weight stands in its place. */
  catalogued?: { weightLb: number; basis: Basis; tolerancePct: number };
}

/** One of a part, or so many, in a size where it comes in sizes. */
export const madeOf = (part: string, count = 1, size: number | null = null): Made => ({ part, count, size });

type Optional =
  | 'tolerancePct'
  | 'role'
  | 'shapes'
  | 'priceCents'
  | 'basis'
  | 'filling'
  | 'seat'
  | 'needs'
  | 'harmedAt'
  | 'rests'
  | 'follows'
  | 'made'
  | 'source';
type Given = Omit<Component, Optional | 'catalogued'> & Partial<Pick<Component, Optional>>;

/** Length over which something without a shape of its own is spread along the frame, in. */
const POINT_IN = 12;

/** A weight rests evenly about its center, as far as its shapes reach on the nearer side (formulas: frame). In. */
function aboutCenter(xIn: number, shapes: readonly Shape[]): readonly Rest[] {
  let x0 = Infinity;
  let x1 = -Infinity;
  for (const { box } of shapes) {
    x0 = Math.min(x0, box.x0);
    x1 = Math.max(x1, box.x1);
  }
  const half = Math.max(POINT_IN / 2, Math.min(xIn - x0, x1 - xIn));
  return [{ share: 1, fromIn: xIn - half, toIn: xIn + half }];
}

/**
 * A component with the usual tolerance of its basis; catalogued, fixed and free of charge unless said otherwise.
 * Field by field, so that all of them have one shape: this is the hottest place of an edit.
 */
export function component(given: Given): Component {
  const basis = given.basis ?? 'catalogued';
  const of = given.made ?? madeOf(given.id);
  const shapes = given.shapes ?? [];
  const made: Component = {
    id: given.id,
    name: given.name,
    group: given.group,
    step: given.step,
    role: given.role ?? 'fixed',
    weightLb: given.weightLb,
    xIn: given.xIn,
    yIn: given.yIn,
    zIn: given.zIn,
    basis,
    tolerancePct: given.tolerancePct ?? BASIS_TOLERANCE_PCT[basis],
    priceCents: given.priceCents ?? 0,
    made: of,
    source: given.source ?? of.part,
    shapes,
    rests: given.rests ?? aboutCenter(given.xIn, shapes),
  };
  if (given.filling) made.filling = given.filling;
  if (given.seat) made.seat = given.seat;
  if (given.harmedAt) made.harmedAt = given.harmedAt;
  if (given.needs) made.needs = given.needs;
  if (given.follows) made.follows = given.follows;
  return made;
}
