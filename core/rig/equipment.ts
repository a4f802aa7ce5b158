import type { Profile } from '../catalogue/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt } from './shapes.js';
import type { Compartment, Component, Layout, Rig } from './types.js';

/** The compartment asked for, or the nearest that this body has: same side first, then the rear, then any. */
function placeFor(id: string, compartments: Compartment[]): Compartment | undefined {
  const sameSide = compartments.filter((c) => c.id[0] === id[0]);
  const nearest = [...sameSide].sort((a, b) => Math.abs(Number(a.id[1]) - Number(id[1])) - Math.abs(Number(b.id[1]) - Number(id[1])));
  return compartments.find((c) => c.id === id) ?? nearest[0] ?? compartments[0];
}

/** What the profile allows for loose equipment, lb: more where the compartments are roomy (ft³). */
export function allowanceLb({ limits }: Pick<Profile, 'limits'>, volumeFt3: number): number {
  const roomy = limits.roomyFt3 && limits.roomyAllowanceLb && volumeFt3 >= limits.roomyFt3.value;
  return (roomy ? limits.roomyAllowanceLb : limits.allowanceLb)?.value ?? 0;
}

/** Equipment in its compartments, and the profile's allowance where the list is lighter than it. */
export function equipmentComponents(
  spec: BuildSpec, { profile, chassis }: ChosenParts, layout: Layout,
): { components: Component[]; moved: Rig['moved'] } {
  const places = new Map<string, Compartment | undefined>();
  const placeOf = (id: string) => {
    if (!places.has(id)) places.set(id, placeFor(id, layout.compartments));
    return places.get(id);
  };
  const cab = { xIn: chassis.cab.backIn - 18, yIn: 0, zIn: chassis.cab.seatZIn };
  const moved: Rig['moved'] = [];
  const components = spec.equipment.map((line, i) => {
    const part = catalogueOf(spec).part('equipment', line.partId);
    const compartment = line.compartmentId === 'cab' ? undefined : placeOf(line.compartmentId);
    const centre = compartment?.centre ?? cab;
    const rides = compartment?.id ?? 'cab';
    if (rides !== line.compartmentId) moved.push({ name: part.name, asked: line.compartmentId, rides });
    return component({
      id: `equipment-${i + 1}`, name: line.count > 1 ? `${part.name} × ${line.count}` : part.name, group: 'Equipment', step: 'equipment', role: 'equipment',
      weightLb: part.weightLb * line.count, basis: part.basis, priceCents: part.priceCents * line.count, xIn: centre.xIn, yIn: centre.yIn, zIn: centre.zIn,
      shapes: [{ kind: 'stowed', box: boxAt(centre.xIn, centre.yIn, centre.zIn, part.lengthIn, part.widthIn, part.heightIn) }],
    });
  });

  const carriedLb = components.reduce((sum, c) => sum + c.weightLb, 0);
  const volume = layout.compartments.reduce((sum, c) => sum + c.volumeFt3, 0);
  const missingLb = allowanceLb(profile, volume) - carriedLb;
  if (missingLb > 0 && volume > 0) {
    for (const compartment of layout.compartments) {
      components.push(component({
        id: `allowance-${compartment.id}`, name: `Allowance not yet listed, ${compartment.id}`, group: 'Allowance', step: 'equipment', role: 'allowance',
        weightLb: (missingLb * compartment.volumeFt3) / volume, basis: 'estimated', ...compartment.centre,
      }));
    }
  }
  return { components, moved };
}
