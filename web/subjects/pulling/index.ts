import { lazy } from 'react';
import type { Face } from '../face';

/** Hose in the hands of who pulls it. */
export const pulling: Face = {
  sections: [
    {
      id: 'pulling',
      title: 'Pulling hose',
      group: 'Hose and ladders',
      Section: lazy(async () => ({ default: (await import('./PullingSection')).PullingSection })),
    },
  ],
};
