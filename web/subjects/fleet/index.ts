import { lazy } from 'react';
import type { Face } from '../face';

/** The truck against the present one, and what the fleet has in common. */
export const fleet: Face = {
  sections: [
    {
      id: 'fleet',
      title: 'Against the present',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./FleetSection')).FleetSection })),
    },
  ],
};
