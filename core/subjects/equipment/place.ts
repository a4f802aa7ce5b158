import {
  boxAt,
  component,
  each,
  madeOf,
  middleOf,
  fromBuild,
  limitsOfEach,
  provide,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Box, Component, Point } from '../../kernel/index.js';
import { compartments, components, longPieces } from '../../truck/index.js';
import type { Compartment, LongPiece } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { ladderWays, mountShelf, restsIn } from '../ladders/index.js';
import type { MountedWay } from '../ladders/index.js';
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

/** The pieces that were put into a way: on edge, their longest side along it. */
export const piecesInWays = provide(longPieces, [chosen, mountShelf.stock], (pieces, mounts): LongPiece[] =>
  pieces
    .filter(({ line: { compartmentId: id } }) => id === WAY || mounts.find(id) !== undefined)
    .map(({ about: { id }, line: { count, compartmentId }, part: { name, lengthIn, widthIn, heightIn } }) => {
      const [long, tall, thick] = [lengthIn, widthIn, heightIn].sort((a, b) => b - a);
      return {
        id,
        name,
        lengthIn: long!,
        tallIn: tall!,
        thickIn: thick!,
        count,
        wayId: compartmentId === WAY ? null : compartmentId,
      };
    }),
);

/** What rides together: in the cab, in a way, or in a compartment. */
export interface Riding {
  /** The place that was asked for. */
  asked: string;
  pieces: Piece[];
  /** Where they ride: there, or what this body has nearest to it. */
  id: string;
  center: Point;
  compartment?: Compartment;
  way?: MountedWay;
}

/** Where the pieces of a line lie in their way. */
const boxesIn = ({ laid }: MountedWay, { about }: Piece): Box[] =>
  laid.filter(({ id }) => id === about.id).map(({ box }) => box);

/** The lines of equipment by where they ride; what rides as before is the very same. */
export const riding = settling(
  'equipment',
  [byPlace, compartments, ladderWays, fromBuild(({ ladders }) => ladders.mountId), chosenChassis],
  (places, all, ways, mountId, { chassis: { cab } }): Riding[] =>
    places.map(({ asked, pieces }) => {
      const inCab = { id: CAB, center: { xIn: cab.backIn - IN_CAB_IN, yIn: 0, zIn: cab.seatZIn } };
      if (asked === CAB) return { asked, pieces, ...inCab };
      const way = ways.find(({ mount }) => mount.id === (asked === WAY ? mountId : asked));
      if (way) return { asked, pieces, id: asked, center: middleOf(way.box), way };
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

/** The center of boxes that weigh alike. */
const centerOf = (boxes: readonly Box[]): Point => {
  const mean = (of: (point: Point) => number) =>
    boxes.reduce((sum, box) => sum + of(middleOf(box)), 0) / boxes.length;
  return { xIn: mean(({ xIn }) => xIn), yIn: mean(({ yIn }) => yIn), zIn: mean(({ zIn }) => zIn) };
};

/** How high the middle of a piece is, in. */
export const pieceUpIn = (piece: Piece, { way, center }: Riding): number =>
  way ? centerOf(boxesIn(way, piece)).zIn : center.zIn;

/** Where a piece lies, and what is seen of it: in a way each by itself, elsewhere behind its door. */
function lies(piece: Piece, { center, way }: Riding): Pick<Component, 'shapes'> & { at: Point } {
  const { lengthIn, widthIn, heightIn } = piece.part;
  if (way) {
    const boxes = boxesIn(way, piece);
    return {
      at: centerOf(boxes),
      shapes: boxes.map((box) => ({ kind: 'longPiece', box })),
    };
  }
  const { xIn, yIn, zIn } = center;
  return { at: center, shapes: [{ kind: 'stowed', box: boxAt(xIn, yIn, zIn, lengthIn, widthIn, heightIn) }] };
}

const stowed = each('equipment', riding, (rides): Component[] =>
  rides.pieces.map((piece) => {
    const { part, about } = piece;
    const { at, shapes } = lies(piece, rides);
    const { id, name, weightLb, priceCents, made } = about;
    return component({
      id,
      name,
      group: 'Equipment',
      step: 'equipment',
      role: 'equipment',
      weightLb,
      basis: part.basis,
      priceCents,
      ...at,
      ...(rides.way ? restsIn(rides.way, at.xIn) : {}),
      made,
      shapes,
    });
  }),
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
