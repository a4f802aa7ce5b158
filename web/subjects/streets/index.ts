import { lazy } from 'react';
import type { Face } from '../face';

export const streets: Face = {
  sections: [
    {
      id: 'corners',
      title: 'Around corners',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('./CornersSection')).CornersSection })),
    },
  ],
};
