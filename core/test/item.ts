import type { OwnItem } from '../subjects/items/index.js';

/** An extra item in the middle of the truck, 40 in up, weighed and free of charge. */
export const itemAt = (name: string, weightLb: number, xIn: number): OwnItem => ({
  id: name.toLowerCase(),
  name,
  weightLb,
  xIn,
  yIn: 0,
  zIn: 40,
  basis: 'weighed',
  priceCents: 0,
});
