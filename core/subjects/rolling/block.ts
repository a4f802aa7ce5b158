import { block, field, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';

export const rollingBlock = block({
  id: 'rolling',
  title: 'Pump and roll',
  version: 1,
  fields: {
    /** As usual where left out. */
    paceMph: field.optional(field.amount('Walking pace', 'mph', { min: 0.5, max: 10, step: 0.5 })),
    wideFt: field.optional(field.amount('Strip that is wetted', 'ft', { min: 1, max: 60, step: 1 })),
    deepIn: field.optional(field.amount('Water on it', 'depth', { min: 0.01, max: 2, step: 0.01 })),
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    rolling: BlockOf<typeof rollingBlock>;
  }
}

/** Where nobody says: mph, ft, in. */
export const USUAL_ROLL = { paceMph: 2, wideFt: 3, deepIn: 0.1 } as const;

export const withRolling = (build: Build, change: Partial<Omit<Build['rolling'], 'version'>>): Build =>
  withBlock(build, 'rolling', change);
