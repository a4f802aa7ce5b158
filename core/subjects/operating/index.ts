import type { Subject } from '../../kernel/index.js';

export { byHand, byHandTable } from './by-hand.js';
export { cardTable } from './card.js';
export * from './drill/index.js';
export { HARMS, procedures } from './procedures.js';
export type { Procedure, Step } from './step.js';

/** The order in which the pump is engaged and worked, for the operator's card and the drill. */
export const operating: Subject = {
  id: 'operating',
  title: 'Operating',
  under: 'pump',
  caution:
    'The maker’s manual and the department’s procedures decide; this card is made from the plan of the truck and is checked at the finished one.',
};
