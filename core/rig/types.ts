import type { AxleOption, Basis, Hose, Ladder, Profile, BuildType } from '../catalogue/index.js';
import type { Bed, ChassisInput, OwnState, TankBox } from '../spec/index.js';
import type { Shape } from './shapes.js';

/** The step of the order of work to which a component belongs. */
export type StepId =
  | 'chassis' | 'cab' | 'bumper' | 'device' | 'pump' | 'tank' | 'foam' | 'hose' | 'ladders' | 'body' | 'equipment' | 'fittings';

/** What a load state may take off or leave on. */
export type Role = 'fixed' | 'water' | 'foam' | 'fuel' | 'seatFront' | 'seatRear' | 'hose' | 'ladder' | 'equipment' | 'allowance' | 'growth';

export type Group =
  | 'Chassis' | 'Fuel' | 'Crew' | 'Front bumper' | 'Aerial device' | 'Pump' | 'Tank' | 'Water' | 'Foam' | 'Hose' | 'Ladders' | 'Body'
  | 'Equipment' | 'Allowance' | 'Fittings' | 'Own items' | 'Growth reserve';

/** A liquid that can be there in part: its boxes fill from the bottom. */
export interface Filling {
  boxes: TankBox[];
  usableFraction: number;
  gallons: number;
  lbPerGal: number;
}

/** Anything that weighs: mass, place, shape, group, basis and tolerance. */
export interface Component {
  id: string;
  name: string;
  group: Group;
  step: StepId;
  role: Role;
  weightLb: number;
  xIn: number;
  yIn: number;
  zIn: number;
  basis: Basis;
  tolerancePct: number;
  priceCents: number;
  shapes: Shape[];
  filling?: Filling;
  /** What the catalogue says, where a better weight stands in its place. */
  catalogued?: { weightLb: number; basis: Basis; tolerancePct: number };
}

/** A box for equipment: L, R and B count from the front; depth differs below and beside the tank. */
export interface Compartment {
  id: string;
  side: 'left' | 'right' | 'rear';
  x0: number;
  x1: number;
  z0: number;
  z1: number;
  lowerDepthIn: number;
  upperDepthIn: number;
  /** Height above the ground at which the depth changes. */
  stepZIn: number;
  /** Centre of what is put into it. */
  centre: { xIn: number; yIn: number; zIn: number };
  volumeFt3: number;
}

/** A hose bed with its place and inside size. */
export interface BedPlace extends Bed {
  x0: number;
  x1: number;
  yCentre: number;
  widthIn: number;
  floorIn: number;
  depthIn: number;
  /** The way the hose runs: along the truck or across it. */
  runs: 'along' | 'across';
}

/** The main stations and boxes from which every component takes its place. */
export interface Layout {
  cabFront: number;
  cabBack: number;
  cabTop: number;
  bumperFront: number;
  pumpHouse: { x0: number; x1: number; z0: number; z1: number } | null;
  turntable: { xIn: number; zIn: number; facing: 'forward' | 'rearward' } | null;
  bodyFront: number;
  bodyEnd: number;
  /** Rearmost of the tailboard or bed. */
  rearEnd: number;
  bodyWidth: number;
  bodyTop: number;
  /** Flatbed deck, or the top of the frame where the body has none. */
  deckIn: number;
  tankBoxes: TankBox[];
  /** Where a tank must end, and what stands there. */
  tankSpace: { endIn: number; before: 'turntable' | 'skid pump' | 'back of the body' };
  /** Foremost place that a ladder can reach where the ladders ride, in. */
  laddersFrom: number;
  compartments: Compartment[];
  beds: BedPlace[];
}

/** The layout before its compartments and beds. */
export type Stations = Omit<Layout, 'compartments' | 'beds'>;

/** The truck as components with their places; every drawing, analysis and table reads this. */
export interface Rig {
  type: BuildType;
  name: string;
  components: Component[];
  layout: Layout;
  axles: ChassisInput;
  frontAxle: AxleOption;
  rearAxle: AxleOption;
  minFrontLb: number;
  /** Resisting bending moment of the frame's rails together, lb·in, where the maker states it. */
  frameResistingLbIn: number | null;
  stabilityControl: boolean;
  profile: Profile;
  /** Things that had to ride elsewhere than was asked for. */
  moved: { name: string; asked: string; rides: string }[];
  /** How high the hose stands in each bed that has some, against the bed's depth. */
  hoseFit: { bedName: string; neededIn: number; depthIn: number }[];
  /** What the profile's minimums are held against. */
  carried: {
    pumpGpm: number;
    tankGal: number;
    seats: number;
    hose: { sizeIn: number; use: Hose['use']; lengthFt: number }[];
    ladders: { kind: Ladder['kind']; lengthFt: number; beddedIn: number }[];
  };
  /** Load states of the department's own. */
  ownStates: OwnState[];
  /** What is itemised, cents. */
  priceCents: number;
  /** What the truck may cost, and the percentage for what is not itemised. */
  money: { budgetCents: number | null; unlistedPct: number };
}
