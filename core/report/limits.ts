import { LIMIT_IDS, LIMIT_KINDS } from '../catalogue/index.js';
import type { Profile } from '../catalogue/index.js';
import { amount } from '../units/index.js';
import type { TableOf } from './kinds.js';

/** How a limit binds, in words. */
export const SENSES = { least: 'at least', most: 'at most', reckon: 'reckoned with' } as const;

/** The limits of a profile, each with its value, basis and note. */
export const limitsTable = ({ limits }: Profile): TableOf => ({
  title: 'Limits held against',
  columns: [{ head: 'Limit' }, { head: 'Binds' }, { head: 'Value', figure: true }, { head: 'Basis and note' }],
  rows: LIMIT_IDS.flatMap((id) => {
    const limit = limits[id];
    const { title, sense, unit } = LIMIT_KINDS[id];
    return limit ? [{ id, cells: [title, SENSES[sense], amount(limit.value, unit), limit.note ? `${limit.basis}. ${limit.note}` : limit.basis] }] : [];
  }),
});
