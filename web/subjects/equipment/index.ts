import { lazy } from 'react';
import {
  EQUIPMENT_CHOICE,
  equipmentShelf,
  placeName,
  placeTitle,
  withEquipment,
} from '#core/subjects/equipment';
import { lb } from '#core/units';
import type { Entry } from '../../palette';
import type { Face } from '../face';
import { placesOf } from './places';

const STEP = 'equipment';

/** The list of equipment. */
export const equipment: Face = {
  panel: lazy(async () => ({ default: (await import('./EquipmentPanel')).EquipmentPanel })),
  sections: [
    {
      id: 'equipment-list',
      title: 'Equipment list',
      group: 'Compartments',
      Section: lazy(async () => ({ default: (await import('./EquipmentSheet')).EquipmentSheet })),
    },
  ],
  entries: (evaluation, say, bench, goTo) => {
    const { build } = evaluation;
    return equipmentShelf
      .in(build)
      .usualFirst(build.type)
      .map((part): Entry => ({
        id: `equipment-part-${part.id}`,
        group: 'Equipment to add',
        name: say(part.name),
        note: say(lb(part.weightLb)),
        run: () => goTo(STEP),
        asks: {
          question: `${say(part.name)}: into which place?`,
          answers: () =>
            placesOf(evaluation).map((place): Entry => ({
              id: `into-${place}`,
              group: 'Where it rides',
              name: placeTitle(place, build),
              run: () => {
                goTo(STEP);
                bench.change({
                  build: withEquipment(build, part.id, place),
                  words: `Added ${part.name} to ${placeName(place, build)}`,
                  choice: EQUIPMENT_CHOICE,
                });
              },
            })),
        },
      }));
  },
};
