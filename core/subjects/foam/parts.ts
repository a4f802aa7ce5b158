import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { cfm, gpm } from '../../units/index.js';
import type { FoamClass } from './concentrates.js';

/** How concentrate gets into the water: drawn by it, pumped into it, or at the pressure of the water itself. */
export const WAYS = ['eductor', 'injection', 'balanced'] as const;

export interface FoamSystem extends Part {
  types: BuildType[];
  foamClass: FoamClass;
  lbPerGal: number;
  maxConcentrateGpm: number;
  /** Pumped into the water where left out. */
  how?: (typeof WAYS)[number];
  /** What must flow through an eductor, gpm. */
  eductorGpm?: number;
  /** What its compressor gives, ft³ a minute; left out where it has none. */
  airCfm?: number;
  /** Meters thick concentrate too. */
  thick?: true;
}

/** Foam proportioning systems. */
export const FOAM_SYSTEMS: FoamSystem[] = [
  {
    id: 'eductor',
    name: 'Bypass eductor',
    types: ['pumper', 'aerial', 'brush'],
    foamClass: 'B',
    lbPerGal: 8.7,
    maxConcentrateGpm: 5.7,
    how: 'eductor',
    eductorGpm: 95,
    weightLb: 45,
    priceCents: usd(2_400),
  },
  {
    id: 'injection-a-small',
    name: `Direct injection, class A, ${gpm(2.5)}`,
    types: ['pumper', 'aerial', 'brush'],
    foamClass: 'A',
    lbPerGal: 8.6,
    maxConcentrateGpm: 2.5,
    weightLb: 95,
    priceCents: usd(9_800),
  },
  {
    id: 'injection-a-large',
    name: `Direct injection, class A, ${gpm(5)}`,
    types: ['pumper', 'aerial'],
    foamClass: 'A',
    lbPerGal: 8.6,
    maxConcentrateGpm: 5,
    how: 'injection',
    weightLb: 150,
    priceCents: usd(14_600),
  },
  {
    id: 'injection-b',
    name: `Direct injection, class B, ${gpm(6)}`,
    types: ['pumper', 'aerial'],
    foamClass: 'B',
    lbPerGal: 8.7,
    maxConcentrateGpm: 6,
    weightLb: 175,
    priceCents: usd(18_900),
  },
  {
    id: 'injection-ab-12',
    name: `Direct injection, class B, ${gpm(12)}`,
    types: ['pumper', 'aerial'],
    foamClass: 'B',
    lbPerGal: 8.8,
    maxConcentrateGpm: 12,
    how: 'injection',
    thick: true,
    weightLb: 260,
    priceCents: usd(31_500),
  },
  {
    id: 'balanced-b-25',
    name: `Balanced pressure, class B, ${gpm(25)}`,
    types: ['pumper', 'aerial'],
    foamClass: 'B',
    lbPerGal: 8.8,
    maxConcentrateGpm: 25,
    how: 'balanced',
    thick: true,
    weightLb: 420,
    priceCents: usd(46_000),
  },
  {
    id: 'compressed-air-60',
    name: `Compressed-air foam, class A, ${cfm(60)}`,
    types: ['brush'],
    foamClass: 'A',
    lbPerGal: 8.6,
    maxConcentrateGpm: 2,
    airCfm: 60,
    weightLb: 310,
    priceCents: usd(24_500),
  },
  {
    id: 'compressed-air-140',
    name: `Compressed-air foam, class A, ${cfm(140)}`,
    types: ['pumper'],
    foamClass: 'A',
    lbPerGal: 8.6,
    maxConcentrateGpm: 5,
    airCfm: 140,
    weightLb: 1_050,
    priceCents: usd(58_000),
  },
  {
    id: 'compressed-air-240',
    name: `Compressed-air foam, class A, ${cfm(240)}`,
    types: ['pumper'],
    foamClass: 'A',
    lbPerGal: 8.6,
    maxConcentrateGpm: 6.5,
    airCfm: 240,
    weightLb: 1_300,
    priceCents: usd(71_000),
  },
];
