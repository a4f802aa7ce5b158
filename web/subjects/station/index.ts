import { lazy } from 'react';
import type { Face } from '../face';

/** The truck in its station. */
export const station: Face = {
  sections: [
    {
      id: 'station',
      title: 'In the station',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./StationSection')).StationSection })),
    },
  ],
};
