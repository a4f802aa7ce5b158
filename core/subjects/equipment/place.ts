import {
  boxAt,
  component,
  each,
  madeOf,
  middleOf,
  fromBuild,
  limitsOfEach,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Component, Point } from '../../kernel/index.js';
import { compartments, components } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { ladderWay } from '../ladders/index.js';
import { CAB, equipmentShelf, FAMILY_PLACES, WAY } from './block.js';
import type { EquipmentLine } from './block.js';
import type { Equipment } from './parts.js';

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

/** A line of equipment with its part, and what it is wherever it rides. */
export interface Piece {
  line: EquipmentLine;
  part: Equipment;
  about: Pick<Component, 'id' | 'name' | 'weightLb' | 'priceCents' | 'made'>;
}

const pieceOf = (line: EquipmentLine, part: Equipment): Piece => {
  const { id, count } = line;
  return {
    line,
    part,
    about: {
      id: `equipment.${id}`,
      name: count > 1 ? `${part.name} × ${count}` : part.name,
      weightLb: part.weightLb * count,
      priceCents: part.priceCents * count,
      made: madeOf(part.id, count),
    },
  };
};

const chosen = each(
  'equipment',
  fromBuild(({ equipment }) => equipment.lines),
  (line, stock) => pieceOf(line, stock.part(line.partId)),
  equipmentShelf.stock,
);

/** The lines by the place that each asks for, in the order in which the places first appear. */
const byPlace = reading('equipment', [chosen], (pieces) => {
  const places = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const { compartmentId } = piece.line;
    const there = places.get(compartmentId);
    if (there) there.push(piece);
    else places.set(compartmentId, [piece]);
  }
  return [...places].map(([asked, of]) => ({ asked, pieces: of }));
});

/** What rides together: in the cab, with the ladders, or in a compartment. */
export interface Riding {
  /** The place that was asked for. */
  asked: string;
  pieces: Piece[];
  /** Where they ride: there, or what this body has nearest to it. */
  id: string;
  center: Point;
  compartment?: Compartment;
}

/** The lines of equipment by where they ride; what rides as before is the very same. */
export const riding = settling(
  'equipment',
  [byPlace, compartments, ladderWay, chosenChassis],
  (places, all, way, { chassis: { cab } }): Riding[] =>
    places.map(({ asked, pieces }) => {
      const inCab = { id: CAB, center: { xIn: cab.backIn - IN_CAB_IN, yIn: 0, zIn: cab.seatZIn } };
      if (asked === CAB) return { asked, pieces, ...inCab };
      if (asked === WAY && way) return { asked, pieces, id: WAY, center: middleOf(way.box) };
      const compartment = placeFor(asked, all);
      return compartment
        ? { asked, pieces, id: compartment.id, center: compartment.center, compartment }
        : { asked, pieces, ...inCab };
    }),
);

/** Things that had to ride elsewhere than was asked for. */
export const moved = reading('equipment', [riding], (all) =>
  all
    .filter(({ asked, id }) => asked !== id)
    .flatMap(({ asked, id, pieces }) => pieces.map(({ part }) => ({ name: part.name, asked, rides: id }))),
);

const stowed = each('equipment', riding, ({ pieces, center: { xIn, yIn, zIn } }): Component[] =>
  pieces.map(({ part, about: { id, name, weightLb, priceCents, made } }) =>
    component({
      id,
      name,
      group: 'Equipment',
      step: 'equipment',
      role: 'equipment',
      weightLb,
      basis: part.basis,
      priceCents,
      xIn,
      yIn,
      zIn,
      made,
      shapes: [{ kind: 'stowed', box: boxAt(xIn, yIn, zIn, part.lengthIn, part.widthIn, part.heightIn) }],
    }),
  ),
);

/** Pieces weigh what they weigh, wherever they ride. */
const listedLb = reading('equipment', [chosen], (pieces) =>
  pieces.reduce((sum, { line, part }) => sum + part.weightLb * line.count, 0),
);

/**
 * What the profile allows for loose equipment, lb: more where the compartments are roomy. Of two profiles each by
 * its own figures, and then the heavier.
 */
export const allowanceLb = reading(
  'equipment',
  [limitsOfEach('allowanceLb', 'roomyFt3', 'roomyAllowanceLb'), compartments],
  (profiles, all) => {
    const volume = all.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    return Math.max(
      ...profiles.map(({ allowanceLb: usual, roomyFt3, roomyAllowanceLb: roomy }) => {
        const isRoomy = roomyFt3 !== undefined && volume >= roomyFt3.value;
        return (isRoomy && roomy ? roomy : usual)?.value ?? 0;
      }),
    );
  },
);

/** Pounds of the profile's allowance that the list of equipment does not fill yet. */
export const allowanceLeftLb = reading(
  'equipment',
  [listedLb, allowanceLb, compartments],
  (listed, allowed, places) => (places.length === 0 ? 0 : Math.max(0, allowed - listed)),
);

/**
 * Equipment in its compartments, place by place, and the profile's allowance where the list is lighter than it,
 * spread by volume.
 */
export const equipmentComponents = reading(
  'equipment',
  [stowed, allowanceLeftLb, compartments],
  (all, missingLb, places): Component[][] => {
    const volume = places.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    if (missingLb <= 0 || volume <= 0) return all;
    return [
      ...all,
      places.map(({ id, name, volumeFt3, center }) =>
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
