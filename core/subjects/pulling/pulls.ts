import { reading, settling } from '../../kernel/index.js';
import { bodyPlace } from '../../truck/index.js';
import type { BedPlace } from '../../truck/index.js';
import { bedded, boards, overIt } from '../hose/index.js';
import type { BeddedLoad } from '../hose/index.js';

/** Where feet stand: on the ground, or on a step of the truck; how high, in. */
export interface Stand {
  id: 'ground' | 'boards' | 'tailboard';
  name: string;
  zIn: number;
}
const GROUND: Stand = { id: 'ground', name: 'the ground', zIn: 0 };

/** The steps of the truck from which hose is pulled. */
const steps = settling('pulling', [boards, bodyPlace], (at, { tailboardIn }) => ({
  boards: at && { id: 'boards' as const, name: 'the step at the pump house', zIn: at.topIn },
  tailboard:
    tailboardIn === null ? null : { id: 'tailboard' as const, name: 'the tailboard', zIn: tailboardIn },
}));

/** To which sides hose of a bed comes off. */
const PULLED: Record<BedPlace['kind'], string> = {
  crosslay: 'to either side',
  well: 'ahead, to either side',
  main: 'to the rear',
  tray: 'to the rear',
  own: 'out of its open end',
  reel: 'off its reel',
};

/** A load as it is pulled: from where, how high over the feet, and what lies over it. */
export interface Pull {
  load: BeddedLoad;
  /** The top of the load, where a hand takes it, and of the bed's walls, over which it is packed; over the ground, in. */
  topIn: number;
  wallsIn: number;
  stand: Stand;
  /** The grip over where the feet stand, in. */
  gripIn: number;
  /** Where one stands to pack it, and whether that is no place to stand but the bed itself. */
  packing: Stand;
  climbs: boolean;
  to: string;
  /** What must come off before it. */
  under: BeddedLoad[];
}

/** The lowest place from which a hand reaches so high; the highest there is where none does. */
const lowest = (stands: readonly Stand[], heightIn: number, reachIn: number): Stand =>
  stands.find(({ zIn }) => heightIn - zIn <= reachIn) ?? stands.at(-1)!;

/** A hand reaches so far over the feet without help, where no limit of the profile says it: in. */
export const REACH_IN = 66;

/** Every load as it is pulled, where what lies over the feet is held to so many inches. */
export const pullsWithin = (
  loads: readonly BeddedLoad[],
  of: { boards: Stand | null; tailboard: Stand | null },
  reachIn: number,
) =>
  loads
    .filter(({ box }) => box !== null)
    .map((load): Pull => {
      const { bed } = load;
      const there =
        bed.kind === 'crosslay'
          ? of.boards
          : bed.kind === 'main' || (bed.kind === 'own' && bed.runs === 'along')
            ? of.tailboard
            : null;
      const stands = [GROUND, ...(there ? [there] : [])];
      const topIn = load.box!.z1;
      const wallsIn = bed.floorIn + bed.depthIn;
      const stand = lowest(stands, topIn, reachIn);
      const packing = lowest(stands, wallsIn, reachIn);
      return {
        load,
        topIn,
        wallsIn,
        stand,
        gripIn: topIn - stand.zIn,
        packing,
        climbs: !bed.slides && wallsIn - packing.zIn > reachIn,
        to: PULLED[bed.kind],
        under: overIt(load, loads),
      };
    });

export const pullSteps = steps;

/** Every load as it is pulled. */
export const pulls = reading('pulling', [bedded, steps], (loads, of) => pullsWithin(loads, of, REACH_IN));

export const highestGrip = reading('pulling', [pulls], (all) =>
  Math.max(0, ...all.map(({ gripIn }) => gripIn)),
);
