/** One box of a tank, in: boxes of one tank fill together from the bottom. */
export interface TankBox {
  frontIn: number;
  centerIn: number;
  bottomIn: number;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  /** Cells across, between lengthwise baffles. */
  lateralCells: number;
}

/** Extents in the truck's frame, in: x aft of the front axle, y to the officer's side, z above the ground. */
export interface Box {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  z0: number;
  z1: number;
}

/** On a picture, in: from the left, up to the right, up. */
export type Rectangle = readonly [u0: number, v0: number, u1: number, v1: number];

export type PlainKind =
  | 'frame'
  | 'axle'
  | 'bumper'
  | 'guard'
  | 'well'
  | 'receiver'
  | 'winch'
  | 'monitor'
  | 'lightBar'
  | 'mast'
  | 'generator'
  | 'spareWheel'
  | 'airConditioner'
  | 'bed'
  | 'rack'
  | 'skidPump'
  | 'reel'
  | 'platform'
  | 'outrigger'
  | 'torqueBox'
  | 'fuelTank'
  | 'battery'
  | 'crewModule'
  | 'suction'
  | 'stowed'
  | 'longPiece'
  | 'cover'
  | 'ownItem'
  | 'mark'
  | 'seat'
  | 'tailboard'
  | 'bulkhead'
  | 'walkway'
  | 'stairs';

/** What a component looks like: enough for every view to draw it to scale. */
export type Shape =
  | { kind: PlainKind; box: Box }
  | { kind: 'wheel'; box: Box; dual: boolean }
  | {
      kind: 'cab';
      box: Box;
      style: 'flatFront' | 'hooded';
      windshieldIn: number;
      hoodTopIn: number;
      roofIn: number;
      doors: 2 | 4;
      wheelDiameterIn: number;
      /** Along the middle of its roof: how far to each side, and its floor. */
      trench: { halfIn: number; floorIn: number } | null;
    }
  | {
      kind: 'pumpHouse';
      box: Box;
      panel: 'side' | 'top';
      /** In the row behind the cab, in a module that joins it, or in the body behind a door. */
      at: 'row' | 'crewModule' | 'bodyFront' | 'bodyRear';
      /** Openings: those that reach its sides are seen there. */
      slots: Box[];
    }
  | { kind: 'tank'; box: Box; boxes: TankBox[] }
  | { kind: 'body'; box: Box; wheelCut: { x0: number; x1: number; topIn: number } }
  | {
      kind: 'compartment';
      box: Box;
      /** What is behind the door. */
      room: Box[];
      label: string;
      side: 'left' | 'right' | 'rear' | 'top';
      doors: 'rollUp' | 'hinged';
      /** A locker that is built into the cab. */
      inCab?: true;
    }
  | { kind: 'hose'; box: Box; layers: number; runs: 'along' | 'across' }
  | { kind: 'ladder'; box: Box; flat: boolean }
  /** A deck on its sills; the plate begins at `plateIn`. */
  | {
      kind: 'flatbed';
      box: Box;
      plateIn: number;
      /** Openings for tires that spring up through the plate; none where they stay under it. */
      wells: { x0: number; x1: number; topIn: number; innerIn: number } | null;
    }
  | { kind: 'preconnects'; box: Box; slots: Box[] }
  /** An opening for hose on one face of the truck, as large as its cap. */
  | {
      kind: 'opening';
      box: Box;
      face: 'left' | 'right' | 'top' | 'rear' | 'front';
      flows: 'in' | 'out';
    }
  /** What an operator reads and turns at one place of a panel, from above. */
  | {
      kind: 'control';
      box: Box;
      face: 'left' | 'right' | 'top' | 'rear' | 'front';
      shows: readonly ('dial' | 'handle' | 'switch' | 'level' | 'plate')[];
    }
  | { kind: 'section'; box: Box; order: number }
  /** The plate that turns, and the pedestal that it turns on. */
  | { kind: 'turntable'; box: Box; pedestal: Box[] };

/** A box around a center. */
export const boxAt = (
  xIn: number,
  yIn: number,
  zIn: number,
  lengthIn: number,
  widthIn: number,
  heightIn: number,
): Box => ({
  x0: xIn - lengthIn / 2,
  x1: xIn + lengthIn / 2,
  y0: yIn - widthIn / 2,
  y1: yIn + widthIn / 2,
  z0: zIn - heightIn / 2,
  z1: zIn + heightIn / 2,
});

/** A box from its extents in the order x, y, z. */
export const boxOf = (x0: number, x1: number, y0: number, y1: number, z0: number, z1: number): Box => ({
  x0,
  x1,
  y0,
  y1,
  z0,
  z1,
});

/** A tank's box in the truck's frame. */
export const boxOfTank = ({ frontIn, lengthIn, centerIn, widthIn, bottomIn, heightIn }: TankBox): Box =>
  boxOf(
    frontIn,
    frontIn + lengthIn,
    centerIn - widthIn / 2,
    centerIn + widthIn / 2,
    bottomIn,
    bottomIn + heightIn,
  );
