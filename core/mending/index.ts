export { adviceFor, advise } from './advice.js';
export type { Advice, AdviceAsked, AdviceProgress, AdviceResult, AdvisedChange, Effect, Obstacle } from './advice.js';
export { CHANGE_KINDS, together } from './change.js';
export type { ChangeKind } from './change.js';
export { candidatesFor } from './candidates.js';
export { levellingOf } from './levelling.js';
export type { Lean, Levelling } from './levelling.js';
export { remediesFor } from './remedies.js';
export type { Remedy } from './remedies.js';
