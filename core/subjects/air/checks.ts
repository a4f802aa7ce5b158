import { check, heldTo, noneOf } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { cfm, counted, formatWhole, horsepower, listed } from '../../units/index.js';
import { compressorCfm } from '../foam/index.js';
import { runningTogether } from '../lines/index.js';
import { connections } from '../plumbing/index.js';
import type { Connection } from '../plumbing/index.js';
import { powerForPump } from '../pumping/index.js';
import { airTogether } from './lines.js';
import type { AirTogether } from './lines.js';

/** A compressor takes a horsepower for so many cubic feet a minute (formulas: compressed air). */
const CFM_PER_HP = 4;
export const compressorHp = (airCfm: number): number => airCfm / CFM_PER_HP;

/** How many of the lines with air it feeds at once, and which. */
export function atOnceInWords({ atOnce, outlets, compressorCfm: of }: AirTogether): string {
  if (atOnce.length === 0) return `${cfm(of)} feed none of ${counted(outlets, 'line')} as they are set.`;
  return `${cfm(of)} feed ${formatWhole(atOnce.length)} of ${counted(outlets, 'line')} at once: ${listed(atOnce.map(({ line }) => line.name))}.`;
}

const together = check(
  'air',
  { id: 'airTogether', title: 'Air for the lines that run', steps: ['foam', 'lines'] },
  [airTogether],
  (of) =>
    of && of.outlets > 0
      ? heldTo(
          'most',
          'cfm',
          of.askedCfm,
          { value: of.compressorCfm, basis: 'The maker of the compressor' },
          `${counted(of.running.length, 'line')} with air ${of.running.length === 1 ? 'asks' : 'ask'} for ${cfm(of.askedCfm)} of ${cfm(of.compressorCfm)}. ${atOnceInWords(of)}`,
        )
      : null,
);

const power = check(
  'air',
  { id: 'airPower', title: 'Power for pump and compressor', steps: ['foam', 'pump'] },
  [airTogether, runningTogether, powerForPump],
  (air, of, there) => {
    if (!air || air.running.length === 0 || !of || !there) return null;
    const compressor = compressorHp(Math.min(air.askedCfm, air.compressorCfm));
    return heldTo(
      'most',
      'hp',
      of.shaftHp + compressor,
      { value: there.hp ?? 0, basis: `${there.by[0]!.toUpperCase()}${there.by.slice(1)}` },
      `The pump takes ${horsepower(of.shaftHp)} and the compressor ${horsepower(compressor)} from ${there.by}, ${there.hp === null ? 'of which nobody says what it gives' : `which leaves ${horsepower(there.hp)}`}.`,
    );
  },
);

/** What an outlet for air lacks, in words. */
const lacks = ({ foam, check: valve, gauge }: Connection): string[] => [
  ...(foam === undefined ? ['foam'] : []),
  ...(valve === undefined ? ['a check valve'] : []),
  ...(gauge === 'both' || gauge === 'flow' ? [] : ['a flow meter']),
];
export const isWhole = (one: Connection): boolean => lacks(one).length === 0;

const outlets = check(
  'air',
  { id: 'airOutlets', title: 'Outlets for air', steps: ['foam', 'plumbing'] },
  [connections, compressorCfm],
  (all, compressor) => {
    const of = all.filter(({ air }) => air !== undefined);
    if (of.length === 0 && compressor === 0) return null;
    if (compressor === 0 || of.length === 0)
      return noneOf(
        Math.max(1, of.length),
        'fails',
        'Plumbing of this build',
        compressor === 0
          ? `No compressor feeds what ${counted(of.length, 'discharge')} should carry: ${listed(of.map(({ label }) => label))}.`
          : `A compressor of ${cfm(compressor)} is piped to no discharge.`,
      );
    const wrong = of.filter((one) => !isWhole(one));
    return noneOf(
      wrong.length,
      'fails',
      'House rule',
      wrong.length > 0
        ? `Air without foam makes slugs, and water in the compressor ruins it: ${wrong.map((one) => `${one.label} lacks ${listed(lacks(one))}`).join('; ')}.`
        : `Each of ${counted(of.length, 'outlet')} for air has foam, a check valve and a flow meter.`,
    );
  },
);

export const airChecks: Check[] = [together, power, outlets];
