import type { Chassis } from './chassis.js';
import { COMMERCIAL } from './commercial.js';
import { CUSTOM } from './custom.js';
import { LIGHT } from './light.js';

export type { AxleOption, Cab, Chassis, ChassisMasses, CrewModule, RoofOption, Tire } from './chassis.js';

/** The chassis on offer, invented; ranges from the brief's catalogue page. */
export const CHASSIS: Chassis[] = [...CUSTOM, ...COMMERCIAL, ...LIGHT];
