import { amountProblem } from '../build/index.js';
import type { AmountField, Build, OneOfField } from '../build/index.js';
import {
  equipmentShelf,
  LINE_FIELDS,
  NEED_NAMES,
  NEEDS,
  pieceAs,
  placesFor,
  placeTitle,
} from '../subjects/equipment/index.js';
import type { EquipmentLine, Need } from '../subjects/equipment/index.js';
import { house } from '../subjects/index.js';
import { compartments } from '../truck/index.js';
import { inUnits, shownIn, toSystem } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';
import { named, plainNames, plainText } from './lines-csv.js';
import type { CsvColumn } from './lines-csv.js';

/** A line of the list as it is written: with the figures that hold for its piece, from catalog or department. */
export type Listed = Omit<EquipmentLine, 'partId' | 'id'> & { partId?: string };

/** A piece that the catalog does not have. */
export const OTHER = 'other-piece';
/** The columns of a list of equipment on a truck. */
export function columnsFor(build: Build, system: UnitSystem): CsvColumn<Listed>[] {
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
export function listedIn(build: Build): Listed[] {
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
