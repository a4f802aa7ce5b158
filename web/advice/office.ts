/** A worker that looks for remedies and advice beside the screen; all of them are of one file. */
export const openOffice = (): Worker =>
  new Worker(new URL('./office.worker.ts', import.meta.url), { type: 'module' });
