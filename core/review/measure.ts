import { assemble, envelopeOf } from '../rig/index.js';
import type { Envelope, Rig } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import { weighInService } from '../weights/index.js';
import type { WeightsResult } from '../weights/index.js';

/** The figures that every option is compared by: in service, lb, in and cents. */
export interface Measure {
  frontLb: number;
  rearLb: number;
  grossLb: number;
  heightIn: number;
  lengthIn: number;
  priceCents: number;
}

/** What a choice changes: after less before. */
export type Change = Measure;

const measured = (rig: Rig, envelope: Envelope, weights: WeightsResult): Measure => ({
  frontLb: weights.front.loadLb,
  rearLb: weights.rear.loadLb,
  grossLb: weights.totalLb,
  heightIn: envelope.heightIn,
  lengthIn: envelope.lengthIn,
  priceCents: rig.priceCents,
});

/** The measure of a build that is evaluated already. */
export const measureOf = ({ rig, envelope, states }: { rig: Rig; envelope: Envelope; states: { weights: WeightsResult }[] }): Measure =>
  measured(rig, envelope, states[0]!.weights);

/** The measure of a build, without its checks and other load states. */
export function measure(spec: BuildSpec): Measure {
  const rig = assemble(spec);
  return measured(rig, envelopeOf(rig), weighInService(rig).weights);
}

/** After less before, figure by figure. */
export const changeOf = (before: Measure, after: Measure): Change => ({
  frontLb: after.frontLb - before.frontLb,
  rearLb: after.rearLb - before.rearLb,
  grossLb: after.grossLb - before.grossLb,
  heightIn: after.heightIn - before.heightIn,
  lengthIn: after.lengthIn - before.lengthIn,
  priceCents: after.priceCents - before.priceCents,
});
