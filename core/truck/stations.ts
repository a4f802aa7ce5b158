import { port } from '../kernel/index.js';
import type { Box, Point, Shape, TankBox } from '../kernel/index.js';
import type { Bedding } from './bedding.js';

/**
 * The places from which everything takes its own: each is one subject's to give, and anybody's to read. In; x
 * aft of the front axle, z above the ground.
 */

export interface CabPlace {
  frontIn: number;
  backIn: number;
  topIn: number;
  /** A trench along the roof's middle, in which a device may lie: how far to each side, and its floor. */
  trench: { halfIn: number; floorIn: number } | null;
  /** Kept free behind it, where the frame flexes. */
  gapIn: number;
}
export const cabPlace = port<CabPlace>('cab');

/** Foremost of the bumper. */
export const bumperFront = port<number>('bumper');

export interface PumpHouse {
  x0: number;
  x1: number;
  z0: number;
  z1: number;
  /** Between cab and body, joining the cab, or within the body. */
  at: 'row' | 'crewModule' | 'bodyFront' | 'bodyRear';
  /** How wide a tunnel may pass beside the pump, inside the house. */
  besideIn: number;
}
/** The house of a pump; null where there is none, or one that stands on a bed. */
export const pumpHouse = port<PumpHouse | null>('pump');

/**
 * What of the plumbing is in a pump's own weight: its openings as they look, and what the usual set of such a pump
 * weighs and costs that this one has not.
 */
export interface PumpPlumbing {
  shapes: Shape[];
  lessLb: number;
  lessCents: number;
}
export const pumpPlumbing = port<PumpPlumbing>('plumbing');

/** Where the turntable stands, on what height the device lies, and where it points when it is bedded. */
export interface Turntable {
  xIn: number;
  zIn: number;
  /** Of the plate that turns. */
  radiusIn: number;
  facing: 'forward' | 'rearward';
}
/** What an aerial device stands on, within the body; and the way through its pedestal. */
export interface Footing {
  torqueBox: Box;
  pedestal: Box;
  through: { widthIn: number; heightIn: number } | null;
}
export const footing = port<Footing | null>('device');

export const turntable = port<Turntable | null>('device');

/**
 * The last section of a bedded device: its ends along the truck, half its width, its underside, and what it lies on;
 * in.
 */
export interface FlySection {
  x0: number;
  x1: number;
  halfIn: number;
  floorIn: number;
  bedding: Bedding;
}
export const flySection = port<FlySection | null>('device');

export interface BodyPlace {
  frontIn: number;
  endIn: number;
  /** Rearmost of the tailboard or bed. */
  rearEndIn: number;
  widthIn: number;
  topIn: number;
  /** Top of the frame: what hangs on it or stands on it rides as high. */
  frameIn: number;
  /** Flatbed deck, or the top of the frame where the body has none; and the underside of its plate. */
  deckIn: number;
  plateIn: number;
  flatbed: boolean;
  /** Top of the tailboard; none behind an open bed. */
  tailboardIn: number | null;
  compartmentDepthIn: number;
}
export const bodyPlace = port<BodyPlace>('body');

/** The opening for the rear wheels in whatever stands over them: its ends along the truck and its top. */
export interface WheelOpening {
  x0: number;
  x1: number;
  topIn: number;
  /** From the middle of the truck to the tires' inner faces. */
  innerIn: number;
}
export const wheelOpening = port<WheelOpening>('chassis');

export const tankBoxes = port<TankBox[]>('tank');

/** Where a tank must end, and what stands there. */
export interface TankSpace {
  endIn: number;
  before: 'turntable' | 'skid pump' | 'pump' | 'rear of the body';
}
export const tankSpace = port<TankSpace>('tank');

/** A place for equipment behind a door, with the room that everything else leaves of it. */
export interface Compartment extends Box {
  id: string;
  name: string;
  side: 'left' | 'right' | 'rear' | 'top';
  /** Opens on both sides of the truck. */
  through: boolean;
  /** A locker that is built into the cab. */
  inCab?: true;
  /** What its door lets through: wide, or long where it opens upward, and high; in. */
  openingIn: { wide: number; high: number };
  /** From the front, 1 first, on its side. */
  order: number;
  /** Its room, as boxes that do not overlap. */
  room: Box[];
  /** How deep it is at its floor, and at its top. */
  lowerDepthIn: number;
  upperDepthIn: number;
  /** Center of what is put into it. */
  center: Point;
  volumeFt3: number;
}
export const compartments = port<Compartment[]>('body');

/** What rides in a way: how long, how tall on edge and how thick it is as it is carried, in. */
export interface LongThing {
  /** Of its component. */
  id: string;
  name: string;
  lengthIn: number;
  tallIn: number;
  thickIn: number;
}
/** Pieces that ride as ladders do: so many, in a way by its id, or where the ladders are. */
export interface LongPiece extends LongThing {
  count: number;
  wayId: string | null;
}
export const longPieces = port<LongPiece[]>('equipment');

export type BedKind = 'main' | 'crosslay' | 'well' | 'reel' | 'tray' | 'own';

/** A place for hose with its inside size. */
export interface BedPlace {
  id: string;
  name: string;
  kind: BedKind;
  x0: number;
  x1: number;
  yCenter: number;
  widthIn: number;
  floorIn: number;
  depthIn: number;
  /** The way the hose runs: along the truck or across it. */
  runs: 'along' | 'across';
  /** The drum of a reel, where it is not as usual, in. */
  drumIn?: number;
  /** A tray that slides out: by how much, and which way, in. */
  slides?: { byIn: number; to: string };
}
export const beds = port<BedPlace[]>('hose');
