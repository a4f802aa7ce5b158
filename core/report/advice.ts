import { CHANGE_KINDS, together } from '../mending/index.js';
import type { Obstacle } from '../mending/index.js';
import { STATUS_WORDS } from '../review/index.js';
import { figureOf } from './findings.js';
import type { TableOf } from './kinds.js';

/** Why a check is not mended: what the best change of each kind, and the best two together, bring it to. */
export const obstaclesTable = (obstacle: Obstacle): TableOf => {
  const figure = (value: number) => figureOf(value, obstacle);
  const pair = obstacle.nearestPair;
  return {
    title: `Nearest to mending: ${obstacle.title.toLowerCase()}`,
    columns: [{ head: 'Kind of change' }, { head: 'The best of it' }, { head: 'Comes to', figure: true }, { head: 'Limit', figure: true }, { head: 'Then it is' }, { head: 'And makes worse' }],
    rows: [
      ...(pair ? [{ id: 'pair', cells: ['Two changes', together(pair.labels.map((label) => ({ label }))), figure(pair.after.actual), figure(pair.after.limit), STATUS_WORDS[pair.after.status], ''] }] : []),
      ...obstacle.nearest.map(({ kind, label, after, worse }) => ({ id: kind, cells: [CHANGE_KINDS[kind], label, figure(after.actual), figure(after.limit), STATUS_WORDS[after.status], worse.join(', ').toLowerCase()] })),
    ],
  };
};
