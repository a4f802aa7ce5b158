import { amount, cfm, gpm, listed, within } from '../../units/index.js';
import type { AirTogether } from '../air/index.js';
import type { FoamCell } from '../foam/index.js';
import { minutesInWords } from '../lines/index.js';
import { step } from './step.js';
import type { Procedure } from './step.js';

/** Foam of each cell, and how it is flushed. */
export const foam = (cells: readonly FoamCell[], flushMin: number): Procedure[] =>
  cells.length === 0
    ? []
    : [
        {
          id: 'foam',
          title: 'Foam',
          steps: [
            step('water', 'Water first, at its pressure', 'concentrate in a dry line is wasted'),
            ...cells.map((cell) =>
              step(
                `cell-${cell.id}`,
                `Class ${cell.concentrate.foamClass}: ${within(cell.system.name)} on at ${amount(cell.percent, '%')}, up to ${gpm((cell.system.maxConcentrateGpm * 100) / cell.percent)}`,
                'beyond that flow the foam is too thin',
              ),
            ),
            ...(cells.some(({ concentrate: { foamClass } }) => foamClass === 'B')
              ? [step('classes', 'Never two classes in one cell or pickup', 'they gel and block it')]
              : []),
          ],
        },
        {
          id: 'flush',
          title: 'Flush',
          steps: [
            step('off', 'Foam off', 'concentrate left in pipes sticks valves'),
            step(
              'run',
              `Run each foam outlet ${minutesInWords(flushMin)}, until it is clear; then shut it`,
              'the last foam sits in the longest pipe',
            ),
          ],
        },
      ];

/** Air, after foam and before it off. */
export const air = (of: AirTogether | null): Procedure[] =>
  !of || of.atOnce.length === 0
    ? []
    : [
        {
          id: 'air',
          title: 'Compressed air',
          steps: [
            step(
              'foamFirst',
              'Water, then foam, then air',
              'air without foam makes slugs that throw the nozzle',
            ),
            step(
              'share',
              `${cfm(of.compressorCfm)}: ${listed(of.atOnce.map(({ line }) => line.name))} at once`,
              'what is asked beyond it comes as water',
            ),
            step('away', 'Away: air off, foam off, flush', 'air last in the line throws it'),
            step(
              'relieve',
              'Pressure off and nozzle open before a line is uncoupled',
              'air in hose is a spring',
            ),
          ],
        },
      ];
