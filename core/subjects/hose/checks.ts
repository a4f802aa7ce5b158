import { atLeast, limitKind, reading } from '../../kernel/index.js';
import type { Figure } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import type { BedKind } from '../../truck/index.js';
import { hoseSize, IN3_PER_FT3 } from '../../units/index.js';
import { hoseFits } from './fits.js';
import { hoseCarried } from './loads.js';

/** What a profile may ask of the hose. */
export const hoseLimits = {
  hoseBedFt3: limitKind(`Hose beds for ${hoseSize(2.5)} and larger`, 'ft3', 'least', 0, 300),
  preconnectFt3: limitKind('Beds of two preconnected lines, each', 'ft3', 'least', 0, 50),
  supplyHoseFt: limitKind(`Hose of ${hoseSize(2.5)} and larger`, 'ft', 'least', 0, 5000),
  attackHoseFt: limitKind('Attack hose', 'ft', 'least', 0, 5000),
  hose15Ft: limitKind(`Hose of ${hoseSize(1.5)}`, 'ft', 'least', 0, 5000),
  hose1Ft: limitKind(`Hose of ${hoseSize(1)}`, 'ft', 'least', 0, 5000),
};

/** What the beds of some kinds hold, ft³, largest first. */
const bedsFt3 = (...kinds: BedKind[]) =>
  reading('hose', [beds], (all) =>
    all
      .filter(({ kind }) => kinds.includes(kind))
      .map((bed) => ((bed.x1 - bed.x0) * bed.widthIn * bed.depthIn) / IN3_PER_FT3)
      .sort((a, b) => b - a),
  );
const carriedFt = (from: number, below: number) =>
  reading('hose', [hoseCarried], (all) =>
    all
      .filter(({ sizeIn }) => sizeIn >= from && sizeIn < below)
      .reduce((sum, { lengthFt }) => sum + lengthFt, 0),
  );
const least = (id: string, limit: keyof typeof hoseLimits, actual: Parameters<typeof atLeast>[5]) =>
  atLeast('hose', id, limit, hoseLimits[limit], ['hose'], actual);

/** Hose of this nominal diameter and larger is supply hose, in; attack hose is from 1½ in to there. */
const SUPPLY_IN = 2.5;
const ATTACK_IN = 1.5;
const TWO_IN = 2;

/** Which hose each check counts that asks for so many feet: from a nominal diameter and below another, in. */
export const COUNTED_IN = {
  supplyHose: [SUPPLY_IN, Infinity],
  attackHose: [ATTACK_IN, SUPPLY_IN],
  hose15: [ATTACK_IN, TWO_IN],
  // One inch and no other.
  hose1: [1, 1.0001],
} as const;

/** The largest hose that is carried: what it couples to is the fleet's matter. */
export const supplyConnections = reading('hose', [hoseCarried], (all) => {
  const largest = Math.max(0, ...all.map(({ sizeIn }) => sizeIn));
  return largest >= SUPPLY_IN ? [{ matter: 'connections', uses: hoseSize(largest) }] : [];
});

export const hoseChecks = [
  hoseFits,
  least(
    'hoseBeds',
    'hoseBedFt3',
    reading('hose', [bedsFt3('main', 'tray')], (all) => all.reduce((sum, ft3) => sum + ft3, 0)),
  ),
  least(
    'preconnects',
    'preconnectFt3',
    reading('hose', [bedsFt3('crosslay', 'well', 'tray')], (all) => all[1] ?? 0),
  ),
  least('supplyHose', 'supplyHoseFt', carriedFt(...COUNTED_IN.supplyHose)),
  least('attackHose', 'attackHoseFt', carriedFt(...COUNTED_IN.attackHose)),
  least('hose15', 'hose15Ft', carriedFt(...COUNTED_IN.hose15)),
  least('hose1', 'hose1Ft', carriedFt(...COUNTED_IN.hose1)),
];

/** The hose as builds are compared by it. */
export const hoseFigures: Figure[] = [
  {
    id: 'hoseCarried',
    title: 'Hose carried',
    unit: 'ft',
    harm: { way: 'down', each: 50 },
    reading: carriedFt(0, Infinity),
  },
  {
    id: 'hoseBed',
    title: 'Hose bed floor',
    unit: 'in',
    harm: { way: 'up', each: 3 },
    reading: reading('hose', [beds], (all) =>
      Math.max(
        0,
        ...all.filter(({ kind }) => kind === 'main' || kind === 'tray').map(({ floorIn }) => floorIn),
      ),
    ),
  },
];
