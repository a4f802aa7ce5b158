import { amountProblem, freshId } from '../build/index.js';
import type { AmountField, Build, OneOfField } from '../build/index.js';
import { compartments } from '../truck/index.js';
import { house } from '../subjects/index.js';
import {
  equipmentBlock,
  equipmentShelf,
  LINE_FIELDS,
  NEED_NAMES,
  NEEDS,
  pieceAs,
  placesFor,
  placeTitle,
  withEquipmentLine,
  YET,
} from '../subjects/equipment/index.js';
import type { EquipmentLine, LineChange, Need } from '../subjects/equipment/index.js';
import { IN3_PER_FT3, inUnits, shownIn, toSystem } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';
import { cellOf, headOf, linesCsv, named, plainNames, plainText, readCell, readLines } from './lines-csv.js';
import type { CsvColumn } from './lines-csv.js';

/** A line of the list as it is written: with the figures that hold for its piece, from catalog or department. */
type Listed = Omit<EquipmentLine, 'partId' | 'id'> & { partId?: string };

/** A piece that the catalog does not have. */
const OTHER = 'other-piece';
/** Where a list does not say how large a piece is: loose gear weighs about so much a cubic foot, as a box of 3 by 2 by 1½. */
const LB_PER_FT3 = 15;
const SHAPE = [3, 2, 1.5] as const;

/** The size of a piece of which only the weight is known, in; to the half inch. */
export function assumedSize(weightLb: number): { lengthIn: number; widthIn: number; heightIn: number } {
  const volume = (weightLb / LB_PER_FT3) * IN3_PER_FT3;
  const side = Math.cbrt(volume / (SHAPE[0] * SHAPE[1] * SHAPE[2]));
  const [lengthIn, widthIn, heightIn] = SHAPE.map((share) => Math.max(1, Math.round(side * share * 2) / 2));
  return { lengthIn: lengthIn!, widthIn: widthIn!, heightIn: heightIn! };
}

/** The columns of a list of equipment on a truck. */
function columnsFor(build: Build, system: UnitSystem): CsvColumn<Listed>[] {
  const stock = equipmentShelf.in(build);
  const byName = plainNames(stock.all().map(({ id, name }) => [id, inUnits(name, system)] as const));
  const places = placesFor(
    build,
    house
      .evaluate(build)
      .read(compartments)
      .map(({ id }) => id),
  );
  const placeNames = plainNames(
    places.flatMap((id) => [
      [id, inUnits(placeTitle(id, build), system)] as const,
      [id, inUnits(placeTitle(id, build).replace('Compartment ', ''), system)] as const,
    ]),
  );
  const amountOf = (
    key: 'weightLb' | 'lengthIn' | 'widthIn' | 'heightIn',
    head: string,
    unit: Quantity,
  ): CsvColumn<Listed> => {
    const field: AmountField = LINE_FIELDS[key];
    const end = (value: number) => Number(toSystem(system, unit, value).toPrecision(4));
    return {
      head,
      unit,
      out: (line) => line[key],
      into: (_, figure, wrong) => {
        if (amountProblem(field, figure) === null) return { [key]: figure };
        wrong(`a number from ${end(field.min)} to ${end(field.max)} ${shownIn(system, unit).unit}`);
        return {};
      },
    };
  };
  const oneOf = <K extends 'group' | 'often' | 'supplied' | 'mounted' | 'assumed'>(
    key: K,
    head: string,
    field: OneOfField,
  ): CsvColumn<Listed> => {
    const names = plainNames(field.values.map((value) => [value, field.names?.[value] ?? value] as const));
    const all = field.values.map((value) => plainText(field.names?.[value] ?? value)).join(', ');
    return {
      head,
      out: (line) => (line[key] === undefined ? '' : plainText(field.names?.[line[key]] ?? line[key])),
      into: (cell, _, wrong) => ({ [key]: named(cell, names, wrong, `one of ${all}`) }),
    };
  };
  const countOf = (key: 'count' | 'stacks', head: string, field: AmountField): CsvColumn<Listed> => ({
    head,
    out: (line) => line[key],
    into: (_, figure, wrong) => {
      if (amountProblem(field, figure) === null) return { [key]: figure };
      wrong(`a whole number from ${field.min} to ${field.max}`);
      return {};
    },
  });
  const needNames = plainNames(NEEDS.map((need) => [need, NEED_NAMES[need]] as const));
  return [
    {
      head: 'piece',
      must: 'what it is called',
      out: ({ partId, name }) => name ?? inUnits(stock.part(partId!).name, system),
      into: (cell, _, wrong) => {
        const partId = byName.get(plainText(cell));
        if (partId !== undefined) return { partId };
        if (cell.length <= LINE_FIELDS.name.most) return { partId: OTHER, name: cell };
        wrong(`at most ${LINE_FIELDS.name.most} characters long`);
        return {};
      },
    },
    countOf('count', 'count', LINE_FIELDS.count),
    {
      head: 'rides in',
      out: ({ compartmentId }) =>
        inUnits(placeTitle(compartmentId, build).replace('Compartment ', ''), system),
      into: (cell, _, wrong) => ({
        compartmentId: named(
          cell,
          placeNames,
          wrong,
          `a place of this truck: ${places.map((id) => inUnits(placeTitle(id, build).replace('Compartment ', ''), system)).join(', ')}`,
        ) as string,
      }),
    },
    amountOf('weightLb', 'weight', 'lb'),
    amountOf('lengthIn', 'length', 'in'),
    amountOf('widthIn', 'width', 'in'),
    amountOf('heightIn', 'height', 'in'),
    countOf('stacks', 'piled', LINE_FIELDS.stacks),
    oneOf('group', 'discipline', LINE_FIELDS.group),
    oneOf('often', 'used', LINE_FIELDS.often),
    {
      head: 'needs',
      out: ({ needs = [] }) => needs.map((need) => NEED_NAMES[need].toLowerCase()).join('; '),
      into: (cell, _, wrong) => {
        const needs = cell
          .split(';')
          .filter((part) => part.trim() !== '')
          .map((part) =>
            named(
              part,
              needNames,
              wrong,
              `needs, with ; between them, of: ${NEEDS.map((need) => NEED_NAMES[need].toLowerCase()).join('; ')}`,
            ),
          )
          .filter((need): need is Need => need !== undefined);
        return { needs: [...new Set(needs)] };
      },
    },
    oneOf('supplied', 'supplied by', LINE_FIELDS.supplied),
    oneOf('mounted', 'mounted by', LINE_FIELDS.mounted),
    {
      head: 'set',
      out: ({ set }) => set,
      into: (cell, _, wrong) => {
        if (cell.length <= LINE_FIELDS.set.most) return { set: cell };
        wrong(`at most ${LINE_FIELDS.set.most} characters long`);
        return {};
      },
    },
    {
      head: 'later',
      out: ({ later }) => later,
      into: (cell, _, wrong) => {
        const yes = named(
          cell,
          new Map([
            ['yes', true],
            ['no', false],
          ]),
          wrong,
          'yes or no',
        );
        return yes ? { later: 'yes' } : {};
      },
    },
    oneOf('assumed', 'assumed', LINE_FIELDS.assumed),
  ];
}

