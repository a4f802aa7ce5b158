import { lazy } from 'react';
import type { Face } from '../face';

export const bridges: Face = {
  sections: [
    {
      id: 'bridges',
      title: 'On bridges',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./BridgesSection')).BridgesSection })),
    },
  ],
};
