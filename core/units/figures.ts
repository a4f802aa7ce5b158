import { IN_PER_FT } from './constants.js';
import { grouped, MINUS, NO_FIGURE, settled, withMinus } from './format.js';
import { QUANTITIES, shownIn } from './systems.js';
import type { Quantity, UnitSystem } from './systems.js';

/**
 * Figures within a text. The core writes what it says with its quantities in place, `{1243.4 lb} over`,
 * and whoever shows it says it in the reader's units: `inUnits(text, 'metric')` → "564 kg over".
 * So a name, a finding and the history of a build read in any system, and nothing is computed twice.
 */
const figure =
  (quantity: Quantity) =>
  (value: number): string =>
    `{${value} ${quantity}}`;

/** Pounds. */
export const lb = figure('lb');
/** Inches. */
export const inches = figure('in');
/** Inches, read as feet and inches. */
export const feetInches = figure('ftin');
/** Inches, to the hundredth. */
export const depth = figure('depth');
/** Feet. */
export const feet = figure('ft');
/** Nominal diameter of hose, in. */
export const hoseSize = figure('size');
/** US gallons. */
export const gal = figure('gal');
/** US gallons a minute. */
export const gpm = figure('gpm');
/** Pounds a square inch. */
export const psi = figure('psi');
/** Pounds of force. */
export const lbf = figure('lbf');
/** Cubic feet of air a minute. */
export const cfm = figure('cfm');
/** Square feet. */
export const squareFeet = figure('ft2');
/** Cubic feet. */
export const cubicFeet = figure('ft3');
/** Pounds a foot. */
export const lbPerFt = figure('lbft');
/** Bending moment, lb·in. */
export const moment = figure('moment');
/** Miles an hour. */
export const mph = figure('mph');
/** Horsepower. */
export const horsepower = figure('hp');
/** Pounds an inch. */
export const lbPerIn = figure('lbin');

/** An angle, degrees. */
export const degrees = figure('deg');

const UNITS_OF_NO_SYSTEM: Record<string, string> = { '%': ' %' };

/** One of what is counted in such a unit. */
const ONE_OF: Record<string, string> = { pieces: 'piece', seats: 'seat', tankfuls: 'tankful' };

/** A value with its unit: a quantity as a figure, a percentage, or things that are counted. */
export const amount = (value: number, unit: string): string =>
  (QUANTITIES as readonly string[]).includes(unit)
    ? figure(unit as Quantity)(value)
    : `${grouped(settled(value, 1), 1)}${UNITS_OF_NO_SYSTEM[unit] ?? ` ${(value === 1 && ONE_OF[unit]) || unit}`}`;

/** The same figure always with its sign: a change. */
export const change = (text: string): string => text.replace('{', '{±');

/** The same figure without its unit, where the unit stands elsewhere. */
export const bare = (text: string): string => text.replace('{', '{#');

const NUMBER = '-?\\d+(?:\\.\\d+)?(?:e[+-]?\\d+)?|NaN|-?Infinity';
const FIGURE = new RegExp(`\\{([±#]*)(${NUMBER}) (${QUANTITIES.join('|')})\\}`, 'g');

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** 1.75 → "1¾", to the eighth of an inch at which hose is named. */
function inEighths(value: number): string {
  if (!Number.isFinite(value)) return NO_FIGURE;
  const eighths = Math.round(value * 8);
  return `${Math.floor(eighths / 8) || ''}${EIGHTHS[eighths % 8]}` || '0';
}

function feetAndInches(value: number): string {
  if (!Number.isFinite(value)) return `${NO_FIGURE} ft`;
  const rounded = Math.round(Math.abs(value));
  return `${value < 0 && rounded > 0 ? MINUS : ''}${Math.floor(rounded / IN_PER_FT)} ft ${rounded % IN_PER_FT} in`;
}

/** Decimals worth reading of a few. */
const OF_A_FEW: Partial<Record<Quantity, number>> = { gal: 1, gpm: 2, mph: 1 };

function say(marks: string, value: number, quantity: Quantity, system: UnitSystem): string {
  const { unit, factor, decimals: usual } = shownIn(system, quantity);
  // Of a few gallons the half is worth reading, of a thousand it is not; of concentrate the hundredth.
  const few = Math.abs(value * factor) < 10 ? (OF_A_FEW[quantity] ?? 0) : 0;
  const decimals = Math.max(usual, few);
  const inFeet = quantity === 'ftin' && system !== 'metric';
  const shown = settled(value * factor, decimals);
  const number = inFeet
    ? feetAndInches(value)
    : quantity === 'size' && unit === 'in'
      ? inEighths(value)
      : grouped(shown, decimals, quantity === 'ftin');
  const sign = !marks.includes('±') || Number.isNaN(shown) ? '' : shown > 0 ? '+' : shown === 0 ? '±' : '';
  const mark = marks.includes('#') || inFeet || unit === '' ? '' : unit === '°' ? unit : ` ${unit}`;
  return `${sign}${withMinus(number)}${mark}`;
}

/** A text of the core with its figures said in a system. */
export const inUnits = (text: string, system: UnitSystem): string =>
  text.includes('{')
    ? text.replace(FIGURE, (_, marks: string, value: string, quantity: string) =>
        say(marks, Number(value), quantity as Quantity, system),
      )
    : text;

/**
 * Everything within a result with its figures said in a system: for those who can't say them, such as another
 * program.
 */
export function sayAll<T>(value: T, system: UnitSystem): T {
  if (typeof value === 'string') return inUnits(value, system) as T;
  if (Array.isArray(value)) return value.map((item) => sayAll(item as unknown, system)) as T;
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([key, inner]) => [key, sayAll(inner as unknown, system)]),
    ) as T;
  return value;
}

/** The first letters of a text, cut between its figures and not within one. */
export const cutText = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).replace(/\{[^}]*$/, '')}…`;

/** A place across the truck in words, from its middle. */
export const asideInWords = (yIn: number): string =>
  yIn === 0 ? 'in the middle' : `${inches(Math.abs(yIn))} to the ${yIn < 0 ? 'driver’s' : 'officer’s'} side`;
