import {
  check,
  heldTo,
  limitKind,
  limitOf,
  noneOf,
  overlapIn,
  reading,
  without,
} from '../../kernel/index.js';
import { formatWhole, inches, listed, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace } from '../brief/index.js';
import { freeBeside, widthAcross } from '../station/index.js';
import { openClashes, stuckIn } from './opened.js';
import { placedAll } from './place.js';
import type { Placed } from './place.js';
import { outOf } from './surfaces.js';

export const limits = {
  trayHighIn: limitKind('Highest that a tray or drawer is drawn out', 'in', 'most', 20, 90),
};

export const nameOf = ({ part, compartment }: Placed): string =>
  `${within(part.name)} in ${compartment.name}`;

/** What no tape shows, in. */
const HAIR_IN = 0.05;

/** Why a fitting does not go where it is put; nothing where it does. */
export interface Misfit {
  placed: Placed;
  why: 'gone' | 'outside' | 'into';
  /** What it runs into, and how far; in. */
  other?: Placed;
  byIn?: number;
}

/** How much of a fitting is outside its compartment's room, at its widest, in. */
function outsideIn({ takes, cells }: Placed): number {
  const left = without(takes, cells);
  return Math.max(0, ...left.map(({ x0, x1, y0, y1, z0, z1 }) => Math.min(x1 - x0, y1 - y0, z1 - z0)));
}

export const misfits = reading('shelving', [placedAll], (all): Misfit[] =>
  all.flatMap((placed, i): Misfit[] => {
    if (placed.compartment.id !== placed.line.compartmentId) return [{ placed, why: 'gone' }];
    const out = outsideIn(placed);
    if (out > HAIR_IN) return [{ placed, why: 'outside', byIn: out }];
    const other = all
      .slice(0, i)
      .find(
        ({ compartment, takes }) =>
          compartment.id === placed.compartment.id && overlapIn(takes, placed.takes) > 0,
      );
    return other ? [{ placed, why: 'into', other, byIn: overlapIn(other.takes, placed.takes) }] : [];
  }),
);

function misfitInWords({ placed, why, other, byIn = 0 }: Misfit): string {
  const { part, line, compartment } = placed;
  if (why === 'gone')
    return `${part.name}: this body has no ${line.compartmentId}; weighed in ${compartment.name} until another place is chosen.`;
  return why === 'outside'
    ? `${part.name} is ${inches(byIn)} beyond what ${compartment.name} has room for there.`
    : `${part.name} in ${compartment.name} runs ${inches(byIn)} into ${within(other!.part.name)}.`;
}

const andMore = (count: number): string => (count > 1 ? ` ${formatWhole(count - 1)} more likewise.` : '');

const fits = check(
  'shelving',
  { id: 'shelvingFits', title: 'Shelves, trays and boards fit', steps: ['body'] },
  [placedAll, misfits],
  (all, wrong) => {
    if (all.length === 0) return null;
    const [first] = wrong;
    return noneOf(
      wrong.length,
      'fails',
      'Geometry of this build, fitting by fitting',
      first
        ? misfitInWords(first) + andMore(wrong.length)
        : `All ${formatWhole(all.length)} have their room, closed.`,
    );
  },
);

/** What comes out and does not get through its doorway, or meets another that is out. */
export const stuck = reading('shelving', [placedAll], (all) => all.filter((placed) => stuckIn(placed) > 0));

const comesOut = check(
  'shelving',
  { id: 'comesOut', title: 'Trays and boards come out', steps: ['body'] },
  [placedAll, stuck, openClashes],
  (all, tight, clashes) => {
    const moving = all.filter((placed) => outOf(placed) > 0);
    if (moving.length === 0) return null;
    const [first] = tight;
    const [clash] = clashes;
    const words = first
      ? `${first.part.name} meets the doorway of ${first.compartment.name}: ${inches(stuckIn(first))} too much.`
      : clash
        ? `${clash.a.part.name} in ${clash.a.compartment.name} and ${nameOf(clash.b)} run ${inches(clash.byIn)} into each other when both are out.`
        : `All ${formatWhole(moving.length)} come out through their doorways, and clear of one another.`;
    const count = tight.length + clashes.length;
    return noneOf(count, 'fails', 'Geometry of this build, each open', words + andMore(count));
  },
);

/** Trays and drawers with the height of their plate over the ground, out and tipped, in; the highest first. */
export const trayHeights = reading('shelving', [placedAll], (all) =>
  all
    .filter(({ part }) => part.kind === 'tray' || part.kind === 'tipDown' || part.kind === 'drawer')
    .map((placed) => ({
      placed,
      highIn: placed.compartment.z0 + placed.plate.z1 - (placed.part.downIn ?? 0),
    }))
    .sort((a, b) => b.highIn - a.highIn),
);

const trayHigh = check(
  'shelving',
  { id: 'trayHigh', title: 'Trays below the chest', steps: ['body'] },
  [limitOf('trayHighIn'), trayHeights],
  (most, heights) => {
    const [highest] = heights;
    if (!most || !highest) return null;
    const over = heights.filter(({ highIn }) => highIn > most.value);
    const named = listed(over.slice(0, 3).map(({ placed }) => nameOf(placed)));
    return heldTo(
      'most',
      'in',
      highest.highIn,
      most,
      over.length > 0
        ? `${named}: full, at ${inches(highest.highIn)} over the ground, it is drawn out against the chest or the head; a tray that tips comes down to the hands.`
        : `The highest, ${nameOf(highest.placed)}, is ${inches(highest.highIn)} over the ground.`,
    );
  },
);

/** What comes out farthest on each side of the truck, in. */
export const farthestOut = reading('shelving', [placedAll], (all) =>
  (['left', 'right'] as const).flatMap((side) => {
    const [most] = all
      .filter((placed) => placed.compartment.side === side && outOf(placed) > 0)
      .sort((a, b) => outOf(b) - outOf(a));
    return most ? [{ side, placed: most, outIn: outOf(most) }] : [];
  }),
);

const trayRoom = placesCheck(
  'shelving',
  { id: 'trayRoom', title: 'Trays and boards come out in the lanes', steps: ['body'] },
  [counting('lanes'), placedAll, farthestOut, widthAcross],
  (lanes, all, out, { widthIn }) =>
    all.length === 0
      ? []
      : lanes.map((line): AtPlace => {
          const [first, second] = out;
          const worst = second && second.outIn > first!.outIn ? second : first;
          const { freeIn, words } = freeBeside(line, widthIn, worst?.side ?? 'right');
          const outIn = worst?.outIn ?? 0;
          return {
            line,
            actual: freeIn,
            limit: outIn,
            margin: freeIn - outIn,
            unit: 'in',
            words: worst
              ? `${words}; ${nameOf(worst.placed)} comes out by ${inches(outIn)}.`
              : `${words}, and nothing comes out at the sides.`,
          };
        }),
);

export const checks = [fits, comesOut, trayHigh, trayRoom];
