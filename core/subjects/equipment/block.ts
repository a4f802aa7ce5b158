import { block, changedLine, field, freshId, linesIn } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { american, partFigure, Shelf } from '../../kernel/index.js';
import { formatWhole, within } from '../../units/index.js';
import { compartmentName, FAMILY_PLACES, isListed } from '../body/index.js';
import { mountShelf } from '../ladders/index.js';
import { EQUIPMENT, GROUPS } from './parts.js';
import type { Equipment } from './parts.js';
import { POSE_NAMES, POSES } from './pose.js';
import { NEED_NAMES, NEEDS, OFTEN, OFTEN_NAMES } from './traits.js';

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
/** Nowhere yet: it is weighed in the middle of all compartments until it has a place. */
export const YET = 'yet';

/** A place as a head or an answer. */
export const placeTitle = (id: string, build: Build): string => {
  if (id === CAB) return 'Cab';
  if (id === WAY) return 'With the ladders';
  if (id === YET) return 'No place yet';
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
  YET,
];

/** What a place is called: a compartment by its name in this build, a way by that of its part. */
export function placeName(id: string, build: Build): string {
  if (id === CAB) return 'the cab';
  if (id === WAY) return 'the way of the ladders';
  if (id === YET) return 'no place yet';
  const way = isListed(id, build) ? undefined : mountShelf.in(build).find(id);
  return way ? within(way.name) : compartmentName(id, build);
}

/** Whose figures of a piece are a guess. */
export const ASSUMED = ['size', 'weight', 'both'] as const;
export const ASSUMED_NAMES: Record<(typeof ASSUMED)[number], string> = {
  size: 'Its size',
  weight: 'Its weight',
  both: 'Size and weight',
};
const SUPPLIERS = ['department', 'builder', 'dealer'] as const;
const SUPPLIER_NAMES = { department: 'The department', builder: 'The builder', dealer: 'The dealer' };
const MOUNTERS = [...SUPPLIERS, 'loose'] as const;
const MOUNTER_NAMES = { ...SUPPLIER_NAMES, loose: 'Nobody: it lies loose' };

const side = (title: string) =>
  field.optional(field.amount(title, 'in', { min: 0.5, max: 200, step: 0.5, usual: [1, 60] }));
const yes = (title: string) => field.optional(field.oneOf(title, ['yes'], { yes: title }));
const onSurface = (title: string) =>
  field.optional(field.amount(title, 'in', { min: 0, max: 400, step: 0.5, usual: [0, 80] }));

/** One line of the list: a piece of the catalog, what is known otherwise of this one, and where it rides. */
export const LINE_FIELDS = {
  partId: field.part('Piece', 'equipment'),
  count: field.count('How many', 1, 200),
  compartmentId: field.id('Rides in', placeName),
  /** As the department calls it, and as it measured it; the catalog's where left out. */
  name: field.optional(field.text('Name', 1, 60)),
  weightLb: field.optional(field.amount('Weight of one', 'lb', { min: 0.1, max: 2_000, usual: [1, 150] })),
  lengthIn: side('Length'),
  widthIn: side('Width'),
  heightIn: side('Height'),
  assumed: field.optional(field.oneOf('Assumed', ASSUMED, ASSUMED_NAMES)),
  group: field.optional(field.oneOf('Discipline', GROUPS)),
  often: field.optional(field.oneOf('Used', OFTEN, OFTEN_NAMES)),
  needs: field.optional(field.many('Needs', field.oneOf('Need', NEEDS, NEED_NAMES), NEEDS.length)),
  supplied: field.optional(field.oneOf('Supplied by', SUPPLIERS, SUPPLIER_NAMES)),
  mounted: field.optional(field.oneOf('Mounted by', MOUNTERS, MOUNTER_NAMES)),
  stacks: field.optional(field.count('Stand on one another', 1, 40)),
  later: yes('Comes later; its room and weight are kept'),
  set: field.optional(field.text('Set that stays together', 1, 40)),
  /** On which shelf, tray, board or floor, and where there: along it, and in from its front or up a board. */
  on: field.optional(field.id('Lies on')),
  alongIn: onSurface('Along it'),
  inIn: onSurface('In from its edge'),
  pose: field.optional(field.oneOf('Lies', POSES, POSE_NAMES)),
  rows: field.optional(field.count('In rows behind one another', 1, 200)),
  fixed: yes('Stays where it is'),
};

export const equipmentBlock = block({
  id: 'equipment',
  title: 'Equipment',
  version: 1,
  fields: {
    lines: field.lines(
      'Equipment',
      'Piece of equipment',
      400,
      LINE_FIELDS,
      ({ partId, name, count, compartmentId }, build, names) => ({
        title: `${name ?? names.part('equipment', partId)}, ${placeName(compartmentId, build)}`,
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

/** A piece as the line knows it: the catalog's, but for what is known otherwise of this one. */
export function pieceAs(part: Equipment, line: EquipmentLine): Equipment {
  const { name, weightLb, lengthIn, widthIn, heightIn, group, often, needs, stacks, assumed } = line;
  const own = { name, weightLb, lengthIn, widthIn, heightIn, group, often, needs, stacks };
  const known = Object.entries(own).filter(([, value]) => value !== undefined);
  const guessed = assumed === 'weight' || assumed === 'both';
  if (known.length === 0 && !guessed) return part;
  return { ...part, ...Object.fromEntries(known), ...(guessed ? { basis: 'estimated' as const } : {}) };
}

/** Whether a line says no more of its piece than the catalog does, and has no place of its own. */
const isPlain = ({ id: _id, partId: _part, count: _count, compartmentId: _in, ...rest }: EquipmentLine) =>
  Object.keys(rest).length === 0;

const withLines = (build: Build, lines: EquipmentLine[]): Build => ({
  ...build,
  equipment: { ...build.equipment, lines },
});

/** One more line of equipment; the same piece in the same place counts up instead. */
export function withEquipment(build: Build, partId: string, compartmentId: string): Build {
  const { lines } = build.equipment;
  const there = lines.find(
    (line) => line.partId === partId && line.compartmentId === compartmentId && isPlain(line),
  );
  return there
    ? withEquipmentLine(build, there.id, { count: there.count + 1 })
    : withLines(build, [...lines, { id: freshId(), partId, count: 1, compartmentId }]);
}

/** Several pieces more in one place. */
export const withPieces = (build: Build, partIds: readonly string[], compartmentId: string): Build =>
  partIds.reduce((on, partId) => withEquipment(on, partId, compartmentId), build);

/** A change of a line; in another place it lies nowhere in particular. */
export type LineChange = Partial<Omit<EquipmentLine, 'id'>>;
const NOWHERE = {
  on: undefined,
  alongIn: undefined,
  inIn: undefined,
  pose: undefined,
  rows: undefined,
  fixed: undefined,
};

/** A line of equipment otherwise, or gone. In another compartment it has no place on a shelf until one is said. */
export const withEquipmentLine = (build: Build, id: string, change: LineChange | null): Build =>
  withLines(
    build,
    changedLine(
      build.equipment.lines,
      id,
      change && change.compartmentId !== undefined ? { ...NOWHERE, ...change } : change,
    ),
  );

const OF_ANY_BODY: readonly string[] = [CAB, WAY, YET, ...FAMILY_PLACES.map(({ id }) => id)];

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
