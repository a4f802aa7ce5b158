export { PROFILES } from './profiles.js';
