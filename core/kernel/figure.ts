import { amount, change, formatMoney, signed } from '../units/index.js';
import type { Quantity } from '../units/index.js';
import type { Reading } from './reading.js';

/** In what a figure is given: a quantity, or cents, or minutes. */
export type FigureUnit = Quantity | '$' | 'min';

/** A figure of a truck that options, revisions, comparisons, schools and charts show. */
export interface Figure {
  id: string;
  title: string;
  unit: FigureUnit;
  /** Shown with every option and kept with every revision; the others where two schools are weighed. */
  main?: true;
  /** As it stands in a narrow column. */
  short?: string;
  /** What it is reckoned by, where that needs saying. */
  note?: string;
  /** What a change of it costs when advice weighs one against another: which way it hurts, and how much is one. */
  harm?: { way: 'up' | 'down'; each: number };
  /** Nothing or less of it is no truck. */
  positive?: true;
  reading: Reading<number>;
}

/** Figures of a truck by their ids, each in its own unit. */
export type Figures = Record<string, number>;

/** After less before, figure by figure; a figure that only one of them has is left out. */
export const changeOf = (before: Figures, after: Figures): Figures =>
  Object.fromEntries(
    Object.entries(after).flatMap(([id, value]) => (id in before ? [[id, value - before[id]!]] : [])),
  );

const tenths = (value: number): string => (Math.round(value * 10) / 10 + 0).toFixed(1).replace('-', '−');

/** A figure in words, with its quantity in place. */
export const saidFigure = ({ unit }: Pick<Figure, 'unit'>, value: number): string =>
  unit === '$' ? formatMoney(value) : unit === 'min' ? `${tenths(value)} min` : amount(value, unit);

/** A change of a figure in words, with its sign. */
export const saidChange = ({ unit }: Pick<Figure, 'unit'>, value: number): string =>
  unit === '$' || unit === 'min'
    ? signed(value, (v) => saidFigure({ unit }, v))
    : change(amount(value, unit));

/** What of some figures moves, in a row: "front −340 lb, rear +340 lb". */
export const saidMoves = (figures: readonly Figure[], by: Figures): string =>
  figures
    .filter(({ id, unit }) => Math.abs(by[id] ?? 0) >= (unit === '$' ? CENTS_WORTH_SAYING : 0.5))
    .map((figure) => `${(figure.short ?? figure.title).toLowerCase()} ${saidChange(figure, by[figure.id]!)}`)
    .join(', ');

/** Less is the same price: figures of money are said in dollars. */
const CENTS_WORTH_SAYING = 50;
