import { limitOf, reading } from '../../kernel/index.js';
import type { Row, TableOf } from '../../kernel/index.js';
import { feet, inches, listed, within } from '../../units/index.js';
import { bedded } from '../hose/index.js';
import { pullsWithin, pullSteps, REACH_IN } from './pulls.js';

/** Load by load: from where it is pulled, how high, to which side, and what must come off first. */
export const pullsTable = reading(
  'pulling',
  [bedded, pullSteps, limitOf('gripIn')],
  (loads, steps, limit): TableOf => ({
    title: 'How each load is pulled and packed',
    columns: [
      { head: 'Load' },
      { head: 'Comes off' },
      { head: 'Its top, over the ground', figure: true },
      { head: 'Over the feet', figure: true },
      { head: 'Pulled from' },
      { head: 'Walls, over the ground', figure: true },
      { head: 'Packed from' },
      { head: 'After' },
    ],
    rows: pullsWithin(loads, steps, limit?.value ?? REACH_IN).map((pull): Row => {
      const { load, topIn, gripIn, stand, wallsIn, packing, climbs, to, under } = pull;
      return {
        id: load.id,
        cells: [
          `${load.bed.name}: ${feet(load.lengthFt)} of ${load.hose.name}`,
          load.bed.slides ? `${to}; slides out ${inches(load.bed.slides.byIn)} ${load.bed.slides.to}` : to,
          inches(topIn),
          inches(gripIn),
          stand.name,
          inches(wallsIn),
          climbs ? `somebody climbs: ${inches(wallsIn - packing.zIn)} over ${packing.name}` : packing.name,
          under.length === 0
            ? 'nothing'
            : listed(under.map(({ lengthFt, hose }) => within(`${feet(lengthFt)} of ${hose.name}`))),
        ],
        ...(limit && gripIn > limit.value ? { over: [3] } : {}),
      };
    }),
  }),
);
