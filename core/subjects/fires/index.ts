import { limitKind } from '../../kernel/index.js';
import type { Subject, TableOf } from '../../kernel/index.js';
import { reading } from '../../kernel/index.js';
import { amount, formatWhole, gal, gpm, listed } from '../../units/index.js';
import { placesCheck } from '../brief/index.js';
import type { AtPlace } from '../brief/index.js';
import { minutesInWords } from '../lines/index.js';
import { atFires } from './lasts.js';
import type { AtFire } from './lasts.js';

export { atFire, atFires } from './lasts.js';
export type { AtFire, Has } from './lasts.js';
export { galPerFt, needOfGrass, needOfSpill, needOfStructure, needs, rates } from './needs.js';
export type { Fire, Need, Rates } from './needs.js';

const firesLimits = {
  fireGpm: limitKind('Water on 100 square feet of floor that burns', 'gpm', 'reckon', 1, 200),
  spillGpm: limitKind('Foam on 100 square feet of fuel that floats', 'gpm', 'reckon', 1, 200),
  alcoholGpm: limitKind('Foam on 100 square feet of fuel that mixes with water', 'gpm', 'reckon', 1, 200),
};

/** What a fire takes, in words. */
const takes = ({ need }: AtFire): string =>
  `${gpm(need.gpm)} for ${minutesInWords(need.minutes)}, ${gal(need.solutionGal)}${need.foamClass ? ` with ${gal(need.concentrateGal)} of class ${need.foamClass} at ${amount(need.percent, '%')}` : ''}`;

/** What must come beside this truck, in words; nothing where it is enough by itself. */
export function mustCome({ need, shortGpm, shortWaterGal, shortConcentrateGal }: AtFire): string {
  const come = [
    ...(shortGpm > 0 ? [`${gpm(shortGpm)} more`] : []),
    ...(shortWaterGal > 0 ? [`${gal(shortWaterGal)} of water`] : []),
    ...(shortConcentrateGal > 0
      ? [`${gal(shortConcentrateGal)} of class ${need.foamClass} concentrate`]
      : []),
  ];
  return come.length ? listed(come) : '';
}

const does = (of: AtFire): string =>
  of.stop === 'flow'
    ? `the lines that run give ${gpm(of.gpm)}`
    : of.need.needsFoam && of.concentrateGal === 0
      ? 'no concentrate on this truck goes with it'
      : `this truck lasts ${minutesInWords(of.lastsMin)}`;

const fires = placesCheck(
  'fires',
  {
    id: 'fires',
    title: 'Fires of the brief',
    steps: ['tank', 'foam', 'lines'],
    mendedBy: ['tankLeast', 'foamLasts'],
  },
  [atFires],
  (all): AtPlace[] =>
    all.map((of) => {
      const come = mustCome(of);
      return {
        line: of.need.fire,
        actual: of.lastsMin,
        limit: of.need.minutes,
        margin: of.lastsMin - of.need.minutes,
        unit: 'min',
        words: `it takes ${takes(of)}; ${does(of)}.${come ? ` What must come: ${come}.` : ''} The officer in command decides.`,
      };
    }),
);

const WHAT = {
  structure: 'Structure',
  vehicle: 'Vehicle',
  spill: 'Fuel spill',
  grass: 'Grass edge',
} as const;

/** Each fire: what it takes, what this truck does, what must come. */
export const firesTable = reading('fires', [atFires], (all): TableOf => ({
  title: 'Fires of the brief against this truck alone',
  columns: [
    { head: 'Fire' },
    { head: 'Kind' },
    { head: 'Takes', figure: true },
    { head: 'For', figure: true },
    { head: 'In all', figure: true },
    { head: 'Concentrate', figure: true },
    { head: 'Lines give', figure: true },
    { head: 'Lasts', figure: true },
    { head: 'What must come' },
  ],
  rows: all.map((of) => ({
    id: of.need.fire.id,
    ...(of.stop === null ? {} : of.lastsMin > 0 ? { short: [7] } : { wrong: [7] }),
    cells: [
      of.need.fire.name,
      WHAT[of.need.what],
      gpm(of.need.gpm),
      `${formatWhole(of.need.minutes)} min`,
      gal(of.need.solutionGal),
      of.need.foamClass
        ? `${gal(of.need.concentrateGal)} of ${of.need.foamClass}, ${amount(of.need.percent, '%')}`
        : 'water alone',
      gpm(of.gpm),
      of.stop === 'flow'
        ? 'flow too small'
        : of.need.needsFoam && of.concentrateGal === 0
          ? 'no foam for it'
          : minutesInWords(of.lastsMin),
      mustCome(of) || 'nothing',
    ],
  })),
}));

/** The fires that a department plans for, against what one truck carries. */
export const firesSubject: Subject = {
  id: 'fires',
  title: 'Fires',
  under: 'lines',
  limits: firesLimits,
  checks: [fires],
  caution:
    'What a fire takes is a rule of thumb from its area: no fire keeps to it. Wind, fuel and crew decide, and the officer in command. How grass burns is not for this tool to say.',
};
