import { boxAt, component, madeOf, fromBuild, limitOf, reading } from '../../kernel/index.js';
import type { Component } from '../../kernel/index.js';
import { compartments, components } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { CAB, equipmentShelf, PLACES } from './block.js';
import type { PlaceId } from './block.js';

/** What rides in the cab rides that far ahead of its back, in. */
const IN_CAB_IN = 18;

/** The compartment asked for, or the nearest that this body has: same side first, then any. */
function placeFor(id: PlaceId, all: readonly Compartment[]): Compartment | undefined {
  const asked = PLACES.find((place) => place.id === id)!;
  const away = (compartment: Compartment) => Math.abs(compartment.order - asked.order);
  const sameSide = all.filter(({ side }) => side === asked.side).sort((a, b) => away(a) - away(b));
  return all.find((compartment) => compartment.id === id) ?? sameSide[0] ?? all[0];
}

const chosen = reading(
  'equipment',
  [fromBuild(({ equipment }) => equipment), equipmentShelf.stock],
  ({ lines }, stock) => lines.map((line) => ({ line, part: stock.part(line.partId) })),
);

/**
 * Where each place that is asked for is: the compartment itself, or what this body has nearest to it; none in
 * the cab.
 */
const placesFor = reading(
  'equipment',
  [compartments],
  (all) => new Map(PLACES.map(({ id }) => [id, id === CAB ? undefined : placeFor(id, all)])),
);

/** Things that had to ride elsewhere than was asked for. */
export const moved = reading('equipment', [chosen, placesFor], (lines, places) =>
  lines
    .map(({ line, part }) => ({
      name: part.name,
      asked: line.compartmentId,
      rides: (places.get(line.compartmentId)?.id ?? CAB) as PlaceId,
    }))
    .filter(({ asked, rides }) => asked !== rides),
);

const stowed = reading(
  'equipment',
  [chosen, placesFor, chosenChassis],
  (lines, places, { chassis: { cab } }): Component[] => {
    const inCab = { xIn: cab.backIn - IN_CAB_IN, yIn: 0, zIn: cab.seatZIn };
    return lines.map(({ line: { id, count, compartmentId }, part }) => {
      const { xIn, yIn, zIn } = places.get(compartmentId)?.center ?? inCab;
      return component({
        id: `equipment.${id}`,
        name: count > 1 ? `${part.name} × ${count}` : part.name,
        group: 'Equipment',
        step: 'equipment',
        role: 'equipment',
        weightLb: part.weightLb * count,
        basis: part.basis,
        priceCents: part.priceCents * count,
        xIn,
        yIn,
        zIn,
        made: madeOf(part.id, count),
        shapes: [{ kind: 'stowed', box: boxAt(xIn, yIn, zIn, part.lengthIn, part.widthIn, part.heightIn) }],
      });
    });
  },
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
      ...places.map(({ id, volumeFt3, center }) =>
        component({
          id: `allowance.${id}`,
          name: `Allowance not yet listed, ${id}`,
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
