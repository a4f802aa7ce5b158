/** What the figures of a part rest on; the better the basis, the narrower the tolerance. */
export const BASES = ['weighed', 'calculated', 'catalogued', 'estimated'] as const;
export type Basis = (typeof BASES)[number];

/** Usual tolerance of each basis, ± percent at 95 % (brief: weights). */
export const BASIS_TOLERANCE_PCT: Record<Basis, number> = { weighed: 1, catalogued: 3, calculated: 5, estimated: 15 };

export const BUILD_TYPES = ['pumper', 'aerial', 'brush'] as const;
export type BuildType = (typeof BUILD_TYPES)[number];

/** What a part says of where it comes from: nothing where it ships with Baros. */
export interface Origin {
  /** What its weight rests on; catalogued where nothing is said. */
  basis?: Basis;
  /** Set on a department's own part. */
  own?: true;
}

/** What every part of the catalogue carries. Money is integer cents. */
export interface Part extends Origin {
  id: string;
  name: string;
  weightLb: number;
  priceCents: number;
}

/** An axle with its tyres, wheels and suspension: the lowest of the four ratings governs. */
export interface AxleOption extends Part {
  ratings: { axleLb: number; tyresLb: number; wheelsLb: number; suspensionLb: number };
  /** 1, or 2 for a tandem. */
  axles: 1 | 2;
  /** Distance between the axles of a tandem, in; 0 for a single axle. */
  spreadIn: number;
  /** Share of a tandem's load on its first axle. */
  frontShare: number;
}

export interface RoofOption extends Part {
  raiseIn: number;
}

export interface Cab {
  style: 'flatFront' | 'hooded';
  /** Foremost and rearmost x of the cab, and of the windscreen's foot when it has a hood. */
  frontIn: number;
  backIn: number;
  windscreenIn: number;
  widthIn: number;
  floorIn: number;
  roofIn: number;
  hoodTopIn: number;
  doors: 2 | 4;
  /** Seats in order: driver, officer, then the crew behind. */
  seats: { name: string; xIn: number; yIn: number }[];
  seatZIn: number;
}

export interface Chassis extends Origin {
  id: string;
  name: string;
  types: BuildType[];
  priceCents: number;
  wheelbase: { minIn: number; maxIn: number; stepIn: number };
  /** Weight wet, without crew, at `baseWheelbaseIn` with the first axle options. */
  baseWheelbaseIn: number;
  curb: { frontLb: number; rearLb: number };
  cgZIn: number;
  /** The part of the rear curb load that moves with the rear axle. */
  rearAxleLb: number;
  /** Frame and driveline added for each inch of wheelbase. */
  lbPerWheelbaseIn: number;
  frontAxles: AxleOption[];
  rearAxles: AxleOption[];
  roofs: RoofOption[];
  cab: Cab;
  frontOverhangIn: number;
  /** `resistingLbIn` is the resisting bending moment of both rails together, lb·in, where the maker states it. */
  frame: { topIn: number; depthIn: number; widthIn: number; resistingLbIn?: number };
  frontTrackIn: number;
  rearTrackIn: number;
  frontTyre: { diameterIn: number; widthIn: number };
  rearTyre: { diameterIn: number; widthIn: number; dual: boolean };
  /** Share of the roll stiffness at the front axle. */
  frontRollShare: number;
  /** Most the chassis maker allows whatever the axles add up to. */
  maxGvwrLb: number;
  /** Least front axle load the maker asks for, so that it steers. */
  minFrontLb: number;
  stabilityControl: boolean;
  fuel: { gallons: number; lbPerGal: number; xIn: number; yIn: number; zIn: number };
}

export type Material = 'aluminium' | 'steel' | 'stainless' | 'galvanised' | 'poly';

export interface Bumper extends Part {
  types: BuildType[];
  material: Material;
  extensionIn: number;
}

