export * from './constants.js';
export * from './figures.js';
export { formatMoney, formatPct, formatWhole, signed, within } from './format.js';
export * from './systems.js';
