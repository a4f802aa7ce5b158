import { gpm, hoseSize, lb } from '../units/index.js';
import type { Limit, Profile } from '../kernel/index.js';

/** Values with what they rest on, all of one basis. */
const limits = (
  basis: string,
  values: Record<string, number>,
  notes: Record<string, string> = {},
): Profile['limits'] =>
  Object.fromEntries(
    (Object.entries(values) as [string, number][]).map(([id, value]): [string, Limit] => [
      id,
      { value, basis, ...(notes[id] ? { note: notes[id] } : {}) },
    ]),
  );

const HOUSE = 'House rule';
const FRAME_NOTE = 'Standing still; the road multiplies it. The frame’s maker and the body builder decide';

const STEER_NOTE = 'A driver turns the wheels while the truck rolls; slower is shorter';
const COMPLIANCE_NOTE = '15 to 25 % is usual; a tilt test of a truck like this one replaces it';

/** What holds whatever the standard: the makers' ratings with a reserve, and that the truck steers. */
const ratings: Profile['limits'] = limits(
  HOUSE,
  { frontSharePct: 25, reservePct: 3, frameMomentPct: 35, seatLb: 250, compliancePct: 20, steerFt: 12 },
  { frameMomentPct: FRAME_NOTE, compliancePct: COMPLIANCE_NOTE, steerFt: STEER_NOTE },
);

/** Weight limits of roads in the United States: those of emergency vehicles, and those of any truck. */
const usRoads: Profile['limits'] = {
  ...limits(
    'US federal limits for emergency vehicles, confirm with the road authority',
    {
      emergencySteerLb: 24_000,
      emergencySingleLb: 33_500,
      emergencyTandemLb: 62_000,
      emergencyGrossLb: 86_000,
    },
    { emergencyTandemLb: `${lb(52_000)} where the rear axle steers and is driven` },
  ),
  ...limits('US federal limits, confirm with the road authority', {
    ordinarySingleLb: 20_000,
    ordinaryTandemLb: 34_000,
    ordinaryGrossLb: 80_000,
  }),
};

/** What discharges of a size count for, and what suctions of a size supply; from tank to pump. */
const WATER: Record<string, number> = {
  credit25Gpm: 250,
  credit30Gpm: 375,
  credit35Gpm: 500,
  credit40Gpm: 625,
  credit45Gpm: 750,
  credit50Gpm: 1_000,
  credit60Gpm: 1_440,
  plainOutlets: 2,
  suction30Gpm: 300,
  suction40Gpm: 500,
  suction45Gpm: 750,
  suction50Gpm: 1_000,
  suction60Gpm: 1_500,
  suction80Gpm: 2_000,
  tankPathGpm: 250,
  tankPathLargeGpm: 500,
  tankPathFromGal: 500,
  primeS: 30,
  primeLargeS: 45,
  primeLargeFromGpm: 1_500,
};
/** What crews are advised to hold, how long a monitor should run, hose for a floor. */
const HANDS: Record<string, number> = {
  reactionOneLbf: 75,
  reactionTwoLbf: 95,
  reactionMoreLbf: 35,
  monitorS: 120,
  stretchFloorFt: 50,
  energyMin: 60,
  energyDriveMin: 40,
  gripIn: 66,
};
/** Water on 100 ft² of floor that burns, and foam on fuel, a minute: rules of thumb. */
const FIRES: Record<string, number> = { fireGpm: 100 / 3, spillGpm: 10, alcoholGpm: 20 };
/** How far concentrate should go, and how long its outlets are flushed. */
const FOAM: Record<string, number> = { foamTankfulsLeast: 1, foamTankfulsMost: 6, foamFlushMin: 3 };
const FOAM_NOTE = 'Concentrate beyond that is weight, unless water comes for so long';
/** On wildland the truck goes for water many times and its foam goes along. */
const WILDLAND_TANKFULS = 10;

