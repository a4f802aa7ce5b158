import { lazy } from 'react';
import type { Face } from '../face';

const GROUP = 'Weights';

/** The sections of the weights: the sheet, and what follows from it. */
export const weights: Face = {
  sections: [
    {
      id: 'sheet',
      title: 'Weight sheet',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./Sheet')).Sheet })),
    },
    {
      id: 'states',
      title: 'Load states',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./States')).States })),
    },
    {
      id: 'filling',
      title: 'Filling',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./Filling')).Filling })),
    },
    {
      id: 'sides',
      title: 'Sides',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./Sides')).Sides })),
    },
    {
      id: 'certainty',
      title: 'How sure',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./Certainty')).Certainty })),
    },
    {
      id: 'payload',
      title: 'Payload left',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./Payload')).Payload })),
    },
  ],
};
