import { lazy } from 'react';
import type { Face } from '../face';

/** The compartments one by one. */
export const body: Face = {
  panel: lazy(async () => ({ default: (await import('./CompartmentsPanel')).CompartmentsPanel })),
};
