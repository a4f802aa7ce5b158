import { freshId } from '../../build/index.js';
import type { Build, BuildType } from '../../build/index.js';
import { CAB, equipmentShelf, usualPlaceOf, WAY, YET } from './block.js';
import type { EquipmentLine } from './block.js';

/** What such a truck usually carries at the least, a piece and how many; a starting point for a department's list. */
const STRUCTURAL: readonly (readonly [partId: string, count: number])[] = [
  ['pack', 4],
  ['spare-cylinder', 4],
  ['thermal-camera', 1],
  ['gas-meter-4', 1],
  ['portable-radios', 1],
  ['hand-lights', 1],
  ['medical-bag', 1],
  ['defibrillator', 1],
  ['irons', 1],
  ['axe-flat', 1],
  ['axe-pick', 1],
  ['closet-hook', 1],
  ['pike-pole-6', 1],
  ['pike-pole-8', 1],
  ['sledge', 1],
  ['bolt-cutters', 1],
  ['saw-chain', 1],
  ['saw-rotary', 1],
  ['fan-battery', 1],
  ['nozzle-fog-150', 2],
  ['nozzle-smooth-175', 2],
  ['nozzle-fog-250', 1],
  ['gated-wye', 1],
  ['hydrant-kit', 1],
  ['adapters', 1],
  ['spanners', 1],
  ['dry-chemical', 1],
  ['water-extinguisher', 1],
  ['salvage-cover', 2],
  ['rope-200', 1],
  ['wheel-chocks', 1],
  ['cones', 1],
  ['traffic-vests', 1],
  ['blankets', 1],
  ['tool-box', 1],
];

const WILDLAND: typeof STRUCTURAL = [
  ['portable-radios', 1],
  ['medical-bag', 1],
  ['hand-tools', 1],
  ['fire-rakes', 1],
  ['backpack-pump', 1],
  ['drip-torch', 1],
  ['saw-chain', 1],
  ['saw-chaps', 1],
  ['fuel-cans', 1],
  ['wildland-fittings', 1],
  ['wildland-hose-pack', 1],
  ['fire-shelters', 1],
  ['drinking-water', 1],
  ['weather-kit', 1],
  ['wheel-chocks', 1],
  ['dry-chemical', 1],
  ['tool-box', 1],
];

const STARTERS: Record<BuildType, typeof STRUCTURAL> = {
  pumper: STRUCTURAL,
  aerial: STRUCTURAL,
  brush: WILDLAND,
};

/** A piece of the starter list of which the truck carries fewer than such trucks usually do. */
export interface Missing {
  partId: string;
  usual: number;
  carried: number;
}

/** What a truck lacks of what such trucks usually carry. */
export const missingOf = (build: Build): Missing[] =>
  STARTERS[build.type].flatMap(([partId, usual]) => {
    const carried = build.equipment.lines
      .filter((line) => line.partId === partId)
      .reduce((sum, { count }) => sum + count, 0);
    return carried < usual ? [{ partId, usual, carried }] : [];
  });

/** Longer goes into no compartment as a rule, in: it rides with the ladders. */
const LONG_IN = 62;

/** The missing pieces listed: long ones in their way, the others with no place yet. */
export function withMissing(build: Build, newId: () => string = freshId): Build {
  const stock = equipmentShelf.in(build);
  const more = missingOf(build).map(({ partId, usual, carried }): EquipmentLine => {
    const part = stock.part(partId);
    const place = part.lengthIn > LONG_IN ? usualPlaceOf(part, build) : YET;
    return { id: newId(), partId, count: usual - carried, compartmentId: place };
  });
  return more.length === 0
    ? build
    : { ...build, equipment: { ...build.equipment, lines: [...build.equipment.lines, ...more] } };
}

/** The list of another truck in place of this one's, or after it; what had a place in its compartments has none yet here. */
export const withListOf = (build: Build, other: Build, newId: () => string = freshId): Build => ({
  ...build,
  equipment: {
    ...build.equipment,
    lines: [
      ...build.equipment.lines,
      ...other.equipment.lines.map((line): EquipmentLine => {
        const { on: _on, alongIn: _a, inIn: _i, pose: _p, rows: _r, fixed: _f, ...what } = line;
        const kept = line.compartmentId === CAB || line.compartmentId === WAY;
        return { ...what, id: newId(), compartmentId: kept ? line.compartmentId : YET };
      }),
    ],
  },
});
