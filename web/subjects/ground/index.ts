import { lazy } from 'react';
import type { Face } from '../face';

/** The truck off the road. */
export const ground: Face = {
  sections: [
    {
      id: 'ground',
      title: 'Off the road',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./GroundSection')).GroundSection })),
    },
  ],
};
