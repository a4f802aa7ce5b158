import { lazy } from 'react';
import type { Face } from '../face';

/** The sections of hose and the record of their tests. */
export const inventory: Face = {
  sections: [
    {
      id: 'hose-inventory',
      title: 'Hose inventory',
      group: 'Hose and ladders',
      Section: lazy(async () => ({ default: (await import('./InventorySection')).InventorySection })),
    },
  ],
};
