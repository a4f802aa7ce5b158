export { assemble } from './assemble.js';
export { envelopeOf } from './envelope.js';
export type { Envelope } from './envelope.js';
export type { Box, PlainKind, Shape } from './shapes.js';
export type { BedPlace, Compartment, Component, Filling, Group, Layout, Rig, Role, StepId } from './types.js';
