import { partFigure, Shelf } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import { capital, lb } from '../../units/index.js';
import { CHASSIS } from './parts/index.js';
import type { AxleOption, Chassis, ChassisMasses } from './parts/index.js';
import { massesOf } from './rests.js';
import { ROAD_FIGURES } from './road.js';

const { plain, price, within } = partFigure;

/** One axle in place of those on offer: what the plate says governs, tires, wheels and suspension with it. */
const rating = (
  id: string,
  title: string,
  end: 'frontAxles' | 'rearAxles',
  what: string,
): PartFigureField<Chassis> =>
  within<Chassis>(
    id,
    title,
    'lb',
    [2_000, 90_000],
    (chassis) => Math.max(...chassis[end].map((axle) => Math.min(...Object.values(axle.ratings)))),
    (chassis, value) => {
      const like = chassis[end][0]!;
      const axle: AxleOption = {
        ...like,
        id: `${like.id}-own`,
        name: `${what} rated ${lb(value)}`,
        ratings: { axleLb: value, tiresLb: value, wheelsLb: value, suspensionLb: value },
      };
      return { ...chassis, [end]: [axle] };
    },
  );

/** A chassis' rear axle is never so heavy that nothing of the curb weight is left beside it. */
const MOST_OF_CURB_REAR = 0.9;

/** A chassis that rides higher by so much, and all on it. */
const lifted = (c: Chassis, by: number): Chassis => ({
  ...c,
  cgZIn: c.cgZIn + by,
  frame: { ...c.frame, topIn: c.frame.topIn + by },
  fuel: { ...c.fuel, zIn: c.fuel.zIn + by },
  cab: {
    ...c.cab,
    floorIn: c.cab.floorIn + by,
    roofIn: c.cab.roofIn + by,
    seatZIn: c.cab.seatZIn + by,
    ...(c.cab.style === 'hooded' ? { hoodTopIn: c.cab.hoodTopIn + by } : {}),
  },
  ...(c.battery ? { battery: { ...c.battery, zIn: c.battery.zIn + by } } : {}),
});

/** The frame rides on the tires: another diameter lifts it by half the difference (formulas: the row). */
const TIRE_FIGURES: PartFigureField<Chassis>[] = [
  within(
    'tireIn',
    'Diameter of the tires',
    'in',
    [24, 60],
    (c) => c.rearTire.diameterIn,
    (c, v) => ({
      ...lifted(c, (v - c.rearTire.diameterIn) / 2),
      frontTire: { ...c.frontTire, diameterIn: c.frontTire.diameterIn + v - c.rearTire.diameterIn },
      rearTire: { ...c.rearTire, diameterIn: v },
    }),
  ),
  within(
    'frontTireWidthIn',
    'Width of a front tire',
    'in',
    [6, 20],
    (c) => c.frontTire.widthIn,
    (c, v) => ({
      ...c,
      frontTire: { ...c.frontTire, widthIn: v },
      frontAxles: c.frontAxles.map(({ tire: _own, ...axle }) => axle),
    }),
  ),
  within(
    'rearTireWidthIn',
    'Width of a rear tire',
    'in',
    [6, 20],
    (c) => c.rearTire.widthIn,
    (c, v) => ({ ...c, rearTire: { ...c.rearTire, widthIn: v } }),
  ),
  within(
    'liftIn',
    'Lift of the springs',
    'in',
    [0, 12],
    (c) => c.liftIn ?? 0,
    (c, v) => ({ ...lifted(c, v - (c.liftIn ?? 0)), liftIn: v }),
  ),
  plain<Chassis>('frontTrackIn', 'Front track', 'in', 50, 100),
  plain<Chassis>('rearTrackIn', 'Rear track, between the middles of the duals', 'in', 50, 100),
];

const cabFigure = (
  id: 'frontIn' | 'backIn' | 'widthIn' | 'floorIn' | 'seatZIn',
  title: string,
  bounds: [number, number],
): PartFigureField<Chassis> =>
  within<Chassis>(
    `cab${capital(id)}`,
    title,
    'in',
    bounds,
    (c) => c.cab[id],
    (c, v) => ({ ...c, cab: { ...c.cab, [id]: v } }),
  );

/** Seats of a row moved so that its first one stands there. */
const rowAt = (c: Chassis, from: number, to: number | undefined, xIn: number): Chassis => {
  const by = xIn - (c.cab.seats[from]?.xIn ?? xIn);
  const seats = c.cab.seats.map((seat, i) =>
    i >= from && i < (to ?? Infinity) ? { ...seat, xIn: seat.xIn + by } : seat,
  );
  return { ...c, cab: { ...c.cab, seats } };
};

const FRONT_ROW = 2;
const CAB_FIGURES: PartFigureField<Chassis>[] = [
  cabFigure('frontIn', 'Front of the cab, aft of the front axle', [-110, 0]),
  cabFigure('backIn', 'Back of the cab, aft of the front axle', [20, 180]),
  cabFigure('widthIn', 'Width of the cab', [60, 102]),
  cabFigure('floorIn', 'Floor of the cab above the ground', [10, 50]),
  cabFigure('seatZIn', 'Height of a seated person’s middle', [30, 90]),
  within(
    'seats',
    'Seats',
    'count',
    [1, 12],
    (c) => c.cab.seats.length,
    // More seats stand beside the last one until their places are given.
    (c, v) => {
      const { seats } = c.cab;
      const last = seats[seats.length - 1]!;
      const more = Array.from({ length: Math.max(0, Math.round(v) - seats.length) }, (_, i) => ({
        ...last,
        name: `Seat ${seats.length + i + 1}`,
      }));
      return { ...c, cab: { ...c.cab, seats: [...seats, ...more].slice(0, Math.max(1, Math.round(v))) } };
    },
  ),
  within(
    'frontSeatsXIn',
    'Front seats, aft of the front axle',
    'in',
    [-80, 120],
    (c) => c.cab.seats[0]!.xIn,
    (c, v) => rowAt(c, 0, FRONT_ROW, v),
  ),
  within(
    'rearSeatsXIn',
    'Seats behind them, the first of these',
    'in',
    [-40, 200],
    (c) => c.cab.seats[FRONT_ROW]?.xIn ?? NaN,
    (c, v) => rowAt(c, FRONT_ROW, undefined, v),
    { none: 'none' },
  ),
];

