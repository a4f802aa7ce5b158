export * from './constants.js';
export * from './figures.js';
export { formatMoney, formatPct, formatWhole, signed } from './format.js';
export * from './systems.js';
