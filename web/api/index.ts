export { askAfresh } from './afresh';
export { ask, askFile, Refused, Unreachable } from './client';
export * from './queries';
export { upload } from './upload';
export type { Uploading } from './upload';
