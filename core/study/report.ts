import { remediesFor } from '../mending/index.js';
import { contributorsOf, evaluate, measureOf } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { sayAll } from '../units/index.js';

/** The calculation `evaluate` of the outside contract: every result and finding of a build, with its remedies, in US units. */
export function report(spec: BuildSpec) {
  const evaluation = evaluate(spec);
  const { rig, envelope, states, findings, payloadLeft } = evaluation;
  return sayAll({
    name: spec.name,
    type: spec.type,
    summary: measureOf(evaluation),
    envelope,
    axles: rig.axles,
    states,
    findings: findings.map((finding) => ({
      ...finding,
      contributors: contributorsOf(evaluation, finding),
      remedies: finding.status === 'holds' ? [] : remediesFor(spec, finding.id).map(({ spec: _spec, ...remedy }) => remedy),
    })),
    payloadLeft,
    components: rig.components.map(({ shapes: _shapes, filling: _filling, ...component }) => component),
  }, 'us');
}
