import { lazy } from 'react';
import type { Face } from '../face';

/** The operator's card, and the drill on this truck's panel. */
export const operating: Face = {
  sections: [
    {
      id: 'card',
      title: 'Operator’s card',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./CardSection')).CardSection })),
    },
    {
      id: 'drill',
      title: 'Drill',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./DrillSection')).DrillSection })),
    },
  ],
};
