import type { Subject } from '../../kernel/index.js';
import { tankBlock, tankShelf } from './block.js';
import { boxesPlace, spacePlace, tankComponents, tankTakes } from './place.js';
import {
  tankChanges,
  tankChecks,
  tankChoices,
  tankFigures,
  tankGrips,
  tankLimits,
  tankLine,
  tankQuestions,
  tankSentence,
} from './work.js';

export { withTank, withTankLower } from './block.js';
export { centerOfBoxes, foamBoxes, USABLE_FRACTION } from './place.js';
export { capacityGal, fillTank, tank as tankCalculation } from './filling.js';
export type { TankResult } from './filling.js';
export { movementOf } from './tilted.js';
export { TWO_LINES_GPM } from './work.js';

export const TANK_CAUTION =
  'A part-filled tank raises the risk of rolling over; tires and springs make the real tilt angle smaller than the rigid one.';

/** The water tank: its shape, its place, its water. */
export const tank: Subject = {
  id: 'tank',
  title: 'Tank',
  step: () => true,
  shelves: [tankShelf],
  limits: tankLimits,
  block: tankBlock,
  provides: [boxesPlace, spacePlace],
  takes: tankTakes,
  components: tankComponents,
  figures: tankFigures,
  checks: tankChecks,
  changes: tankChanges,
  choices: tankChoices,
  questions: tankQuestions,
  grips: tankGrips,
  sentence: tankSentence,
  line: tankLine,
  caution: TANK_CAUTION,
};
