import {
  boxAt,
  component,
  each,
  groupsBy,
  madeOf,
  middleOf,
  fromBuild,
  limitsOfEach,
  provide,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Box, Component, Point } from '../../kernel/index.js';
import {
  compartments,
  components,
  longPieces,
  middleOfCompartments,
  onTruck,
  surfaces,
} from '../../truck/index.js';
import type { Compartment, LongPiece, Surface } from '../../truck/index.js';
import { nearestCompartment } from '../body/index.js';
import { chosenChassis } from '../chassis/index.js';
import { ladderWays, mountShelf, restsIn } from '../ladders/index.js';
import type { MountedWay } from '../ladders/index.js';
import { CAB, equipmentShelf, pieceAs, WAY, YET } from './block.js';
import type { EquipmentLine } from './block.js';
import { lyingOn } from './lying.js';
import type { Lying } from './lying.js';
import type { Equipment } from './parts.js';

/** What rides in the cab rides that far ahead of its back, in. */
const IN_CAB_IN = 18;

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
      // Another piece under the same part is not what was weighed.
      made: madeOf(line.name === undefined ? part.id : `${part.id} ${line.name}`, count),
    },
  };
};

const chosen = each(
  'equipment',
  fromBuild(({ equipment }) => equipment.lines),
  (line, stock) => pieceOf(line, pieceAs(stock.part(line.partId), line)),
  equipmentShelf.stock,
);

/** The lines by the place that each asks for, in the order in which the places first appear. */
const byPlace = reading('equipment', [chosen], (pieces) =>
  [...groupsBy(pieces, ({ line }) => line.compartmentId)].map(([asked, of]) => ({ asked, pieces: of })),
);

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
  /** On what they can lie there. */
  surfaces?: Surface[];
  way?: MountedWay;
}

/** Where the pieces of a line lie in their way. */
const boxesIn = ({ laid }: MountedWay, { about }: Piece): Box[] =>
  laid.filter(({ id }) => id === about.id).map(({ box }) => box);

/** The lines of equipment by where they ride; what rides as before is the very same. */
export const riding = settling(
  'equipment',
  [byPlace, compartments, surfaces, ladderWays, fromBuild(({ ladders }) => ladders.mountId), chosenChassis],
  (places, all, carriers, ways, mountId, { chassis: { cab } }): Riding[] => {
    const middle = middleOfCompartments(all);
    return places.map(({ asked, pieces }) => {
      const inCab = { id: CAB, center: { xIn: cab.backIn - IN_CAB_IN, yIn: 0, zIn: cab.seatZIn } };
      if (asked === CAB) return { asked, pieces, ...inCab };
      if (asked === YET) return { asked, pieces, id: YET, center: middle ?? inCab.center };
      const way = ways.find(({ mount }) => mount.id === (asked === WAY ? mountId : asked));
      if (way) return { asked, pieces, id: asked, center: middleOf(way.box), way };
      const compartment = nearestCompartment(asked, all);
      if (!compartment) return { asked, pieces, ...inCab };
      const { id, center } = compartment;
      const mine = carriers.filter(({ compartmentId }) => compartmentId === id);
      return { asked, pieces, id, center, compartment, surfaces: mine };
    });
  },
);

/** Where a piece has its place on a surface; nothing where it lies somewhere in its compartment. */
export function lyingIn({ line, part }: Piece, { asked, id, surfaces: carriers = [] }: Riding): Lying | null {
  const surface = asked === id ? carriers.find((carrier) => carrier.id === line.on) : undefined;
  return surface ? lyingOn(line, part, surface) : null;
}

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
export const pieceUpIn = (piece: Piece, rides: Riding): number => lies(piece, rides).at.zIn;

/**
 * Where a piece lies, and what is seen of it: in a way each by itself, behind a door on its surface or, where nobody
 * says on which, in the middle of the compartment.
 */
function lies(piece: Piece, rides: Riding): Pick<Component, 'shapes'> & { at: Point } {
  const { center, way, compartment } = rides;
  if (way) {
    const boxes = boxesIn(way, piece);
    return {
      at: centerOf(boxes),
      shapes: boxes.map((box) => ({ kind: 'longPiece', box })),
    };
  }
  const lying = compartment && lyingIn(piece, rides);
  if (lying) {
    const box = onTruck(compartment, lying.box);
    return { at: middleOf(box), shapes: [{ kind: 'stowed', box }] };
  }
  const { xIn, yIn, zIn } = center;
  const { lengthIn, widthIn, heightIn } = piece.part;
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
