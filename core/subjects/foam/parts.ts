import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { cfm, gpm } from '../../units/index.js';

export interface FoamSystem extends Part {
  types: BuildType[];
  foamClass: 'A' | 'B';
  lbPerGal: number;
  maxConcentrateGpm: number;
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
    weightLb: 1_300,
    priceCents: usd(71_000),
  },
];
