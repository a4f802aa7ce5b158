import { lazy } from 'react';
import type { Face } from '../face';

/** Rural water: shuttle, draft, relay. */
export const rural: Face = {
  sections: [
    {
      id: 'rural',
      title: 'Rural water',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./RuralSection')).RuralSection })),
    },
  ],
};
