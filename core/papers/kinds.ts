import type { ChartOf, TableOf } from '../kernel/index.js';
import type { Diagram } from '../subjects/plumbing/index.js';
import type { MountingView, SideMap } from '../subjects/stowing/index.js';

/** A part of a paper. */
export type Block =
  | { kind: 'heading'; text: string; newPage?: true }
  | { kind: 'text'; text: string }
  | { kind: 'caution'; text: string }
  | { kind: 'facts'; facts: [name: string, value: string][] }
  | { kind: 'table'; table: TableOf; widths?: number[]; titled?: true }
  | { kind: 'chart'; chart: ChartOf; half?: true }
  | { kind: 'drawing'; views: 'driver' | 'all' }
  | { kind: 'diagram'; of: Diagram }
  /** The compartments of a side from their doors; one of them with what a builder measures. */
  | { kind: 'lockers'; of: SideMap }
  | { kind: 'mounting'; of: MountingView }
  /** To cut out and stick on: a number, a name and a place. */
  | { kind: 'labels'; labels: { number: string; name: string; place: string }[] }
  /** Steps in their order with their reasons; and blocks side by side. */
  | { kind: 'steps'; title: string; steps: { do: string; why: string; byHand?: string }[] }
  | { kind: 'columns'; columns: Block[][] };

export interface Paper {
  title: string;
  /** Set small, so that it is one page. */
  dense?: true;
  /** Set smaller than usual: much goes on a page. */
  small?: true;
  blocks: Block[];
}

export const heading = (text: string, newPage = false): Block =>
  newPage ? { kind: 'heading', text, newPage } : { kind: 'heading', text };
export const text = (words: string): Block => ({ kind: 'text', text: words });
export const caution = (words: string): Block => ({ kind: 'caution', text: words });

/** Blocks in so many columns of about the same length, in their order. */
export function inColumns<B extends Block>(
  all: readonly B[],
  count: number,
  sizeOf: (block: B) => number,
): Block[][] {
  const each = all.reduce((sum, one) => sum + sizeOf(one), 0) / count;
  const columns: Block[][] = Array.from({ length: count }, () => []);
  let filled = 0;
  for (const one of all) {
    columns[Math.min(count - 1, Math.floor((filled + sizeOf(one) / 2) / each))]!.push(one);
    filled += sizeOf(one);
  }
  return columns;
}
