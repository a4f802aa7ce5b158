export { lineCalculation } from './calculation.js';
export type { LineInput } from './calculation.js';
export * from './hydraulics.js';
