export { askAfresh } from './afresh';
export { ask, askFile, Refused, Unreachable } from './client';
export { photoPath, usePhotos, usePinning } from './photos';
export * from './queries';
export { upload } from './upload';
export type { Uploading } from './upload';
export { dropSigned, keepSigned, sendSigned, useWeeklyChecks } from './weekly';
