import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { gpm } from '../../units/index.js';

/** Where something can be fixed to a truck. */
export const FITTING_PLACES = [
  'cabRoof',
  'pumpHouseTop',
  'bodyFront',
  'bodyRear',
  'bodyLeft',
  'bodyRight',
  'bedFront',
  'hoseBed',
  'compartments',
] as const;
export type FittingPlace = (typeof FITTING_PLACES)[number];
export const FITTING_PLACE_NAMES: Record<FittingPlace, string> = {
  cabRoof: 'on the cab’s roof',
  pumpHouseTop: 'on the pump house',
  bodyFront: 'at the front of the body',
  bodyRear: 'at the rear of the body',
  bodyLeft: 'on the compartments, driver’s side',
  bodyRight: 'on the compartments, officer’s side',
  bedFront: 'on the wall behind the cab',
  hoseBed: 'over the hose bed',
  compartments: 'in the compartments',
};

/** Something fixed to the roof, the pump house or the body. */
export interface Fitting extends Part {
  types: BuildType[];
  shape:
    | 'lightBar'
    | 'mast'
    | 'deckMonitor'
    | 'generator'
    | 'inverter'
    | 'spareWheel'
    | 'airConditioner'
    | 'cover'
    | 'shelves';
  /** Where it usually stands, and where it may stand instead. */
  place: FittingPlace;
  otherPlaces?: FittingPlace[];
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

/** Lights, monitors, power and the like, each fixed in its place. */
export const FITTINGS: Fitting[] = [
  {
    id: 'light-bar',
    name: 'Warning light bar',
    types: ['pumper', 'aerial', 'brush'],
    shape: 'lightBar',
    place: 'cabRoof',
    weightLb: 62,
    priceCents: usd(4_600),
    lengthIn: 12,
    widthIn: 72,
    heightIn: 7,
  },
  {
    id: 'air-conditioner',
    name: 'Roof air conditioner',
    types: ['pumper', 'aerial'],
    shape: 'airConditioner',
    place: 'cabRoof',
    weightLb: 145,
    priceCents: usd(5_400),
    lengthIn: 30,
    widthIn: 36,
    heightIn: 9,
  },
  {
    id: 'light-mast',
    name: 'Light mast, folded',
    types: ['pumper', 'brush'],
    shape: 'mast',
    place: 'bodyFront',
    otherPlaces: ['cabRoof', 'bodyRear', 'bodyLeft', 'bodyRight'],
    weightLb: 220,
    priceCents: usd(19_800),
    lengthIn: 46,
    widthIn: 22,
    heightIn: 14,
  },
  {
    id: 'deck-monitor',
    name: `Deck monitor, ${gpm(1_000)}`,
    types: ['pumper'],
    shape: 'deckMonitor',
    place: 'pumpHouseTop',
    otherPlaces: ['bodyFront', 'bodyRear', 'cabRoof'],
    weightLb: 95,
    priceCents: usd(6_900),
    lengthIn: 30,
    widthIn: 16,
    heightIn: 22,
  },
  {
    id: 'generator-8',
    name: 'Hydraulic generator, 8 kW',
    types: ['pumper', 'aerial'],
    shape: 'generator',
    place: 'pumpHouseTop',
    otherPlaces: ['bodyFront', 'bodyLeft', 'bodyRight'],
    weightLb: 330,
    priceCents: usd(21_500),
    lengthIn: 32,
    widthIn: 22,
    heightIn: 18,
  },
  {
    id: 'inverter-3',
    name: 'Inverter, 3 kW',
    types: ['pumper', 'aerial', 'brush'],
    shape: 'inverter',
    place: 'bodyFront',
    weightLb: 95,
    priceCents: usd(5_900),
    lengthIn: 18,
    widthIn: 14,
    heightIn: 8,
  },
  {
    id: 'spare-wheel',
    name: 'Spare wheel on its hoist',
    types: ['brush'],
    shape: 'spareWheel',
    place: 'bedFront',
    otherPlaces: ['bodyRear', 'bodyFront'],
    weightLb: 240,
    priceCents: usd(2_700),
    lengthIn: 10,
    widthIn: 33,
    heightIn: 33,
  },
  {
    id: 'fit-out-plain',
    name: 'Six shelves and four trays',
    types: ['pumper', 'aerial', 'brush'],
    shape: 'shelves',
    place: 'compartments',
    weightLb: 460,
    priceCents: usd(9_800),
    lengthIn: 40,
    widthIn: 24,
    heightIn: 30,
  },
  {
    id: 'fit-out-full',
    name: 'Eight shelves, six trays and a tool board',
    types: ['pumper', 'aerial'],
    shape: 'shelves',
    place: 'compartments',
    weightLb: 740,
    priceCents: usd(16_400),
    lengthIn: 40,
    widthIn: 24,
    heightIn: 30,
  },
  {
    id: 'hose-bed-cover',
    name: 'Hose bed cover, aluminum',
    types: ['pumper', 'aerial'],
    shape: 'cover',
    place: 'hoseBed',
    weightLb: 130,
    priceCents: usd(4_900),
    lengthIn: 60,
    widthIn: 40,
    heightIn: 2,
  },
];
