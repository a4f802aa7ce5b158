import type { EquipmentGroup } from '../catalogue/index.js';
import type { Rig } from '../rig/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';

/** The lines of equipment of one group, by their place in the spec's list, and what they weigh together. */
export interface EquipmentOfGroup {
  group: EquipmentGroup;
  indexes: number[];
  weightLb: number;
}

/** The equipment of a build by group, in the order in which the groups first appear. */
export function equipmentByGroup(spec: BuildSpec): EquipmentOfGroup[] {
  const groups = new Map<EquipmentGroup, EquipmentOfGroup>();
  spec.equipment.forEach((line, index) => {
    const { group, weightLb } = catalogueOf(spec).part('equipment', line.partId);
    const of = groups.get(group) ?? { group, indexes: [], weightLb: 0 };
    groups.set(group, { group, indexes: [...of.indexes, index], weightLb: of.weightLb + weightLb * line.count });
  });
  return [...groups.values()];
}

/** Pounds of the profile's allowance that the list of equipment does not fill yet. */
export const allowanceLeftLb = (rig: Rig): number => rig.components.filter((c) => c.role === 'allowance').reduce((sum, c) => sum + c.weightLb, 0);
