import { bedsFor } from '../spec/index.js';
import type { Bed, BuildSpec } from '../spec/index.js';
import type { ChosenParts } from './parts.js';
import type { BedPlace, Stations } from './types.js';

const WALL_IN = 2;
const CROSSLAY_WIDE_IN = 8;
const CROSSLAY_DEEP_IN = 14;

/** Top of the tank under the rear of the hose bed, and where that part begins, in. */
function bedFloor(at: Stations): { floorIn: number; x0: number } {
  const boxes = at.tankBoxes;
  if (boxes.length === 0) return { floorIn: at.deckIn + 22, x0: at.bodyFront + WALL_IN };
  const longest = Math.max(...boxes.map((b) => b.lengthIn));
  const under = boxes.filter((b) => b.lengthIn === longest);
  const above = boxes.filter((b) => b.lengthIn < longest);
  return {
    floorIn: Math.max(...under.map((b) => b.bottomIn + b.heightIn)) + WALL_IN,
    x0: Math.max(at.bodyFront, ...above.map((b) => b.frontIn + b.lengthIn)) + WALL_IN,
  };
}

/** Every bed of the build with its place and inside size. */
export function bedPlaces(spec: BuildSpec, parts: ChosenParts, at: Stations): BedPlace[] {
  const beds = bedsFor(spec);
  const crosslays = beds.filter((bed) => bed.kind === 'crosslay').length;
  const { floorIn, x0 } = bedFloor(at);
  const left = (bed: Bed) => (bed.id.endsWith('left') ? -1 : 1);

  return beds.map((bed): BedPlace => {
    switch (bed.kind) {
      case 'well':
        return { ...bed, x0: at.bumperFront + 3, x1: -parts.chassis.frontOverhangIn - 1, yCentre: 0, widthIn: 34, floorIn: 20, depthIn: 14, runs: 'across' };
      case 'crosslay': {
        const house = at.pumpHouse ?? { x0: at.cabBack, x1: at.bodyFront, z1: 90, z0: 24 };
        const span = (house.x1 - house.x0 - 4) / crosslays;
        const start = house.x0 + 2 + span * (Number(bed.id.slice(-1)) - 1);
        return { ...bed, x0: start, x1: start + Math.min(span - 2, CROSSLAY_WIDE_IN), yCentre: 0, widthIn: at.bodyWidth - 6, floorIn: house.z1 - CROSSLAY_DEEP_IN, depthIn: CROSSLAY_DEEP_IN, runs: 'across' };
      }
      case 'main': {
        const aerial = at.turntable !== null;
        const widthIn = aerial ? 24 : (at.bodyWidth - 2 * parts.body.compartmentDepthIn) / 2 - WALL_IN;
        const yCentre = left(bed) * (aerial ? 34 : widthIn / 2 + 1);
        const end = aerial && at.turntable?.facing === 'forward' ? Math.min(at.bodyEnd, at.turntable.xIn - 44) : at.bodyEnd - WALL_IN;
        return { ...bed, x0, x1: end, yCentre, widthIn, floorIn: aerial ? at.bodyTop + 1 : floorIn, depthIn: aerial ? 14 : 24, runs: 'along' };
      }
      case 'tray': {
        const top = Math.max(at.deckIn + 24, ...at.tankBoxes.map((b) => b.bottomIn + b.heightIn)) + WALL_IN;
        const front = at.tankBoxes[0]?.frontIn ?? at.bodyFront + 6;
        return { ...bed, x0: front, x1: front + 40, yCentre: left(bed) * 13, widthIn: 22, floorIn: top, depthIn: 10, runs: 'along' };
      }
      case 'reel': {
        // Over a skid pump where one stands at the back of the bed, otherwise on the deck.
        const floorIn = at.deckIn + (at.tankSpace.before === 'skid pump' ? (parts.pump?.heightIn ?? 0) : 0);
        return { ...bed, x0: at.bodyEnd - 30, x1: at.bodyEnd - 6, yCentre: 0, widthIn: 30, floorIn, depthIn: 24, runs: 'across' };
      }
    }
  });
}
