import { boxAt, component, madeOf, fromBuild, limitOf, reading } from '../../kernel/index.js';
import type { Box, Component } from '../../kernel/index.js';
import { compartments, components } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { ladderWay } from '../ladders/index.js';
import { CAB, equipmentShelf, FAMILY_PLACES, WAY } from './block.js';

/** What rides in the cab rides that far ahead of its back, in. */
const IN_CAB_IN = 18;

/** The compartment asked for, or the nearest that this body has: same side first, then any. */
function placeFor(id: string, all: readonly Compartment[]): Compartment | undefined {
  const there = all.find((compartment) => compartment.id === id);
  if (there) return there;
  const asked = FAMILY_PLACES.find((place) => place.id === id);
  const away = (compartment: Compartment) => Math.abs(compartment.order - (asked?.order ?? 0));
  const sameSide = all.filter(({ side }) => side === asked?.side).sort((a, b) => away(a) - away(b));
  return sameSide[0] ?? all[0];
}

const chosen = reading(
  'equipment',
  [fromBuild(({ equipment }) => equipment), equipmentShelf.stock],
  ({ lines }, stock) => lines.map((line) => ({ line, part: stock.part(line.partId) })),
);

/** Where a line of equipment rides: in the cab, with the ladders, or in a compartment. */
export interface Riding {
  id: string;
  center: { xIn: number; yIn: number; zIn: number };
  compartment?: Compartment;
}

/** Where each place that is asked for is: itself, or what this body has nearest to it. */
const ridesIn = reading(
  'equipment',
  [chosen, compartments, ladderWay, chosenChassis],
  (lines, all, way, { chassis: { cab } }): ReadonlyMap<string, Riding> => {
    const inCab: Riding = { id: CAB, center: { xIn: cab.backIn - IN_CAB_IN, yIn: 0, zIn: cab.seatZIn } };
    const places = new Map<string, Riding>();
    for (const { line } of lines) {
      const asked = line.compartmentId;
      if (places.has(asked)) continue;
      if (asked === CAB) places.set(asked, inCab);
      else if (asked === WAY && way) places.set(asked, { id: WAY, center: middleOf(way.box) });
      else {
        const compartment = placeFor(asked, all);
        places.set(
          asked,
          compartment ? { id: compartment.id, center: compartment.center, compartment } : inCab,
        );
      }
    }
    return places;
  },
);

const middleOf = ({ x0, x1, y0, y1, z0, z1 }: Box) => ({
  xIn: (x0 + x1) / 2,
  yIn: (y0 + y1) / 2,
  zIn: (z0 + z1) / 2,
});

/** Every line of equipment with its part and where it rides. */
export const riding = reading('equipment', [chosen, ridesIn], (lines, places) =>
  lines.map(({ line, part }) => ({ line, part, rides: places.get(line.compartmentId)! })),
);

/** Things that had to ride elsewhere than was asked for. */
export const moved = reading('equipment', [riding], (lines) =>
  lines
    .map(({ line, part, rides }) => ({ name: part.name, asked: line.compartmentId, rides: rides.id }))
    .filter(({ asked, rides }) => asked !== rides),
);

const stowed = reading('equipment', [riding], (lines): Component[] =>
  lines.map(({ line: { id, count }, part, rides: { center } }) =>
    component({
      id: `equipment.${id}`,
      name: count > 1 ? `${part.name} × ${count}` : part.name,
      group: 'Equipment',
      step: 'equipment',
      role: 'equipment',
      weightLb: part.weightLb * count,
      basis: part.basis,
      priceCents: part.priceCents * count,
      ...center,
      made: madeOf(part.id, count),
      shapes: [
        {
          kind: 'stowed',
          box: boxAt(center.xIn, center.yIn, center.zIn, part.lengthIn, part.widthIn, part.heightIn),
        },
      ],
    }),
  ),
);

/** What the profile allows for loose equipment, lb: more where the compartments are roomy. */
export const allowanceLb = reading(
  'equipment',
  [limitOf('allowanceLb'), limitOf('roomyFt3'), limitOf('roomyAllowanceLb'), compartments],
  (usual, roomyFrom, roomy, all) => {
    const volume = all.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    return (roomyFrom && roomy && volume >= roomyFrom.value ? roomy : usual)?.value ?? 0;
  },
);

/** Pounds of the profile's allowance that the list of equipment does not fill yet. */
export const allowanceLeftLb = reading(
  'equipment',
  [stowed, allowanceLb, compartments],
  (all, allowed, places) =>
    places.length === 0 ? 0 : Math.max(0, allowed - all.reduce((sum, { weightLb }) => sum + weightLb, 0)),
);

/**
 * Equipment in its compartments, and the profile's allowance where the list is lighter than it, spread by
 * volume.
 */
export const equipmentComponents = reading(
  'equipment',
  [stowed, allowanceLeftLb, compartments],
  (all, missingLb, places): Component[] => {
    const volume = places.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    if (missingLb <= 0 || volume <= 0) return all;
    return [
      ...all,
      ...places.map(({ id, name, volumeFt3, center }) =>
        component({
          id: `allowance.${id}`,
          name: `Allowance not yet listed, ${name}`,
          group: 'Allowance',
          step: 'equipment',
          role: 'allowance',
          follows: 'follows from the profile’s allowance',
          made: madeOf('allowance'),
          weightLb: (missingLb * volumeFt3) / volume,
          basis: 'estimated',
          ...center,
        }),
      ),
    ];
  },
);

/** What the listed equipment weighs, as far as it is known better, lb. */
export const equipmentLb = reading('equipment', [components], (all) =>
  all.filter(({ role }) => role === 'equipment').reduce((sum, { weightLb }) => sum + weightLb, 0),
);
