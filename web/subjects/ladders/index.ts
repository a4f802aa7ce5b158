import { lazy } from 'react';
import type { Face } from '../face';

/** Ladders and the ways that they ride. */
export const ladders: Face = {
  sections: [
    {
      id: 'ladder-ways',
      title: 'Ladders',
      group: 'Hose and ladders',
      Section: lazy(async () => ({ default: (await import('./LaddersSection')).LaddersSection })),
    },
  ],
};
