import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { bodyComponents } from './body.js';
import { chassisComponents } from './chassis.js';
import { deviceComponents } from './device.js';
import { equipmentComponents } from './equipment.js';
import { fittingComponents } from './fittings.js';
import { frontComponents } from './front.js';
import { growthComponents } from './growth.js';
import { hoseComponents } from './hose.js';
import { corrected } from './corrections.js';
import { ladderComponents } from './ladders.js';
import { layoutOf } from './layout.js';
import { chosenParts } from './parts.js';
import { ownItemComponents } from './own-items.js';
import { pumpComponents } from './pump.js';
import { tankComponents } from './tank.js';
import type { Rig } from './types.js';

/**
 * What was chosen, as a truck: components with mass (lb), place and shape (in).
 * @throws RangeError when the spec names a part that the catalogue does not have.
 */
export function assemble(spec: BuildSpec): Rig {
  const parts = chosenParts(spec);
  const { chassis, frontAxle, rearAxle } = parts;
  const layout = layoutOf(spec, parts);
  const hose = hoseComponents(spec, layout);
  const equipment = equipmentComponents(spec, parts, layout);
  const listed = corrected([
    ...chassisComponents(spec, parts, layout),
    ...frontComponents(spec, parts, layout),
    ...deviceComponents(spec, parts, layout),
    ...pumpComponents(spec, parts, layout),
    ...tankComponents(spec, parts, layout),
    ...hose.components,
    ...ladderComponents(spec, parts, layout),
    ...bodyComponents(spec, parts, layout),
    ...fittingComponents(spec, parts, layout),
    ...equipment.components,
    ...ownItemComponents(spec),
  ], spec.corrections);
  const components = [...listed, ...growthComponents(spec, listed, layout)];
  const lowest = (axle: typeof frontAxle) => Math.min(...Object.values(axle.ratings));
  return {
    type: spec.type,
    name: spec.name,
    components,
    layout,
    axles: {
      wheelbaseIn: spec.chassis.wheelbaseIn,
      front: { gawrLb: lowest(frontAxle), trackIn: chassis.frontTrackIn },
      rear: { gawrLb: lowest(rearAxle), trackIn: chassis.rearTrackIn, axles: rearAxle.axles, spreadIn: rearAxle.spreadIn, frontShare: rearAxle.frontShare },
      gvwrLb: Math.min(chassis.maxGvwrLb, frontAxle.ratings.axleLb + rearAxle.ratings.axleLb),
      frontRollShare: chassis.frontRollShare,
    },
    frontAxle,
    rearAxle,
    minFrontLb: chassis.minFrontLb,
    frameResistingLbIn: chassis.frame.resistingLbIn ?? null,
    stabilityControl: chassis.stabilityControl,
    profile: parts.profile,
    moved: equipment.moved,
    hoseFit: hose.hoseFit,
    carried: {
      pumpGpm: parts.pump?.ratedGpm ?? 0,
      tankGal: spec.tank.gallons,
      seats: spec.chassis.crew,
      hose: spec.hose.map((load) => {
        const { sizeIn, use } = catalogueOf(spec).part('hose', load.hoseId);
        return { sizeIn, use, lengthFt: load.lengthFt };
      }),
      ladders: spec.ladders.partIds.map((id) => {
        const { kind, lengthFt, beddedIn } = catalogueOf(spec).part('ladder', id);
        return { kind, lengthFt, beddedIn };
      }),
    },
    priceCents: components.reduce((sum, c) => sum + c.priceCents, 0),
    ownStates: spec.states ?? [],
    money: { budgetCents: spec.money?.budgetCents ?? null, unlistedPct: spec.money?.unlistedPct ?? 0 },
  };
}
