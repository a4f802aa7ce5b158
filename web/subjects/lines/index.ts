import { lazy } from 'react';
import type { Face } from '../face';

const GROUP = 'Water';

/** The lines: their list, what they get together, and how long the tank lasts. */
export const lines: Face = {
  panel: lazy(async () => ({ default: (await import('./LinesPanel')).LinesPanel })),
  sections: [
    {
      id: 'together',
      title: 'Lines together',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./TogetherSection')).TogetherSection })),
    },
    {
      id: 'run-time',
      title: 'Tank minutes',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./RunTimeSection')).RunTimeSection })),
    },
  ],
};
