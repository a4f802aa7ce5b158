export { databaseOptions } from './options.js';
