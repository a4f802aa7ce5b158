import type { Subject } from '../../kernel/index.js';
import { clearHeight, clearWidth } from './clear.js';
import { posted } from './posted.js';
import { roadChecks, roadLimits } from './roads.js';

export { bridgeClearAt } from './clear.js';
export { bridge, formulaLb } from './formula.js';
export type { AxleLoad, BridgeInput, BridgeResult } from './formula.js';
export { heaviest, onAxles } from './loads.js';
export type { OnAxles } from './loads.js';
export { atBridge, postedGrossLb } from './posted.js';

/** The truck on bridges and roads: what is posted, what is legal, and what it fits under and through. */
export const bridges: Subject = {
  id: 'bridges',
  title: 'Bridges and roads',
  limits: roadLimits,
  checks: [posted, clearHeight, clearWidth, ...roadChecks],
  caution:
    'A posting changes with the state of the bridge: the road authority decides what may cross, and an emergency is no reason to cross what cannot carry.',
};
