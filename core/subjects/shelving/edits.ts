import { freshId } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { overlapIn, without } from '../../kernel/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { fittedShelf, withFitted } from './block.js';
import type { FittedLine } from './block.js';
import { stuckIn } from './opened.js';
import type { Fitted, FittedKind } from './parts.js';
import { placedAll, placedIn } from './place.js';
import type { Placed } from './place.js';

/** At what height over the floor one begins to look for room, in: shelves above what stands on the floor. */
const BEGINS_IN: Partial<Record<FittedKind, number>> = {
  shelf: 14,
  charger: 20,
  outlet: 26,
  vent: 2,
  lock: 12,
  divider: 3,
  tipDown: 14,
};
/** What stands one above the other has so much between it, in. */
const APART_IN = 8;
const APART: ReadonlySet<FittedKind> = new Set(['shelf', 'tray', 'tipDown']);

const collides = (a: Placed, b: Placed): boolean => {
  const apart = APART.has(a.part.kind) && APART.has(b.part.kind) ? APART_IN : 0;
  return overlapIn({ ...a.takes, z0: a.takes.z0 - apart, z1: a.takes.z1 + apart }, b.takes) > 0;
};

/** Whether a fitting has its room among others of its compartment, and comes out. */
const hasRoom = (placed: Placed, others: readonly Placed[]): boolean =>
  without(placed.takes, placed.cells).length === 0 &&
  stuckIn(placed) === 0 &&
  !others.some((other) => collides(placed, other));

/** The least room along a compartment for what is put beside a board, in. */
const BESIDE_IN = 8;

/** The first place from the floor up, and from the front end, where a fitting has its room; null where there is none. */
export function freePlace(
  compartment: Compartment,
  part: Fitted,
  others: readonly Placed[],
  fromIn = BEGINS_IN[part.kind] ?? 0,
): Pick<FittedLine, 'upIn' | 'alongIn'> | null {
  const top = compartment.z1 - compartment.z0;
  const starts = [undefined, ...others.map(({ takes }) => takes.x1).filter((x) => x > BESIDE_IN)];
  for (let upIn = fromIn; upIn < top; upIn++)
    for (const alongIn of starts) {
      const line: FittedLine = {
        id: '',
        partId: part.id,
        compartmentId: compartment.id,
        upIn,
        ...(alongIn === undefined ? {} : { alongIn: Math.ceil(alongIn * 2) / 2 }),
      };
      if (hasRoom(placedIn(compartment, line, part), others)) {
        const { id: _id, partId: _part, compartmentId: _in, ...at } = line;
        return at;
      }
    }
  return null;
}

/** A fitting added where it has its room first; on the floor where it has none, which a check tells. */
export function withFittedIn(
  evaluation: Evaluation,
  partId: string,
  compartmentId: string,
  id = freshId(),
): Build {
  const { build } = evaluation;
  const compartment = evaluation.read(compartments).find((one) => one.id === compartmentId);
  const part = fittedShelf.in(build).part(partId);
  const others = evaluation.read(placedAll).filter((placed) => placed.compartment.id === compartmentId);
  const at = (compartment && freePlace(compartment, part, others)) ?? { upIn: 0 };
  return withFitted(build, [...build.shelving.lines, { id, partId, compartmentId, ...at }]);
}

/**
 * What compartments are usually fitted with: a tray on the floor, and shelves over it, at such heights in compartments
 * that are so high; in.
 */
const USUAL: readonly { partId: string; fromHighIn: number; atIn: number }[] = [
  { partId: 'tray', fromHighIn: 16, atIn: 0 },
  { partId: 'shelf', fromHighIn: 40, atIn: 24 },
  { partId: 'shelf', fromHighIn: 56, atIn: 42 },
];

/** Every compartment that has nothing in it fitted as usual. */
export function fittedAsUsual(evaluation: Evaluation, newId: () => string = freshId): Build {
  const stock = fittedShelf.in(evaluation.build);
  const lines = evaluation.read(compartments).flatMap((compartment): FittedLine[] => {
    if (compartment.side === 'top') return [];
    if (evaluation.build.shelving.lines.some(({ compartmentId }) => compartmentId === compartment.id))
      return [];
    const made: Placed[] = [];
    for (const { partId, fromHighIn, atIn } of USUAL) {
      if (compartment.z1 - compartment.z0 < fromHighIn) continue;
      const part = stock.part(partId);
      const at = freePlace(compartment, part, made, atIn);
      if (!at) continue;
      made.push(placedIn(compartment, { id: newId(), partId, compartmentId: compartment.id, ...at }, part));
    }
    return made.map(({ line }) => line);
  });
  return lines.length === 0
    ? evaluation.build
    : withFitted(evaluation.build, [...evaluation.build.shelving.lines, ...lines]);
}
