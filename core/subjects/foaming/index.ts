export { concentrateGpm, expansionOf, mixing, solutionGal } from './mixing.js';
export type { FoamInput, Mixing } from './mixing.js';
