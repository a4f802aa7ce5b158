import { lazy } from 'react';
import type { Face } from '../face';

const GROUP = 'Water';

/** Intakes and discharges: their list, how they stand on the panels, and how they are piped. */
export const plumbing: Face = {
  panel: lazy(async () => ({ default: (await import('./PlumbingPanel')).PlumbingPanel })),
  sections: [
    {
      id: 'panels',
      title: 'Pump panels',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./PanelsSection')).PanelsSection })),
    },
    {
      id: 'diagram',
      title: 'Plumbing diagram',
      group: GROUP,
      Section: lazy(async () => ({ default: (await import('./DiagramSection')).DiagramSection })),
    },
  ],
};
