export * from './types.js';
export type { Limit, LimitId, Profile } from './profiles.js';
export * from './own-part.js';
export { KIND_NAMES, PART_FIELDS } from './part-fields.js';
export type { PartField } from './part-fields.js';
export * from './find.js';
