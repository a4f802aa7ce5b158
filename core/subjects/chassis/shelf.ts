import { partFigure, Shelf } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import { lb } from '../../units/index.js';
import { CHASSIS } from './parts.js';
import type { AxleOption, Chassis } from './parts.js';

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
  ],
});
