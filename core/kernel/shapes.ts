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
  | 'flatbed'
  | 'skidPump'
  | 'reel'
  | 'turntable'
  | 'platform'
  | 'outrigger'
  | 'torqueBox'
  | 'fuelTank'
  | 'suction'
  | 'stowed'
  | 'ownItem'
  | 'seat'
  | 'tailboard'
  | 'bulkhead';

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
    }
  | {
      kind: 'pumpHouse';
      box: Box;
      panel: 'side' | 'top';
      slots: { x0: number; x1: number; z0: number; z1: number }[];
    }
  | { kind: 'tank'; box: Box; boxes: TankBox[] }
  | { kind: 'body'; box: Box; wheelCut: { x0: number; x1: number; topIn: number } }
  | {
      kind: 'compartment';
      box: Box;
      label: string;
      side: 'left' | 'right' | 'rear';
      doors: 'rollUp' | 'hinged';
    }
  | { kind: 'hose'; box: Box; layers: number; runs: 'along' | 'across' }
  | { kind: 'ladder'; box: Box; flat: boolean }
  | { kind: 'section'; box: Box; order: number };

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
