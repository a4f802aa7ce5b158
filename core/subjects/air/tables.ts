import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { cfm, gpm, grouped, hoseSize, lb } from '../../units/index.js';
import { CONSISTENCY_NAMES } from '../lines/index.js';
import { airLines } from './lines.js';

/** Every line with air: what goes into it, how much foam comes out, and what its hose weighs full. */
export const airTable = reading('air', [airLines], (all): TableOf => ({
  title: 'Air in each line',
  columns: [
    { head: 'Line' },
    { head: 'Hose', figure: true },
    { head: 'Foam is made' },
    { head: 'Solution', figure: true },
    { head: 'Air', figure: true },
    { head: 'Expansion', figure: true },
    { head: 'Its hose full of water', figure: true },
    { head: 'Full of this foam', figure: true },
  ],
  rows: all.map(({ line, air, expansion, waterLb, foamLb }) => ({
    id: line.id,
    cells: [
      `${line.name}${line.runs ? '' : ', shut'}`,
      line.hose.length ? hoseSize(line.hose.at(-1)!.sizeIn) : 'none',
      CONSISTENCY_NAMES[air.consistency].toLowerCase(),
      gpm(air.gpm),
      cfm(air.cfm),
      `${grouped(expansion, 1)} : 1`,
      lb(waterLb),
      lb(foamLb),
    ],
  })),
}));
