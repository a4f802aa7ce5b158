import { BASIS_TOLERANCE_PCT } from '#core/build';
import type { BuildType } from '#core/build';
import type { PartFigureField } from '#core/kernel';
import { house } from '#core/subjects';
import { amount, formatMoney } from '#core/units';

/** The kinds that the catalog shows, with their names: those that have figures or words to choose by. */
export const SHOWN_KINDS: { kind: string; name: string }[] = house.shelves
  .filter(({ ownable, shipped }) => ownable || shipped.all().some((part) => 'words' in part))
  .map(({ kind, title }) => ({ kind, name: title }));

/** A figure of a part as it is shown: what it is, its value in our units, and how it reads. */
export interface ShownFigure {
  id: string;
  title: string;
  unit: PartFigureField<never>['unit'];
  none?: string | undefined;
}

export interface ShownPart {
  id: string;
  name: string;
  group: string;
  types: BuildType[];
  words: string;
  values: Record<string, number>;
  /** ± percent of its weight at 95 %. */
  tolerancePct: number;
}

/** The figures that a kind of part has; what it allows or not would fill a table with yes and no. */
export const figuresOf = (kind: string): ShownFigure[] =>
  house
    .shelf(kind)
    .figures.filter(({ yesNo }) => !yesNo)
    .map(({ id, title, unit, none }) => ({ id, title, unit, none }));

/** A figure that fewer have than one in so many is no column: it is seen where parts are compared. */
const ONE_IN = 5;

/** Those of the figures that enough parts of a list have to be a column of it. */
export const columnsOf = (figures: readonly ShownFigure[], parts: readonly ShownPart[]): ShownFigure[] =>
  figures.filter(
    ({ id }) => parts.filter(({ values }) => Number.isFinite(values[id])).length * ONE_IN >= parts.length,
  );

/** Every shipped part of a kind with its figures. */
export const shownParts = (kind: string): ShownPart[] => {
  const { figures, shipped } = house.shelf(kind);
  return shipped.all().map((part) => ({
    id: part.id,
    name: part.name,
    group: 'group' in part ? String(part.group) : '',
    types: part.types ?? [],
    words: 'words' in part ? String(part.words) : '',
    values: Object.fromEntries(figures.map(({ id, read }) => [id, read(part)])),
    tolerancePct: BASIS_TOLERANCE_PCT[kind === 'body' ? 'calculated' : 'catalogued'],
  }));
};

/** A figure in words, with its unit in place. */
export const figureText = (value: number, { unit, none }: Pick<ShownFigure, 'unit' | 'none'>): string =>
  none && (value === 0 || !Number.isFinite(value))
    ? none
    : unit === 'cents'
      ? formatMoney(value)
      : amount(value, unit);
