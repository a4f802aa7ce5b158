import { lazy } from 'react';
import type { Face } from '../face';

/** Along the frame. */
export const frame: Face = {
  sections: [
    {
      id: 'frame',
      title: 'Along the frame',
      group: 'Structure',
      Section: lazy(async () => ({ default: (await import('./Frame')).Frame })),
    },
  ],
};
