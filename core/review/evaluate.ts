import { assemble, envelopeOf } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import { payloadLeftAt, weighStates } from '../weights/index.js';
import type { PayloadLeft } from '../weights/index.js';
import { review } from './checks.js';
import type { Finding, Looked } from './types.js';

/** Everything computed of one build: the screens, the paper and the contract read this. */
export interface Evaluation extends Looked {
  findings: Finding[];
  payloadLeft: PayloadLeft[];
}

/**
 * Assembles, weighs in every load state and reviews a build.
 * @throws RangeError when the spec names a part that the catalogue does not have.
 */
export function evaluate(spec: BuildSpec): Evaluation {
  const rig = assemble(spec);
  const looked: Looked = { rig, states: weighStates(rig), envelope: envelopeOf(rig) };
  const { bumperFront, bodyFront, bodyEnd } = rig.layout;
  const inService = looked.states[0]!.weights;
  const places: [string, number][] = [['Front', bumperFront], ['Middle', (bodyFront + bodyEnd) / 2], ['Back', bodyEnd]];
  return {
    ...looked,
    findings: review(looked),
    payloadLeft: places.map(([place, x]) => payloadLeftAt(rig.axles, inService, place, x)),
  };
}
