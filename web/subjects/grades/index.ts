import { lazy } from 'react';
import type { Face } from '../face';

export const grades: Face = {
  sections: [
    {
      id: 'grades',
      title: 'Over crests and ramps',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./GradesSection')).GradesSection })),
    },
  ],
};
