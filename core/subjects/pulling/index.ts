import type { Subject } from '../../kernel/index.js';
import { pullingChanges } from './changes.js';
import { pullingChecks, pullingLimits } from './checks.js';

export { loweringTable } from './lower.js';
export { pulls } from './pulls.js';
export type { Pull, Stand } from './pulls.js';
export { pullsTable } from './tables.js';

/** Hose as it is pulled by hands: how high over the feet, from where, and what lies over it. */
export const pulling: Subject = {
  id: 'pulling',
  title: 'Pulling hose',
  under: 'hose',
  limits: pullingLimits,
  checks: pullingChecks,
  changes: pullingChanges,
  caution:
    'Who stands on a truck to pull or pack hose can fall, and the truck never moves meanwhile: steps, handholds and their use follow the adopted standard and the department’s own practice.',
};
