import { partFigure } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import type { Chassis } from './parts/index.js';

/**
 * What a chassis is on the road: how it steers, how far it sinks, how it pulls, how deep it wades. Heights in above
 * the ground at in-service ride height.
 */
export interface Road {
  /** Of the inner front wheel at full lock, degrees. */
  crampDeg: number;
  /** Between the kingpins of the front axle, in. */
  kingpinIn: number;
  /** Width across the mirrors, in. */
  mirrorsIn: number;
  /** How far the frame sinks at each axle from the curb weight to the axle's rating, in. */
  sinkFrontIn: number;
  sinkRearIn: number;
  /** Curb-to-curb radius that the maker publishes, ft; worked out where left out. */
  curbRadiusFt?: number;
}

/** A kingpin stands so far inside the middle of its tire, in. */
const KINGPIN_INSIDE_IN = 6.75;
/** Mirrors stand out from the cab by so much on each side, in. */
const MIRROR_OUT_IN = { flatFront: 10, hooded: 9 } as const;
/** A chassis rated below this is a light one, lb. */
const LIGHT_LB = 26_000;
const SINK_IN = { heavy: { front: 2, rear: 3 }, light: { front: 2.5, rear: 4 } };
const CRAMP_DEG = { heavy: 45, light: 42 };

/** A chassis on the road; usual figures where its maker says none (formulas: turning, ride height). */
export function roadOf({ road, frontTrackIn, cab, maxGvwrLb }: Chassis): Road {
  const weight = maxGvwrLb < LIGHT_LB ? 'light' : 'heavy';
  return {
    crampDeg: CRAMP_DEG[weight],
    kingpinIn: frontTrackIn - 2 * KINGPIN_INSIDE_IN,
    mirrorsIn: cab.widthIn + 2 * MIRROR_OUT_IN[cab.style],
    sinkFrontIn: SINK_IN[weight].front,
    sinkRearIn: SINK_IN[weight].rear,
    ...road,
  };
}

const figure = (
  id: keyof Road,
  title: string,
  unit: PartFigureField<Chassis>['unit'],
  bounds: [number, number],
  none?: string,
): PartFigureField<Chassis> =>
  partFigure.within<Chassis>(
    id,
    title,
    unit,
    bounds,
    (chassis) => roadOf(chassis)[id] ?? NaN,
    (chassis, value) => ({ ...chassis, road: { ...chassis.road, [id]: value } }),
    none === undefined ? {} : { none },
  );

/** What a department may say of its own chassis on the road. */
export const ROAD_FIGURES: PartFigureField<Chassis>[] = [
  figure('crampDeg', 'Cramp angle of the inner wheel', 'deg', [15, 60]),
  figure('kingpinIn', 'Between the kingpins', 'in', [30, 90]),
  figure('curbRadiusFt', 'Turning radius, curb to curb, as published', 'ft', [10, 90], 'not published'),
  figure('mirrorsIn', 'Width across the mirrors', 'in', [60, 140]),
  figure('sinkFrontIn', 'Sinks in front from curb weight to rating', 'in', [0, 12]),
  figure('sinkRearIn', 'Sinks behind from curb weight to rating', 'in', [0, 12]),
];
