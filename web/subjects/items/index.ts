import { lazy } from 'react';
import type { Face } from '../face';

/** Items of no list. */
export const items: Face = { panel: lazy(async () => ({ default: (await import('./OwnItems')).OwnItems })) };
