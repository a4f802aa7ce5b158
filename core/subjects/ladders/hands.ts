import { boxOf, reading } from '../../kernel/index.js';
import type { Box, Row, TableOf } from '../../kernel/index.js';
import { bodyPlace } from '../../truck/index.js';
import type { BodyPlace } from '../../truck/index.js';
import { counted, feet, formatWhole, inches, listed } from '../../units/index.js';
import { ladderWays } from './place.js';
import type { MountedWay } from './place.js';
import type { LadderMount } from './parts.js';
import { mirrored, sideOf } from './ways.js';

const DRAWN_OUT = ['open the door', 'draw it out'];
const LET_DOWN = ['let the rack down', 'undo its straps', 'lift it out'];
const HANDED_DOWN = ['climb up', 'undo its straps', 'hand it down', 'climb down'];
/** What hands do, one after another, until a ladder or a long piece is off the truck. */
export const MOVES: Record<LadderMount['ride'], readonly string[]> = {
  rack: ['lower the rack', 'undo its latches', 'lift it out'],
  flat: ['undo its straps', 'lift it off'],
  tunnel: DRAWN_OUT,
  middle: DRAWN_OUT,
  underBed: DRAWN_OUT,
  top: HANDED_DOWN,
  trough: HANDED_DOWN,
  fly: HANDED_DOWN,
};

/** A lowered rack holds the middle of what it carries so high, in: as hands take it. */
const LOWERED_IN = 36;
/** Room beside a truck in which somebody lifts something off its side, in. */
const LIFTING_IN = 30;
/** Room behind it for who draws a ladder out, in. */
const BEHIND_IN = 24;

/** A way as hands come to it. */
export interface ToHand {
  way: MountedWay;
  moves: readonly string[];
  /** The highest and lowest of the ladders as hands take them, over the ground, in. */
  takenFromIn: number;
  takenToIn: number;
  /**
   * A rack's arms swing out beside the truck so far, about a height, and hold what it carries between these heights;
   * where each of them is then; in.
   */
  swing: {
    besideIn: number;
    aboutIn: number;
    z0: number;
    z1: number;
    lowered: Box[];
    /** The components that come down with it. */
    componentIds: string[];
  } | null;
  /** Room that it takes beside the truck on its side, and behind it, in. */
  besideIn: number;
  behindIn: number;
}

/** A rack turns about a place half-way between where it carries things and where hands take them. */
function swingOf({ mount, box, laid }: MountedWay): NonNullable<ToHand['swing']> {
  const half = (box.z1 - box.z0) / 2;
  const middle = (box.z0 + box.z1) / 2;
  const armIn = Math.abs(middle - LOWERED_IN) / 2;
  const side = sideOf(mount);
  const outerIn = mirrored(box, side).y1;
  return {
    besideIn: armIn + half,
    aboutIn: (middle + LOWERED_IN) / 2,
    z0: LOWERED_IN - half,
    z1: LOWERED_IN + half,
    componentIds: laid.map(({ id }) => id),
    // What was inward on the truck is outward beside it.
    lowered: laid.map(({ box: on }) => {
      const { x0, x1, y0, y1, z0, z1 } = mirrored(on, side);
      const high = (z1 - z0) / 2;
      return mirrored(
        boxOf(x0, x1, 2 * outerIn - y1, 2 * outerIn - y0, LOWERED_IN - high, LOWERED_IN + high),
        side,
      );
    }),
  };
}

function toHandOf(way: MountedWay, { endIn, rearEndIn }: BodyPlace): ToHand {
  const { mount, box, laid } = way;
  const swing = mount.ride === 'rack' || mount.letDown ? swingOf(way) : null;
  const through = mount.ride === 'tunnel' || mount.ride === 'middle' || mount.ride === 'underBed';
  const longest = Math.max(...laid.map(({ lengthIn }) => lengthIn));
  return {
    way,
    moves: mount.letDown ? LET_DOWN : MOVES[mount.ride],
    takenFromIn: swing?.z0 ?? box.z0,
    takenToIn: swing?.z1 ?? box.z1,
    swing,
    besideIn: swing?.besideIn ?? (mount.ride === 'flat' ? LIFTING_IN : 0),
    // Drawn out until its end is clear of the door, over the tailboard.
    behindIn: through ? longest - (rearEndIn - endIn) + BEHIND_IN : 0,
  };
}

/** Each way as hands come to it. */
export const toHand = reading('ladders', [ladderWays, bodyPlace], (ways, body): ToHand[] =>
  ways.map((way) => toHandOf(way, body)),
);

/** What lies in a way, name by name, in the order in which it lies. */
export const inIt = ({ laid }: MountedWay): string[] => {
  const counts = new Map<string, number>();
  for (const { name } of laid) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, count]) => (count > 1 ? `${name} × ${formatWhole(count)}` : name));
};

/** Each way: what lies in it, how far it reaches, and how ladders come to hand. */
export const waysTable = reading('ladders', [toHand], (all): TableOf => ({
  title: 'Ways of ladders and long pieces',
  columns: [
    { head: 'Way' },
    { head: 'In it' },
    { head: 'Long', figure: true },
    { head: 'Taken between', figure: true },
    { head: 'Room beside', figure: true },
    { head: 'Room behind', figure: true },
    { head: 'Moves until it is off' },
  ],
  rows: all.map(({ way, moves, takenFromIn, takenToIn, besideIn, behindIn }): Row => ({
    id: way.mount.id,
    cells: [
      way.mount.name,
      listed(inIt(way)),
      `${inches(way.lengthIn)} ${way.reach}`,
      `${inches(takenFromIn)} and ${inches(takenToIn)}`,
      besideIn > 0 ? inches(besideIn) : 'none',
      behindIn > 0 ? inches(behindIn) : 'none',
      `${counted(moves.length, 'move')}: ${moves.join(', ')}`,
    ],
  })),
}));

/** Kinds of ladder, and what all of them come to. */
export const laddersTable = reading('ladders', [ladderWays], (ways): TableOf => {
  const all = ways.flatMap(({ laid, mount }) =>
    laid.flatMap(({ id, ladder, box }) => (ladder ? [{ id, ladder, box, mount }] : [])),
  );
  return {
    title: 'Ladders carried',
    columns: [
      { head: 'Ladder' },
      { head: 'Length', figure: true },
      { head: 'Bedded', figure: true },
      { head: 'Rides' },
      { head: 'Its middle, up', figure: true },
    ],
    rows: [
      ...all.map(({ id, ladder, box, mount }): Row => ({
        id,
        cells: [
          ladder.name,
          feet(ladder.lengthFt),
          inches(ladder.beddedIn),
          mount.name,
          inches((box.z0 + box.z1) / 2),
        ],
      })),
      {
        id: 'all',
        cells: ['Together', feet(all.reduce((sum, { ladder }) => sum + ladder.lengthFt, 0)), '', '', ''],
        strong: true,
      },
    ],
  };
});
