import { BODIES, DOOR_STYLES } from './body.js';
import { CHASSIS } from './chassis.js';
import { DEVICES } from './devices.js';
import { EQUIPMENT } from './equipment.js';
import { FITTINGS } from './fittings.js';
import { BUMPERS, BUMPER_ITEMS } from './front.js';
import { HOSES } from './hose.js';
import { LADDERS, LADDER_MOUNTS } from './ladders.js';
import { SOURCE_BASIS } from './own-part.js';
import type { FigureSource, OwnKind, OwnPart } from './own-part.js';
import { PART_FIELDS } from './part-fields.js';
import type { PartField } from './part-fields.js';
import { PROFILES } from './profiles.js';
import type { Basis, BuildType } from './types.js';
import { FOAM_SYSTEMS, PUMPS, TANK_SHAPES } from './water.js';

/** What ships with Baros: every kind of part by the name that a build file uses for it. */
export const CATALOGUE = {
  chassis: CHASSIS,
  bumper: BUMPERS,
  bumperItem: BUMPER_ITEMS,
  pump: PUMPS,
  tankShape: TANK_SHAPES,
  foam: FOAM_SYSTEMS,
  hose: HOSES,
  ladder: LADDERS,
  ladderMount: LADDER_MOUNTS,
  body: BODIES,
  doors: DOOR_STYLES,
  fitting: FITTINGS,
  device: DEVICES,
  equipment: EQUIPMENT,
  profile: PROFILES,
};

export type PartKind = keyof typeof CATALOGUE;
export type Entry<K extends PartKind> = (typeof CATALOGUE)[K][number];
type Shelves = { [K in PartKind]: Map<string, Entry<K>> };

/** The parts that a build can choose from: what ships with Baros, and own parts beside or in place of them. */
export class Catalogue {
  constructor(private readonly shelves: Shelves) {}

  /** The part of that id, or undefined when there is none. */
  find<K extends PartKind>(kind: K, id: string): Entry<K> | undefined {
    return this.shelves[kind].get(id);
  }

  /**
   * The part of that id.
   * @throws RangeError naming the kind and the id when there is none.
   */
  part<K extends PartKind>(kind: K, id: string): Entry<K> {
    const part = this.find(kind, id);
    if (!part) throw new RangeError(`the catalogue has no ${kind} "${id}"`);
    return part;
  }

  /** All parts of a kind, in catalogue order. */
  all<K extends PartKind>(kind: K): Entry<K>[] {
    return [...this.shelves[kind].values()];
  }

  /** The parts of a kind that suit a type of build, in catalogue order. */
  for<K extends PartKind>(kind: K, type: BuildType): Entry<K>[] {
    return this.all(kind).filter((part) => !('types' in part) || (part.types as BuildType[]).includes(type));
  }
}

const shelvesOf = (): Shelves => Object.fromEntries(Object.entries(CATALOGUE).map(([kind, parts]) => [kind, new Map(parts.map((part) => [part.id, part]))])) as unknown as Shelves;

/** The catalogue without anybody's own parts. */
export const SHIPPED = new Catalogue(shelvesOf());

const SURENESS: Basis[] = ['weighed', 'catalogued', 'calculated', 'estimated'];

/** What the weight of an own part rests on: the least sure of its weight's sources; a weight that was not given is a guess. */
function basisOf(own: OwnPart): Basis {
  const fields = PART_FIELDS[own.kind].filter((field) => field.weight);
  const sources = fields.map(({ id }): FigureSource => own.figures.find((figure) => figure.field === id)?.source ?? 'estimate');
  return SURENESS[Math.max(...sources.map((source) => SURENESS.indexOf(SOURCE_BASIS[source])))]!;
}

/** An own part with its figures on the shape of the shipped one that it is like; undefined where that one is not known. */
export function resolveOwn<K extends OwnKind>(own: OwnPart & { kind: K }): Entry<K> | undefined {
  const like = SHIPPED.find(own.kind, own.likeId);
  if (!like) return undefined;
  const fields = PART_FIELDS[own.kind] as unknown as PartField<Entry<K>>[];
  const written = own.figures.reduce((part, { field, value }) => fields.find(({ id }) => id === field)?.write(part, value) ?? part, like);
  return { ...written, id: own.id, name: own.name, basis: basisOf(own), own: true };
}

const made = new WeakMap<readonly OwnPart[], Catalogue>();

/** What ships with Baros and these own parts. Made once for each list. */
export function catalogueWith(ownParts: readonly OwnPart[] | undefined): Catalogue {
  if (!ownParts?.length) return SHIPPED;
  let catalogue = made.get(ownParts);
  if (!catalogue) {
    const shelves = shelvesOf();
    for (const own of ownParts) {
      const part = resolveOwn(own);
      if (part) (shelves[own.kind] as Map<string, unknown>).set(own.id, part);
    }
    catalogue = new Catalogue(shelves);
    made.set(ownParts, catalogue);
  }
  return catalogue;
}
