import { usd } from '../../../kernel/index.js';
import type { Cab, Chassis } from './chassis.js';
import {
  behindAxle,
  flatRoof,
  front2,
  frontAxle,
  heavyFrame,
  lowered,
  raised,
  rearAxle,
  tandem,
  trenched,
} from './made.js';

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

/** Lower to step into; the battery takes the room under the floor behind it. */
const lowCab: Cab = {
  ...mediumCab,
  backIn: 70,
  floorIn: 17,
  roofIn: 96,
  seatZIn: 57,
};

const heavyTire = { diameterIn: 43, widthIn: 12.4 };
const longTire = { diameterIn: 44, widthIn: 12.8 };
const heavyDuals = { diameterIn: 42, widthIn: 11, dual: true };
/** Front axles from 22,800 lb on roll on tires 16 in wide. */
const wideTire = { diameterIn: 43.5, widthIn: 16 };

/** A maker who builds to order cuts the frame to the half inch. */
const toOrder = (minIn: number, maxIn: number): Chassis['wheelbase'] => ({ minIn, maxIn, stepIn: 0.5 });

const longCustom = {
  types: ['pumper', 'aerial'] as Chassis['types'],
  cgZIn: 41,
  lbPerWheelbaseIn: 6,
  roofs: [flatRoof, raised(10, 220, 6_800), trenched(52, 8, 90, 9_400), lowered(4, 20, 5_200)],
  cab: longCab,
  frontOverhangIn: 76,
  frontTrackIn: 84,
  rearTrackIn: 73.5,
  frontTire: longTire,
  rearTire: heavyDuals,
  stabilityControl: true,
  fuel: behindAxle(68),
};

