export { lastAxleIn, rearReactionIn, rearShareAt } from './axles.js';
export type { Axles } from './axles.js';
export { envelope, envelopeOf } from './envelope.js';
export type { Envelope } from './envelope.js';
export { massOf, NOTHING, plus, sum } from './mass.js';
export type { Item, Mass } from './mass.js';
export * from './stations.js';
export { components, itemizedCents } from './truck.js';
