export { angles, approachOf, departureOf } from './angles.js';
export type { AnglesResult, Governed } from './angles.js';
