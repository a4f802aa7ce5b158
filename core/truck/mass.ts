/** One thing that weighs, in the truck's frame; tolerance is ± percent at 95 %. */
export interface Item {
  weightLb: number;
  xIn: number;
  yIn: number;
  zIn: number;
  tolerancePct: number;
}

/**
 * Sums over items that say everything the weights need. Masses add: `plus(a, b)`, `times(a, 0.5)`.
 * Variances are in lb², with items taken as independent of each other.
 */
export interface Mass {
  /** Σw, lb. */
  w: number;
  /** Σwx, Σwy, Σwz, lb·in. */
  wx: number;
  wy: number;
  wz: number;
  /** Σwxy, lb·in²: how the side moments lie along the frame. */
  wxy: number;
  /** Σv, Σvx, Σvx² with v = (w·tolerance/2)². */
  v: number;
  vx: number;
  vxx: number;
}

export const NOTHING: Mass = { w: 0, wx: 0, wy: 0, wz: 0, wxy: 0, v: 0, vx: 0, vxx: 0 };

/** The mass of one item. */
export function massOf({ weightLb: w, xIn: x, yIn: y, zIn: z, tolerancePct }: Item): Mass {
  const v = ((w * tolerancePct) / 200) ** 2;
  return { w, wx: w * x, wy: w * y, wz: w * z, wxy: w * x * y, v, vx: v * x, vxx: v * x * x };
}

/** Two masses together. */
export const plus = (a: Mass, b: Mass): Mass => ({
  w: a.w + b.w,
  wx: a.wx + b.wx,
  wy: a.wy + b.wy,
  wz: a.wz + b.wz,
  wxy: a.wxy + b.wxy,
  v: a.v + b.v,
  vx: a.vx + b.vx,
  vxx: a.vxx + b.vxx,
});

/** All of them together. */
export const sum = (masses: Iterable<Mass>): Mass => {
  let total = NOTHING;
  for (const mass of masses) total = plus(total, mass);
  return total;
};
