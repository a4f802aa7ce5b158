import { amount, formatMoney } from '../units/index.js';
import type { Judgement, Unit } from './check.js';
import type { Quantity } from '../units/index.js';

/**
 * What screens and papers show alike, as data: whoever shows it lays it out and says its figures in the
 * reader's units.
 */

/** What is said behind a figure that is beyond its limit; null where nothing is wrong with it. */
export const markAt = ({ over, short, wrong }: Row, column: number): string | null =>
  over?.includes(column) ? ' over' : short?.includes(column) ? ' short' : wrong?.includes(column) ? '' : null;

/** A column of a table; a unit stands at its head once. */
export interface Column {
  head: string;
  unit?: Quantity;
  /** Whether it holds figures, set to the right. */
  figure?: true;
}

export interface Row {
  id: string;
  cells: string[];
  /** A color that its first cell names in words too, as six figures. */
  swatch?: string;
  /** Columns in which a figure is over its limit, or short of it. */
  over?: number[];
  short?: number[];
  /** Columns whose own words say that something is wrong. */
  wrong?: number[];
  /** A total, or the head of what follows. */
  strong?: true;
}

export interface TableOf {
  title: string;
  columns: Column[];
  rows: Row[];
}

/**
 * One line of a chart, or one set of bars; values in the unit of its axis as the core has it. `dash` tells it
 * from others without its color.
 */
export interface Series {
  label: string;
  tone: 'ink' | 'water' | 'spruce' | 'signal' | 'brass' | 'pencil';
  dash?: number[];
  values: number[];
  /** A limit: a thin line over bars. */
  limit?: true;
  /** Belongs to the axis at the right. */
  right?: true;
  /** Index of the point to mark. */
  mark?: number;
  /** Points without a line between them. */
  points?: true;
}

export interface Axis {
  title: string;
  unit?: Quantity;
}

export interface ChartOf {
  kind: 'lines' | 'bars';
  /** What the picture shows, in words. */
  words: string;
  /** Places along the axis of lines, or names of bars. */
  x: Axis & { at: number[] | string[] };
  y: Axis;
  right?: Axis;
  series: Series[];
}

/**
 * How far a finding is from its limit, in words: under or over what may be most, to spare or short of what must be
 * least; nothing where there is nothing to be counted.
 */
export function marginOf(finding: Judgement): string {
  const { actual, limit, margin } = finding;
  if (!Number.isFinite(margin) || (margin === 0 && limit === 0)) return '';
  if (margin === 0) return 'none to spare';
  const isMost = (limit - actual) * margin >= 0;
  const words = margin < 0 ? (isMost ? 'over' : 'short') : isMost ? 'under' : 'to spare';
  return `${figureOf(Math.abs(margin), finding)} ${words}`;
}

/** How far a figure of a finding goes, and of what, in its own unit. */
export const figureOf = (value: number, { unit }: { unit: Unit }): string =>
  unit === '$' ? formatMoney(value) : amount(value, unit);
