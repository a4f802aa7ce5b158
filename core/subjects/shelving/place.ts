import {
  boxOf,
  component,
  each,
  fromBuild,
  madeOf,
  middleOf,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Box, Component } from '../../kernel/index.js';
import { compartments, doorway, insideOf, insideSize, onTruck } from '../../truck/index.js';
import type { Compartment, Inside } from '../../truck/index.js';
import { IN2_PER_FT2 } from '../../units/index.js';
import { nearestCompartment } from '../body/index.js';
import { fittedShelf } from './block.js';
import type { FittedLine } from './block.js';
import { plateAt } from './clear.js';
import type { Fitted, FittedKind } from './parts.js';

/** A fitting in its compartment, as the inside has it. */
export interface Placed {
  line: FittedLine;
  part: Fitted;
  compartment: Compartment;
  /** The room of the compartment. */
  cells: Inside[];
  /** What it takes of the space, closed; with the tools on the faces of a board. */
  takes: Inside;
  /** Its plate: the shelf, the tray, the board between its faces. */
  plate: Inside;
}

/** What stands from its underside to as high as it goes where nobody says how high. */
const HIGH: ReadonlySet<FittedKind> = new Set(['slideBoard', 'swingBoard', 'divider']);
/** What hangs on the back wall. */
const ON_THE_WALL: ReadonlySet<FittedKind> = new Set(['charger', 'outlet', 'vent']);
/** A board ends that far under what is over it, in. */
const UNDER_HEAD_IN = 0.5;
/** An upright divider is no higher than this where nobody says how high, in. */
const DIVIDER_HIGH_IN = 14;

/** How high a fitting is, closed, in. */
function highOf({ line, part }: Pick<Placed, 'line' | 'part'>, highest: number): number {
  const asked = line.heightIn ?? part.heightIn;
  if (asked !== undefined) return asked;
  if (part.kind === 'divider') return Math.min(DIVIDER_HIGH_IN, highest - line.upIn);
  return HIGH.has(part.kind) ? Math.max(1, highest - UNDER_HEAD_IN - line.upIn) : part.thickIn;
}

/** How long a fitting is along the compartment, where it is not as long as its plate's room, in. */
function longOf({ line, part }: Pick<Placed, 'line' | 'part'>): number | undefined {
  const faces = line.facesIn ?? part.facesIn ?? 0;
  if (part.kind === 'slideBoard') return 2 * faces + part.thickIn;
  if (part.kind === 'divider') return part.thickIn;
  return line.lengthIn ?? part.lengthIn;
}

/** A fitting where it stands in a compartment (formulas: surfaces). */
export function placedIn(compartment: Compartment, line: FittedLine, part: Fitted): Placed {
  const cells = compartment.room.map((box) => insideOf(compartment, box));
  const size = insideSize(compartment);
  // What comes out is made no larger than the doorway lets through.
  const through = part.outShare === undefined ? cells : throughDoor(cells, doorway(compartment));
  const high = highOf({ line, part }, headOver(through, line, size.zIn));
  const [z0, z1] = [line.upIn, line.upIn + high];
  const long = longOf({ line, part });
  const alongIn = line.alongIn ?? Math.min(...through.map(({ x0 }) => x0), size.xIn);
  const room = plateAt(through, [z0, z1], alongIn, long);
  const x0 = line.alongIn ?? room?.x0 ?? 0;
  const x1 = long === undefined ? (room?.x1 ?? size.xIn) : x0 + long;
  const faces = line.facesIn ?? part.facesIn ?? 0;
  const [near, far] = [room?.y0 ?? 0, room?.y1 ?? size.yIn];
  const deep = part.kind === 'swingBoard' ? 2 * faces + part.thickIn : (line.depthIn ?? part.depthIn);
  const y0 = line.inIn ?? (ON_THE_WALL.has(part.kind) && deep !== undefined ? far - deep : near);
  const takes = boxOf(x0, x1, y0, deep === undefined ? Math.max(far, y0 + 1) : y0 + deep, z0, z1);
  return { line, part, compartment, cells, takes, plate: plateOf(part, takes, faces) };
}

/** What of the room is behind the doorway, in. */
const throughDoor = (cells: readonly Inside[], { x0, x1, top }: ReturnType<typeof doorway>): Inside[] =>
  cells
    .filter((box) => box.x0 < x1 && box.x1 > x0 && box.z0 < top)
    .map((box) => ({
      ...box,
      x0: Math.max(box.x0, x0),
      x1: Math.min(box.x1, x1),
      z1: Math.min(box.z1, top),
    }));

/** How high the room goes over where a fitting begins, in. */
const headOver = (cells: readonly Inside[], { upIn, alongIn }: FittedLine, most: number): number => {
  const over = cells.filter(
    ({ x0, x1, z1 }) => z1 > upIn && (alongIn === undefined || (x0 <= alongIn + 1 && alongIn < x1)),
  );
  return over.length > 0 ? Math.max(...over.map(({ z1 }) => z1)) : most;
};

/** The plate of what takes so much. */
function plateOf({ kind, thickIn }: Fitted, takes: Inside, faces: number): Box {
  const { x0, x1, y0, y1, z0, z1 } = takes;
  switch (kind) {
    case 'divider':
      return takes;
    case 'slideBoard':
      return boxOf(x0 + faces, x0 + faces + thickIn, y0, y1, z0, z1);
    case 'swingBoard':
      return boxOf(x0, x1, y0 + faces, y0 + faces + thickIn, z0, z1);
    default:
      return boxOf(x0, x1, y0, y1, z0, Math.min(z1, z0 + Math.max(thickIn, 0.1)));
  }
}

const chosen = each(
  'shelving',
  fromBuild(({ shelving }) => shelving.lines),
  (line, stock) => ({ line, part: stock.part(line.partId) }),
  fittedShelf.stock,
);

/** Every fitting where it stands; in the nearest compartment where its own is gone. */
export const placedAll = settling('shelving', [chosen, compartments], (lines, all): Placed[] =>
  lines.flatMap(({ line, part }) => {
    const compartment = nearestCompartment(line.compartmentId, all);
    return compartment ? [placedIn(compartment, line, part)] : [];
  }),
);

/** How large the plate of a fitting is, ft²: of a board as it is seen, of others from above. */
export function areaFt2({ part: { kind }, plate: { x0, x1, y0, y1, z0, z1 } }: Placed): number {
  const upright =
    kind === 'slideBoard' || kind === 'divider' ? y1 - y0 : kind === 'swingBoard' ? x1 - x0 : null;
  return (upright === null ? (x1 - x0) * (y1 - y0) : upright * (z1 - z0)) / IN2_PER_FT2;
}

/** The fittings with their weights. */
export const fittedComponents = reading('shelving', [placedAll], (all): Component[] =>
  all.map((placed) => {
    const { line, part, compartment, takes } = placed;
    const area = areaFt2(placed);
    const box = onTruck(compartment, takes);
    return component({
      id: `shelving.${line.id}`,
      name: `${part.name}, ${compartment.name}`,
      group: 'Body',
      step: 'body',
      weightLb: part.weightLb + part.lbPerFt2 * area,
      basis: part.basis,
      priceCents: Math.round(part.priceCents + part.centsPerFt2 * area),
      ...middleOf(box),
      made: madeOf(part.id, 1, Math.round(area * 100) / 100),
      shapes: [{ kind: 'stowed', box }],
    });
  }),
);
