import type { ChartOf, TableOf } from '../kernel/index.js';

/** A part of a paper. */
export type Block =
  | { kind: 'heading'; text: string; newPage?: true }
  | { kind: 'text'; text: string }
  | { kind: 'caution'; text: string }
  | { kind: 'facts'; facts: [name: string, value: string][] }
  | { kind: 'table'; table: TableOf; widths?: number[]; titled?: true }
  | { kind: 'chart'; chart: ChartOf; half?: true }
  | { kind: 'drawing'; views: 'driver' | 'all' };

export interface Paper {
  title: string;
  blocks: Block[];
}
