import { hoseSize } from '../units/index.js';
import type { BuildType } from './types.js';

/** Whether a limit is the least, the most, or a figure to reckon with. */
export type LimitSense = 'least' | 'most' | 'reckon';

/** What a limit is, whatever its value: its title in our own words, its unit, and what a person may write there. */
export interface LimitKind {
  title: string;
  unit: '%' | 'deg' | 'lb' | 'gal' | 'gpm' | 'ft' | 'ft3' | 'seats';
  sense: LimitSense;
  min: number;
  max: number;
}

const kind = (title: string, unit: LimitKind['unit'], sense: LimitSense, min: number, max: number): LimitKind => ({ title, unit, sense, min, max });

/** Every limit that a profile can set, in the order in which they are shown. Each is read by a check or by the rig. */
export const LIMIT_KINDS = {
  sideImbalancePct: kind('Side to side, share of the axle’s load', '%', 'most', 0.5, 50),
  cgHeightToTrackPct: kind('Height of the centre of gravity, share of the rear track', '%', 'most', 30, 150),
  tiltDeg: kind('Rigid tilt angle', 'deg', 'least', 5, 60),
  frontSharePct: kind('Share of the gross on the front axle', '%', 'least', 5, 60),
  reservePct: kind('Reserve of each rating', '%', 'least', 0, 30),
  frameMomentPct: kind('Bending of the frame, share of its resisting moment', '%', 'most', 5, 100),
  approachDeg: kind('Approach angle', 'deg', 'least', 0, 60),
  departureDeg: kind('Departure angle', 'deg', 'least', 0, 60),
  seatLb: kind('Weight of a person at each seat', 'lb', 'reckon', 100, 500),
  allowanceLb: kind('Allowance for loose equipment', 'lb', 'reckon', 0, 10_000),
  roomyFt3: kind('Compartments from which the larger allowance counts', 'ft3', 'reckon', 0, 2000),
  roomyAllowanceLb: kind('Larger allowance for loose equipment', 'lb', 'reckon', 0, 10_000),
  gvwrLb: kind('Gross rating of the type', 'lb', 'most', 5000, 200_000),
  pumpGpm: kind('Pump rating', 'gpm', 'least', 0, 5000),
  tankGal: kind('Water carried', 'gal', 'least', 0, 5000),
  seats: kind('Seats', 'seats', 'least', 1, 12),
  compartmentFt3: kind('Enclosed compartments', 'ft3', 'least', 0, 1000),
  hoseBedFt3: kind(`Hose beds for ${hoseSize(2.5)} and larger`, 'ft3', 'least', 0, 300),
  preconnectFt3: kind('Beds of two preconnected lines, each', 'ft3', 'least', 0, 50),
  supplyHoseFt: kind(`Hose of ${hoseSize(2.5)} and larger`, 'ft', 'least', 0, 5000),
  attackHoseFt: kind('Attack hose', 'ft', 'least', 0, 5000),
  hose15Ft: kind(`Hose of ${hoseSize(1.5)}`, 'ft', 'least', 0, 5000),
  hose1Ft: kind(`Hose of ${hoseSize(1)}`, 'ft', 'least', 0, 5000),
  groundLadderFt: kind('Ground ladders in all', 'ft', 'least', 0, 500),
  roofLadderFt: kind('Roof ladder', 'ft', 'least', 0, 40),
  extensionLadderFt: kind('Extension ladder', 'ft', 'least', 0, 60),
  atticLadderFt: kind('Attic ladder', 'ft', 'least', 0, 20),
} satisfies Record<string, LimitKind>;

export type LimitId = keyof typeof LIMIT_KINDS;
export const LIMIT_IDS = Object.keys(LIMIT_KINDS) as LimitId[];

/** One limit of a profile: its value in the unit of its kind, what it rests on, and a note. */
export interface Limit {
  value: number;
  basis: string;
  note?: string;
}

/** The limits that a build is held against. */
export interface Profile {
  id: string;
  name: string;
  types: BuildType[];
  limits: Partial<Record<LimitId, Limit>>;
  /** Set on a department's own profile, which travels with the build. */
  own?: true;
}
