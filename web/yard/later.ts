import { lazy } from 'react';
import { whileTheyLook } from '../common';

/** What opens over the yard, and comes when it is opened: the yard itself is there at once. */
export const ArchiveImport = lazy(async () => ({ default: (await import('./ArchiveImport')).ArchiveImport }));
export const BuildImport = lazy(async () => ({ default: (await import('./BuildImport')).BuildImport }));
export const DepartmentDialog = lazy(async () => ({ default: (await import('./dialogs')).DepartmentDialog }));
export const NewBuildDialog = lazy(async () => ({ default: (await import('./dialogs')).NewBuildDialog }));
export const RenameDialog = lazy(async () => ({ default: (await import('./dialogs')).RenameDialog }));
export const Unsent = lazy(async () => {
  await whileTheyLook;
  return { default: (await import('../session')).Unsent };
});
