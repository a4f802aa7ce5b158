/** What tilts with the truck: total mass w, its moments across and up, and its rear track. Lb, lb·in, in. */
export interface Tilting {
  w: number;
  wy: number;
  wz: number;
  trackIn: number;
}

/** How a liquid's moments change when the truck leans by a slope toward the officer's side (1) or the driver's, lb·in. */
export type Moves = (slope: number, toward: 1 | -1) => { my: number; mz: number };

const MOST_STEPS = 40;
/** Slopes this near are the same: a thousandth of a degree is less than any table shows. */
const NEAR = 1e-7;

/**
 * The sideways acceleration in g, or the slope on which it stands, at which the wheels of one side lift:
 * (track/2 − |ȳ|)/z̄ of the truck as it then is, its liquid moved by that very slope (formulas: rolling over).
 * A steeper slope moves more liquid, so the answer lies between nothing and the slope of the liquid held fast;
 * each step halves that at least.
 */
export function rollThreshold({ w, wy, wz, trackIn }: Tilting, moves?: Moves): number {
  const edge = (w * trackIn) / 2 - Math.abs(wy);
  const fast = edge / wz;
  const toward = wy < 0 ? -1 : 1;
  if (!moves || !(fast > 0)) return fast;
  /** How far the truck is from lifting at a slope, as a moment: positive below the threshold. */
  const at = (slope: number) => {
    const { my, mz } = moves(slope, toward);
    const height = wz + mz;
    return { slope, left: edge - my - slope * height, next: (edge - my) / height };
  };
  // Held fast it lifts later; with the liquid where that slope has it, sooner: the answer lies between.
  let high = at(fast);
  if (high.left >= 0) return fast;
  let low = at(Math.max(0, high.next));
  for (let i = 0; i < MOST_STEPS && high.slope - low.slope > NEAR; i++) {
    if (Math.abs(low.left) < NEAR * edge) return low.slope;
    // False position, and halfway between where that no longer closes in.
    const share = low.left / (low.left - high.left);
    const slope = low.slope + (high.slope - low.slope) * (i % 3 === 2 ? 0.5 : share);
    const found = at(slope);
    if (Math.abs(found.left) < NEAR * edge) return slope;
    if (found.left > 0) low = found;
    else high = found;
  }
  return (low.slope + high.slope) / 2;
}

/** Degrees of the slope on which a truck of that threshold tips over. */
export const tiltDeg = (thresholdG: number): number => (Math.atan(thresholdG) * 180) / Math.PI;

/** What a tilt table would show, tires and springs giving way by a share of the threshold, percent (an estimate). */
export const tiltEstimateDeg = (thresholdG: number, compliancePct: number): number =>
  tiltDeg(thresholdG * (1 - compliancePct / 100));
