import { lazy } from 'react';
import type { Face } from '../face';

/** The truck in water on the road. */
export const flood: Face = {
  sections: [
    {
      id: 'flood',
      title: 'In the flood',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./FloodSection')).FloodSection })),
    },
  ],
};