const massFigure = (
  id: keyof ChassisMasses,
  title: string,
  unit: 'lb' | 'in',
  bounds: [number, number],
): PartFigureField<Chassis> =>
  within<Chassis>(
    id,
    title,
    unit,
    bounds,
    (c) => massesOf(c)[id],
    (c, v) => ({ ...c, masses: { ...massesOf(c), [id]: v } }),
  );

/** What of it stands where: how the frame bends rests on these. */
const MASS_FIGURES = [
  massFigure('frontUnsprungLb', 'Front axle, wheels and brakes', 'lb', [200, 6_000]),
  massFigure('engineLb', 'Engine, transmission and cooling', 'lb', [200, 9_000]),
  massFigure('engineXIn', 'Middle of the engine, aft of the front axle', 'in', [-60, 200]),
  massFigure('cabLb', 'Cab', 'lb', [300, 12_000]),
  plain<Chassis>('rearAxleLb', 'Rear axle, wheels and brakes', 'lb', 500, 14_000),
];

/** The chassis on offer. */
export const chassisShelf = new Shelf<Chassis>({
  kind: 'chassis',
  title: 'Chassis',
  shipped: CHASSIS,
  figures: [
    within(
      'curbFrontLb',
      'Curb weight, front',
      'lb',
      [1_500, 30_000],
      (c) => c.curb.frontLb,
      (c, v) => ({ ...c, curb: { ...c.curb, frontLb: v } }),
      { weight: true },
    ),
    within(
      'curbRearLb',
      'Curb weight, rear',
      'lb',
      [1_500, 40_000],
      (c) => c.curb.rearLb,
      (c, v) => ({
        ...c,
        curb: { ...c.curb, rearLb: v },
        rearAxleLb: Math.min(c.rearAxleLb, v * MOST_OF_CURB_REAR),
      }),
      { weight: true },
    ),
    plain<Chassis>('baseWheelbaseIn', 'Wheelbase of the curb weights', 'in', 100, 320),
    within(
      'wheelbaseMinIn',
      'Shortest wheelbase',
      'in',
      [100, 320],
      (c) => c.wheelbase.minIn,
      (c, v) => ({ ...c, wheelbase: { ...c.wheelbase, minIn: v } }),
    ),
    within(
      'wheelbaseMaxIn',
      'Longest wheelbase',
      'in',
      [100, 320],
      (c) => c.wheelbase.maxIn,
      (c, v) => ({ ...c, wheelbase: { ...c.wheelbase, maxIn: v } }),
    ),
    rating('frontRatingLb', 'Front axle rating', 'frontAxles', 'Front axle'),
    rating('rearRatingLb', 'Rear axle rating', 'rearAxles', 'Rear axle'),
    plain<Chassis>('maxGvwrLb', 'Gross rating', 'lb', 8_000, 100_000),
    plain<Chassis>('minFrontLb', 'Least front axle load', 'lb', 1_000, 25_000),
    plain<Chassis>('cgZIn', 'Height of its center of gravity', 'in', 20, 70),
    plain<Chassis>('frontOverhangIn', 'Front overhang', 'in', 20, 110),
    within(
      'roofIn',
      'Height of the cab',
      'in',
      [60, 130],
      (c) => c.cab.roofIn,
      (c, v) => ({ ...c, cab: { ...c.cab, roofIn: v } }),
    ),
    within(
      'frameResistingLbIn',
      'Resisting bending moment of both rails',
      'moment',
      [0, 30_000_000],
      (c) => c.frame.resistingLbIn ?? 0,
      (c, v) => ({
        ...c,
        frame: {
          topIn: c.frame.topIn,
          depthIn: c.frame.depthIn,
          widthIn: c.frame.widthIn,
          ...(v > 0 ? { resistingLbIn: v } : {}),
        },
      }),
      { none: 'not stated' },
    ),
    within(
      'frameTopIn',
      'Height of the frame',
      'in',
      [25, 55],
      (c) => c.frame.topIn,
      (c, v) => ({ ...c, frame: { ...c.frame, topIn: v } }),
    ),
    ...MASS_FIGURES,
    ...CAB_FIGURES,
    ...TIRE_FIGURES,
    ...ROAD_FIGURES,
    within(
      'fuelGal',
      'Fuel',
      'gal',
      [10, 150],
      (c) => c.fuel.gallons,
      (c, v) => ({ ...c, fuel: { ...c.fuel, gallons: v } }),
    ),
    price<Chassis>(),
  ],
  ordered: [
    ['wheelbaseMinIn', 'baseWheelbaseIn'],
    ['baseWheelbaseIn', 'wheelbaseMaxIn'],
    ['wheelbaseMinIn', 'wheelbaseMaxIn'],
    ['cabFrontIn', 'cabBackIn'],
    ['cabFloorIn', 'roofIn'],
  ],
});
