import { provide, reading } from '../../kernel/index.js';
import { JOUNCE_IN, wheelOpening } from '../../truck/index.js';
import { chosenChassis } from './block.js';
import { tireSpan } from './place.js';

/** Clearance of the wheel opening ahead of and behind the tire, in; above it the tire springs up. */
const WHEEL_CLEAR_IN = 4;

/** Free across between the inner faces of the rear tires, in. */
export const betweenTires = reading(
  'chassis',
  [chosenChassis],
  ({ chassis: { rearTrackIn, rearTire } }) => rearTrackIn - tireSpan(rearTire),
);

export const openingPlace = provide(
  wheelOpening,
  [chosenChassis, betweenTires],
  ({ chassis: { rearTire }, rearAxle, wheelbaseIn }, between) => {
    const half = rearTire.diameterIn / 2 + WHEEL_CLEAR_IN + rearAxle.spreadIn / 2;
    return {
      x0: wheelbaseIn - half,
      x1: wheelbaseIn + half,
      topIn: rearTire.diameterIn + JOUNCE_IN,
      innerIn: between / 2,
    };
  },
);
