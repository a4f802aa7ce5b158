import { fromBuild, limitOf, reading } from '../../kernel/index.js';
import { cellFor, foamCells, PAIL_GAL } from '../foam/index.js';
import type { FoamCell } from '../foam/index.js';
import { truckLines } from '../lines/index.js';
import type { TruckLine } from '../lines/index.js';
import { atEductor } from './eductor.js';
import type { AtEductor } from './eductor.js';
import { concentrateGpm, solutionGal } from './mixing.js';

/** A line whose discharge carries foam, with what is mixed into it. Percent, gpm. */
export interface FoamLine {
  line: TruckLine;
  cell: FoamCell;
  percent: number;
  concentrateGpm: number;
  /** The largest flow at which its proportioner holds the percentage. */
  mostGpm: number;
  /** Where an eductor mixes it. */
  eductor: AtEductor | null;
}

/** Every line that foam flows in, with its concentrate. */
export const foamLines = reading('foaming', [truckLines, foamCells], (lines, cells): FoamLine[] =>
  lines.flatMap((line): FoamLine[] => {
    const cell = cellFor(line.outlet, cells);
    if (!cell) return [];
    const percent = line.entry?.foamPct ?? cell.percent;
    const { maxConcentrateGpm, eductorGpm } = cell.system;
    return percent > 0
      ? [
          {
            line,
            cell,
            percent,
            concentrateGpm: concentrateGpm(line.asked.flowGpm, percent),
            mostGpm: solutionGal(maxConcentrateGpm, percent),
            eductor: eductorGpm === undefined ? null : atEductor(line.asked, eductorGpm),
          },
        ]
      : [];
  }),
);

/** What one proportioner gives to the lines that run together, gpm. */
export interface Proportioned {
  system: FoamCell['system'];
  lines: FoamLine[];
  concentrateGpm: number;
}

const sum = (lines: readonly FoamLine[]): number =>
  lines.reduce((total, { concentrateGpm: of }) => total + of, 0);

/** Each proportioner with the lines that run from it. */
export const proportioned = reading('foaming', [foamLines, foamCells], (all, cells): Proportioned[] =>
  cells
    .filter(({ id, throughId }) => id === throughId)
    .map(({ id, system }) => {
      const lines = all.filter(({ cell, line }) => cell.throughId === id && line.runs);
      return { system, lines, concentrateGpm: sum(lines) };
    }),
);

/** How far the concentrate of a cell goes. Gallons, minutes, tankfuls of water. */
export interface CellLasts {
  cell: FoamCell;
  /** The lines that run with it. */
  lines: FoamLine[];
  concentrateGpm: number;
  /** With the lines that run; endless where none does. */
  enduranceMin: number;
  solutionGal: number;
  /** Tanks of water that it treats at its percentage; endless without a tank. */
  tankfuls: number;
}

const waterGal = fromBuild(({ tank }) => tank.gallons);

/** Each cell: how long it lasts, and how much water it treats. */
export const cellsLast = reading(
  'foaming',
  [foamCells, foamLines, waterGal],
  (cells, all, tankGal): CellLasts[] =>
    cells.map((cell) => {
      const lines = all.filter((one) => one.cell.id === cell.id && one.line.runs);
      const of = sum(lines);
      const makes = solutionGal(cell.gallons, cell.percent);
      return {
        cell,
        lines,
        concentrateGpm: of,
        enduranceMin: of > 0 ? cell.gallons / of : Infinity,
        solutionGal: makes,
        tankfuls: tankGal > 0 ? makes / tankGal : Infinity,
      };
    }),
);

/** Where nobody says: so long a foam outlet is flushed until it runs clear, min. */
const USUAL_FLUSH_MIN = 3;
/** What a refill pump draws in, and how long a pail takes to be carried up and poured; gpm, min. */
const REFILL_GPM = 5;
const PAIL_MIN = 1.5;

export const flushMin = reading(
  'foaming',
  [limitOf('foamFlushMin')],
  (limit) => limit?.value ?? USUAL_FLUSH_MIN,
);

/** Minutes to fill an empty cell again: from the ground where it can be, else pail by pail. */
export const refillMin = ({ gallons, refill }: Pick<FoamCell, 'gallons' | 'refill'>): number =>
  refill === 'top' ? Math.ceil(gallons / PAIL_GAL) * PAIL_MIN : gallons / REFILL_GPM;
