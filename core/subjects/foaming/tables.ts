import { reading } from '../../kernel/index.js';
import type { ChartOf, TableOf } from '../../kernel/index.js';
import { amount, capital, formatWhole, gal, gpm, lb, psi } from '../../units/index.js';
import { classInWords, REFILL_NAMES } from '../foam/index.js';
import { minutesInWords, supplyMin, tankAt, tankTime } from '../lines/index.js';
import { cellsLast, flushMin, foamLines, refillMin } from './mixed.js';
import type { CellLasts, FoamLine } from './mixed.js';

/** Every cell: what it holds, how much water it treats, how it is filled again. */
export const cellsTable = reading('foaming', [cellsLast], (all): TableOf => ({
  title: 'Cells and their concentrate',
  columns: [
    { head: 'Class' },
    { head: 'Concentrate' },
    { head: 'Mixed by' },
    { head: 'Holds', figure: true },
    { head: 'Weighs', figure: true },
    { head: 'Mixed at', figure: true },
    { head: 'Treats', figure: true },
    { head: 'Tankfuls', figure: true },
    { head: 'Lasts with the lines that run', figure: true },
    { head: 'Filled again' },
  ],
  rows: all.map(({ cell, solutionGal, tankfuls, enduranceMin }) => ({
    id: cell.id,
    cells: [
      capital(classInWords(cell)),
      cell.concentrate.name,
      cell.system.name,
      gal(cell.gallons),
      lb(cell.gallons * cell.lbPerGal),
      amount(cell.percent, '%'),
      gal(solutionGal),
      Number.isFinite(tankfuls) ? amount(tankfuls, '').trim() : 'no tank',
      Number.isFinite(enduranceMin) ? minutesInWords(enduranceMin) : 'none runs',
      `${REFILL_NAMES[cell.refill]}, ${minutesInWords(refillMin(cell))}`,
    ],
  })),
}));

const inEductor = ({ eductor }: FoamLine): string =>
  eductor ? `${psi(eductor.leftPsi)} left of ${psi(eductor.askedPsi)} asked` : '';

/** Every line that foam flows in, with what its proportioner holds. */
export const foamLinesTable = reading('foaming', [foamLines, flushMin], (all, flush): TableOf => {
  const eductors = all.some(({ eductor }) => eductor !== null);
  return {
    title: 'Foam in each line',
    columns: [
      { head: 'Line' },
      { head: 'Discharge' },
      { head: 'Class' },
      { head: 'Flow', figure: true },
      { head: 'Mixed at', figure: true },
      { head: 'Concentrate', figure: true },
      { head: 'Held up to', figure: true },
      ...(eductors ? [{ head: 'Behind the eductor' }] : []),
      { head: 'Flushed for', figure: true },
    ],
    rows: all.map((one) => ({
      id: one.line.id,
      ...(one.line.asked.flowGpm > one.mostGpm ? { over: [3] } : {}),
      cells: [
        `${one.line.name}${one.line.runs ? '' : ', shut'}`,
        one.line.outlet?.label ?? '',
        capital(classInWords(one.cell)),
        gpm(one.line.asked.flowGpm),
        amount(one.percent, '%'),
        gpm(one.concentrateGpm),
        gpm(one.mostGpm),
        ...(eductors ? [inEductor(one)] : []),
        minutesInWords(flush),
      ],
    })),
  };
});

const STEPS = 80;
/** Beyond this nobody plans, min. */
const MOST_MIN = 240;

/** Concentrate of a cell over the minutes beside the water of the tank; null where no line runs with it. */
function chartOf(
  of: CellLasts,
  time: Parameters<typeof tankAt>[0] | null,
  until: number | null,
): ChartOf | null {
  if (!Number.isFinite(of.enduranceMin)) return null;
  const empty = time && Number.isFinite(time.emptyMin) ? time.emptyMin : 0;
  const end = Math.min(MOST_MIN, Math.max(of.enduranceMin, empty, until ?? 0) * 1.08);
  const corners = [empty, of.enduranceMin, ...(until === null ? [] : [until])].filter((one) => one <= end);
  const at = [
    ...new Set([...Array.from({ length: STEPS + 1 }, (_, i) => (end * i) / STEPS), ...corners]),
  ].sort((a, b) => a - b);
  const left = (t: number) => Math.max(0, of.cell.gallons - of.concentrateGpm * t);
  return {
    kind: 'lines',
    words: `Concentrate and water over ${formatWhole(end)} min with the lines that run: the concentrate lasts ${minutesInWords(of.enduranceMin)}, the tank ${minutesInWords(empty)}.`,
    x: { title: 'Minutes from the first line', at },
    y: { title: 'Concentrate left', unit: 'gal' },
    right: { title: 'Water in the tank', unit: 'gal' },
    series: [
      { label: `${capital(classInWords(of.cell))} concentrate`, tone: 'brass', values: at.map(left) },
      ...(time && time.gpm > 0
        ? [
            {
              label: 'Water in the tank',
              tone: 'water' as const,
              dash: [6, 3],
              right: true as const,
              values: at.map((t) => tankAt(time, t).gallons),
            },
          ]
        : []),
      ...(until !== null && until <= end
        ? [
            {
              label: 'Supply established',
              tone: 'spruce' as const,
              points: true as const,
              values: at.map((t) => (t === until ? left(t) : NaN)),
              mark: at.indexOf(until),
            },
          ]
        : []),
    ],
  };
}

/** Each cell that runs, over the minutes. */
export const foamCharts = reading(
  'foaming',
  [cellsLast, tankTime, supplyMin],
  (all, time, until): ChartOf[] => all.flatMap((of) => chartOf(of, time, until) ?? []),
);

/** How long the foam lasts against the water, in words; nothing where no line runs with it. */
export const foamInWords = reading('foaming', [cellsLast, tankTime, supplyMin], (all, time, until): string =>
  all
    .filter(({ enduranceMin }) => Number.isFinite(enduranceMin))
    .map(({ cell, concentrateGpm, enduranceMin }) =>
      [
        `${capital(classInWords(cell))}: the lines that run take ${gpm(concentrateGpm)}; ${gal(cell.gallons)} last ${minutesInWords(enduranceMin)}`,
        time && Number.isFinite(time.emptyMin) ? `, the tank ${minutesInWords(time.emptyMin)}` : '',
        until === null ? '' : `; a supply is there after ${formatWhole(until)} min`,
        '.',
      ].join(''),
    )
    .join(' '),
);
