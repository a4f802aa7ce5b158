import { lazy } from 'react';

/** What opens on the bench, and comes when it is opened: the bench itself is there at once. */
export const AssumedPanel = lazy(async () => ({ default: (await import('./AssumedPanel')).AssumedPanel }));
export const FindingsPanel = lazy(async () => ({ default: (await import('./FindingsPanel')).FindingsPanel }));
