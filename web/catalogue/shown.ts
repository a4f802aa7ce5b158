import { BASIS_TOLERANCE_PCT, KIND_NAMES, OWN_KINDS, PART_FIELDS, SHIPPED } from '#core/catalogue';
import type { BuildType, OwnKind, PartField } from '#core/catalogue';
import { amount, formatMoney } from '#core/units';

/** The kinds that the catalogue shows, with their names. */
export type ShownKind = OwnKind | 'tankShape' | 'ladderMount';
export const SHOWN_KINDS: { kind: ShownKind; name: string }[] = [
  ...OWN_KINDS.map((kind) => ({ kind, name: KIND_NAMES[kind] })), { kind: 'tankShape', name: 'Tank shapes' }, { kind: 'ladderMount', name: 'Ways ladders ride' },
];

/** A figure of a part as it is shown: what it is, its value in our units, and how it reads. */
export interface ShownFigure {
  id: string;
  title: string;
  unit: PartField<never>['unit'];
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

/** The figures that a kind of part has. */
export const figuresOf = (kind: ShownKind): ShownFigure[] => (kind in PART_FIELDS ? PART_FIELDS[kind as OwnKind].map(({ id, title, unit }) => ({ id, title, unit })) : []);

/** Every shipped part of a kind with its figures. */
export const shownParts = (kind: ShownKind): ShownPart[] =>
  SHIPPED.all(kind).map((part) => {
    const fields = (kind in PART_FIELDS ? PART_FIELDS[kind as OwnKind] : []) as { id: string; read: (part: unknown) => number }[];
    return {
      id: part.id, name: part.name, group: 'group' in part ? part.group : '', types: 'types' in part ? part.types : [], words: 'words' in part ? part.words : '',
      values: Object.fromEntries(fields.map(({ id, read }) => [id, read(part)])), tolerancePct: BASIS_TOLERANCE_PCT[kind === 'body' ? 'calculated' : 'catalogued'],
    };
  });

/** A figure in words, with its unit in place. */
export const figureText = (value: number, unit: ShownFigure['unit']): string => (unit === 'cents' ? formatMoney(value) : amount(value, unit));
