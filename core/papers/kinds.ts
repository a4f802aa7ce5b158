import type { ChartOf, TableOf } from '../kernel/index.js';
import type { Diagram } from '../subjects/plumbing/index.js';

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
  /** Steps in their order with their reasons; and blocks side by side. */
  | { kind: 'steps'; title: string; steps: { do: string; why: string; byHand?: string }[] }
  | { kind: 'columns'; columns: Block[][] };

export interface Paper {
  title: string;
  /** Set small, so that it is one page. */
  dense?: true;
  blocks: Block[];
}

export const heading = (text: string, newPage = false): Block =>
  newPage ? { kind: 'heading', text, newPage } : { kind: 'heading', text };
export const text = (words: string): Block => ({ kind: 'text', text: words });
export const caution = (words: string): Block => ({ kind: 'caution', text: words });
