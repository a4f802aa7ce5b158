import { usd } from './money.js';
import type { AerialDevice, Outriggers } from './types.js';

const onePair = (weightLb: number, spreadIn: number, dollars: number): Outriggers => ({
  id: 'one-pair', name: 'One pair of outriggers', pairs: 1, spreadIn, weightLb, priceCents: usd(dollars),
});
const twoPairs = (weightLb: number, spreadIn: number, dollars: number): Outriggers => ({
  id: 'two-pairs', name: 'Two pairs of outriggers', pairs: 2, spreadIn, weightLb, priceCents: usd(dollars),
});

/** Aerial devices with turntable, sections, torque box and outriggers. */
export const DEVICES: AerialDevice[] = [
  {
    id: 'ladder-75-rear', name: '75 ft ladder, rear mount', mount: 'rear', heightFt: 75, needsTandem: false, priceCents: usd(395_000),
    sections: [
      { weightLb: 3_300, lengthIn: 340, widthIn: 34, heightIn: 26 },
      { weightLb: 2_200, lengthIn: 338, widthIn: 28, heightIn: 20 },
      { weightLb: 1_350, lengthIn: 336, widthIn: 23, heightIn: 15 },
    ],
    turntable: { weightLb: 5_900, diameterIn: 74, heightIn: 34 }, platform: null, torqueBox: { weightLb: 4_900, lengthIn: 150 },
    outriggers: [onePair(1_700, 168, 0), twoPairs(2_900, 144, 14_500)],
  },
  {
    id: 'ladder-100-rear', name: '100 ft ladder, rear mount', mount: 'rear', heightFt: 100, needsTandem: true, priceCents: usd(565_000),
    sections: [
      { weightLb: 4_700, lengthIn: 366, widthIn: 38, heightIn: 30 },
      { weightLb: 3_500, lengthIn: 364, widthIn: 32, heightIn: 24 },
      { weightLb: 2_500, lengthIn: 362, widthIn: 27, heightIn: 19 },
      { weightLb: 1_500, lengthIn: 360, widthIn: 22, heightIn: 14 },
    ],
    turntable: { weightLb: 7_400, diameterIn: 80, heightIn: 36 }, platform: null, torqueBox: { weightLb: 6_200, lengthIn: 190 },
    outriggers: [twoPairs(3_300, 192, 0)],
  },
  {
    id: 'platform-100-mid', name: '100 ft platform, mid mount', mount: 'mid', heightFt: 100, needsTandem: true, priceCents: usd(820_000),
    sections: [
      { weightLb: 4_400, lengthIn: 256, widthIn: 42, heightIn: 32 },
      { weightLb: 3_500, lengthIn: 254, widthIn: 37, heightIn: 27 },
      { weightLb: 2_700, lengthIn: 252, widthIn: 32, heightIn: 22 },
      { weightLb: 1_900, lengthIn: 250, widthIn: 28, heightIn: 18 },
      { weightLb: 1_200, lengthIn: 248, widthIn: 24, heightIn: 14 },
    ],
    turntable: { weightLb: 10_400, diameterIn: 80, heightIn: 36 }, platform: { weightLb: 1_900, lengthIn: 40, widthIn: 88, heightIn: 44 },
    torqueBox: { weightLb: 7_600, lengthIn: 210 },
    outriggers: [twoPairs(3_600, 192, 0)],
  },
];
