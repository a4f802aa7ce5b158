import { lazy } from 'react';
import type { Face } from '../face';

/** What lies where in the compartments. */
export const stowing: Face = {
  sections: [
    {
      id: 'places',
      title: 'Every tool in its place',
      group: 'Compartments',
      Section: lazy(async () => ({ default: (await import('./StowingSection')).StowingSection })),
    },
  ],
};
