import { block, changedLine, field, freshId, linesIn } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { american, partFigure, Shelf } from '../../kernel/index.js';
import { formatWhole, within } from '../../units/index.js';
import { mountShelf } from '../ladders/index.js';
import { EQUIPMENT } from './parts.js';
import type { Equipment } from './parts.js';

const { price, size, weight } = partFigure;

export const equipmentShelf = new Shelf<Equipment>({
  kind: 'equipment',
  title: 'Equipment',
  shipped: EQUIPMENT,
  figures: [
    weight<Equipment>(2_000),
    ...size<Equipment>(),
    ...(
      [
        ['foldingGal', 'Folding tank holds', 'gal', 10_000],
        ['suctionFt', 'Suction hose', 'ft', 100],
        ['suctionIn', 'Size of the suction', 'size', 12],
        ['siphonGpm', 'Jet siphon brings', 'gpm', 3_000],
        ['strainerIn', 'Strainer draws from a depth of', 'in', 60],
      ] as const
    ).map(([id, title, unit, most]) =>
      partFigure.within<Equipment>(
        id,
        title,
        unit,
        [1, most],
        (part) => part[id] ?? NaN,
        (part, value) => (part[id] === undefined ? part : { ...part, [id]: value }),
        { none: 'not of such a piece' },
      ),
    ),
    price<Equipment>(),
  ],
});

/** In the cab with the crew; and in the way in which the ladders ride. Other ways are places by their own ids. */
export const CAB = 'cab';
export const WAY = 'way';

/** A place as a head or an answer. */
export const placeTitle = (id: string, build: Build): string => {
  if (id === CAB) return 'Cab';
  if (id === WAY) return 'With the ladders';
  const isWay = mountShelf.in(build).find(id) !== undefined;
  return isWay ? mountShelf.in(build).part(id).name : `Compartment ${placeName(id, build)}`;
};

/** The ways made for pieces of water supply, by their ids in the catalog. */
const TANK_RACK = 'tank-rack';
const TROUGH = 'trough';

/**
 * Where a long piece for water supply usually rides: folding tank and suction each in a way of its own, if such a
 * truck has it.
 */
export function usualPlaceOf({ foldingGal, suctionFt }: Equipment, build: Build): string {
  const id = foldingGal ? TANK_RACK : suctionFt ? TROUGH : WAY;
  return id === WAY || mountShelf.in(build).find(id)?.types.includes(build.type) ? id : WAY;
}

/** The places in which a truck can carry a piece: its compartments, then the ways, then the cab. */
export const placesFor = (build: Build, compartmentIds: readonly string[]): string[] => [
  ...compartmentIds,
  WAY,
  ...mountShelf
    .in(build)
    .suiting(build.type)
    .map(({ id }) => id),
  CAB,
];

/** The compartments that a body of a family has, by side and order from the front. */
export const FAMILY_PLACES = [
  { id: 'L1', side: 'left', order: 1 },
  { id: 'L2', side: 'left', order: 2 },
  { id: 'L3', side: 'left', order: 3 },
  { id: 'R1', side: 'right', order: 1 },
  { id: 'R2', side: 'right', order: 2 },
  { id: 'R3', side: 'right', order: 3 },
  { id: 'B1', side: 'rear', order: 1 },
] as const;

/** What a place is called: a compartment by its name in this build, a way by that of its part. */
export function placeName(id: string, build: Build): string {
  if (id === CAB) return 'the cab';
  if (id === WAY) return 'the way of the ladders';
  const compartment = build.body.compartments?.find((line) => line.id === id);
  const way = compartment ? undefined : mountShelf.in(build).find(id);
  return compartment?.name ?? (way ? within(way.name) : id);
}

export const equipmentBlock = block({
  id: 'equipment',
  title: 'Equipment',
  version: 1,
  fields: {
    lines: field.lines(
      'Equipment',
      'Piece of equipment',
      400,
      {
        partId: field.part('Piece', 'equipment'),
        count: field.count('How many', 1, 200),
        compartmentId: field.id('Rides in', placeName),
      },
      ({ partId, count, compartmentId }, build, names) => ({
        title: `${names.part('equipment', partId)}, ${placeName(compartmentId, build)}`,
        words: formatWhole(count),
      }),
    ),
  },
  empty: { lines: [] },
  fromVersion2: (file) =>
    ({
      lines: linesIn(file, 'equipment').map((line, i) => ({
        id: `e${i + 1}`,
        ...line,
        ...(typeof line['partId'] === 'string' ? { partId: american(line['partId']) } : {}),
      })),
    }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    equipment: BlockOf<typeof equipmentBlock>;
  }
}

export type EquipmentLine = Build['equipment']['lines'][number];

const withLines = (build: Build, lines: EquipmentLine[]): Build => ({
  ...build,
  equipment: { ...build.equipment, lines },
});

/** One more line of equipment; the same piece in the same place counts up instead. */
export function withEquipment(build: Build, partId: string, compartmentId: string): Build {
  const { lines } = build.equipment;
  const there = lines.find((line) => line.partId === partId && line.compartmentId === compartmentId);
  return there
    ? withEquipmentLine(build, there.id, { count: there.count + 1 })
    : withLines(build, [...lines, { id: freshId(), partId, count: 1, compartmentId }]);
}

/** Several pieces more in one place. */
export const withPieces = (build: Build, partIds: readonly string[], compartmentId: string): Build =>
  partIds.reduce((on, partId) => withEquipment(on, partId, compartmentId), build);

/** Another count or place of a line of equipment, or the line gone. */
export const withEquipmentLine = (
  build: Build,
  id: string,
  change: Partial<Pick<EquipmentLine, 'count' | 'compartmentId'>> | null,
): Build => withLines(build, changedLine(build.equipment.lines, id, change));

const OF_ANY_BODY: readonly string[] = [CAB, WAY, ...FAMILY_PLACES.map(({ id }) => id)];

/** The places that a line may name: those of any body's family, every way, and those of this body's own. */
const placesKnown = (build: Build): Set<string> =>
  new Set([
    ...OF_ANY_BODY,
    ...mountShelf
      .in(build)
      .all()
      .map(({ id }) => id),
    ...(build.body.compartments ?? []).map(({ id }) => id),
  ]);

/** A place that is neither a way nor in this body nor in any family's is refused by name. */
export function equipmentProblems(build: Build): Problem[] {
  const known = placesKnown(build);
  return build.equipment.lines.flatMap(({ compartmentId }, i) => {
    const at = `equipment.lines.${i}.compartmentId`;
    return known.has(compartmentId)
      ? []
      : [{ field: at, message: `${at} must be one of ${[...known].join(', ')} (was "${compartmentId}")` }];
  });
}

/** What was in a compartment that is gone rides in the one that a family would have first, and says so. */
export function settleEquipment(build: Build): Build {
  const known = placesKnown(build);
  const { lines } = build.equipment;
  if (lines.every(({ compartmentId }) => known.has(compartmentId))) return build;
  const compartmentId = build.body.compartments?.[0]?.id ?? 'L1';
  return withLines(
    build,
    lines.map((line) => (known.has(line.compartmentId) ? line : { ...line, compartmentId })),
  );
}
