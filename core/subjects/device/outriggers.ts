import { boxOf, reading } from '../../kernel/index.js';
import type { Box, Taking } from '../../kernel/index.js';
import { alongFrame, bodyPlace, footing, lastAxleIn, pumpHouse, turntable } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { chosenDevice } from './chosen.js';

/**
 * Outriggers: half their length along the truck, depth in from the side, how far they stand out, and their bottom
 * and top about the frame's top, in.
 */
export const OUTRIGGER_IN = { half: 8, depth: 14, out: 0.5, underFrame: 25, overFrame: 8 };
/** They clear the rear tire by so much, and stand so far inside the ends of what they stand in, in. */
const CLEAR_OF_TIRE_IN = 14;
const INSIDE_END_IN = 9;

/** The outriggers folded at the sides, and the bay behind the cab that some stand in. */
export const outriggersPlace = reading(
  'device',
  [chosenDevice, turntable, alongFrame, bodyPlace, pumpHouse, chosenChassis],
  (chosen, at, along, body, house, { chassis, wheelbaseIn, rearAxle }) => {
    if (!chosen || !at) return null;
    const { outriggers } = chosen;
    const lastTire = lastAxleIn({ wheelbaseIn, rear: rearAxle }) + chassis.rearTire.diameterIn / 2;
    const atBack = Math.min(lastTire + CLEAR_OF_TIRE_IN, body.endIn - INSIDE_END_IN);
    const bay = along['stabilizers'];
    const first = bay
      ? bay.x0 + OUTRIGGER_IN.half + 1
      : (house?.at === 'row' ? house.x1 : body.frontIn) + INSIDE_END_IN;
    const places = outriggers.pairs === 2 ? [first, atBack] : [atBack];
    const side = body.widthIn / 2;
    const legs = places.flatMap((x) =>
      [-1, 1].map((of): Box => {
        const [inner, outer] = [of * (side - OUTRIGGER_IN.depth), of * (side + OUTRIGGER_IN.out)];
        return boxOf(
          x - OUTRIGGER_IN.half,
          x + OUTRIGGER_IN.half,
          Math.min(inner, outer),
          Math.max(inner, outer),
          body.frameIn - OUTRIGGER_IN.underFrame,
          body.frameIn + OUTRIGGER_IN.overFrame,
        );
      }),
    );
    return { legs, places, bay: bay ?? null };
  },
);

/** What the device takes from the compartments. */
export const deviceTakes = reading('device', [footing, outriggersPlace], (on, out): Taking[] =>
  on && out
    ? [
        { from: 'compartments', boxes: [on.torqueBox, on.pedestal, ...out.legs] },
        // The pump of a mid mount is built around its torque box.
        { from: 'pumpHouse', boxes: [on.torqueBox] },
      ]
    : [],
);
