import { around, reading } from '../../kernel/index.js';
import type { Box, Rectangle } from '../../kernel/index.js';
import { inches, listed } from '../../units/index.js';
import { inIt } from './hands.js';
import { ladderWays } from './place.js';
import type { MountedWay } from './place.js';

/** What lies in a way, from the tail and from the driver's side, each to scale within what all of it takes, in. */
export interface WayView {
  mount: MountedWay['mount'];
  wideIn: number;
  highIn: number;
  /** How long the way is; what lies there ends at its right. */
  longIn: number;
  section: Rectangle[];
  along: Rectangle[];
  words: string;
}

function viewOf(way: MountedWay): WayView {
  const all = around(way.laid.map(({ box }) => box));
  const wideIn = all.y1 - all.y0;
  const highIn = all.z1 - all.z0;
  const longIn = Math.max(way.lengthIn, all.x1 - all.x0);
  const fromTail = ({ y0, y1, z0, z1 }: Box): Rectangle => [
    y0 - all.y0,
    z0 - all.z0,
    y1 - all.y0,
    z1 - all.z0,
  ];
  const fromSide = ({ x0, x1, z0, z1 }: Box): Rectangle => [
    longIn - (all.x1 - x0),
    z0 - all.z0,
    longIn - (all.x1 - x1),
    z1 - all.z0,
  ];
  return {
    mount: way.mount,
    wideIn,
    highIn,
    longIn,
    section: way.laid.map(({ box }) => fromTail(box)),
    along: way.laid.map(({ box }) => fromSide(box)),
    words: `${listed(inIt(way))}: ${inches(wideIn)} across and ${inches(highIn)} high together.`,
  };
}

/** Every way with what lies in it. */
export const wayViews = reading('ladders', [ladderWays], (ways): WayView[] => ways.map(viewOf));
