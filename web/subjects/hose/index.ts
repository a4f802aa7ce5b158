import { lazy } from 'react';
import type { Face } from '../face';

/** The hose as it lies in its beds. */
export const hose: Face = {
  sections: [
    {
      id: 'beds',
      title: 'Hose beds',
      group: 'Hose and ladders',
      Section: lazy(async () => ({ default: (await import('./BedsSection')).BedsSection })),
    },
  ],
};
