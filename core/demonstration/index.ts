import type { Build } from '../build/index.js';
import { DISTRICT_KINDS, DISTRICT_NAMES } from '../subjects/brief/index.js';
import type { Brief, DistrictKind } from '../subjects/brief/index.js';
import { carderBrief, osierBrief, saltgrassBrief } from './briefs.js';
import { millLadder } from './carder-mills.js';
import { meadowPumper } from './meadow.js';
import { riverPumper, riverPumperSteps } from './osier-reach.js';
import { grassTruck } from './saltgrass-flats.js';
import type { DemonstrationStep } from './step.js';

/** The three invented departments of the demonstration, each with its build, and of the first how it came about. */
export const DEMONSTRATION: {
  name: string;
  district: string;
  kind: DistrictKind;
  brief: Brief;
  builds: Build[];
  /** And those that list every piece. */
  placed?: Build[];
  steps?: DemonstrationStep[];
}[] = [
  {
    name: 'Osier Reach Fire District',
    kind: 'rural',
    brief: osierBrief,
    builds: [riverPumper],
    placed: [meadowPumper],
    steps: riverPumperSteps,
    district:
      'River meadows and dairy farms, no hydrants outside the village; a covered bridge and a low station door.',
  },
  {
    name: 'Carder Mills Fire Department',
    kind: 'city',
    brief: carderBrief,
    builds: [millLadder],
    district: 'Canal town of brick mills turned into six-story flats; narrow lanes, hydrants everywhere.',
  },
  {
    name: 'Saltgrass Flats Rural Fire District',
    kind: 'wildland',
    brief: saltgrassBrief,
    builds: [grassTruck],
    district: 'Coastal grass and wind-farm tracks on soft ground; four volunteers a truck.',
  },
];

export { DISTRICT_KINDS, DISTRICT_NAMES };
export type { DistrictKind };
export { starterBuild } from './starter.js';
export { startBuild } from './templates.js';
export { carried, loaded } from './lines.js';
export { meadowListed, meadowPumper } from './meadow.js';
