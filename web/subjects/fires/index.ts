import { lazy } from 'react';
import type { Face } from '../face';

/** Fires of the brief against this truck. */
export const fires: Face = {
  sections: [
    {
      id: 'fires',
      title: 'Fires of the brief',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./FiresSection')).FiresSection })),
    },
  ],
};
