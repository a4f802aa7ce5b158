export * from './build-spec.js';
export * from './calc-input.js';
export * from './beds.js';
export * from './parse.js';
export * from './problems.js';
export * from './references.js';
export * from './edit.js';
export * from './starter.js';