/** Each line with the figures that hold for its piece. */
function listedIn(build: Build): Listed[] {
  const stock = equipmentShelf.in(build);
  return build.equipment.lines.map((line): Listed => {
    const part = pieceAs(stock.part(line.partId), line);
    const { weightLb, lengthIn, widthIn, heightIn, stacks, group, often = 'yearly', needs } = part;
    return {
      ...line,
      ...{ weightLb, lengthIn, widthIn, heightIn, group, often },
      ...(stacks === undefined ? {} : { stacks }),
      ...(needs ? { needs: [...needs] } : {}),
    };
  });
}

/** The list of equipment as CSV in a person's units: every piece with its size, weight and place. */
export const equipmentCsv = (build: Build, system: UnitSystem): string =>
  linesCsv(columnsFor(build, system), listedIn(build), system);

/** The list of equipment as a sheet that is written in: its heads, and each line's cells. */
export interface EquipmentSheet {
  heads: string[];
  rows: { id: string; cells: string[] }[];
}

export function equipmentSheet(build: Build, system: UnitSystem): EquipmentSheet {
  const columns = columnsFor(build, system);
  const listed = listedIn(build);
  return {
    heads: columns.map((column) => headOf(column, system)),
    rows: build.equipment.lines.map(({ id }, i) => ({
      id,
      cells: columns.map((column) => {
        const value = cellOf(column, listed[i]!, system);
        return typeof value === 'number' ? String(Number(value.toPrecision(5))) : value;
      }),
    })),
  };
}

/** What is no longer a guess once somebody has said it. */
function stillAssumed(assumed: EquipmentLine['assumed'], said: Partial<Listed>): EquipmentLine['assumed'] {
  const [size, weight] = ['lengthIn' in said || 'widthIn' in said || 'heightIn' in said, 'weightLb' in said];
  if (assumed === 'both') return size && weight ? undefined : size ? 'weight' : weight ? 'size' : 'both';
  return (assumed === 'size' && size) || (assumed === 'weight' && weight) ? undefined : assumed;
}

/**
 * One cell of the sheet written, in a person's units; an empty one is as the catalog has it again. A line that is not
 * there is a new one, which begins with the name of its piece. @returns the build, or what would be right.
 */
