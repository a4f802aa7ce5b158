import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { gpm } from '../../units/index.js';

/** Something fixed to the roof, the pump house or the body. */
export interface Fitting extends Part {
  types: BuildType[];
  shape: 'lightBar' | 'mast' | 'deckMonitor' | 'generator' | 'inverter' | 'spareWheel' | 'airConditioner';
  place: 'cabRoof' | 'pumpHouseTop' | 'bodyFront' | 'bedFront';
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
    weightLb: 240,
    priceCents: usd(2_700),
    lengthIn: 10,
    widthIn: 33,
    heightIn: 33,
  },
];
