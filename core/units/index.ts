export * from './constants.js';
export * from './figures.js';
export { counted, formatMoney, formatPct, formatWhole, listed, one, signed, within } from './format.js';
export * from './systems.js';
