import { block, field, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';

/** How a tanker gives its water to this truck. */
export const WATER_BY = ['folding', 'directFill', 'intake'] as const;
export type WaterBy = (typeof WATER_BY)[number];
export const WATER_BY_NAMES: Record<WaterBy, string> = {
  folding: 'Dumped into its folding tank',
  directFill: 'Pumped into its direct tank fill',
  intake: 'Pumped into an intake of its pump',
};

export const ruralBlock = block({
  id: 'rural',
  title: 'Rural water',
  version: 1,
  fields: {
    /** The first of these that the truck has where left out. */
    waterBy: field.optional(field.oneOf('A tanker’s water is', WATER_BY, WATER_BY_NAMES)),
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    rural: BlockOf<typeof ruralBlock>;
  }
}

export const withWaterBy = (build: Build, waterBy: WaterBy | undefined): Build =>
  withBlock(build, 'rural', { waterBy });
