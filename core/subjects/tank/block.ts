import { block, clamped, field, objectIn, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import { capital } from '../../units/index.js';
import type { Quantity } from '../../units/index.js';
import { TANK_SHAPES } from './parts.js';
import type { TankShape } from './parts.js';

const { plain, within } = partFigure;

/** A tank's section from the bottom up: its lower part, and the upper part where it has one. */
const SECTION_FIGURES = ['Lower', 'Upper'].flatMap((which, i) => {
  const put = (shape: TankShape, change: Partial<TankShape['sections'][number]>): TankShape => ({
    ...shape,
    sections: shape.sections.map((section, at) => (at === i ? { ...section, ...change } : section)),
  });
  const figure = (
    key: keyof TankShape['sections'][number],
    title: string,
    unit: Quantity,
    bounds: [number, number],
  ) =>
    within<TankShape>(
      `${which.toLowerCase()}${capital(key)}`,
      `${which} part: ${title}`,
      unit,
      bounds,
      ({ sections }) => sections[i]?.[key] ?? NaN,
      (shape, value) => put(shape, { [key]: value }),
      { none: 'none' },
    );
  return [
    figure('widthIn', 'width', 'in', [8, 96]),
    figure('heightIn', 'height', 'in', [4, 90]),
    within<TankShape>(
      `${which.toLowerCase()}LengthPct`,
      `${which} part: length from the front, percent of the longest`,
      'count',
      [10, 100],
      ({ sections }) => 100 * (sections[i]?.lengthShare ?? NaN),
      (shape, value) => put(shape, { lengthShare: value / 100 }),
      { none: 'none' },
    ),
    figure('lateralCells', 'cells across', 'count', [1, 6]),
  ];
});

export const tankShelf = new Shelf<TankShape>({
  kind: 'tankShape',
  title: 'Tank shapes',
  shipped: TANK_SHAPES,
  figures: [
    ...SECTION_FIGURES,
    plain<TankShape>('extraWeightPct', 'Heavier than a plain tank, percent', 'count', -40, 100, true),
    plain<TankShape>('priceCentsPerGal', 'Price for each gallon', 'cents', 0, 100_000),
  ],
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
    /** By how much its top is lower than its shape has it: it is as much longer for its gallons. */
    lowerIn: field.optional(
      field.amount('Top of the tank lower', 'in', { min: 0, max: 30, step: 1, usual: [0, 16] }),
    ),
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

/** The top of the tank lower by so much, in; at 0 nothing is said of it. */
export function withTankLower(build: Build, lowerIn: number): Build {
  const { lowerIn: _old, ...rest } = build.tank;
  return { ...build, tank: lowerIn > 0 ? { ...rest, lowerIn } : rest };
}

/** The tank moved to a whole inch behind the front of the body, as far as its field allows. */
export const withTankAt = (build: Build, aftIn: number): Build =>
  withTank(build, { aftIn: Math.round(clamped(tankBlock.fields.aftIn, aftIn)) });
