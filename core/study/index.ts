export { choicesFor, equipmentChoices } from './choices.js';
export type { AmountChoice, Choice, Option, PickChoice, ToggleChoice } from './choices.js';
export { CALCULATIONS } from './calculations.js';
