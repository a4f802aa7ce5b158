import { fromBuild, reading } from '../../kernel/index.js';
import type { Reading, TableOf } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { amount, change, NO_FIGURE } from '../../units/index.js';
import { compartmentsFt3 } from '../body/index.js';
import { brief, linesOf, TARGET_FIGURES } from '../brief/index.js';
import type { LineOf, TargetFigure } from '../brief/index.js';
import { axles } from '../chassis/index.js';
import { chosenPump } from '../pump/index.js';
import { inService } from '../weights/index.js';

type Present = LineOf<'present'>;
type Unit = 'in' | 'lb' | 'gal' | 'gpm' | 'ft3' | 'seats';

/** A figure in which a truck is compared with the present one. */
interface Compared {
  id: TargetFigure | 'pump' | 'seats';
  title: string;
  unit: Unit;
  reading: Reading<number>;
  present: (of: Present) => number | undefined;
  /** Whether a department is glad of more of it. */
  more: 'better' | 'worse';
}

/** What a truck and the present one are compared in, line by line. */
export const COMPARED: readonly Compared[] = [
  {
    id: 'length',
    ...TARGET_FIGURES.length,
    reading: reading('fleet', [envelope], ({ lengthIn }) => lengthIn),
    present: ({ lengthIn }) => lengthIn,
    more: 'worse',
  },
  {
    id: 'height',
    ...TARGET_FIGURES.height,
    reading: reading('fleet', [envelope], ({ heightIn }) => heightIn),
    present: ({ heightIn }) => heightIn,
    more: 'worse',
  },
  {
    id: 'wheelbase',
    ...TARGET_FIGURES.wheelbase,
    reading: reading('fleet', [axles], ({ wheelbaseIn }) => wheelbaseIn),
    present: ({ wheelbaseIn }) => wheelbaseIn,
    more: 'worse',
  },
  {
    id: 'front',
    ...TARGET_FIGURES.front,
    reading: reading('fleet', [inService], ({ weights }) => weights.front.loadLb),
    present: ({ frontLb }) => frontLb,
    more: 'worse',
  },
  {
    id: 'gross',
    ...TARGET_FIGURES.gross,
    reading: reading('fleet', [inService], ({ weights }) => weights.totalLb),
    present: ({ grossLb }) => grossLb,
    more: 'worse',
  },
  {
    id: 'volume',
    ...TARGET_FIGURES.volume,
    reading: compartmentsFt3,
    present: ({ volumeFt3 }) => volumeFt3,
    more: 'better',
  },
  {
    id: 'tank',
    ...TARGET_FIGURES.tank,
    reading: fromBuild(({ tank }) => tank.gallons),
    present: ({ tankGal }) => tankGal,
    more: 'better',
  },
  {
    id: 'pump',
    title: 'Pump',
    unit: 'gpm',
    reading: reading('fleet', [chosenPump], (pump) => pump?.ratedGpm ?? 0),
    present: ({ pumpGpm }) => pumpGpm,
    more: 'better',
  },
  {
    id: 'seats',
    title: 'Seats',
    unit: 'seats',
    reading: fromBuild(({ cab }) => cab.crew),
    present: ({ seats }) => seats,
    more: 'better',
  },
];

/** The present truck of the department; null where the brief describes none. */
export const presentTruck = reading(
  'fleet',
  [brief],
  (of): Present | null => linesOf(of, 'present')[0] ?? null,
);

/** All figures of a truck that are compared, in their order. */
export const comparedFigures = reading(
  'fleet',
  COMPARED.map((of) => of.reading),
  (...values: number[]) => values,
);

/** This truck against the present one, figure by figure: what is better and what is worse; null where there is none. */
export const againstPresent = reading(
  'fleet',
  [presentTruck, comparedFigures],
  (present, now): TableOf | null =>
    present && {
      title: `Against ${present.name}`,
      columns: [
        { head: 'Figure' },
        { head: present.name, figure: true },
        { head: 'This truck', figure: true },
        { head: 'Change', figure: true },
        { head: 'So' },
      ],
      rows: COMPARED.map(({ id, title, unit, present: of, more }, i) => {
        const [was, is] = [of(present), now[i]!];
        const by = was === undefined ? 0 : is - was;
        const side = by === 0 ? 'the same' : by > 0 === (more === 'better') ? 'better' : 'worse';
        return {
          id,
          cells: [
            title,
            was === undefined ? NO_FIGURE : amount(was, unit),
            amount(is, unit),
            was === undefined ? '' : unit === 'seats' ? String(by) : change(amount(by, unit)),
            was === undefined ? 'not known of it' : side,
          ],
        };
      }),
    },
);
