import type { BuildType } from '../../../build/index.js';
import type { Origin, Part } from '../../../kernel/index.js';
import type { Road } from '../road.js';

/** An axle with its tires, wheels and suspension: the lowest of the four ratings governs. */
export interface AxleOption extends Part {
  ratings: { axleLb: number; tiresLb: number; wheelsLb: number; suspensionLb: number };
  /** 1, or 2 for a tandem. */
  axles: 1 | 2;
  /** Distance between the axles of a tandem, in; 0 for a single axle. */
  spreadIn: number;
  /** Share of a tandem's load on its first axle. */
  frontShare: number;
  /** Its tires, where they are not those of the chassis. */
  tire?: Tire;
}

export interface Tire {
  diameterIn: number;
  widthIn: number;
}

/** A module that a body builder joins to a cab, with seats behind those of the cab. */
export interface CrewModule extends Part {
  lengthIn: number;
  seats: number;
}

export interface RoofOption extends Part {
  /** Above the cab as it is made; under it where less than 0. */
  raiseIn: number;
  /** A trench along the middle for a bedded ladder. */
  trench?: { widthIn: number; depthIn: number };
}

export interface Cab {
  style: 'flatFront' | 'hooded';
  /** Foremost and rearmost x of the cab, and of the windshield's foot when it has a hood. */
  frontIn: number;
  backIn: number;
  windshieldIn: number;
  widthIn: number;
  floorIn: number;
  roofIn: number;
  hoodTopIn: number;
  doors: 2 | 4;
  /** Seats in order: driver, officer, then the crew behind. */
  seats: { name: string; xIn: number; yIn: number }[];
  seatZIn: number;
}

/** What of a chassis stands where along it, where its maker says so. */
export interface ChassisMasses {
  /** Front axle, wheels, tires and brakes: they rest on the road. */
  frontUnsprungLb: number;
  engineLb: number;
  engineXIn: number;
  cabLb: number;
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
  /** Usual shares of the curb weight where left out. */
  masses?: ChassisMasses;
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
  frontTire: Tire;
  rearTire: Tire & { dual: boolean };
  /** How much of the frame's height is a lift of the springs, in; none where left out. */
  liftIn?: number;
  /** The modules that can be joined to its cab. */
  crewModules?: CrewModule[];
  /** A battery between the rails, by its middle; its weight is within the curb weight. */
  battery?: { xIn: number; zIn: number; lengthIn: number; widthIn: number; heightIn: number };
  /** Share of the roll stiffness at the front axle. */
  frontRollShare: number;
  /** Most the chassis maker allows whatever the axles add up to. */
  maxGvwrLb: number;
  /** Least front axle load the maker asks for, so that it steers. */
  minFrontLb: number;
  stabilityControl: boolean;
  /** Its engine or motors, and their power, hp; left out where the maker does not say. */
  engine?: { name: string; hp: number };
  /** On the road, as far as its maker says so. */
  road?: Partial<Road>;
  fuel: {
    gallons: number;
    lbPerGal: number;
    /** Aft of the front axle, or of the rearmost one where it hangs behind that. */
    xIn: number;
    yIn: number;
    zIn: number;
    from?: 'rearAxle';
    /** Its tank; of a usual size beside the rail where left out. */
    size?: { lengthIn: number; widthIn: number; heightIn: number };
  };
}
