import type { Rest } from '../kernel/index.js';

/** What a device lies on when it is bedded: its turntable, and a cradle; in. */
export interface Bedding {
  tableIn: number;
  radiusIn: number;
  cradleIn: number;
}

/**
 * How a bedded weight rests on turntable and cradle: as the lever has it, so that beyond the cradle the turntable
 * holds it down. Behind the turntable it lies about its own center. In (formulas: frame).
 */
export function beddedOn({ tableIn, radiusIn, cradleIn }: Bedding, xIn: number): Rest[] {
  const onCradle = (xIn - tableIn) / (cradleIn - tableIn);
  if (!(onCradle > 0)) return [{ share: 1, fromIn: xIn - radiusIn, toIn: xIn + radiusIn }];
  return [
    { share: 1 - onCradle, fromIn: tableIn - radiusIn, toIn: tableIn + radiusIn },
    { share: onCradle, fromIn: cradleIn, toIn: cradleIn },
  ];
}