export interface BumperItem extends Part {
  types: BuildType[];
  shape: 'well' | 'receiver' | 'winch' | 'monitor' | 'plain';
  /** Shortest extension it fits on, in. */
  needsExtensionIn: number;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

export interface Pump extends Part {
  types: BuildType[];
  ratedGpm: number;
  drive: 'midship' | 'pto' | 'auxiliary' | 'electric';
  panel: 'side' | 'top' | 'skid';
  pumpAndRoll: boolean;
  /** Length it takes behind the cab (midship) or on the bed (skid), in. */
  lengthIn: number;
  heightIn: number;
  centreZIn: number;
  crosslays: number;
}

export const TANK_SHAPE_IDS = ['rectangular', 'tShape', 'lShape', 'tall', 'lowWide', 'skid'] as const;
export type TankShapeId = (typeof TANK_SHAPE_IDS)[number];

/** Cross-section of a tank shape; its length follows from the gallons. */
export interface TankShape {
  id: TankShapeId;
  name: string;
  types: BuildType[];
  words: string;
  /** From the bottom up. `lengthShare` is of the longest part, counted from the front. */
  sections: { widthIn: number; heightIn: number; lengthShare: number; lateralCells: number }[];
  /** Added to the empty weight of a plain tank, percent. */
  extraWeightPct: number;
  priceCentsPerGal: number;
}

export interface FoamSystem extends Part {
  types: BuildType[];
  foamClass: 'A' | 'B';
  lbPerGal: number;
  maxConcentrateGpm: number;
}

export interface Hose extends Origin {
  id: string;
  name: string;
  sizeIn: number;
  use: 'attack' | 'supply' | 'forestry' | 'booster';
  lbPerFt: number;
  flatWidthIn: number;
  packedIn: number;
  sectionFt: number;
  priceCentsPerFt: number;
}

export interface Ladder extends Part {
  kind: 'attic' | 'roof' | 'extension' | 'articulating';
  lengthFt: number;
  beddedIn: number;
  nestedHeightIn: number;
  nestedWidthIn: number;
}

export type LadderMountId = 'rack' | 'tunnel' | 'flat' | 'top';

export interface LadderMount extends Part {
  id: LadderMountId;
  types: BuildType[];
  words: string;
}

export interface BodyFamily extends Origin {
  id: string;
  name: string;
  types: BuildType[];
  material: Material;
  style: 'full' | 'flatbed';
  lbPerIn: number;
  priceCentsPerIn: number;
  widthIn: number;
  length: { minIn: number; maxIn: number };
  /** Floor of the low compartments and top of the high ones above the ground, in. */
  floorIn: number;
  topIn: number;
  compartmentDepthIn: number;
}

export interface DoorStyle extends Part {
  id: 'rollUp' | 'hinged';
}

export type EquipmentGroup =
  | 'attack'
  | 'water supply'
  | 'forcible entry'
  | 'ventilation'
  | 'rescue'
  | 'medical'
  | 'breathing apparatus'
  | 'hazmat'
  | 'salvage and traffic'
  | 'wildland'
  | 'service';

export interface Equipment extends Part {
  group: EquipmentGroup;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  types: BuildType[];
}

/** Something fixed to the roof, the pump house or the body. */
export interface Fitting extends Part {
  types: BuildType[];
  shape: 'lightBar' | 'mast' | 'deckMonitor' | 'generator' | 'inverter' | 'spareWheel' | 'airConditioner';
  place: 'cabRoof' | 'pumpHouseTop' | 'bodyFront' | 'bedFront';
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

export interface Outriggers extends Part {
  pairs: 1 | 2;
  spreadIn: number;
}

export interface AerialDevice extends Origin {
  id: string;
  name: string;
  priceCents: number;
  mount: 'rear' | 'mid';
  heightFt: number;
  /** Base section first. Each lies over the one before; lengths in, weights lb. */
  sections: { weightLb: number; lengthIn: number; widthIn: number; heightIn: number }[];
  turntable: { weightLb: number; diameterIn: number; heightIn: number };
  platform: { weightLb: number; lengthIn: number; widthIn: number; heightIn: number } | null;
  torqueBox: { weightLb: number; lengthIn: number };
  outriggers: Outriggers[];
  needsTandem: boolean;
}
