import { check, fromBuild, heldTo, limitKind, limitOf, reading } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { capital, formatWhole, gpm, horsepower, listed, psi, within } from '../../units/index.js';
import { counting } from '../brief/index.js';
import { connections, isIntake } from '../plumbing/index.js';
import { chosenPump } from '../pump/index.js';
import { EXTRA_FIELDS, EXTRAS, PRIMER_NAMES } from './block.js';
import type { Extra } from './block.js';
import { secondPump } from './second.js';
import { neededByPump, powerForPump, primer, primingS, rollingCurve, suctionFt } from './power.js';

export const pumpingLimits = {
  pumpEfficiencyPct: limitKind(
    'Of the power at its shaft a pump puts into the water',
    '%',
    'reckon',
    30,
    90,
    'smaller',
  ),
  pumpRoll: limitKind('Pumps that work while the truck rolls', 'pieces', 'least', 0, 2),
  primeS: limitKind('Time to prime', 's', 'most', 5, 120),
  primeLargeS: limitKind('Time to prime a large pump', 's', 'most', 5, 180),
  primeLargeFromGpm: limitKind('Large pumps begin at', 'gpm', 'reckon', 250, 4_000),
};

const power = check(
  'pumping',
  { id: 'pumpPower', title: 'Power for the pump', steps: ['pump', 'chassis'], mendedBy: ['pull'] },
  [chosenPump, powerForPump, neededByPump],
  (pump, there, needed) => {
    if (!pump || !there || !needed) return null;
    if (there.hp === null)
      return heldTo(
        'most',
        'hp',
        needed.hp,
        { value: 0, basis: capital(there.by) },
        `The pump takes ${horsepower(needed.hp)}; nobody says what ${there.by} gives: the part must state it.`,
      );
    const margin = there.hp - needed.hp;
    const at = `${gpm(needed.gpm)} at ${psi(needed.psi)} net`;
    const short = margin < 0 ? ` ${horsepower(-margin)} short.` : '';
    return heldTo(
      'most',
      'hp',
      needed.hp,
      { value: there.hp, basis: capital(there.by) },
      `The pump takes ${horsepower(needed.hp)} for ${at}; at the altitude of the district ${there.by} leaves ${horsepower(there.hp)}.${short} The makers’ curves decide.`,
    );
  },
);

/** The largest intake, which suction is coupled to, in; 0 without one. */
export const largestIntake = reading('pumping', [connections], (all) =>
  Math.max(0, ...all.filter(isIntake).map(({ sizeIn }) => sizeIn)),
);

const priming = check(
  'pumping',
  { id: 'priming', title: 'Time to prime', steps: ['pump'] },
  [
    chosenPump,
    largestIntake,
    suctionFt,
    primer,
    limitOf('primeS'),
    limitOf('primeLargeS'),
    limitOf('primeLargeFromGpm'),
  ],
  (pump, sizeIn, lengthFt, kind, small, large, from) => {
    const limit = pump && large && from && pump.ratedGpm >= from.value ? large : small;
    if (!pump || !limit || sizeIn === 0) return null;
    const actual = primingS(pump, sizeIn, lengthFt, kind);
    return heldTo(
      'most',
      's',
      actual,
      limit,
      `${formatWhole(actual)} s to empty suction and pump of air (${within(PRIMER_NAMES[kind])}), of at most ${formatWhole(limit.value)} s.`,
    );
  },
);

/** What keeps a pump from freezing. */
const AGAINST_FROST: readonly Extra[] = ['heater', 'heatPan', 'winterPort'];

/** What is fitted of all that may be. */
export const extras = reading('pumping', [fromBuild(({ pumping }) => pumping)], (of) =>
  EXTRAS.filter((one) => of[one] !== undefined),
);

const winter = check(
  'pumping',
  { id: 'pumpWinter', title: 'The pump in winter', steps: ['pump'] },
  [chosenPump, counting('winter'), extras],
  (pump, [line], has) => {
    if (!pump || line?.hard !== 'hard') return null;
    const against = has.filter((one) => AGAINST_FROST.includes(one));
    const missing = against.length === 0 ? 1 : 0;
    return {
      status: missing ? 'caution' : 'holds',
      actual: missing,
      limit: 0,
      margin: 0 - missing,
      unit: 'pieces',
      state: null,
      basis: 'The department’s brief',
      words: missing
        ? `Winters are long and hard, and none of ${formatWhole(AGAINST_FROST.length)} things against frost is fitted: ${listed(AGAINST_FROST.map((one) => within(EXTRA_FIELDS[one].title)))}.`
        : `Against long, hard winters: ${listed(against.map((one) => within(EXTRA_FIELDS[one].title)))}.`,
    };
  },
);

const rolls = check(
  'pumping',
  { id: 'pumpRoll', title: 'Pumping while it rolls', steps: ['pump'] },
  [chosenPump, secondPump, limitOf('pumpRoll')],
  (pump, second, asked) => {
    if (!asked) return null;
    const [curve] = [pump, second].flatMap((one) => {
      const of = one && rollingCurve(one);
      return of ? [of] : [];
    });
    const actual = [pump, second].filter((one) => one?.pumpAndRoll).length;
    return heldTo(
      'least',
      'pieces',
      actual,
      asked,
      curve
        ? `At a walking pace it pumps up to ${gpm(curve[0]!.gpm)}, at that flow with ${psi(curve[0]!.psi)}.`
        : `${pump ? `A ${pump.drive} pump of ${gpm(pump.ratedGpm)} stands still to pump` : 'There is no pump: 0 of 1 that pumps while the truck rolls'}.`,
    );
  },
);

export const pumpingChecks: Check[] = [power, priming, winter, rolls];
