import type { Build } from '../../../build/index.js';
import { withEquipmentLine, YET } from '../../equipment/index.js';
import { withSpot } from '../placing.js';
import type { Plan } from './state.js';

/** A build with a plan's places; what the plan leaves out has no place yet. */
export function withPlan(build: Build, { problem, filled, left }: Plan): Build {
  let on = build;
  for (const [place, options] of filled)
    for (const [option, spot] of options)
      on = withSpot(on, problem.items[option.item]!.line.id, problem.places[place]!.surface, spot, false);
  for (const item of left) {
    const { id } = problem.items[item]!.line;
    on = withEquipmentLine(on, id, { compartmentId: YET });
  }
  return on;
}
