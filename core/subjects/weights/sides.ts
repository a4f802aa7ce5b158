import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { bare, formatPct, lb } from '../../units/index.js';
import { worseModel } from './causes.js';
import { inService } from './states.js';

/** Each axle's sides in service by both models of the frame; the worse is marked, the checks judge by it. */
export const sidesTable = reading('weights', [inService], ({ weights: { front, rear } }): TableOf => {
  return {
    title: 'Sides by both models of the frame',
    columns: [
      { head: 'Axle, in service' },
      { head: 'Frame' },
      { head: 'Driver’s side', unit: 'lb', figure: true },
      { head: 'Officer’s side', unit: 'lb', figure: true },
      { head: 'Imbalance', figure: true },
      { head: 'Judged by' },
    ],
    rows: (
      [
        ['Front', front],
        ['Rear', rear],
      ] as const
    ).flatMap(([name, axle]) =>
      (
        [
          ['flexible', axle.flexible],
          ['stiff', axle.rigid],
        ] as const
      ).map(([frame, sides]) => ({
        id: `${name}-${frame}`,
        cells: [
          name,
          frame,
          bare(lb(sides.leftLb)),
          bare(lb(sides.rightLb)),
          formatPct(sides.imbalancePct),
          sides === worseModel(axle) ? 'this, the worse' : '',
        ],
      })),
    ),
  };
});
