import { lazy } from 'react';
import type { Face } from '../face';

/** The limits that a build is held against. */
export const limits: Face = {
  sections: [
    {
      id: 'limits',
      title: 'Limits',
      group: 'Limits and advice',
      Section: lazy(async () => ({ default: (await import('./Limits')).Limits })),
    },
  ],
};
