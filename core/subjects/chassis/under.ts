import { boxAt, boxOf, reading } from '../../kernel/index.js';
import type { Box, Taking } from '../../kernel/index.js';
import { bodyPlace, lastAxleIn } from '../../truck/index.js';
import { chosenChassis } from './block.js';
import type { AxleOption, Chassis } from './parts/index.js';

/** The rails begin behind the bumper's face, in. */
const RAILS_BEHIND_BUMPER_IN = 8;
/**
 * They are cut off ahead of the compartment at the back, but carry the last axle and the fuel behind it, and
 * never reach the body's end, in.
 */
const RAILS_END_IN = { beforeBodyEnd: 30, behindAxle: 60, least: 4 };
/** A saddle tank whose size no part says: its middle that far below the fuel's own, and as large, in. */
const SADDLE_IN = { drop: 4, length: 30, width: 18, height: 20 };

interface Chosen {
  chassis: Chassis;
  wheelbaseIn: number;
  rearAxle: AxleOption;
}

/** Where the fuel is along the truck at a wheelbase, in aft of the front axle. */
export const fuelXIn = ({ chassis: { fuel }, wheelbaseIn, rearAxle }: Chosen): number =>
  fuel.xIn + (fuel.from === 'rearAxle' ? lastAxleIn({ wheelbaseIn, rear: rearAxle }) : 0);

/** The fuel tank. */
export function fuelBoxOf(chosen: Chosen): Box {
  const { yIn, zIn, size } = chosen.chassis.fuel;
  const { lengthIn, widthIn, heightIn } = size ?? {
    lengthIn: SADDLE_IN.length,
    widthIn: SADDLE_IN.width,
    heightIn: SADDLE_IN.height,
  };
  return boxAt(fuelXIn(chosen), yIn, size ? zIn : zIn - SADDLE_IN.drop, lengthIn, widthIn, heightIn);
}

/** The rails, as the box around both. */
export function railsOf({ chassis, wheelbaseIn, rearAxle }: Chosen, bodyEndIn: number): Box {
  const { frame, frontOverhangIn } = chassis;
  const needed = lastAxleIn({ wheelbaseIn, rear: rearAxle }) + RAILS_END_IN.behindAxle;
  const end = Math.min(
    bodyEndIn - RAILS_END_IN.least,
    Math.max(needed, bodyEndIn - RAILS_END_IN.beforeBodyEnd),
  );
  return boxOf(
    -frontOverhangIn + RAILS_BEHIND_BUMPER_IN,
    end,
    -frame.widthIn / 2,
    frame.widthIn / 2,
    frame.topIn - frame.depthIn,
    frame.topIn,
  );
}

export const rails = reading('chassis', [chosenChassis, bodyPlace], (chosen, { endIn }) =>
  railsOf(chosen, endIn),
);

/** What rails and fuel take from the compartments above and beside them. */
export const chassisTakes = reading('chassis', [chosenChassis, rails], (chosen, box): Taking[] => [
  { from: 'compartments', boxes: [box, fuelBoxOf(chosen)] },
]);
