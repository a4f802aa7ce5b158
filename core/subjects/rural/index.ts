export { oneWayMin, shuttle, shuttleInto } from './shuttle.js';
export type { Shuttle, ShuttleInput, ShuttleLimit, Tanker } from './shuttle.js';
