import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Material, Part } from '../../kernel/index.js';
import { hoseSize, inches, lb } from '../../units/index.js';

export interface Bumper extends Part {
  types: BuildType[];
  material: Material;
  extensionIn: number;
  /** Set where it has a guard before the grille. */
  guard?: true;
}

export interface BumperItem extends Part {
  types: BuildType[];
  shape: 'well' | 'receiver' | 'winch' | 'monitor' | 'plain';
  /** Shortest extension it fits on, in. */
  needsExtensionIn: number;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

const extension = (extensionIn: number, steelLb: number, dollars: number): Bumper[] => [
  {
    id: `steel-${extensionIn}`,
    name: `Steel bumper, ${inches(extensionIn)} extension`,
    types: ['pumper', 'aerial'],
    material: 'steel',
    extensionIn,
    weightLb: steelLb,
    priceCents: usd(dollars),
  },
  {
    id: `aluminum-${extensionIn}`,
    name: `Aluminum bumper, ${inches(extensionIn)} extension`,
    types: ['pumper', 'aerial'],
    material: 'aluminum',
    extensionIn,
    weightLb: Math.round(steelLb * 0.6),
    priceCents: usd(dollars * 1.35),
  },
];

/** Front bumpers with their extension of the frame ahead of the cab. */
export const BUMPERS: Bumper[] = [
  {
    id: 'plain',
    name: 'Chassis maker’s bumper',
    types: ['pumper', 'aerial', 'brush'],
    material: 'steel',
    extensionIn: 0,
    weightLb: 0,
    priceCents: 0,
  },
  ...extension(12, 250, 3_900),
  ...extension(18, 370, 5_200),
  ...extension(24, 500, 6_600),
  {
    id: 'brush-steel',
    name: 'Steel push bumper with grille guard',
    types: ['brush'],
    material: 'steel',
    guard: true,
    extensionIn: 14,
    weightLb: 330,
    priceCents: usd(4_100),
  },
  {
    id: 'brush-aluminum',
    name: 'Aluminum push bumper with grille guard',
    types: ['brush'],
    material: 'aluminum',
    guard: true,
    extensionIn: 14,
    weightLb: 198,
    priceCents: usd(5_600),
  },
];

/** What is mounted on the front bumper. */
export const BUMPER_ITEMS: BumperItem[] = [
  {
    id: 'hose-well',
    name: 'Hose well with cover',
    types: ['pumper', 'aerial'],
    shape: 'well',
    needsExtensionIn: 12,
    weightLb: 95,
    priceCents: usd(2_300),
    lengthIn: 11,
    widthIn: 34,
    heightIn: 16,
  },
  {
    id: 'winch-receiver',
    name: `Receiver with ${lb(9_000)} portable winch`,
    types: ['pumper', 'aerial', 'brush'],
    shape: 'receiver',
    needsExtensionIn: 0,
    weightLb: 185,
    priceCents: usd(3_900),
    lengthIn: 12,
    widthIn: 24,
    heightIn: 10,
  },
  {
    id: 'winch',
    name: `Built-in winch, ${lb(10_000)} pull`,
    types: ['brush'],
    shape: 'winch',
    needsExtensionIn: 12,
    weightLb: 125,
    priceCents: usd(2_600),
    lengthIn: 10,
    widthIn: 26,
    heightIn: 10,
  },
  {
    id: 'winch-9000',
    name: `Built-in winch, ${lb(9_000)} pull`,
    types: ['brush'],
    shape: 'winch',
    needsExtensionIn: 12,
    weightLb: 98,
    priceCents: usd(2_100),
    lengthIn: 10,
    widthIn: 24,
    heightIn: 10,
  },
  {
    id: 'winch-12500',
    name: `Built-in winch, ${lb(12_500)} pull`,
    types: ['brush'],
    shape: 'winch',
    needsExtensionIn: 12,
    weightLb: 150,
    priceCents: usd(3_400),
    lengthIn: 11,
    widthIn: 27,
    heightIn: 11,
  },
  {
    id: 'hose-well-narrow',
    name: 'Narrow hose well with cover',
    types: ['pumper', 'aerial'],
    shape: 'well',
    needsExtensionIn: 12,
    weightLb: 60,
    priceCents: usd(1_700),
    lengthIn: 11,
    widthIn: 20,
    heightIn: 16,
  },
  {
    id: 'bumper-monitor',
    name: 'Bumper monitor, remote',
    types: ['pumper', 'aerial', 'brush'],
    shape: 'monitor',
    needsExtensionIn: 12,
    weightLb: 95,
    priceCents: usd(7_400),
    lengthIn: 12,
    widthIn: 12,
    heightIn: 20,
  },
  {
    id: 'front-suction',
    name: `Front suction, ${hoseSize(5)}`,
    types: ['pumper'],
    shape: 'plain',
    needsExtensionIn: 12,
    weightLb: 260,
    priceCents: usd(6_800),
    lengthIn: 11,
    widthIn: 10,
    heightIn: 12,
  },
];
