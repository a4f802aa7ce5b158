import { remediesFor } from '../advice/index.js';
import type { Build } from '../build/index.js';
import { axles } from '../subjects/chassis/index.js';
import { house } from '../subjects/index.js';
import { payloadLeft, weighedStates } from '../subjects/weights/index.js';
import { components, envelope } from '../truck/index.js';
import { sayAll } from '../units/index.js';

/**
 * The calculation `evaluate` of the outside contract: every result and finding of a build, with its remedies,
 * in US units.
 */
export function report(build: Build) {
  const evaluation = house.evaluate(build);
  const causes = new Map(house.checks.map(({ id, causes: of }) => [id, of]));
  return sayAll(
    {
      name: build.name,
      type: build.type,
      figures: evaluation.figures(house.figures),
      envelope: evaluation.read(envelope),
      axles: evaluation.read(axles),
      states: evaluation.read(weighedStates),
      findings: evaluation.findings.map((finding) => ({
        ...finding,
        contributors: causes.get(finding.id)?.(evaluation, finding) ?? [],
        remedies: remediesFor(evaluation, finding.id).map(({ build: _build, kind, ...remedy }) => ({
          kind: kind.id,
          ...remedy,
        })),
      })),
      payloadLeft: evaluation.read(payloadLeft),
      components: evaluation
        .read(components)
        .map(({ shapes: _shapes, filling: _filling, ...component }) => component),
    },
    'us',
  );
}