/** Chassis made for the fire service alone. */
export const CUSTOM: Chassis[] = [
  {
    id: 'custom-medium',
    name: 'Custom chassis, medium four-door cab',
    types: ['pumper'],
    priceCents: usd(348_000),
    wheelbase: toOrder(160, 210),
    baseWheelbaseIn: 186,
    curb: { frontLb: 11_800, rearLb: 7_600 },
    cgZIn: 40,
    rearAxleLb: 4_300,
    lbPerWheelbaseIn: 5,
    frontAxles: [
      frontAxle(18_000, 18_740, 0, 0),
      frontAxle(20_000, 20_000, 90, 2_400),
      frontAxle(21_500, 21_600, 160, 4_900),
      frontAxle(22_800, 22_800, 230, 7_600, wideTire),
    ],
    rearAxles: [
      rearAxle(24_000, 27_760, 0, 0),
      rearAxle(27_000, 27_760, 140, 2_900),
      rearAxle(31_000, 31_000, 290, 6_100),
      rearAxle(33_500, 33_500, 410, 8_800),
    ],
    roofs: [
      flatRoof,
      raised(10, 180, 5_900),
      raised(16, 240, 7_900),
      raised(24, 320, 10_400),
      trenched(52, 8, 80, 8_600),
      lowered(4, 20, 4_800),
    ],
    cab: mediumCab,
    frontOverhangIn: 72,
    frame: { ...heavyFrame, resistingLbIn: 5_600_000 },
    frontTrackIn: 83.5,
    rearTrackIn: 73,
    frontTire: heavyTire,
    rearTire: heavyDuals,
    frontRollShare: 0.35,
    maxGvwrLb: 54_000,
    minFrontLb: 10_500,
    stabilityControl: true,
    engine: { name: 'Diesel, 9 liter, 450 hp', hp: 450 },
    road: { crampDeg: 48, sinkFrontIn: 1.8, sinkRearIn: 2.6, mirrorsIn: 116 },
    fuel: behindAxle(65),
  },
  {
    ...longCustom,
    id: 'custom-long',
    name: 'Custom chassis, long four-door cab',
    priceCents: usd(386_000),
    wheelbase: toOrder(200, 252),
    baseWheelbaseIn: 222,
    curb: { frontLb: 12_600, rearLb: 8_400 },
    rearAxleLb: 4_700,
    frontAxles: [
      frontAxle(20_000, 20_000, 0, 0),
      frontAxle(22_800, 22_800, 140, 5_200, wideTire),
      frontAxle(24_000, 24_000, 220, 7_900, wideTire),
    ],
    rearAxles: [
      rearAxle(27_000, 27_760, 0, 0),
      rearAxle(31_000, 31_000, 150, 3_200),
      rearAxle(33_500, 34_000, 270, 6_000),
    ],
    frame: { ...heavyFrame, depthIn: 11.5, resistingLbIn: 6_600_000 },
    frontRollShare: 0.33,
    maxGvwrLb: 57_500,
    minFrontLb: 11_500,
    engine: { name: 'Diesel, 9 liter, 450 hp', hp: 450 },
    road: { sinkFrontIn: 1.8, sinkRearIn: 2.8, mirrorsIn: 117 },
  },
  {
    ...longCustom,
    id: 'custom-long-tandem',
    name: 'Custom chassis, long four-door cab, tandem',
    priceCents: usd(432_000),
    wheelbase: toOrder(210, 270),
    baseWheelbaseIn: 236,
    curb: { frontLb: 13_500, rearLb: 12_500 },
    rearAxleLb: 7_900,
    frontTire: { ...longTire, widthIn: 16 },
    frontAxles: [frontAxle(22_800, 22_800, 0, 0), frontAxle(24_000, 24_000, 120, 3_300)],
    rearAxles: [
      tandem(48_000, 54_000, 0, 0),
      tandem(54_000, 55_500, 320, 5_800),
      tandem(62_000, 62_000, 640, 11_900),
    ],
    frame: { ...heavyFrame, depthIn: 11.5, resistingLbIn: 7_400_000 },
    frontRollShare: 0.3,
    maxGvwrLb: 86_000,
    minFrontLb: 12_500,
    engine: { name: 'Diesel, 13 liter, 500 hp', hp: 500 },
    road: { kingpinIn: 70, sinkFrontIn: 1.8, sinkRearIn: 2.4, mirrorsIn: 117, topMph: 60 },
  },
  {
    id: 'electric-custom',
    engine: { name: 'Electric drive, 490 hp', hp: 490 },
    name: 'Electric custom chassis, low four-door cab',
    types: ['pumper'],
    priceCents: usd(690_000),
    wheelbase: toOrder(190, 220),
    baseWheelbaseIn: 205,
    curb: { frontLb: 13_500, rearLb: 12_000 },
    cgZIn: 38,
    // Motors in the axle: little stands where an engine would.
    masses: { frontUnsprungLb: 2_000, engineLb: 1_400, engineXIn: 4, cabLb: 3_900 },
    rearAxleLb: 5_200,
    lbPerWheelbaseIn: 6,
    frontAxles: [frontAxle(20_000, 20_000, 0, 0), frontAxle(22_800, 22_800, 140, 5_200, wideTire)],
    rearAxles: [rearAxle(27_000, 27_760, 0, 0), rearAxle(31_000, 31_000, 150, 3_200)],
    roofs: [flatRoof, raised(10, 180, 5_900)],
    cab: lowCab,
    frontOverhangIn: 72,
    frame: { ...heavyFrame, topIn: 38, resistingLbIn: 5_900_000 },
    frontTrackIn: 83.5,
    rearTrackIn: 73,
    frontTire: heavyTire,
    rearTire: heavyDuals,
    frontRollShare: 0.36,
    maxGvwrLb: 53_800,
    minFrontLb: 12_000,
    stabilityControl: true,
    // Nothing burns on it: the tank is that of the heater and the range extender.
    fuel: { ...behindAxle(25), size: { lengthIn: 22, widthIn: 28, heightIn: 14 }, zIn: 28 },
    // Behind the pump and ahead of the axle, also on the shortest frame.
    battery: { xIn: 158, zIn: 27, lengthIn: 42, widthIn: 28, heightIn: 18 },
  },
];
