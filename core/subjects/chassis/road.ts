import { partFigure } from '../../kernel/index.js';
import type { HarmedAt, PartFigureField } from '../../kernel/index.js';
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
  /** Of its engine or motors, hp. */
  powerHp: number;
  /** The wheels that pull. */
  driven: 'rear' | 'all';
  /** To what speed its maker governs it, mph. */
  topMph: number;
  /** The lowest of each that water harms: air intake, exhaust outlet, breathers of axles and transmission, batteries. */
  intakeIn: number;
  exhaustIn: number;
  breatherIn: number;
  batteryIn: number;
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

const USUAL_TOP_MPH = 68;
const USUAL_HP = { heavy: 400, light: 330 };
/** Where what water harms usually is, about the frame's top and the hub of a rear wheel, in. */
const INTAKE_OVER_FRAME_IN = 14;
const EXHAUST_UNDER_FRAME_IN = 14;
const BREATHER_OVER_HUB_IN = 7;
const BATTERY_UNDER_FRAME_IN = 12;
const TRANSMISSION_UNDER_FRAME_IN = 5;

/** What of a chassis water harms, with the places where it usually is; an electric one breathes no air. */
export function harmedOf(chassis: Chassis, wheelbaseIn: number): HarmedAt[] {
  const { intakeIn, exhaustIn, breatherIn, batteryIn } = roadOf(chassis);
  const { cab, frame, battery } = chassis;
  const rail = frame.widthIn / 2;
  const behind = cab.backIn;
  const burns: HarmedAt[] = [
    {
      what: 'engine air intake',
      xIn: cab.style === 'hooded' ? cab.frontIn + 12 : behind - 4,
      yIn: rail,
      zIn: intakeIn,
    },
    { what: 'exhaust outlet', xIn: behind + 18, yIn: cab.widthIn / 2 - 2, zIn: exhaustIn },
    {
      what: 'breather of the transmission',
      xIn: behind - (cab.style === 'hooded' ? 50 : 20),
      yIn: 6,
      zIn: frame.topIn - TRANSMISSION_UNDER_FRAME_IN,
    },
  ];
  return [
    ...(battery
      ? [{ what: 'drive battery', xIn: battery.xIn, yIn: 0, zIn: battery.zIn - battery.heightIn / 2 }]
      : burns),
    { what: 'breather of the rear axle', xIn: wheelbaseIn, yIn: 8, zIn: breatherIn },
    { what: 'batteries', xIn: behind - 14, yIn: -(rail + 8), zIn: batteryIn },
  ];
}

/** A chassis on the road; usual figures where its maker says none (formulas: turning, ride height). */
export function roadOf({ road, engine, frontTrackIn, cab, frame, rearTire, maxGvwrLb }: Chassis): Road {
  const weight = maxGvwrLb < LIGHT_LB ? 'light' : 'heavy';
  return {
    crampDeg: CRAMP_DEG[weight],
    kingpinIn: frontTrackIn - 2 * KINGPIN_INSIDE_IN,
    mirrorsIn: cab.widthIn + 2 * MIRROR_OUT_IN[cab.style],
    sinkFrontIn: SINK_IN[weight].front,
    sinkRearIn: SINK_IN[weight].rear,
    powerHp: engine?.hp ?? USUAL_HP[weight],
    driven: 'rear',
    topMph: USUAL_TOP_MPH,
    intakeIn: frame.topIn + INTAKE_OVER_FRAME_IN,
    exhaustIn: frame.topIn - EXHAUST_UNDER_FRAME_IN,
    breatherIn: rearTire.diameterIn / 2 + BREATHER_OVER_HUB_IN,
    batteryIn: frame.topIn - BATTERY_UNDER_FRAME_IN,
    ...road,
  };
}

type RoadFigure = Exclude<keyof Road, 'driven'>;

const figure = (
  id: RoadFigure,
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
  figure('powerHp', 'Engine power', 'hp', [50, 1_200]),
  figure('topMph', 'Top speed as governed', 'mph', [30, 90]),
  figure('intakeIn', 'Air intake above the ground', 'in', [5, 130]),
  figure('exhaustIn', 'Exhaust outlet above the ground', 'in', [5, 140]),
  figure('breatherIn', 'Breather of the rear axle above the ground', 'in', [5, 100]),
  figure('batteryIn', 'Batteries above the ground', 'in', [5, 100]),
];