const NEXT_SUCTION_NOTE = `So that two of ${hoseSize(6)} supply ${gpm(2_000)} and three ${gpm(2_500)}`;

/** What every apparatus of a standard is held to. */
const common = (basis: string): Profile['limits'] => ({
  ...ratings,
  ...limits(basis, {
    seatLb: 250,
    sideImbalancePct: 7,
    cgHeightToTrackPct: 80,
    tiltEstimateDeg: 26.5,
    approachDeg: 8,
    departureDeg: 8,
    hillMph: 20,
    hillPct: 6,
    levelMph: 50,
    accelerateS: 25,
    accelerateMph: 35,
    topMph: 68,
    topFromLb: 26_000,
    lowTopMph: 60,
    lowTopFromLb: 50_000,
    lowTopFromGal: 1_250,
  }),
  ...limits('Lamps and markers of motor vehicles, confirm with the road authority', { markersFromFt: 30 }),
  ...limits(HOUSE, {
    blindFt: 30,
    slowFromIn: 3,
    largeFromIn: 3.5,
    openingHighIn: 66,
    pumpEfficiencyPct: 62,
    auxiliaryFuelMin: 120,
    trayHighIn: 54,
    heavyLb: 50,
    heavyHighIn: 60,
    growthPct: 10,
  }),
  ...limits(HOUSE, HANDS),
  ...limits(HOUSE, FIRES),
  ...limits(HOUSE, FOAM, { foamTankfulsMost: FOAM_NOTE }),
});

const PUMPER: Record<string, number> = {
  pumpGpm: 750,
  tankGal: 300,
  compartmentFt3: 40,
  hoseBedFt3: 30,
  preconnectFt3: 3.5,
  supplyHoseFt: 800,
  attackHoseFt: 400,
  roofLadderFt: 14,
  extensionLadderFt: 24,
  atticLadderFt: 10,
  allowanceLb: 2000,
  roomyFt3: 250,
  roomyAllowanceLb: 2500,
};
const COMPACT: Record<string, number> = {
  pumpGpm: 250,
  tankGal: 200,
  compartmentFt3: 22,
  hoseBedFt3: 10,
  preconnectFt3: 3.5,
  supplyHoseFt: 300,
  attackHoseFt: 400,
  groundLadderFt: 12,
  allowanceLb: 1500,
};
const AERIAL: Record<string, number> = {
  compartmentFt3: 40,
  groundLadderFt: 115,
  allowanceLb: 2500,
};
const QUINT: Record<string, number> = {
  pumpGpm: 1000,
  tankGal: 300,
  compartmentFt3: 40,
  hoseBedFt3: 30,
  preconnectFt3: 3.5,
  supplyHoseFt: 800,
  attackHoseFt: 400,
  groundLadderFt: 85,
  allowanceLb: 2500,
};
const WATER_SUPPLY: Record<string, number> = {
  tankGal: 1000,
  compartmentFt3: 20,
  hoseBedFt3: 10,
  preconnectFt3: 3.5,
  supplyHoseFt: 200,
  allowanceLb: 1000,
};
const COMPACT_NOTES = {
  allowanceLb: '900 lb is usual up to 15,000 lb of gross rating, 1,500 lb up to 20,000 lb',
  groundLadderFt: 'One of 12 ft or longer',
} as const;

