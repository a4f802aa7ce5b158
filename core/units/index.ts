export * from './constants.js';
export * from './figures.js';
export {
  capital,
  counted,
  formatMoney,
  formatPct,
  formatWhole,
  grouped,
  inShort,
  listed,
  NO_FIGURE,
  one,
  signed,
  within,
} from './format.js';
export * from './systems.js';
