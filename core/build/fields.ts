import { amount as figure, bare, formatMoney, formatWhole } from '../units/index.js';
import type { Quantity } from '../units/index.js';
import type { Names } from './block.js';
import type { Build } from './build.js';

/**
 * The fields of a build file. Each stands here once, with its bounds, unit and title: the rules of the file,
 * the forms, the sliders, what a hand may do on the drawing, the sheets, the differences and the merge all
 * read it.
 */

/** What an amount is counted in: a quantity, percent, cents, or nothing where things are counted. */
export type FieldUnit = Quantity | '%' | 'cents' | '';

interface Titled {
  title: string;
}

export interface AmountField extends Titled {
  kind: 'amount';
  unit: FieldUnit;
  min: number;
  max: number;
  /** Whole numbers only. */
  whole?: true;
  /** A usual step, in the unit of the field. */
  step?: number;
  /** What is usual: where a slider goes, and how far advice looks. */
  usual?: readonly [number, number];
}

export interface TextField extends Titled {
  kind: 'text';
  least: number;
  most: number;
}

export interface OneOfField<V extends string = string> extends Titled {
  kind: 'oneOf';
  values: readonly V[];
  names?: Partial<Record<V, string>>;
}

/** The id of a part of the catalog. */
export interface PartField extends Titled {
  kind: 'part';
  of: string;
}

/** An id of something that no catalogue lists, such as a bed or a component. */
export interface IdField extends Titled {
  kind: 'id';
  /** Whether it names a line or a component. */
  line?: true;
  /** The kind of part that it may name too: a build carries it then. */
  carries?: string;
  /** What the thing of that id is called in a build. */
  name?: (id: string, build: Build) => string;
}

export interface ManyField<F extends Field = Field> extends Titled {
  kind: 'many';
  of: F;
  most: number;
}

/** A list of lines, each with an id that stays with it. */
export interface LinesField<S extends Fields = Fields> extends Titled {
  kind: 'lines';
  fields: S;
  most: number;
  /** What one line is called. */
  line: string;
  /** One line in words: what it is, and what is chosen of it. */
  say?(line: ShapeOf<S> & { id: string }, build: Build, names: Names): { title: string; words: string };
}

export interface GroupField<S extends Fields = Fields> extends Titled {
  kind: 'group';
  fields: S;
}

/* eslint-disable @typescript-eslint/no-explicit-any -- a field of whatever it holds */
export type Field = (
  | AmountField
  | TextField
  | OneOfField<any>
  | PartField
  | IdField
  | ManyField<any>
  | LinesField<any>
  | GroupField<any>
) & { optional?: true };
/* eslint-enable @typescript-eslint/no-explicit-any */
export type Fields = Record<string, Field>;

type ValueOf<F> = F extends { kind: 'amount' }
  ? number
  : F extends { kind: 'oneOf'; values: readonly (infer V)[] }
    ? V
    : F extends { kind: 'many'; of: infer I }
      ? ValueOf<I>[]
      : F extends { kind: 'lines'; fields: infer S }
        ? (ShapeOf<S> & { id: string })[]
        : F extends { kind: 'group'; fields: infer S }
          ? ShapeOf<S>
          : string;
type OptionalIn<S> = { [K in keyof S]: S[K] extends { optional: true } ? K : never }[keyof S];
/** What fields hold, as a type. */
export type ShapeOf<S> = { [K in Exclude<keyof S, OptionalIn<S>>]: ValueOf<S[K]> } & {
  [K in OptionalIn<S>]?: ValueOf<S[K]>;
};

type Bounds = Omit<AmountField, 'kind' | 'title' | 'unit'>;
export const amount = (title: string, unit: FieldUnit, bounds: Bounds): AmountField => ({
  kind: 'amount',
  title,
  unit,
  ...bounds,
});
export const count = (title: string, min: number, max: number): AmountField => ({
  kind: 'amount',
  title,
  unit: '',
  min,
  max,
  whole: true,
  step: 1,
});
export const text = (title: string, least: number, most: number): TextField => ({
  kind: 'text',
  title,
  least,
  most,
});
export const oneOf = <const V extends string>(
  title: string,
  values: readonly V[],
  names?: Partial<Record<V, string>>,
): OneOfField<V> => ({
  kind: 'oneOf',
  title,
  values,
  ...(names ? { names } : {}),
});
export const part = (title: string, of: string): PartField => ({ kind: 'part', title, of });
export const id = (title: string, name?: IdField['name']): IdField => ({
  kind: 'id',
  title,
  ...(name ? { name } : {}),
});
export const many = <F extends Field>(title: string, of: F, most: number): ManyField<F> => ({
  kind: 'many',
  title,
  of,
  most,
});
export const lines = <S extends Fields>(
  title: string,
  line: string,
  most: number,
  fields: S,
  say?: LinesField<S>['say'],
): LinesField<S> => ({
  kind: 'lines',
  title,
  line,
  most,
  fields,
  ...(say ? { say } : {}),
});
export const group = <S extends Fields>(title: string, fields: S): GroupField<S> => ({
  kind: 'group',
  title,
  fields,
});
export const optional = <F extends Field>(field: F): F & { optional: true } => ({ ...field, optional: true });

/** A value kept within the bounds of its field. */
export const clamped = ({ min, max }: Pick<AmountField, 'min' | 'max'>, value: number): number =>
  Math.min(max, Math.max(min, value));

/** Why a value can't stand in an amount's field, in words that follow its name; null where it can. */
export function amountProblem({ min, max, unit, whole }: AmountField, value: number): string | null {
  const said = (value: number) =>
    unit === 'cents' ? formatMoney(value) : unit === '' ? formatWhole(value) : figure(value, unit);
  if (!Number.isFinite(value)) return 'must be a number';
  if (value < min || value > max) return `must be from ${bare(said(min))} to ${said(max)}`;
  return whole && !Number.isInteger(value) ? 'must be a whole number' : null;
}
