export * from './types.js';
export { LIMIT_IDS, LIMIT_KINDS } from './limits.js';
export type { Limit, LimitId, LimitKind, Profile } from './limits.js';
export * from './own-part.js';
export { KIND_NAMES, PART_FIELDS } from './part-fields.js';
export type { PartField } from './part-fields.js';
export * from './find.js';