export function writeEquipmentCell(
  build: Build,
  lineId: string | null,
  at: number,
  text: string,
  system: UnitSystem,
): { build: Build; lineId: string } | { problem: string } {
  const column = columnsFor(build, system)[at]!;
  const cell = text.trim();
  const before = build.equipment.lines.find(({ id }) => id === lineId);
  if (cell === '' && (column.must !== undefined || column.head === 'count' || column.head === 'rides in'))
    return { problem: `${column.head} must be ${column.must ?? 'there'}` };
  const { said, rights } = cell === '' ? { said: {}, rights: [] } : readCell(column, cell, system);
  if (rights.length > 0) return { problem: `${column.head} must be ${rights[0]} (was "${cell}")` };
  if (!before) {
    if (column.head !== 'piece') return { problem: 'a new line begins with the name of its piece' };
    const line = lineOf(said, build);
    return { build: withLinesOf(build, [...build.equipment.lines, line]), lineId: line.id };
  }
  const cleared = cell === '' ? Object.fromEntries(KEYS[column.head]!.map((key) => [key, undefined])) : {};
  const renamed = column.head === 'piece' ? { name: undefined } : {};
  const change = {
    ...cleared,
    ...renamed,
    ...('name' in said ? { name: said.name } : said),
    ...('assumed' in said ? {} : { assumed: stillAssumed(before.assumed, said) }),
  };
  return { build: withEquipmentLine(build, before.id, change as LineChange), lineId: before.id };
}

/** The fields of a line that stand in a column. */
const KEYS: Readonly<Record<string, (keyof EquipmentLine)[]>> = {
  weight: ['weightLb'],
  length: ['lengthIn'],
  width: ['widthIn'],
  height: ['heightIn'],
  piled: ['stacks'],
  discipline: ['group'],
  used: ['often'],
  needs: ['needs'],
  'supplied by': ['supplied'],
  'mounted by': ['mounted'],
  set: ['set'],
  later: ['later'],
  assumed: ['assumed'],
};

const withLinesOf = (build: Build, lines: EquipmentLine[]): Build => ({
  ...build,
  equipment: { ...build.equipment, lines },
});

/** What reading a list would do; with problems nothing is taken. */
export interface EquipmentReading {
  build: Build;
  lines: number;
  pieces: number;
  /** Lines of which a size or a weight is assumed, since the list does not say it. */
  assumed: number;
  problems: string[];
}

/** What of a line is as the catalog has it need not be said. */
function lineOf(listed: Partial<Listed>, build: Build): EquipmentLine {
  const {
    partId = OTHER,
    count = 1,
    compartmentId = YET,
    weightLb,
    lengthIn,
    widthIn,
    heightIn,
    ...rest
  } = listed;
  const part = equipmentShelf.in(build).part(partId);
  const own = partId === OTHER;
  const sized = lengthIn !== undefined && widthIn !== undefined && heightIn !== undefined;
  const pounds = weightLb ?? part.weightLb;
  const size =
    own && !sized
      ? { ...assumedSize(pounds), ...clean({ lengthIn, widthIn, heightIn }) }
      : { lengthIn, widthIn, heightIn };
  const guessed = own
    ? !sized && weightLb === undefined
      ? 'both'
      : !sized
        ? 'size'
        : weightLb === undefined
          ? 'weight'
          : undefined
    : undefined;
  const known = clean({ weightLb, ...size });
  const differs = Object.fromEntries(
    Object.entries(known).filter(([key, value]) => own || !isAlike(part[key as 'weightLb'], value as number)),
  );
  const { group, often, needs, stacks, assumed, ...others } = rest;
  return {
    id: freshId(),
    partId,
    count,
    compartmentId,
    ...clean(others),
    ...differs,
    ...(stacks !== undefined && stacks !== part.stacks ? { stacks } : {}),
    ...(group !== undefined && group !== part.group ? { group } : {}),
    ...(often !== undefined && often !== (part.often ?? 'yearly') ? { often } : {}),
    ...(needs !== undefined && !sameNeeds(needs, part.needs ?? []) ? { needs } : {}),
    ...((assumed ?? guessed) ? { assumed: assumed ?? guessed } : {}),
  } as EquipmentLine;
}

/** Alike but for what going there and back through another unit leaves. */
const isAlike = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a));

const clean = <T extends object>(of: T): Partial<T> =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as Partial<T>;
const sameNeeds = (a: readonly Need[], b: readonly Need[]): boolean =>
  a.length === b.length && a.every((need) => b.includes(need));

/** A list of equipment from CSV after what is listed, or in its place. Nothing is taken where a line is wrong. */
export function readEquipmentCsv(
  build: Build,
  text: string,
  system: UnitSystem,
  how: 'after' | 'instead' = 'instead',
): EquipmentReading {
  const { lines: listed, problems } = readLines(columnsFor(build, system), text, system);
  const before = how === 'after' ? build.equipment.lines : [];
  const { most } = equipmentBlock.fields.lines;
  if (before.length + listed.length > most) problems.push(`A list holds ${most} lines at most.`);
  if (problems.length > 0) return { build, lines: 0, pieces: 0, assumed: 0, problems };
  const lines = listed.map((one) => lineOf(one, build));
  return {
    build: withLinesOf(build, [...before, ...lines]),
    lines: lines.length,
    pieces: lines.reduce((sum, { count }) => sum + count, 0),
    assumed: lines.filter(({ assumed }) => assumed !== undefined).length,
    problems: [],
  };
}
