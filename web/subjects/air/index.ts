import { lazy } from 'react';
import type { Face } from '../face';

/** Compressed air in the lines. */
export const air: Face = {
  sections: [
    {
      id: 'air',
      title: 'Compressed air',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./AirSection')).AirSection })),
    },
  ],
};
