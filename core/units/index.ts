export * from './constants.js';
export * from './format.js';
