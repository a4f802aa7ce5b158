import type { Subject } from '../../kernel/index.js';

export { anotherLike, withPlannedListed } from './listed.js';
export { byKind, byLoad, TEST_STATE_NAMES, testState } from './tests-due.js';
export type { OfKind, TestState } from './tests-due.js';
export { kindsTable, loadsTable } from './tables.js';

/** The sections of hose that a department has for the truck, with the record of their yearly tests. */
export const inventory: Subject = {
  id: 'inventory',
  title: 'Hose inventory',
  under: 'hose',
  caution:
    'A section that failed its service test is taken out of service and marked. How hose is tested, and how often, is the adopted standard’s and its maker’s.',
};
