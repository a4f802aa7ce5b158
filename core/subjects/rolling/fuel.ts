import { reading } from '../../kernel/index.js';
import { runningTogether } from '../lines/index.js';
import { chosenPump } from '../pump/index.js';
import { rollsWith } from './roll.js';

/** Gasoline that a small engine burns for each horsepower in an hour, gal; and what it burns idling, of its power. */
const GAL_PER_HP_H = 0.09;
const LEAST_SHARE = 0.25;

/** Fuel of a pump's own engine: what it burns at work, and how long its tank lasts. Gal/h, gal, min. */
export interface Fuel {
  galPerHour: number;
  fuelGal: number;
  lastsMin: number;
}

/** What an engine burns at a load, gal/h: never less than a quarter of its power (formulas: pump and roll). */
export const burns = (shaftHp: number, engineHp: number): number =>
  GAL_PER_HP_H * Math.max(shaftHp, LEAST_SHARE * engineHp);

/** The fuel of the pump's own engine, at the hardest that the lines ask of it; null where it has none that is stated. */
export const auxiliaryFuel = reading(
  'rolling',
  [chosenPump, runningTogether, rollsWith],
  (pump, running, rolling): Fuel | null => {
    if (pump?.drive !== 'auxiliary' || pump.fuelGal === undefined || pump.driveHp === undefined) return null;
    const galPerHour = burns(Math.max(running?.shaftHp ?? 0, rolling?.of.shaftHp ?? 0), pump.driveHp);
    return { galPerHour, fuelGal: pump.fuelGal, lastsMin: (pump.fuelGal / galPerHour) * 60 };
  },
);
