import { usd } from '../../kernel/index.js';
import type { Origin, Part } from '../../kernel/index.js';
import { feet } from '../../units/index.js';

export interface Outriggers extends Part {
  pairs: 1 | 2;
  spreadIn: number;
}

export interface AerialDevice extends Origin {
  id: string;
  name: string;
  priceCents: number;
  mount: 'rear' | 'mid';
  heightFt: number;
  /** Base section first. Each lies over the one before; lengths in, weights lb. */
  sections: { weightLb: number; lengthIn: number; widthIn: number; heightIn: number }[];
  /** How far behind the rear axle or the middle of a tandem a rear mount stands, in; as usual where left out. */
  aftIn?: number;
  /** Bay for outriggers and stairs behind the cab of a mid mount, in. */
  bayIn?: number;
  turntable: {
    weightLb: number;
    diameterIn: number;
    heightIn: number;
    /** The way for ladders through its pedestal, where it has one. */
    through?: { widthIn: number; heightIn: number };
  };
  platform: { weightLb: number; lengthIn: number; widthIn: number; heightIn: number } | null;
  torqueBox: { weightLb: number; lengthIn: number };
  outriggers: Outriggers[];
  needsTandem: boolean;
}

const onePair = (weightLb: number, spreadIn: number, dollars: number): Outriggers => ({
  id: 'one-pair',
  name: 'One pair of outriggers',
  pairs: 1,
  spreadIn,
  weightLb,
  priceCents: usd(dollars),
});
const twoPairs = (weightLb: number, spreadIn: number, dollars: number): Outriggers => ({
  id: 'two-pairs',
  name: 'Two pairs of outriggers',
  pairs: 2,
  spreadIn,
  weightLb,
  priceCents: usd(dollars),
});

/** The usual way for ladders through a pedestal, in. */
const through = { widthIn: 28, heightIn: 33 };

/** Aerial devices with turntable, sections, torque box and outriggers. */
export const DEVICES: AerialDevice[] = [
  {
    id: 'ladder-65-rear',
    name: `${feet(65)} ladder, rear mount`,
    mount: 'rear',
    heightFt: 65,
    aftIn: 24,
    needsTandem: false,
    priceCents: usd(352_000),
    sections: [
      { weightLb: 2_350, lengthIn: 306, widthIn: 33, heightIn: 25 },
      { weightLb: 1_550, lengthIn: 304, widthIn: 27, heightIn: 19 },
      { weightLb: 950, lengthIn: 302, widthIn: 22, heightIn: 14 },
    ],
    turntable: { weightLb: 4_100, diameterIn: 72, heightIn: 34, through },
    platform: null,
    torqueBox: { weightLb: 3_200, lengthIn: 140 },
    outriggers: [onePair(1_500, 160, 0), twoPairs(2_500, 140, 14_000)],
  },
  {
    id: 'ladder-75-rear',
    name: `${feet(75)} ladder, rear mount`,
    mount: 'rear',
    heightFt: 75,
    aftIn: 24,
    needsTandem: false,
    priceCents: usd(395_000),
    sections: [
      { weightLb: 2_700, lengthIn: 340, widthIn: 34, heightIn: 26 },
      { weightLb: 1_750, lengthIn: 338, widthIn: 28, heightIn: 20 },
      { weightLb: 1_050, lengthIn: 336, widthIn: 23, heightIn: 15 },
    ],
    turntable: { weightLb: 4_300, diameterIn: 74, heightIn: 34, through },
    platform: null,
    torqueBox: { weightLb: 3_100, lengthIn: 150 },
    outriggers: [onePair(1_500, 168, 0), twoPairs(2_700, 144, 14_500)],
  },
  {
    id: 'ladder-100-rear',
    name: `${feet(100)} ladder, rear mount`,
    mount: 'rear',
    heightFt: 100,
    needsTandem: true,
    priceCents: usd(565_000),
    sections: [
      { weightLb: 4_700, lengthIn: 366, widthIn: 38, heightIn: 30 },
      { weightLb: 3_500, lengthIn: 364, widthIn: 32, heightIn: 24 },
      { weightLb: 2_500, lengthIn: 362, widthIn: 27, heightIn: 19 },
      { weightLb: 1_500, lengthIn: 360, widthIn: 22, heightIn: 14 },
    ],
    turntable: { weightLb: 7_400, diameterIn: 80, heightIn: 36, through },
    platform: null,
    torqueBox: { weightLb: 6_200, lengthIn: 190 },
    outriggers: [twoPairs(3_300, 192, 0)],
  },
  {
    id: 'ladder-107-rear',
    name: `${feet(107)} ladder, rear mount`,
    mount: 'rear',
    heightFt: 107,
    needsTandem: true,
    priceCents: usd(612_000),
    sections: [
      { weightLb: 4_500, lengthIn: 348, widthIn: 40, heightIn: 31 },
      { weightLb: 3_500, lengthIn: 346, widthIn: 35, heightIn: 26 },
      { weightLb: 2_700, lengthIn: 344, widthIn: 30, heightIn: 21 },
      { weightLb: 1_900, lengthIn: 342, widthIn: 26, heightIn: 17 },
      { weightLb: 1_200, lengthIn: 340, widthIn: 22, heightIn: 13 },
    ],
    turntable: { weightLb: 7_900, diameterIn: 80, heightIn: 36, through },
    platform: null,
    torqueBox: { weightLb: 6_500, lengthIn: 196 },
    outriggers: [twoPairs(3_500, 192, 0)],
  },
  {
    id: 'platform-85-mid',
    name: `${feet(85)} platform, mid mount`,
    mount: 'mid',
    bayIn: 26,
    heightFt: 85,
    needsTandem: true,
    priceCents: usd(745_000),
    sections: [
      { weightLb: 3_900, lengthIn: 250, widthIn: 40, heightIn: 30 },
      { weightLb: 3_000, lengthIn: 248, widthIn: 35, heightIn: 25 },
      { weightLb: 2_200, lengthIn: 246, widthIn: 30, heightIn: 20 },
      { weightLb: 1_500, lengthIn: 244, widthIn: 26, heightIn: 16 },
    ],
    turntable: { weightLb: 9_600, diameterIn: 76, heightIn: 36 },
    platform: { weightLb: 1_800, lengthIn: 38, widthIn: 84, heightIn: 44 },
    torqueBox: { weightLb: 6_600, lengthIn: 220 },
    outriggers: [twoPairs(3_400, 180, 0)],
  },
  {
    id: 'platform-100-mid',
    name: `${feet(100)} platform, mid mount`,
    mount: 'mid',
    bayIn: 26,
    heightFt: 100,
    needsTandem: true,
    priceCents: usd(820_000),
    sections: [
      { weightLb: 4_400, lengthIn: 256, widthIn: 42, heightIn: 32 },
      { weightLb: 3_500, lengthIn: 254, widthIn: 37, heightIn: 27 },
      { weightLb: 2_700, lengthIn: 252, widthIn: 32, heightIn: 22 },
      { weightLb: 1_900, lengthIn: 250, widthIn: 28, heightIn: 18 },
      { weightLb: 1_200, lengthIn: 248, widthIn: 24, heightIn: 14 },
    ],
    turntable: { weightLb: 10_400, diameterIn: 80, heightIn: 36 },
    platform: { weightLb: 1_900, lengthIn: 40, widthIn: 88, heightIn: 44 },
    torqueBox: { weightLb: 6_700, lengthIn: 230 },
    outriggers: [twoPairs(3_400, 192, 0)],
  },
];
