import { block, clamped, field, objectIn, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { Shelf } from '../../kernel/index.js';
import { TANK_SHAPES } from './parts.js';
import type { TankShape } from './parts.js';

export const tankShelf = new Shelf<TankShape>({
  kind: 'tankShape',
  title: 'Tank shapes',
  shipped: TANK_SHAPES,
});

export const tankBlock = block({
  id: 'tank',
  title: 'Tank',
  version: 1,
  fields: {
    /** 0 is no tank. */
    gallons: field.amount('Water', 'gal', { min: 0, max: 5000, step: 10, usual: [0, 1500] }),
    shapeId: field.part('Shape of the tank', 'tankShape'),
    aftIn: field.amount('Tank set back from the front of the body', 'in', {
      min: 0,
      max: 200,
      step: 1,
      usual: [0, 120],
    }),
  },
  empty: { gallons: 0, shapeId: 'rectangular', aftIn: 0 },
  fromVersion2: (file) => {
    const { shape, ...rest } = objectIn(file, 'tank');
    return { ...rest, shapeId: shape } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    tank: BlockOf<typeof tankBlock>;
  }
}

/** Another tank size, shape or place. */
export const withTank = (
  build: Build,
  tank: Partial<Pick<Build['tank'], 'gallons' | 'shapeId' | 'aftIn'>>,
): Build => withBlock(build, 'tank', tank);

/** The tank moved to a whole inch behind the front of the body, as far as its field allows. */
export const withTankAt = (build: Build, aftIn: number): Build =>
  withTank(build, { aftIn: Math.round(clamped(tankBlock.fields.aftIn, aftIn)) });
