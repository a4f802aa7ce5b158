import { lazy } from 'react';
import { CAB, EQUIPMENT_CHOICE, equipmentShelf, withEquipment } from '#core/subjects/equipment';
import { compartments } from '#core/truck';
import { lb } from '#core/units';
import type { Entry } from '../../palette';
import type { Face } from '../face';

const STEP = 'equipment';

/** The list of equipment. */
export const equipment: Face = {
  panel: lazy(async () => ({ default: (await import('./EquipmentPanel')).EquipmentPanel })),
  entries: (evaluation, say, bench, goTo) => {
    const { build } = evaluation;
    const place = evaluation.read(compartments)[0]?.id ?? CAB;
    return equipmentShelf
      .in(build)
      .usualFirst(build.type)
      .map((part): Entry => ({
        id: `equipment-part-${part.id}`,
        group: 'Equipment to add',
        name: say(part.name),
        note: say(lb(part.weightLb)),
        run: () => {
          goTo(STEP);
          bench.change({
            build: withEquipment(build, part.id, place),
            words: `Added a piece to ${place}`,
            choice: EQUIPMENT_CHOICE,
          });
        },
      }));
  },
};
