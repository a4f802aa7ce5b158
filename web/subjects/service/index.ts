import { lazy } from 'react';
import type { Face } from '../face';

/** How large parts come out. */
export const service: Face = {
  sections: [
    {
      id: 'service',
      title: 'Access for service',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./ServiceSection')).ServiceSection })),
    },
  ],
};
