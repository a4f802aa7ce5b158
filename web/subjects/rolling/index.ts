import { lazy } from 'react';
import type { Face } from '../face';

/** Pump and roll, and engine types. */
export const rolling: Face = {
  sections: [
    {
      id: 'rolling',
      title: 'Pump and roll',
      group: 'Water',
      Section: lazy(async () => ({ default: (await import('./RollingSection')).RollingSection })),
    },
  ],
};
