export * from './types.js';
export type { Limit, LimitId, Profile } from './profiles.js';
export * from './find.js';
