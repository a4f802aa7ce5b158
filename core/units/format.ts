import { IN_PER_FT } from './constants.js';

const whole = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });
const tenth = new Intl.NumberFormat('en-US', { minimumFractionDigits: 1, maximumFractionDigits: 1 });
const upToTenth = new Intl.NumberFormat('en-US', { maximumFractionDigits: 1 });
const dollars = new Intl.NumberFormat('en-US', { style: 'currency', currency: 'USD', maximumFractionDigits: 0 });

const MINUS = '−';
const withMinus = (text: string) => text.replace(/^-/, MINUS);

/** Avoids "−0" where a small negative rounds away. */
const settled = (value: number, digits: number) => {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale + 0;
};

/** 18942.4 → "18,942". No unit. */
export const formatWhole = (value: number): string => withMinus(whole.format(settled(value, 0)));

/** Pounds: 18942.4 → "18,942 lb". */
export const formatLb = (lb: number): string => `${formatWhole(lb)} lb`;

/** Percent to one decimal: 4.26 → "4.3 %". */
export const formatPct = (pct: number): string => `${withMinus(tenth.format(settled(pct, 1)))} %`;

/** Inches to a tenth at most: 71.12 → "71.1 in", 190 → "190 in". */
export const formatIn = (inches: number): string => `${withMinus(upToTenth.format(settled(inches, 1)))} in`;

/** Inches as feet and whole inches: 122.4 → "10 ft 2 in". */
export function formatFtIn(inches: number): string {
  const rounded = Math.round(Math.abs(inches));
  const sign = inches < 0 && rounded > 0 ? MINUS : '';
  return `${sign}${Math.floor(rounded / IN_PER_FT)} ft ${rounded % IN_PER_FT} in`;
}

/** US gallons, whole: "1,000 gal". */
export const formatGal = (gallons: number): string => `${formatWhole(gallons)} gal`;

/** Integer cents as dollars: 123456 → "$1,235". */
export const formatMoney = (cents: number): string => withMinus(dollars.format(settled(cents / 100, 0)));

/** A change with its sign: 120 → "+120", −40 → "−40", 0 → "±0". */
export function signed(value: number, format: (value: number) => string = formatWhole): string {
  const text = format(value);
  if (format(0) === text) return `±${text}`;
  return value > 0 ? `+${text}` : text;
}
