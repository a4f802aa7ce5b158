import type { TableOf } from '../kernel/index.js';
import { formatWhole } from '../units/index.js';
import type { FoundLine, WeeklyCheckView } from './api-weekly.js';
import { csvOf } from './csv.js';

/** A line that was missing or defective when somebody looked last. */
export interface ToOrder extends FoundLine {
  /** Who found it so first without anybody having seen it since, and when. */
  who: string;
  since: string;
}

/**
 * What is to be ordered, by the checks of a truck: of each line what the newest check that names it says. What was
 * found again is off the list.
 */
export function nextOrder(checks: readonly WeeklyCheckView[]): ToOrder[] {
  const newestFirst = [...checks].sort((a, b) => (a.at < b.at ? 1 : -1));
  const by = new Map<string, ToOrder>();
  const settled = new Set<string>();
  for (const { lines, who, at } of newestFirst)
    for (const line of lines) {
      if (settled.has(line.lineId)) continue;
      if (line.found === 'here') settled.add(line.lineId);
      else by.set(line.lineId, { ...(by.get(line.lineId) ?? line), who, since: at });
    }
  return [...by.values()];
}

const HEADS = ['piece', 'place', 'to order', 'found', 'since', 'by', 'note'];
const cellsOf = ({ name, place, short, found, since, who, note }: ToOrder): string[] => [
  name,
  place,
  formatWhole(short),
  found,
  since.slice(0, since.indexOf('T')),
  who,
  note,
];

/** The list as CSV, for whoever orders. */
export const nextOrderCsv = (lines: readonly ToOrder[]): string => csvOf(HEADS, lines.map(cellsOf));

export const nextOrderTable = (lines: readonly ToOrder[]): TableOf => ({
  title: 'For the next order',
  columns: [
    { head: 'Piece' },
    { head: 'Place' },
    { head: 'To order', figure: true },
    { head: 'Found' },
    { head: 'Since' },
    { head: 'By' },
    { head: 'Note' },
  ],
  rows: lines.map((line) => ({ id: line.lineId, cells: cellsOf(line), wrong: [3] })),
});
