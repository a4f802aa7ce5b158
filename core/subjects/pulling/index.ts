import type { Subject } from '../../kernel/index.js';
import { pullingChanges } from './changes.js';
import { pullingChecks, pullingLimits } from './checks.js';
import { highestGrip } from './pulls.js';

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
  figures: [
    {
      id: 'grip',
      title: 'Highest grip of hose',
      unit: 'in',
      note: 'The top of the highest load over the feet of who pulls it.',
      reading: highestGrip,
    },
  ],
  caution:
    'Who stands on a truck to pull or pack hose can fall, and the truck never moves meanwhile: steps, handholds and their use follow the adopted standard and the department’s own practice.',
};
