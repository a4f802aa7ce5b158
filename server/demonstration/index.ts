export { loadDemonstration } from './demonstration.js';
