import { usd } from '../../../kernel/index.js';
import { inches, lb } from '../../../units/index.js';
import type { AxleOption, Chassis, CrewModule, RoofOption, Tire } from './chassis.js';

/** Shorthand for what every maker's list repeats. */

export const frontAxle = (
  axleLb: number,
  tiresLb: number,
  weightLb: number,
  dollars: number,
  tire?: Tire,
): AxleOption => ({
  id: `front-${axleLb}`,
  name: `Front axle rated ${lb(axleLb)}`,
  weightLb,
  priceCents: usd(dollars),
  ratings: { axleLb, tiresLb, wheelsLb: tiresLb + 600, suspensionLb: axleLb },
  axles: 1,
  spreadIn: 0,
  frontShare: 0.5,
  ...(tire ? { tire } : {}),
});

export const rearAxle = (axleLb: number, tiresLb: number, weightLb: number, dollars: number): AxleOption => ({
  ...frontAxle(axleLb, tiresLb, weightLb, dollars),
  id: `rear-${axleLb}`,
  name: `Rear axle rated ${lb(axleLb)}`,
});

export const tandem = (axleLb: number, tiresLb: number, weightLb: number, dollars: number): AxleOption => ({
  ...rearAxle(axleLb, tiresLb, weightLb, dollars),
  id: `tandem-${axleLb}`,
  name: `Tandem rated ${lb(axleLb)}`,
  axles: 2,
  spreadIn: 54,
  frontShare: 0.52,
});

export const flatRoof: RoofOption = {
  id: 'flat',
  name: 'Flat roof',
  raiseIn: 0,
  weightLb: 0,
  priceCents: 0,
};
export const raised = (raiseIn: number, weightLb: number, dollars: number): RoofOption => ({
  id: `raised-${raiseIn}`,
  name: `Roof raised ${inches(raiseIn)}`,
  raiseIn,
  weightLb,
  priceCents: usd(dollars),
});

export const lowered = (byIn: number, weightLb: number, dollars: number): RoofOption => ({
  ...raised(-byIn, weightLb, dollars),
  id: `lowered-${byIn}`,
  name: `Roof lowered ${inches(byIn)}`,
});
/** A roof with a trench in which a bedded ladder lies. */
export const trenched = (
  widthIn: number,
  depthIn: number,
  weightLb: number,
  dollars: number,
): RoofOption => ({
  id: `trench-${depthIn}`,
  name: `Roof with a trench ${inches(widthIn)} wide, ${inches(depthIn)} deep`,
  raiseIn: 0,
  trench: { widthIn, depthIn },
  weightLb,
  priceCents: usd(dollars),
});

/** A module joined to a two-door cab. */
export const crewModule = (
  lengthIn: number,
  seats: number,
  weightLb: number,
  dollars: number,
): CrewModule => ({
  id: `module-${lengthIn}`,
  name: `Crew module of ${inches(lengthIn)}, ${seats} seats`,
  lengthIn,
  seats,
  weightLb,
  priceCents: usd(dollars),
});

/** Driver and officer. */
export const front2 = (xIn: number, yIn: number) => [
  { name: 'Driver', xIn, yIn: -yIn },
  { name: 'Officer', xIn, yIn },
];
/** A bench behind them. */
export const rear3 = (xIn: number, yIn: number) => [
  { name: 'Rear, driver’s side', xIn, yIn: -yIn },
  { name: 'Rear, officer’s side', xIn, yIn },
  { name: 'Rear, middle', xIn, yIn: 0 },
];

export const heavyFrame = { topIn: 40, depthIn: 10.5, widthIn: 34 };
export const lightFrame = { depthIn: 8, widthIn: 34, resistingLbIn: 1_450_000 };

/** Diesel between the rails behind the rear axle. */
export const behindAxle = (gallons: number): Chassis['fuel'] => ({
  gallons,
  lbPerGal: 7.1,
  from: 'rearAxle',
  xIn: 42,
  yIn: 0,
  zIn: 29,
  size: { lengthIn: 32, widthIn: 28, heightIn: 20 },
});
export const lightBehindAxle = (zIn: number): Chassis['fuel'] => ({
  gallons: 40,
  lbPerGal: 7.1,
  from: 'rearAxle',
  xIn: 22,
  yIn: 0,
  zIn,
  size: { lengthIn: 26, widthIn: 27, heightIn: 14 },
});
