import { lazy } from 'react';
import type { Face } from '../face';

/** The brief as the build carries it. */
export const brief: Face = {
  sections: [
    {
      id: 'brief',
      title: 'Brief',
      group: 'Site',
      Section: lazy(async () => ({ default: (await import('../../brief')).BriefLines })),
    },
  ],
};
