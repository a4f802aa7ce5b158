import type { Build } from '../../build/index.js';
import { reading } from '../../kernel/index.js';
import type { Choice, Evaluation, Subject } from '../../kernel/index.js';
import { linesOf } from '../brief/index.js';
import { ruralBlock, WATER_BY_NAMES, withWaterBy } from './block.js';
import { supplies } from './carried.js';
import { ruralChanges } from './changes.js';
import { ruralChecks } from './checks.js';
import { shuttles, wayIn, waysIn } from './sites.js';

export { WATER_BY_NAMES, withWaterBy } from './block.js';
export type { WaterBy } from './block.js';
export { carried, supplies } from './carried.js';
export { draftSites, suctionNeededFt } from './drafts.js';
export { asTanker, joinsInWords } from './joins.js';
export { relayAt } from './relay.js';
export { runShuttle } from './run.js';
export type { ShuttleRun } from './run.js';
export { oneWayMin, shuttle, shuttleInto } from './shuttle.js';
export type { Shuttle, ShuttleInput, ShuttleLimit, Tanker } from './shuttle.js';
export { LIMIT_WORDS, shuttleOver, shuttles, wayIn, waysIn } from './sites.js';
export type { AtShuttle, WayIn } from './sites.js';
export {
  carriedTable,
  draftTable,
  relayTable,
  shuttleChart,
  shuttleInWords,
  shuttleTable,
} from './tables.js';

/** How a tanker gives its water, where the district has tankers and the truck more than one way. */
export function ruralChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  if (linesOf(build.brief, 'tankers').length === 0 || build.pump.partId === undefined) return [];
  const ways = evaluated().read(waysIn);
  const now = evaluated().read(wayIn);
  return ways.length < 2
    ? []
    : [
        {
          kind: 'pick',
          id: 'rural-water-by',
          title: ruralBlock.fields.waterBy.title,
          compact: true,
          options: ways.map(({ by }, i) => ({
            id: by,
            label: WATER_BY_NAMES[by],
            chosen: by === now?.by,
            build: by === now?.by ? build : withWaterBy(build, i === 0 ? undefined : by),
          })),
        },
      ];
}

/** Water where there is no hydrant: suction, folding tanks, tankers, another pumper. */
export const rural: Subject = {
  id: 'rural',
  title: 'Rural water',
  under: 'lines',
  block: ruralBlock,
  checks: ruralChecks,
  changes: ruralChanges,
  choices: ruralChoices,
  figures: [
    {
      id: 'shuttleGpm',
      title: 'Tanker shuttle sustains',
      unit: 'gpm',
      harm: { way: 'down', each: 50 },
      reading: reading('rural', [shuttles], (all) =>
        all.length ? Math.min(...all.map(({ flowGpm }) => flowGpm)) : 0,
      ),
    },
    {
      id: 'foldingGal',
      title: 'Folding tank',
      unit: 'gal',
      harm: { way: 'down', each: 500 },
      reading: reading('rural', [supplies], ({ dumpedIntoGal }) => dumpedIntoGal),
    },
  ],
  caution:
    'Tankers back up to a folding tank only with somebody watching; nobody stands between. Ice, banks and bridges on the way are looked at before the first tanker. Local procedure decides.',
};
