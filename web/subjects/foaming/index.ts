import { lazy } from 'react';
import type { Face } from '../face';

/** Foam at work: further cells on the bench, and how far the concentrate goes. */
export const foaming: Face = {
  panel: lazy(async () => ({ default: (await import('./FoamCellsPanel')).FoamCellsPanel })),
  sections: [
    {
      id: 'foam',
      title: 'Foam',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./FoamSection')).FoamSection })),
    },
  ],
};
