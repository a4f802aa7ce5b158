import { figureOf, STATUS_WORDS } from '../kernel/index.js';
import type { TableOf } from '../kernel/index.js';
import { together } from './judged.js';
import type { Obstacle } from './obstacles.js';

/** Why a check is not mended: what the best change of each kind, and the best two together, bring it to. */
export const obstaclesTable = (obstacle: Obstacle): TableOf => {
  const figure = (value: number) => figureOf(value, obstacle);
  const pair = obstacle.nearestPair;
  return {
    title: `Nearest to a fix: ${obstacle.title.toLowerCase()}`,
    columns: [
      { head: 'Kind of change' },
      { head: 'The best of it' },
      { head: 'Comes to', figure: true },
      { head: 'Limit', figure: true },
      { head: 'Then it is' },
      { head: 'And makes worse' },
    ],
    rows: [
      ...(pair
        ? [
            {
              id: 'pair',
              cells: [
                'Two changes',
                together(pair.labels.map((label) => ({ label }))),
                figure(pair.after.actual),
                figure(pair.after.limit),
                STATUS_WORDS[pair.after.status],
                '',
              ],
            },
          ]
        : []),
      ...obstacle.nearest.map(({ kind, label, after, worse }) => ({
        id: kind.id,
        cells: [
          kind.title,
          label,
          figure(after.actual),
          figure(after.limit),
          STATUS_WORDS[after.status],
          worse.join(', ').toLowerCase(),
        ],
      })),
    ],
  };
};
