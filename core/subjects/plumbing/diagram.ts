import { fromBuild, reading } from '../../kernel/index.js';
import { hoseSize, within } from '../../units/index.js';
import { chosenPump } from '../pump/index.js';
import type { Connection } from './fields.js';
import { COLOR_NAMES, GAUGE_NAMES, KIND_NAMES, PLACE_NAMES, VALVE_NAMES } from './fields.js';
import { connections, fed } from './usual.js';

/** One connection in the single-line diagram: which row, on which side of the pump, and where it leads. */
export interface DiagramRow {
  connection: Connection;
  row: number;
  side: 'in' | 'out' | 'tank';
  /** From the tank to the outside, past the pump. */
  pastPump: boolean;
  /** The bed or the monitor that it feeds. */
  feeds: string | null;
}

/** The single-line diagram of a pump: intakes to its left, discharges to its right, the ways to the tank above it. */
export interface Diagram {
  pump: string;
  tankGal: number;
  foam: boolean;
  rows: DiagramRow[];
  /** How many rows there are on the longer side. */
  high: number;
}

const SIDE: Record<Connection['kind'], DiagramRow['side']> = {
  intake: 'in',
  discharge: 'out',
  tankToPump: 'tank',
  tankFill: 'tank',
  recirculation: 'tank',
  directFill: 'tank',
  dump: 'tank',
};

const PAST_PUMP: readonly Connection['kind'][] = ['directFill', 'dump'];

/** Rows of each side in the order of the panels. */
const PLACE_ORDER: readonly Connection['at'][] = [
  'front',
  'top',
  'left',
  'right',
  'bodyLeft',
  'bodyRight',
  'rear',
  'within',
];

export const diagram = reading(
  'plumbing',
  [chosenPump, connections, fed, fromBuild(({ tank }) => tank.gallons)],
  (pump, all, there, tankGal): Diagram | null => {
    if (!pump) return null;
    const rows = (['in', 'out', 'tank'] as const).flatMap((side) =>
      all
        .filter(({ kind }) => SIDE[kind] === side)
        .sort((a, b) => PLACE_ORDER.indexOf(a.at) - PLACE_ORDER.indexOf(b.at))
        .map((connection, row): DiagramRow => ({
          connection,
          row,
          side,
          pastPump: PAST_PUMP.includes(connection.kind),
          feeds: there.find(({ id }) => id === connection.feedsId)?.name ?? null,
        })),
    );
    const count = (side: DiagramRow['side']) => rows.filter((one) => one.side === side).length;
    return {
      pump: pump.name,
      tankGal,
      foam: all.some(({ foam }) => foam !== undefined),
      rows,
      high: Math.max(count('in'), count('out'), 1),
    };
  },
);

/** What the signs of the diagram say. */
export const DIAGRAM_SIGNS =
  'Intakes at the left, discharges at the right, the ways to the tank above. E: electric valve; A: air valve; an arc under a valve: it opens slowly; P and F: pressure and flow gauge; an arrow down: drain; a dashed pipe: foam.';

/** All of a connection in words, as who can't see the picture hears it. */
export const rowInWords = ({ connection: one, feeds }: DiagramRow): string =>
  [
    `${one.label}: ${within(KIND_NAMES[one.kind])} of ${hoseSize(one.sizeIn)}`,
    within(PLACE_NAMES[one.at]),
    valveInWords(one),
    ...(one.gauge === 'none' ? [] : [`gauge: ${within(GAUGE_NAMES[one.gauge])}`]),
    ...(one.color ? [within(COLOR_NAMES[one.color])] : []),
    ...(one.foam ? ['foam'] : []),
    ...(one.air ? ['compressed air'] : []),
    ...(one.drain ? ['drain'] : []),
    ...(feeds ? [`feeds ${within(feeds)}`] : []),
  ].join(', ');

/** "electric valve, slow". */
export const valveInWords = ({ valve, slow }: Pick<Connection, 'valve' | 'slow'>): string =>
  valve === 'none' ? 'no valve' : `${within(VALVE_NAMES[valve])} valve${slow ? ', slow' : ''}`;
