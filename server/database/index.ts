export { databaseOptions } from './options.js';
export { alone } from './alone.js';
