import { check, heldTo, limitKind, limitOf } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { gal, gpm, listed, psi } from '../../units/index.js';
import { minutesInWords } from '../lines/index.js';
import { chosenPump, curveOf, netPsiAt } from '../pump/index.js';
import { auxiliaryFuel } from './fuel.js';
import { rollsWith } from './roll.js';

export const rollingLimits = {
  pumpAtPsi: limitKind('The pump gives its least flow at', 'psi', 'least', 20, 600),
  auxiliaryFuelMin: limitKind('Fuel of the pump’s own engine lasts', 'min', 'least', 5, 1_440),
};

const EXACT_GPM = 0.05;

const flow = check(
  'rolling',
  {
    id: 'rollFlow',
    title: 'Lines that work while it rolls',
    steps: ['pump', 'lines'],
    mendedBy: ['pumpRoll'],
  },
  [rollsWith],
  (rolls) => {
    if (!rolls) return null;
    const { of, lines, time } = rolls;
    const short = of.flowGpm < of.askedGpm - EXACT_GPM;
    return {
      status: short ? 'fails' : 'holds',
      actual: of.flowGpm,
      limit: of.askedGpm,
      margin: short ? of.flowGpm - of.askedGpm : 0,
      unit: 'gpm',
      state: null,
      basis: 'Hydraulics of this build, rolling at a walking pace',
      words: `${listed(lines.map(({ name }) => name))}: ${gpm(of.flowGpm)}${short ? ` of ${gpm(of.askedGpm)}` : ''} at ${psi(of.dischargePsi)}; the tank lasts ${minutesInWords(time.emptyMin)}.`,
    };
  },
);

const pressure = check(
  'rolling',
  {
    id: 'pumpPressure',
    title: 'Pressure of the pump at its least flow',
    steps: ['pump'],
    mendedBy: ['pumpLeast'],
  },
  [chosenPump, limitOf('pumpGpm'), limitOf('pumpAtPsi')],
  (pump, least, at) => {
    if (!pump || !least || !at) return null;
    const actual = netPsiAt(curveOf(pump), least.value) ?? 0;
    return heldTo(
      'least',
      'psi',
      actual,
      at,
      `At ${gpm(least.value)} it gives ${psi(actual)}, of at least ${psi(at.value)}.`,
    );
  },
);

const fuel = check(
  'rolling',
  { id: 'auxiliaryFuel', title: 'Fuel of the pump’s own engine', steps: ['pump'] },
  [auxiliaryFuel, limitOf('auxiliaryFuelMin')],
  (of, least) =>
    of && least
      ? heldTo(
          'least',
          'min',
          of.lastsMin,
          least,
          `${gal(of.fuelGal)} last ${minutesInWords(of.lastsMin)} at ${gal(of.galPerHour)} an hour, of at least ${minutesInWords(least.value)}. The maker’s figures decide.`,
        )
      : null,
);

export const rollingChecks: Check[] = [flow, pressure, fuel];
