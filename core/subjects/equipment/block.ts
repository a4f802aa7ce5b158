import { block, changedLine, field, freshId, linesIn } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { american, partFigure, Shelf } from '../../kernel/index.js';
import { formatWhole } from '../../units/index.js';
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

/** In the cab with the crew, and in the way in which the ladders ride. */
export const CAB = 'cab';
export const WAY = 'way';

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

/** What a place is called: a compartment by its name in this build. */
export const placeName = (id: string, { body }: Pick<Build, 'body'>): string =>
  id === CAB
    ? 'the cab'
    : id === WAY
      ? 'the way of the ladders'
      : (body.compartments?.find((line) => line.id === id)?.name ?? id);

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
): Build =>
  withLines(
    build,
    change
      ? changedLine(build.equipment.lines, id, change)
      : build.equipment.lines.filter((line) => line.id !== id),
  );

const OF_ANY_BODY: readonly string[] = [CAB, WAY, ...FAMILY_PLACES.map(({ id }) => id)];

/** The places that a line may name: those that any body's family has, and those of this body's own. */
const placesKnown = ({ body: { compartments: own = [] } }: Build): Set<string> =>
  new Set([...OF_ANY_BODY, ...own.map(({ id }) => id)]);

/** A place that neither this body nor any family has is refused by name. */
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
