import { reading } from '../../kernel/index.js';
import type { AlongBlock } from '../../kernel/index.js';
import { RANK } from '../../truck/index.js';
import { chosenDevice } from './chosen.js';
import type { AerialDevice } from './parts.js';

/** Free ahead of and behind a pedestal that stands between pump and body, in all, in. */
const PEDESTAL_CLEAR_IN = 4;
/** A pedestal is narrower by that share than the plate that turns on it. */
export const PEDESTAL_SHARE = 0.62;

/** What a device puts into the row: stabilizers and stairs behind the cab, and the turntable ahead of the body. */
function blocksOf({ mount, bayIn, turntable }: AerialDevice): AlongBlock[] {
  if (mount !== 'mid') return [];
  const pedestal: AlongBlock = {
    id: 'turntable',
    title: 'Turntable',
    rank: RANK.turntable,
    // Its plate turns over what stands beside the pedestal.
    aheadIn: PEDESTAL_CLEAR_IN / 2,
    lengthIn: turntable.diameterIn * PEDESTAL_SHARE + PEDESTAL_CLEAR_IN / 2,
    moves: true,
  };
  if (bayIn === undefined) return [pedestal];
  const bay: AlongBlock = {
    id: 'stabilizers',
    title: 'Outriggers and stairs',
    rank: RANK.stabilizers,
    aheadIn: 0,
    lengthIn: bayIn,
    moves: true,
  };
  return [bay, pedestal];
}

/** How much of the row a device takes, in. */
export const alongIn = (device: AerialDevice): number =>
  blocksOf(device).reduce((sum, { aheadIn, lengthIn }) => sum + aheadIn + lengthIn, 0);

/** A mid mount stands in the row. */
export const deviceAlong = reading('device', [chosenDevice], (chosen): AlongBlock[] =>
  chosen ? blocksOf(chosen.device) : [],
);
