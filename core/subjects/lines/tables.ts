import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { feet, formatWhole, gpm, hoseSize, lbf, listed, psi } from '../../units/index.js';
import { truckLines } from './all.js';
import type { TruckLine } from './all.js';
import { runningTogether } from './flows.js';

/** The hose of a line from the pump: "200 ft of 1¾ in". */
export const hoseInWords = ({ hose }: Pick<TruckLine, 'hose'>): string =>
  hose.length === 0
    ? 'none'
    : listed(
        hose.map(
          ({ sizeIn, lengthFt, parallel }) =>
            `${parallel > 1 ? `${formatWhole(parallel)} × ` : ''}${feet(lengthFt)} of ${hoseSize(sizeIn)}`,
        ),
      );

/** What foam with air loses in hose, and has left at its nozzle, nobody's formula tells. */
const WITH_AIR = 'with air';

/** Every line with what its nozzle asks of the pump. */
export const linesTable = reading('lines', [truckLines], (all): TableOf => ({
  title: 'Lines and their pressures',
  columns: [
    { head: 'Line' },
    { head: 'Discharge' },
    { head: 'Hose' },
    { head: 'Nozzle' },
    { head: 'Flow', figure: true },
    { head: 'At the nozzle', figure: true },
    { head: 'Lost in hose', figure: true },
    { head: 'At the pump', figure: true },
    { head: 'Reaction', figure: true },
  ],
  rows: all.map((line) => ({
    id: line.id,
    cells: [
      line.name,
      line.outlet?.label ?? 'none',
      hoseInWords(line),
      line.part.name,
      gpm(line.asked.flowGpm),
      line.air ? WITH_AIR : psi(line.asked.nozzlePressurePsi),
      line.air ? WITH_AIR : psi(line.asked.frictionLossPsi),
      psi(line.asked.pumpPressurePsi),
      lbf(line.asked.nozzleReactionLbf),
    ],
  })),
}));

/** The lines that run together: what each asks and gets, and what its valve holds back. */
export const togetherTable = reading(
  'lines',
  [truckLines, runningTogether],
  (all, of): TableOf | null =>
    of && {
      title: 'Running together',
      columns: [
        { head: 'Line' },
        { head: 'Asks for', figure: true },
        { head: 'Gets', figure: true },
        { head: 'At the nozzle', figure: true },
        { head: 'Its gauge shows', figure: true },
        { head: 'Valve holds back', figure: true },
      ],
      rows: of.lines.map(({ id, asked, given, gatePsi }) => ({
        id,
        ...(given.flowGpm < asked.flowGpm - 0.05 ? { short: [2] } : {}),
        cells: [
          all.find((line) => line.id === id)?.name ?? id,
          gpm(asked.flowGpm),
          gpm(given.flowGpm),
          psi(given.nozzlePressurePsi),
          psi(given.pumpPressurePsi),
          gatePsi < 0.5 ? (id === of.governingId ? 'governs' : 'nothing') : psi(gatePsi),
        ],
      })),
    },
);
