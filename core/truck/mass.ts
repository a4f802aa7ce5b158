/** One thing that weighs, in the truck's frame. */
export interface Item {
  weightLb: number;
  xIn: number;
  yIn: number;
  zIn: number;
}

/** Sums over items that say everything the loads need. Masses add: `plus(a, b)`. */
export interface Mass {
  /** Σw, lb. */
  w: number;
  /** Σwx, Σwy, Σwz, lb·in. */
  wx: number;
  wy: number;
  wz: number;
  /** Σwxy, lb·in²: how the side moments lie along the frame. */
  wxy: number;
}

export const NOTHING: Mass = { w: 0, wx: 0, wy: 0, wz: 0, wxy: 0 };

/** The mass of one item. */
export const massOf = ({ weightLb: w, xIn: x, yIn: y, zIn: z }: Item): Mass => ({
  w,
  wx: w * x,
  wy: w * y,
  wz: w * z,
  wxy: w * x * y,
});

/** Adds an item to a mass in place. */
export function addItem(on: Mass, { weightLb: w, xIn: x, yIn: y, zIn: z }: Item): void {
  on.w += w;
  on.wx += w * x;
  on.wy += w * y;
  on.wz += w * z;
  on.wxy += w * x * y;
}

/** Two masses together. */
export const plus = (a: Mass, b: Mass): Mass => ({
  w: a.w + b.w,
  wx: a.wx + b.wx,
  wy: a.wy + b.wy,
  wz: a.wz + b.wz,
  wxy: a.wxy + b.wxy,
});

/** All of them together. */
export const sum = (masses: Iterable<Mass>): Mass => {
  let total = NOTHING;
  for (const mass of masses) total = plus(total, mass);
  return total;
};
