import { block, field } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { fromBuild, partFigure, reading, Shelf } from '../../kernel/index.js';
import { PUMPS } from './parts.js';
import type { Pump } from './parts.js';

const { plain, price, weight } = partFigure;

export const pumpShelf = new Shelf<Pump>({
  kind: 'pump',
  title: 'Pumps',
  shipped: PUMPS,
  figures: [
    weight<Pump>(9_000),
    plain<Pump>('ratedGpm', 'Rating', 'gpm', 10, 4_000),
    plain<Pump>('lengthIn', 'Length', 'in', 10, 140),
    plain<Pump>('heightIn', 'Height', 'in', 10, 110),
    plain<Pump>('centerZIn', 'Height of its center of gravity', 'in', 5, 90),
    price<Pump>(),
  ],
});

export const pumpBlock = block({
  id: 'pump',
  title: 'Pump',
  version: 1,
  fields: {
    /** Left out where the truck has no pump. */
    partId: field.optional(field.part('Pump', 'pump')),
  },
  empty: {},
  fromVersion2: ({ pumpId }) => (pumpId === undefined ? {} : { partId: pumpId }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    pump: BlockOf<typeof pumpBlock>;
  }
}

/** Another pump, or none. */
export function withPump(build: Build, partId: string | undefined): Build {
  const { partId: _old, ...rest } = build.pump;
  return { ...build, pump: partId === undefined ? rest : { ...rest, partId } };
}

/** The pump that is chosen; null where there is none. */
export const chosenPump = reading(
  'pump',
  [fromBuild(({ pump }) => pump), pumpShelf.stock],
  ({ partId }, stock) => (partId === undefined ? null : stock.part(partId)),
);

/** The pump of a build that is not weighed, where its part is known. */
export const pumpIn = (build: Pick<Build, 'pump' | 'parts'>): Pump | undefined =>
  build.pump.partId === undefined ? undefined : pumpShelf.in(build).find(build.pump.partId);
