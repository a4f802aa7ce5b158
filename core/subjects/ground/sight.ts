import { reading } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';

/** The driver's eye, the edge that the eye looks over, and the foremost of the truck; in the truck's frame, in. */
export interface Sight {
  eyeXIn: number;
  eyeZIn: number;
  edgeXIn: number;
  edgeZIn: number;
  over: string;
  frontIn: number;
}

/** The eye above the middle of a seated person; the windshield's foot above the floor; what a hood falls ahead. In. */
const EYE_OVER_MIDDLE_IN = 20;
const SILL_OVER_FLOOR_IN = 30;
const HOOD_FALLS_IN = 12;

export const sight = reading('ground', [chosenChassis, envelope], ({ chassis }, { frontIn }): Sight => {
  const { cab } = chassis;
  const hooded = cab.style === 'hooded';
  return {
    eyeXIn: cab.seats[0]?.xIn ?? 0,
    eyeZIn: cab.seatZIn + EYE_OVER_MIDDLE_IN,
    edgeXIn: hooded ? cab.frontIn : cab.windshieldIn,
    edgeZIn: hooded ? cab.hoodTopIn - HOOD_FALLS_IN : cab.floorIn + SILL_OVER_FLOOR_IN,
    over: hooded ? 'a hood' : 'a windshield sill',
    frontIn,
  };
});

/**
 * How far ahead of the bumper the road is hidden, in: on the level, or on the level road at the top of a grade that the
 * front wheels have just come up (formulas: ground). Infinite where only sky is seen.
 */
export function blindAheadIn({ eyeXIn, eyeZIn, edgeXIn, edgeZIn, frontIn }: Sight, gradePct: number): number {
  // How much the line of sight falls for each inch ahead, and how much the road does, in the truck's own frame.
  const falls = (eyeZIn - edgeZIn) / (eyeXIn - edgeXIn);
  const road = gradePct / 100;
  if (falls <= road) return Infinity;
  // The road begins to fall away at the front wheels, x = 0.
  const aheadIn = (eyeZIn - falls * eyeXIn) / (falls - road);
  return Math.max(0, aheadIn + frontIn);
}
