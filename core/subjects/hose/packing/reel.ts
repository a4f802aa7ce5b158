import { IN_PER_FT } from '../../../units/index.js';
import { whole } from './holds.js';

/** The drum of a reel as usual, and what its flanges stand over the hose, in. */
export const DRUM_IN = 8;
const RIM_IN = 0.5;
/** Of a wound layer, what the hose really fills: it climbs to the next one. */
const WINDING = 0.95;

/**
 * Hose that a reel winds, ft: wraps beside each other, layer on layer from the drum to the rim (formulas: hose
 * beds).
 */
export function reelHoldsFt(
  { widthIn, depthIn }: { widthIn: number; depthIn: number },
  hose: { flatWidthIn: number; thicknessIn: number },
  drumIn = DRUM_IN,
): number {
  const wraps = whole(widthIn / hose.flatWidthIn);
  const layers = whole((depthIn - drumIn - 2 * RIM_IN) / (2 * hose.thicknessIn));
  const aroundIn = (nth: number) => Math.PI * (drumIn + (2 * nth + 1) * hose.thicknessIn);
  const woundIn = Array.from({ length: layers }, (_, nth) => wraps * aroundIn(nth)).reduce(
    (a, b) => a + b,
    0,
  );
  return (woundIn * WINDING) / IN_PER_FT;
}
