import { lazy } from 'react';
import type { Face } from '../face';

/** What is fitted inside the compartments. */
export const shelving: Face = {
  panel: lazy(async () => ({ default: (await import('./ShelvingPanel')).ShelvingPanel })),
};
