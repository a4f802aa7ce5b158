import type { LimitKind, Profile, TableOf } from '../../kernel/index.js';
import { amount } from '../../units/index.js';

/** How a limit binds, in words. */
export const SENSES = { least: 'at least', most: 'at most', reckon: 'counted as' } as const;

/** The limits of a profile, each with its value, basis and note. */
export const limitsTable = (kinds: Readonly<Record<string, LimitKind>>, { limits }: Profile): TableOf => ({
  title: 'Limits checked against',
  columns: [
    { head: 'Limit' },
    { head: 'Counts as' },
    { head: 'Value', figure: true },
    { head: 'Basis and note' },
  ],
  rows: Object.entries(kinds).flatMap(([id, { title, sense, unit }]) => {
    const limit = limits[id];
    return limit
      ? [
          {
            id,
            cells: [
              title,
              SENSES[sense],
              amount(limit.value, unit),
              limit.note ? `${limit.basis}. ${limit.note}` : limit.basis,
            ],
          },
        ]
      : [];
  }),
});
