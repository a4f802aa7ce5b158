import { reading } from '../../kernel/index.js';
import { cfm, gpm, horsepower, lbf, psi } from '../../units/index.js';
import { chosenPump } from '../pump/index.js';
import type { Pump } from '../pump/index.js';
import { stagePosition } from '../pumping/index.js';
import type { TruckLine } from './all.js';
import { runningTogether, supplyMin, tankTime, waterFrom } from './flows.js';

/** Minutes and seconds, as somebody says them: "3 min 20 s". */
export function minutesInWords(minutes: number): string {
  if (!Number.isFinite(minutes)) return 'no end';
  const seconds = Math.round(minutes * 60);
  const [min, s] = [Math.floor(seconds / 60), seconds % 60];
  return min === 0 ? `${s} s` : s === 0 || min >= 10 ? `${min} min` : `${min} min ${s} s`;
}

/** In which position a pump of two stages works, and where it changes over; nothing of one stage. */
export function stagesInWords(pump: Pick<Pump, 'stages' | 'ratedGpm'>, flowGpm: number): string {
  const position = stagePosition(pump, flowGpm);
  return position
    ? `Of its two stages it works in ${position}; change over near ${gpm(pump.ratedGpm / 2)}, at idle pressure.`
    : '';
}

/** Where a line is and what it asks for, as it is told beside its choices. */
export const lineInWords = ({ asked, outlet, air }: TruckLine): string =>
  [
    outlet ? `On ${outlet.label}.` : 'On no discharge of its own.',
    air
      ? `${psi(asked.pumpPressurePsi)} at the pump with ${cfm(air.cfm)} of air; what is lost in hose is not computed.`
      : `${psi(asked.pumpPressurePsi)} at the pump, ${psi(asked.frictionLossPsi)} of it lost in hose; it pushes back with ${lbf(asked.nozzleReactionLbf)}.`,
  ].join(' ');

/** What the lines that run get together, and from what; nothing where there is no pump. */
export const togetherInWords = reading(
  'lines',
  [runningTogether, waterFrom, chosenPump],
  (of, from, pump): string => {
    if (!of || !pump) return '';
    return [
      `From ${from.name}: ${gpm(of.flowGpm)} of ${gpm(of.askedGpm)} at ${psi(of.dischargePsi)} discharge pressure, ${psi(of.netPsi)} net; the pump takes ${horsepower(of.shaftHp)}.`,
      stagesInWords(pump, of.flowGpm),
      from.kind === 'hydrant'
        ? 'A strong hydrant may give more than the curve: nobody counts on it here.'
        : '',
    ]
      .filter((part) => part !== '')
      .join(' ');
  },
);

/** How long the tank lasts with the lines that run, and when a supply is there; nothing where none runs from it. */
export const tankTimeInWords = reading('lines', [tankTime, supplyMin], (time, until): string =>
  time && time.gpm > 0
    ? `${gpm(time.gpm)} in full for ${minutesInWords(time.fullMin)}, until the way from the tank can’t carry it any more; empty after ${minutesInWords(time.emptyMin)}. ${
        until === null
          ? 'The brief does not say when a supply is established.'
          : `A supply is established after ${until} min.`
      }`
    : '',
);
