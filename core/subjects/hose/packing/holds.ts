import { IN_PER_FT } from '../../../units/index.js';
import { ENDS_IN } from './finishes.js';
import type { Packable, Room } from './finishes.js';

/** What is asked of `calc hosebed`. */
export interface HoseBedInput {
  bed: Room;
  hose: Packable & { lbPerFt: number };
  /** Flat, or on edge (accordion), or on edge along three walls. */
  load: 'flat' | 'edge' | 'horseshoe';
  /** Share of the bed that hose really fills: folds and couplings take the rest. */
  fill: number;
}

export interface HoseBedHolds {
  /** Lays beside each other; of a horseshoe how often it goes round. */
  across: number;
  /** Lays on top of each other. */
  up: number;
  takesCoupling: boolean;
  mostFt: number;
  /** Whole sections in it, their feet and what they weigh. */
  sections: number;
  sectionsFt: number;
  weightLb: number;
}

/** A count that a figure a hair under it still makes. */
export const whole = (value: number): number => Math.max(0, Math.floor(value + 1e-9));

/** Length of a lay in a bed, in: from wall to wall less what folds take. */
export const layIn = ({ lengthIn }: Room): number => Math.max(0, lengthIn - ENDS_IN);

/**
 * Length of the horseshoe `nth` from the outside, in: two arms and the back, each begun one thickness further in
 * than the one around it.
 */
export const horseshoeIn = (room: Room, thicknessIn: number, nth: number): number =>
  2 * (layIn(room) - nth * thicknessIn) + room.widthIn - 2 * nth * thicknessIn;

/** A coupling is so much longer than wide. */
const COUPLING_LONG = 1.25;
/** What a coupling needs along a lay, in. */
export const pocketIn = (couplingIn: number): number => COUPLING_LONG * couplingIn;
/** The innermost horseshoe has arms as long as so many couplings: they lie at their ends. */
const INNERMOST = 2;

/** How many horseshoes lie within each other: until they meet in the middle, or their arms take no coupling. */
export const horseshoes = (room: Room, { thicknessIn, couplingIn }: Packable): number =>
  Math.min(
    whole(room.widthIn / (2 * thicknessIn)),
    whole((layIn(room) - INNERMOST * pocketIn(couplingIn)) / thicknessIn),
  );

/**
 * What a bed holds of one hose: lays beside and on top of each other, feet, whole sections (formulas: hose beds).
 * A bed narrower than a coupling holds none.
 */
export function bedHolds({ bed, hose, load, fill }: HoseBedInput): HoseBedHolds {
  const { flatWidthIn, thicknessIn, couplingIn, sectionFt, lbPerFt } = hose;
  const flat = load === 'flat';
  const round = load === 'horseshoe';
  const across = round ? horseshoes(bed, hose) : whole(bed.widthIn / (flat ? flatWidthIn : thicknessIn));
  const up = whole(bed.depthIn / (flat ? thicknessIn : flatWidthIn));
  const takesCoupling = bed.widthIn >= couplingIn;
  // Each horseshoe is shorter than the one around it by as much: their mean is that of the first and the last.
  const oneUpIn = round
    ? (across * (horseshoeIn(bed, thicknessIn, 0) + horseshoeIn(bed, thicknessIn, across - 1))) / 2
    : across * layIn(bed);
  const mostFt = takesCoupling ? ((up * oneUpIn) / IN_PER_FT) * fill : 0;
  const sections = whole(mostFt / sectionFt);
  const sectionsFt = sections * sectionFt;
  return { across, up, takesCoupling, mostFt, sections, sectionsFt, weightLb: sectionsFt * lbPerFt };
}

/** From this size on hose is large: its folds and couplings take less of a bed, in. */
const LARGE_IN = 2.5;
/** A bed up to this length is short, in. */
const SHORT_BED_IN = 96;
const FILL = { usual: 0.85, shortAttack: 0.65 };

/** The share that hose usually fills, where the department knows nothing better (formulas: hose beds). */
export const usualFill = (sizeIn: number, lengthIn: number): number =>
  sizeIn < LARGE_IN && lengthIn <= SHORT_BED_IN ? FILL.shortAttack : FILL.usual;
