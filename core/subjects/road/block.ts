import { block, field, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';

export const roadBlock = block({
  id: 'road',
  title: 'On the road',
  version: 1,
  fields: {
    /** As the chassis maker governs it where left out. */
    topMph: field.optional(field.amount('Top speed limited to', 'mph', { min: 40, max: 80, step: 1 })),
    markers: field.optional(
      field.oneOf('Side markers', ['intermediate'], {
        intermediate: 'Intermediate markers and turn signals',
      }),
    ),
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    road: BlockOf<typeof roadBlock>;
  }
}

/** A build whose top speed is limited otherwise; as its chassis is governed where nothing is given. */
export const withTopSpeed = (build: Build, topMph: number | undefined): Build =>
  withBlock(build, 'road', { topMph });

/** A build with or without the markers and turn signals that a long vehicle has at its middle. */
export const withMarkers = (build: Build, has: boolean): Build =>
  withBlock(build, 'road', { markers: has ? 'intermediate' : undefined });
