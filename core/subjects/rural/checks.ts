import { check } from '../../kernel/index.js';
import type { Check, Judgement } from '../../kernel/index.js';
import { counted, feet, gal, gpm, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace } from '../brief/index.js';
import { waysIn, LIMIT_WORDS, shuttles, wayIn } from './sites.js';
import { WATER_BY_NAMES } from './block.js';
import { supplies } from './carried.js';
import { draftSites } from './drafts.js';

const STEPS = ['equipment', 'lines'] as const;

const suction = placesCheck(
  'rural',
  { id: 'suctionReach', title: 'Suction to the water', steps: STEPS },
  [draftSites, supplies],
  (sites, { strainerIn }): AtPlace[] =>
    sites.map(({ site, neededFt, carriedFt }) => ({
      line: site,
      actual: carriedFt,
      limit: neededFt,
      margin: carriedFt - neededFt,
      unit: 'ft',
      words: `${carriedFt === 0 ? 'no suction hose is carried' : `${feet(carriedFt)} of suction are carried`}; ${feet(neededFt)} reach from the intake over ${feet(site.reachFt)} of bank and ${feet(site.liftFt)} down to a strainer under water.${strainerIn === null ? ' No strainer is carried.' : ''}`,
    })),
);

const foldingTank = check(
  'rural',
  { id: 'foldingTank', title: 'Folding tank for the tankers', steps: STEPS },
  [counting('tankers'), supplies, wayIn, waysIn],
  (tankers, { dumpedIntoGal, foldingGal }, way, ways): Judgement | null => {
    if (tankers.length === 0 || !way || ways.length === 0) return null;
    const largest = tankers.reduce((most, other) => (other.gallons > most.gallons ? other : most));
    const margin = dumpedIntoGal - largest.gallons;
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual: dumpedIntoGal,
      limit: largest.gallons,
      margin,
      unit: 'gal',
      state: null,
      basis: 'The department’s brief',
      words:
        dumpedIntoGal === 0
          ? `No folding tank is carried: the water of ${within(largest.name)} is ${within(WATER_BY_NAMES[way.by])}, and the tanker waits for it.`
          : `${counted(foldingGal.length, 'folding tank')} ${foldingGal.length === 1 ? 'takes' : 'take'} ${gal(dumpedIntoGal)}; ${largest.name} brings ${gal(largest.gallons)}${margin < 0 ? ' and waits until the rest is drawn' : ''}.`,
    };
  },
);

const sustained = placesCheck(
  'rural',
  { id: 'shuttle', title: 'Tanker shuttle', steps: STEPS },
  [shuttles],
  (all): (AtPlace | null)[] =>
    all.map(({ line, flowGpm, askedGpm, limitedBy }) =>
      askedGpm === 0
        ? null
        : {
            line,
            actual: flowGpm,
            limit: askedGpm,
            margin: flowGpm - askedGpm,
            unit: 'gpm',
            words: `tankers keep up ${gpm(flowGpm)} of ${gpm(askedGpm)} that the lines ask for; what limits it: ${LIMIT_WORDS[limitedBy]}. A plan: roads, crews and drivers decide.`,
          },
    ),
);

export const ruralChecks: Check[] = [suction, foldingTank, sustained];
