import { usd } from '../../../kernel/index.js';
import type { Cab, Chassis } from './chassis.js';
import { flatRoof, front2, frontAxle, lightBehindAxle, lightFrame, rear3, rearAxle } from './made.js';

const crewCab: Cab = {
  style: 'hooded',
  frontIn: -36,
  backIn: 119,
  windshieldIn: 24,
  widthIn: 80,
  floorIn: 22,
  roofIn: 81,
  hoodTopIn: 55,
  doors: 4,
  seats: [...front2(48, 18), ...rear3(86, 20)],
  seatZIn: 50,
};

/** Three inches of lift over the same cab. */
const LIFT_IN = 3;

const light = {
  types: ['brush'] as Chassis['types'],
  baseWheelbaseIn: 179,
  lbPerWheelbaseIn: 4,
  roofs: [flatRoof],
  frontOverhangIn: 38,
  frontTrackIn: 75,
  rearTrackIn: 74,
  frontRollShare: 0.45,
  maxGvwrLb: 19_500,
  minFrontLb: 4_200,
  stabilityControl: true,
};
const lightTire = { diameterIn: 32.5, widthIn: 8.9 };
const wideTire = { diameterIn: 41, widthIn: 13.2 };

/** Light 4x4 chassis. */
export const LIGHT: Chassis[] = [
  {
    ...light,
    id: 'light-4x4',
    name: 'Light 4x4 crew cab, dual rear tires',
    priceCents: usd(79_500),
    wheelbase: { minIn: 179, maxIn: 203, stepIn: 24 },
    curb: { frontLb: 5_200, rearLb: 3_500 },
    cgZIn: 33,
    rearAxleLb: 1_500,
    frontAxles: [frontAxle(7_000, 7_500, 0, 0), frontAxle(7_500, 7_500, 45, 780)],
    rearAxles: [rearAxle(13_660, 15_000, 0, 0), rearAxle(14_700, 15_000, 70, 950)],
    cab: crewCab,
    frame: { ...lightFrame, topIn: 33 },
    frontTire: lightTire,
    rearTire: { ...lightTire, dual: true },
    fuel: lightBehindAxle(25),
    road: { driven: 'all' },
  },
  {
    ...light,
    id: 'light-4x4-2door',
    road: { driven: 'all' },
    name: 'Light 4x4 two-door cab, dual rear tires',
    priceCents: usd(74_000),
    wheelbase: { minIn: 145, maxIn: 205, stepIn: 12 },
    baseWheelbaseIn: 169,
    curb: { frontLb: 4_900, rearLb: 3_200 },
    cgZIn: 33,
    rearAxleLb: 1_500,
    frontAxles: [frontAxle(7_000, 7_500, 0, 0), frontAxle(7_500, 7_500, 45, 780)],
    rearAxles: [rearAxle(13_660, 15_000, 0, 0), rearAxle(14_700, 15_000, 70, 950)],
    cab: {
      ...crewCab,
      backIn: 85,
      doors: 2,
      seats: [...front2(48, 18), { name: 'Middle', xIn: 50, yIn: 0 }],
    },
    frame: { ...lightFrame, topIn: 33 },
    frontTire: lightTire,
    rearTire: { ...lightTire, dual: true },
    fuel: lightBehindAxle(25),
  },
  {
    ...light,
    id: 'light-4x4-wide',
    road: { crampDeg: 40, driven: 'all' },
    name: 'Light 4x4 crew cab, wide single tires',
    priceCents: usd(92_000),
    wheelbase: { minIn: 179, maxIn: 203, stepIn: 24 },
    curb: { frontLb: 5_380, rearLb: 3_380 },
    cgZIn: 36,
    rearAxleLb: 1_400,
    frontAxles: [frontAxle(7_500, 10_000, 0, 0)],
    rearAxles: [rearAxle(13_000, 13_200, 0, 0)],
    cab: {
      ...crewCab,
      floorIn: crewCab.floorIn + LIFT_IN,
      roofIn: crewCab.roofIn + LIFT_IN,
      hoodTopIn: crewCab.hoodTopIn + LIFT_IN,
      seatZIn: crewCab.seatZIn + LIFT_IN,
    },
    frame: { ...lightFrame, topIn: 33 + LIFT_IN },
    liftIn: LIFT_IN,
    frontTire: wideTire,
    rearTire: { ...wideTire, dual: false },
    fuel: lightBehindAxle(25 + LIFT_IN),
  },
];
