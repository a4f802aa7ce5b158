import { gather, port, reading } from '../kernel/index.js';
import type { AlongFrame, TankBox } from '../kernel/index.js';

/**
 * The places from which everything takes its own: each is one subject's to give, and anybody's to read. In; x
 * aft of the front axle, z above the ground.
 */

/** Gap between the cab and what stands behind it: the frame flexes, in. */
export const CAB_GAP_IN = 3;

export interface CabPlace {
  frontIn: number;
  backIn: number;
  topIn: number;
}
export const cabPlace = port<CabPlace>('cab');

/** Foremost of the bumper. */
export const bumperFront = port<number>('bumper');

export interface PumpHouse {
  x0: number;
  x1: number;
  z0: number;
  z1: number;
}
/** The house of a pump that stands between cab and body; null where there is none. */
export const pumpHouse = port<PumpHouse | null>('pump');

/** Where the turntable stands, on what height the device lies, and where it points when it is bedded. */
export interface Turntable {
  xIn: number;
  zIn: number;
  facing: 'forward' | 'rearward';
}
export const turntable = port<Turntable | null>('device');

export interface BodyPlace {
  frontIn: number;
  endIn: number;
  /** Rearmost of the tailboard or bed. */
  rearEndIn: number;
  widthIn: number;
  topIn: number;
  /** Flatbed deck, or the top of the frame where the body has none. */
  deckIn: number;
  flatbed: boolean;
  compartmentDepthIn: number;
}
export const bodyPlace = port<BodyPlace>('body');

export const tankBoxes = port<TankBox[]>('tank');

/** Where a tank must end, and what stands there. */
export interface TankSpace {
  endIn: number;
  before: 'turntable' | 'skid pump' | 'back of the body';
}
export const tankSpace = port<TankSpace>('tank');

/** A box for equipment; its depth differs below and beside the tank. */
export interface Compartment {
  id: string;
  side: 'left' | 'right' | 'rear';
  /** From the front, 1 first, on its side. */
  order: number;
  x0: number;
  x1: number;
  z0: number;
  z1: number;
  lowerDepthIn: number;
  upperDepthIn: number;
  /** Height above the ground at which the depth changes. */
  stepZIn: number;
  /** Center of what is put into it. */
  center: { xIn: number; yIn: number; zIn: number };
  volumeFt3: number;
}
export const compartments = port<Compartment[]>('body');

export type BedKind = 'main' | 'crosslay' | 'well' | 'reel' | 'tray';

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
}
export const beds = port<BedPlace[]>('hose');

const blocks = gather<AlongFrame | null>('truck', (subject) => subject.along);

/** Where each block along the frame begins and ends behind the cab, by its owner. */
export const alongFrame = {
  ...reading('truck', [cabPlace, blocks], ({ backIn }, all) => {
    let x = backIn + CAB_GAP_IN;
    const places: Record<string, { x0: number; x1: number }> = {};
    const row = all.filter((block) => block !== null).sort((a, b) => a.order - b.order);
    for (const block of row) {
      const x0 = x + block.aheadIn;
      x = x0 + block.lengthIn;
      places[block.owner] = { x0, x1: x };
    }
    return places;
  }),
  settles: true as const,
};
