import { BODIES, DOOR_STYLES } from './body.js';
import { CHASSIS } from './chassis.js';
import { DEVICES } from './devices.js';
import { EQUIPMENT } from './equipment.js';
import { FITTINGS } from './fittings.js';
import { BUMPERS, BUMPER_ITEMS } from './front.js';
import { HOSES } from './hose.js';
import { LADDERS, LADDER_MOUNTS } from './ladders.js';
import { PROFILES } from './profiles.js';
import type { BuildType } from './types.js';
import { FOAM_SYSTEMS, PUMPS, TANK_SHAPES } from './water.js';

/** Every kind of part by the name that a build file uses for it. */
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
type Entry<K extends PartKind> = (typeof CATALOGUE)[K][number];

const byId = Object.fromEntries(
  Object.entries(CATALOGUE).map(([kind, parts]) => [kind, new Map(parts.map((part) => [part.id, part]))]),
) as unknown as { [K in PartKind]: Map<string, Entry<K>> };

/** The part of that id, or undefined when the catalogue does not have it. */
export const findPart = <K extends PartKind>(kind: K, id: string): Entry<K> | undefined => byId[kind].get(id);

/**
 * The part of that id.
 * @throws RangeError naming the kind and the id when the catalogue does not have it.
 */
export function partOf<K extends PartKind>(kind: K, id: string): Entry<K> {
  const part = findPart(kind, id);
  if (!part) throw new RangeError(`the catalogue has no ${kind} "${id}"`);
  return part;
}

/** The parts of a kind that suit a type of build, in catalogue order. */
export const partsFor = <K extends PartKind>(kind: K, type: BuildType): Entry<K>[] =>
  (CATALOGUE[kind] as Entry<K>[]).filter((part) => !('types' in part) || (part.types as BuildType[]).includes(type));
