import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Origin, Part } from '../../kernel/index.js';
import { inches, lb } from '../../units/index.js';

/** An axle with its tires, wheels and suspension: the lowest of the four ratings governs. */
export interface AxleOption extends Part {
  ratings: { axleLb: number; tiresLb: number; wheelsLb: number; suspensionLb: number };
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
  frontTire: { diameterIn: number; widthIn: number };
  rearTire: { diameterIn: number; widthIn: number; dual: boolean };
  /** Share of the roll stiffness at the front axle. */
  frontRollShare: number;
  /** Most the chassis maker allows whatever the axles add up to. */
  maxGvwrLb: number;
  /** Least front axle load the maker asks for, so that it steers. */
  minFrontLb: number;
  stabilityControl: boolean;
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

const frontAxle = (axleLb: number, tiresLb: number, weightLb: number, dollars: number): AxleOption => ({
  id: `front-${axleLb}`,
  name: `Front axle rated ${lb(axleLb)}`,
  weightLb,
  priceCents: usd(dollars),
  ratings: { axleLb, tiresLb, wheelsLb: tiresLb + 600, suspensionLb: axleLb },
  axles: 1,
  spreadIn: 0,
  frontShare: 0.5,
});

const rearAxle = (axleLb: number, tiresLb: number, weightLb: number, dollars: number): AxleOption => ({
  ...frontAxle(axleLb, tiresLb, weightLb, dollars),
  id: `rear-${axleLb}`,
  name: `Rear axle rated ${lb(axleLb)}`,
});

const tandem = (axleLb: number, tiresLb: number, weightLb: number, dollars: number): AxleOption => ({
  ...rearAxle(axleLb, tiresLb, weightLb, dollars),
  id: `tandem-${axleLb}`,
  name: `Tandem rated ${lb(axleLb)}`,
  axles: 2,
  spreadIn: 54,
  frontShare: 0.52,
});

const flatRoof: RoofOption = { id: 'flat', name: 'Flat roof', raiseIn: 0, weightLb: 0, priceCents: 0 };
const raised = (raiseIn: number, weightLb: number, dollars: number): RoofOption => ({
  id: `raised-${raiseIn}`,
  name: `Roof raised ${inches(raiseIn)}`,
  raiseIn,
  weightLb,
  priceCents: usd(dollars),
});

const front2 = (xIn: number, yIn: number) => [
  { name: 'Driver', xIn, yIn: -yIn },
  { name: 'Officer', xIn, yIn },
];

const mediumCab: Cab = {
  style: 'flatFront',
  frontIn: -70,
  backIn: 68,
  windshieldIn: -70,
  widthIn: 97,
  floorIn: 22,
  roofIn: 101,
  hoodTopIn: 0,
  doors: 4,
  seats: [
    ...front2(-38, 30),
    { name: 'Behind driver', xIn: 16, yIn: -34 },
    { name: 'Behind officer', xIn: 16, yIn: 34 },
    { name: 'Rear wall, driver’s side', xIn: 50, yIn: -14 },
    { name: 'Rear wall, officer’s side', xIn: 50, yIn: 14 },
  ],
  seatZIn: 62,
};

const longCab: Cab = {
  ...mediumCab,
  frontIn: -74,
  windshieldIn: -74,
  backIn: 84,
  seats: [
    ...mediumCab.seats.slice(0, 4),
    { name: 'Rear wall, driver’s side', xIn: 66, yIn: -34 },
    { name: 'Rear wall, left of middle', xIn: 66, yIn: -11 },
    { name: 'Rear wall, right of middle', xIn: 66, yIn: 11 },
    { name: 'Rear wall, officer’s side', xIn: 66, yIn: 34 },
  ],
};

const heavyTire = { diameterIn: 43, widthIn: 12.4 };
const heavyDuals = { diameterIn: 42, widthIn: 11, dual: true };
const heavyFrame = { topIn: 40, depthIn: 10.5, widthIn: 34 };
const lightFrame = { depthIn: 8, widthIn: 34, resistingLbIn: 1_050_000 };

/** Diesel between the rails behind the rear axle. */
const behindAxle = (gallons: number): Chassis['fuel'] => ({
  gallons,
  lbPerGal: 7.1,
  from: 'rearAxle',
  xIn: 42,
  yIn: 0,
  zIn: 29,
  size: { lengthIn: 32, widthIn: 28, heightIn: 20 },
});
const lightBehindAxle = (zIn: number): Chassis['fuel'] => ({
  gallons: 40,
  lbPerGal: 7.1,
  from: 'rearAxle',
  xIn: 22,
  yIn: 0,
  zIn,
  size: { lengthIn: 26, widthIn: 27, heightIn: 14 },
});

const longCustom = {
  types: ['pumper', 'aerial'] as Chassis['types'],
  cgZIn: 41,
  lbPerWheelbaseIn: 6,
  roofs: [flatRoof, raised(10, 220, 6_800)],
  cab: longCab,
  frontOverhangIn: 76,
  frame: { ...heavyFrame, depthIn: 11.5, resistingLbIn: 5_800_000 },
  frontTrackIn: 84,
  rearTrackIn: 73.5,
  frontTire: { diameterIn: 44, widthIn: 12.8 },
  rearTire: heavyDuals,
  stabilityControl: true,
  fuel: behindAxle(68),
};

/** The chassis on offer, invented; ranges from the brief's catalogue page. */
export const CHASSIS: Chassis[] = [
  {
    id: 'custom-medium',
    name: 'Custom chassis, medium four-door cab',
    types: ['pumper'],
    priceCents: usd(348_000),
    wheelbase: { minIn: 160, maxIn: 210, stepIn: 2 },
    baseWheelbaseIn: 186,
    curb: { frontLb: 11_800, rearLb: 7_600 },
    cgZIn: 40,
    rearAxleLb: 4_300,
    lbPerWheelbaseIn: 5,
    frontAxles: [
      frontAxle(18_000, 18_740, 0, 0),
      frontAxle(20_000, 20_000, 90, 2_400),
      frontAxle(21_500, 21_600, 160, 4_900),
      frontAxle(22_800, 22_800, 230, 7_600),
    ],
    rearAxles: [
      rearAxle(24_000, 27_760, 0, 0),
      rearAxle(27_000, 27_760, 140, 2_900),
      rearAxle(31_000, 31_000, 290, 6_100),
      rearAxle(33_500, 33_500, 410, 8_800),
    ],
    roofs: [flatRoof, raised(10, 180, 5_900), raised(16, 240, 7_900), raised(24, 320, 10_400)],
    cab: mediumCab,
    frontOverhangIn: 72,
    frame: { ...heavyFrame, resistingLbIn: 4_300_000 },
    frontTrackIn: 83.5,
    rearTrackIn: 73,
    frontTire: heavyTire,
    rearTire: heavyDuals,
    frontRollShare: 0.35,
    maxGvwrLb: 54_000,
    minFrontLb: 10_500,
    stabilityControl: true,
    fuel: behindAxle(65),
  },
  {
    ...longCustom,
    id: 'custom-long',
    name: 'Custom chassis, long four-door cab',
    priceCents: usd(386_000),
    wheelbase: { minIn: 200, maxIn: 252, stepIn: 2 },
    baseWheelbaseIn: 222,
    curb: { frontLb: 12_600, rearLb: 8_400 },
    rearAxleLb: 4_700,
    frontAxles: [
      frontAxle(20_000, 20_000, 0, 0),
      frontAxle(22_800, 22_800, 140, 5_200),
      frontAxle(24_000, 24_000, 220, 7_900),
    ],
    rearAxles: [
      rearAxle(27_000, 27_760, 0, 0),
      rearAxle(31_000, 31_000, 150, 3_200),
      rearAxle(33_500, 34_000, 270, 6_000),
    ],
    frontRollShare: 0.33,
    maxGvwrLb: 57_500,
    minFrontLb: 11_500,
  },
  {
    ...longCustom,
    id: 'custom-long-tandem',
    name: 'Custom chassis, long four-door cab, tandem',
    priceCents: usd(432_000),
    wheelbase: { minIn: 210, maxIn: 260, stepIn: 2 },
    baseWheelbaseIn: 236,
    curb: { frontLb: 13_500, rearLb: 12_500 },
    rearAxleLb: 7_900,
    frontAxles: [frontAxle(22_800, 22_800, 0, 0), frontAxle(24_000, 24_000, 120, 3_300)],
    rearAxles: [
      tandem(48_000, 54_000, 0, 0),
      tandem(54_000, 55_500, 320, 5_800),
      tandem(62_000, 62_000, 640, 11_900),
    ],
    frontRollShare: 0.3,
    maxGvwrLb: 86_000,
    minFrontLb: 12_500,
  },
  {
    id: 'commercial-hood',
    name: 'Commercial chassis, hooded four-door cab',
    types: ['pumper'],
    priceCents: usd(152_000),
    wheelbase: { minIn: 200, maxIn: 260, stepIn: 6 },
    baseWheelbaseIn: 224,
    curb: { frontLb: 8_600, rearLb: 6_200 },
    cgZIn: 40,
    rearAxleLb: 3_700,
    lbPerWheelbaseIn: 5,
    frontAxles: [
      frontAxle(12_000, 12_350, 0, 0),
      frontAxle(14_000, 14_320, 80, 1_500),
      frontAxle(16_000, 16_000, 170, 3_200),
    ],
    rearAxles: [
      rearAxle(21_000, 24_640, 0, 0),
      rearAxle(23_000, 27_120, 90, 1_400),
      rearAxle(26_000, 27_120, 180, 2_900),
      rearAxle(31_000, 31_000, 380, 6_700),
    ],
    roofs: [flatRoof],
    cab: {
      style: 'hooded',
      frontIn: -36,
      backIn: 100,
      windshieldIn: 22,
      widthIn: 88,
      floorIn: 27,
      roofIn: 97,
      hoodTopIn: 70,
      doors: 4,
      seats: [
        ...front2(46, 24),
        { name: 'Rear, driver’s side', xIn: 84, yIn: -26 },
        { name: 'Rear, middle', xIn: 84, yIn: 0 },
        { name: 'Rear, officer’s side', xIn: 84, yIn: 26 },
      ],
      seatZIn: 58,
    },
    frontOverhangIn: 40,
    frame: { ...heavyFrame, resistingLbIn: 3_200_000 },
    frontTrackIn: 82,
    rearTrackIn: 72.5,
    frontTire: { diameterIn: 41, widthIn: 11.2 },
    rearTire: { diameterIn: 41, widthIn: 10.6, dual: true },
    frontRollShare: 0.36,
    maxGvwrLb: 46_000,
    minFrontLb: 7_000,
    stabilityControl: true,
    fuel: { gallons: 50, lbPerGal: 7.1, xIn: 76, yIn: -34, zIn: 30 },
  },
  {
    id: 'medium-4x4',
    name: 'Medium commercial 4x4, two-door cab',
    types: ['brush'],
    priceCents: usd(131_000),
    wheelbase: { minIn: 170, maxIn: 210, stepIn: 4 },
    baseWheelbaseIn: 186,
    curb: { frontLb: 7_600, rearLb: 5_000 },
    cgZIn: 39,
    rearAxleLb: 3_000,
    lbPerWheelbaseIn: 4.5,
    frontAxles: [frontAxle(12_000, 12_350, 0, 0), frontAxle(14_000, 14_320, 120, 2_100)],
    rearAxles: [rearAxle(21_000, 24_640, 0, 0), rearAxle(23_000, 24_640, 110, 1_600)],
    roofs: [flatRoof],
    cab: {
      style: 'hooded',
      frontIn: -36,
      backIn: 60,
      windshieldIn: 10,
      widthIn: 84,
      floorIn: 30,
      roofIn: 98,
      hoodTopIn: 70,
      doors: 2,
      seats: [...front2(36, 22), { name: 'Middle', xIn: 38, yIn: 0 }],
      seatZIn: 60,
    },
    frontOverhangIn: 38,
    frame: heavyFrame,
    frontTrackIn: 82,
    rearTrackIn: 73,
    frontTire: { diameterIn: 42, widthIn: 11.2 },
    rearTire: { diameterIn: 42, widthIn: 10.6, dual: true },
    frontRollShare: 0.4,
    maxGvwrLb: 35_000,
    minFrontLb: 6_000,
    stabilityControl: false,
    fuel: { gallons: 50, lbPerGal: 7.1, xIn: 42, yIn: -34, zIn: 32 },
  },
  {
    id: 'light-4x4',
    name: 'Light 4x4 crew cab, dual rear tires',
    types: ['brush'],
    priceCents: usd(79_500),
    wheelbase: { minIn: 179, maxIn: 203, stepIn: 12 },
    baseWheelbaseIn: 179,
    curb: { frontLb: 5_200, rearLb: 3_500 },
    cgZIn: 35,
    rearAxleLb: 1_500,
    lbPerWheelbaseIn: 4,
    frontAxles: [frontAxle(7_000, 7_500, 0, 0), frontAxle(7_500, 7_500, 45, 780)],
    rearAxles: [rearAxle(13_660, 15_000, 0, 0), rearAxle(14_700, 15_000, 70, 950)],
    roofs: [flatRoof],
    cab: {
      style: 'hooded',
      frontIn: -36,
      backIn: 98,
      windshieldIn: 22,
      widthIn: 80,
      floorIn: 22,
      roofIn: 81,
      hoodTopIn: 55,
      doors: 4,
      seats: [
        ...front2(46, 18),
        { name: 'Rear, driver’s side', xIn: 82, yIn: -20 },
        { name: 'Rear, officer’s side', xIn: 82, yIn: 20 },
        { name: 'Rear, middle', xIn: 82, yIn: 0 },
      ],
      seatZIn: 50,
    },
    frontOverhangIn: 38,
    frame: { ...lightFrame, topIn: 35 },
    frontTrackIn: 75,
    rearTrackIn: 74,
    frontTire: { diameterIn: 32.5, widthIn: 8.9 },
    rearTire: { diameterIn: 32.5, widthIn: 8.9, dual: true },
    frontRollShare: 0.45,
    maxGvwrLb: 19_500,
    minFrontLb: 4_200,
    stabilityControl: true,
    fuel: lightBehindAxle(26),
  },
  {
    id: 'light-4x4-wide',
    name: 'Light 4x4 crew cab, wide single tires',
    types: ['brush'],
    priceCents: usd(92_000),
    wheelbase: { minIn: 179, maxIn: 203, stepIn: 12 },
    baseWheelbaseIn: 179,
    curb: { frontLb: 5_380, rearLb: 3_380 },
    cgZIn: 38,
    rearAxleLb: 1_400,
    lbPerWheelbaseIn: 4,
    frontAxles: [frontAxle(7_500, 10_000, 0, 0)],
    rearAxles: [rearAxle(13_000, 13_200, 0, 0)],
    roofs: [flatRoof],
    cab: {
      style: 'hooded',
      frontIn: -36,
      backIn: 98,
      windshieldIn: 22,
      widthIn: 80,
      floorIn: 25,
      roofIn: 84,
      hoodTopIn: 58,
      doors: 4,
      seats: [
        ...front2(46, 18),
        { name: 'Rear, driver’s side', xIn: 82, yIn: -20 },
        { name: 'Rear, officer’s side', xIn: 82, yIn: 20 },
        { name: 'Rear, middle', xIn: 82, yIn: 0 },
      ],
      seatZIn: 53,
    },
    frontOverhangIn: 38,
    frame: { ...lightFrame, topIn: 38 },
    frontTrackIn: 75,
    rearTrackIn: 74,
    frontTire: { diameterIn: 38.5, widthIn: 13.2 },
    rearTire: { diameterIn: 38.5, widthIn: 13.2, dual: false },
    frontRollShare: 0.45,
    maxGvwrLb: 19_500,
    minFrontLb: 4_200,
    stabilityControl: true,
    fuel: lightBehindAxle(29),
  },
];