/** The kinds of structural apparatus under one standard; `prefix` begins their ids. */
function structural(
  prefix: string,
  where: string,
  standard: string,
  roads: Profile['limits'] = {},
): Profile[] {
  const basis = `${standard}, confirm against the adopted edition`;
  const profile = (
    id: string,
    name: string,
    types: Profile['types'],
    values: Record<string, number>,
    notes?: Record<string, string>,
  ): Profile => ({
    id: `${prefix}-${id}`,
    name: `${where}, ${name}`,
    types,
    limits: {
      ...common(basis),
      ...limits(basis, WATER),
      ...limits(HOUSE, { suctionNextPct: 34 }, { suctionNextPct: NEXT_SUCTION_NOTE }),
      ...roads,
      ...limits(basis, values, notes),
    },
  });
  return [
    profile('pumper', 'pumper', ['pumper'], PUMPER),
    profile('compact', 'compact pumper', ['pumper', 'brush'], COMPACT, COMPACT_NOTES),
    profile('water-supply', 'water supply', ['pumper'], WATER_SUPPLY),
    profile('aerial', 'aerial', ['aerial'], AERIAL),
    profile('quint', 'quint', ['aerial'], QUINT),
  ];
}

/** Least values of the interagency engine types that are brush trucks here. */
const TYPES: [type: number, values: Record<string, number>, allowanceLb: number][] = [
  [
    3,
    { pumpGpm: 150, pumpAtPsi: 250, pumpRoll: 1, tankGal: 500, hose15Ft: 1000, hose1Ft: 500, seats: 3 },
    1500,
  ],
  [
    4,
    { pumpGpm: 50, pumpAtPsi: 100, pumpRoll: 1, tankGal: 750, hose15Ft: 300, hose1Ft: 300, seats: 2 },
    1500,
  ],
  [
    5,
    {
      pumpGpm: 50,
      pumpAtPsi: 100,
      pumpRoll: 1,
      tankGal: 400,
      hose15Ft: 300,
      hose1Ft: 300,
      gvwrLb: 26_000,
      seats: 2,
    },
    1500,
  ],
  [
    6,
    {
      pumpGpm: 50,
      pumpAtPsi: 100,
      pumpRoll: 1,
      tankGal: 150,
      hose15Ft: 300,
      hose1Ft: 300,
      gvwrLb: 19_500,
      seats: 2,
    },
    900,
  ],
  [7, { pumpGpm: 10, pumpAtPsi: 100, pumpRoll: 1, tankGal: 50, hose1Ft: 200, gvwrLb: 14_000, seats: 2 }, 900],
];
/** And of those that are pumpers. */
const LARGE_TYPES: typeof TYPES = [
  [1, { pumpGpm: 1000, pumpAtPsi: 150, tankGal: 300, supplyHoseFt: 1200, hose15Ft: 500, seats: 4 }, 2000],
  [2, { pumpGpm: 500, pumpAtPsi: 150, tankGal: 300, supplyHoseFt: 1000, hose15Ft: 500, seats: 3 }, 2000],
];

const wildland =
  (types: Profile['types']) =>
  ([type, values, allowanceLb]: (typeof TYPES)[number]): Profile => ({
    id: `us-wildland-${type}`,
    name: `US wildland, engine type ${type}`,
    types,
    limits: {
      ...common('NFPA 1900 or 1906, confirm against the adopted edition'),
      ...usRoads,
      ...limits('NFPA 1900 or 1906, confirm against the adopted edition', { allowanceLb }),
      ...limits(HOUSE, { foamTankfulsMost: WILDLAND_TANKFULS }, { foamTankfulsMost: FOAM_NOTE }),
      ...limits('Interagency engine type, confirm against the adopted list', values),
    },
  });

/**
 * Limit profiles as data (formulas: limits). A starting point, not a reading of the standards:
 * the edition adopted by the authority having jurisdiction decides.
 */
export const PROFILES: Profile[] = [
  ...structural('us', 'US structural', 'NFPA 1900', usRoads),
  ...structural('us-2016', 'US structural before 2024', 'NFPA 1901 (2016)', usRoads),
  ...structural('canada', 'Canada', 'CAN/ULC-S515'),
  ...TYPES.map(wildland(['brush'])),
  ...LARGE_TYPES.map(wildland(['pumper'])),
  {
    id: 'ratings-only',
    name: 'Blank: the makers’ ratings only',
    types: ['pumper', 'aerial', 'brush'],
    limits: ratings,
  },
];
