import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { chassisBlock, chassisProblems, chosenChassis, settleChassis } from './block.js';
import { chassisComponents } from './place.js';
import { chassisShelf } from './shelf.js';
import { chassisTakes } from './under.js';
import { openingPlace } from './wheel-opening.js';
import {
  chassisChanges,
  chassisChoices,
  chassisLimits,
  chassisLine,
  chassisQuestions,
  chassisSentence,
  typeGvwr,
} from './work.js';

export { chosenChassis, offered, withChassis } from './block.js';
export type { AxleOption, Chassis, RoofOption } from './parts/index.js';
export { axles, wheelsEndIn } from './place.js';
export { roadOf } from './road.js';
export type { Road } from './road.js';
export { chassisShelf } from './shelf.js';

/** The chassis: what carries everything, its axles and their ratings. */
export const chassis: Subject = {
  id: 'chassis',
  title: 'Chassis',
  step: () => true,
  shelves: [chassisShelf],
  limits: chassisLimits,
  block: chassisBlock,
  settle: settleChassis,
  problems: chassisProblems,
  takes: chassisTakes,
  provides: [openingPlace],
  components: chassisComponents,
  checks: [typeGvwr],
  changes: chassisChanges,
  choices: chassisChoices,
  questions: chassisQuestions,
  common: reading('chassis', [chosenChassis], ({ chassis: { engine } }) =>
    engine ? [{ matter: 'engine', uses: engine.name }] : [],
  ),
  sentence: chassisSentence,
  line: chassisLine,
  caution: 'An axle over its rating can fail in steering, braking or tire: no rating is a target.',
};
