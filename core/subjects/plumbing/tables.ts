import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { gpm, hoseSize, within } from '../../units/index.js';
import { valveInWords } from './diagram.js';
import { COLOR_NAMES, COUPLING_NAMES, GAUGE_NAMES, KIND_NAMES, KINDS, PLACE_NAMES } from './fields.js';
import type { Connection } from './fields.js';
import { connections, fed } from './usual.js';

const carries = ({ foam, air }: Connection): string => (air ? 'foam and air' : foam ? 'foam' : 'water');

/** Every connection, in the order of the kinds: where it opens, how it is made, what it feeds. */
export const plumbingTable = reading('plumbing', [connections, fed], (all, there): TableOf => ({
  title: 'Intakes, discharges and the ways to the tank',
  columns: [
    { head: 'Label' },
    { head: 'What' },
    { head: 'Where' },
    { head: 'Size' },
    { head: 'Connection' },
    { head: 'Valve' },
    { head: 'Gauge' },
    { head: 'Color' },
    { head: 'Drain' },
    { head: 'Carries' },
    { head: 'Feeds' },
  ],
  rows: KINDS.flatMap((kind) => all.filter((one) => one.kind === kind)).map((one) => ({
    id: one.id,
    cells: [
      one.label,
      KIND_NAMES[one.kind],
      PLACE_NAMES[one.at],
      hoseSize(one.sizeIn),
      COUPLING_NAMES[one.coupling],
      valveInWords(one),
      within(GAUGE_NAMES[one.gauge]),
      one.color ? within(COLOR_NAMES[one.color]) : 'none',
      one.drain ? 'yes' : 'no',
      one.kind === 'discharge' ? carries(one) : '',
      [there.find(({ id }) => id === one.feedsId)?.name ?? '', one.gpm ? gpm(one.gpm) : '']
        .filter((part) => part !== '')
        .join(', '),
    ],
  })),
}));
