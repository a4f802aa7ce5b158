import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { feet } from '../../units/index.js';

export interface Ladder extends Part {
  kind: 'attic' | 'roof' | 'extension' | 'articulating';
  lengthFt: number;
  beddedIn: number;
  nestedHeightIn: number;
  nestedWidthIn: number;
}

export interface LadderMount extends Part {
  types: BuildType[];
  /**
   * On a hydraulic rack outside, through the body beside or in the middle, under the hose bed, flat against the side,
   * on top of all, in a trough on the compartments, or on a device's fly section.
   */
  ride: 'rack' | 'tunnel' | 'middle' | 'flat' | 'top' | 'underBed' | 'trough' | 'fly';
  /** Of the truck; the officer's where left out, and of no meaning in the middle. */
  side?: 'left';
  /** Its name in a list of places, where its own is long for one. */
  short?: string;
  /** Its arms are let down by hand before anything is lifted out. */
  letDown?: true;
  /** Made for long pieces: no ladder goes in. */
  piecesOnly?: true;
  words: string;
}

/** Ground ladders: bedded length and nested height by width in inches. */
export const LADDERS: Ladder[] = [
  {
    id: 'attic-10',
    name: `${feet(10)} attic`,
    kind: 'attic',
    lengthFt: 10,
    weightLb: 22,
    beddedIn: 138,
    nestedHeightIn: 6,
    nestedWidthIn: 4,
    priceCents: usd(620),
  },
  {
    id: 'roof-12',
    name: `${feet(12)} roof`,
    kind: 'roof',
    lengthFt: 12,
    weightLb: 29,
    beddedIn: 144,
    nestedHeightIn: 20,
    nestedWidthIn: 3,
    priceCents: usd(720),
  },
  {
    id: 'roof-14',
    name: `${feet(14)} roof`,
    kind: 'roof',
    lengthFt: 14,
    weightLb: 34,
    beddedIn: 168,
    nestedHeightIn: 20,
    nestedWidthIn: 3,
    priceCents: usd(780),
  },
  {
    id: 'roof-16',
    name: `${feet(16)} roof`,
    kind: 'roof',
    lengthFt: 16,
    weightLb: 40,
    beddedIn: 192,
    nestedHeightIn: 20,
    nestedWidthIn: 3,
    priceCents: usd(880),
  },
  {
    id: 'extension-20',
    name: `${feet(20)} two-section`,
    kind: 'extension',
    lengthFt: 20,
    weightLb: 62,
    beddedIn: 150,
    nestedHeightIn: 22,
    nestedWidthIn: 6,
    priceCents: usd(1_350),
  },
  {
    id: 'extension-24',
    name: `${feet(24)} two-section`,
    kind: 'extension',
    lengthFt: 24,
    weightLb: 74,
    beddedIn: 174,
    nestedHeightIn: 22,
    nestedWidthIn: 6,
    priceCents: usd(1_560),
  },
  {
    id: 'extension-28',
    name: `${feet(28)} two-section`,
    kind: 'extension',
    lengthFt: 28,
    weightLb: 95,
    beddedIn: 196,
    nestedHeightIn: 23,
    nestedWidthIn: 6,
    priceCents: usd(1_850),
  },
  {
    id: 'extension-24-3',
    name: `${feet(24)} three-section`,
    kind: 'extension',
    lengthFt: 24,
    weightLb: 92,
    beddedIn: 130,
    nestedHeightIn: 23,
    nestedWidthIn: 8,
    priceCents: usd(2_150),
  },
  {
    id: 'extension-28-3',
    name: `${feet(28)} three-section`,
    kind: 'extension',
    lengthFt: 28,
    weightLb: 116,
    beddedIn: 148,
    nestedHeightIn: 24,
    nestedWidthIn: 8,
    priceCents: usd(2_550),
  },
  {
    id: 'extension-35-3',
    name: `${feet(35)} three-section`,
    kind: 'extension',
    lengthFt: 35,
    weightLb: 150,
    beddedIn: 176,
    nestedHeightIn: 25,
    nestedWidthIn: 9,
    priceCents: usd(3_200),
  },
  {
    id: 'extension-35',
    name: `${feet(35)} two-section`,
    kind: 'extension',
    lengthFt: 35,
    weightLb: 130,
    beddedIn: 248,
    nestedHeightIn: 25,
    nestedWidthIn: 7,
    priceCents: usd(2_400),
  },
  {
    id: 'combination-14',
    name: `${feet(14)} combination`,
    kind: 'articulating',
    lengthFt: 14,
    weightLb: 38,
    beddedIn: 92,
    nestedHeightIn: 19,
    nestedWidthIn: 6,
    priceCents: usd(690),
  },
  {
    id: 'articulating-22',
    name: `${feet(22)} articulating`,
    kind: 'articulating',
    lengthFt: 22,
    weightLb: 45,
    beddedIn: 68,
    nestedHeightIn: 26,
    nestedWidthIn: 10,
    priceCents: usd(540),
  },
];

/** The ways that ground ladders and long pieces ride. */
export const LADDER_MOUNTS: LadderMount[] = [
  {
    id: 'rack',
    ride: 'rack',
    name: 'Hydraulic rack, officer’s side',
    short: 'ladder rack',
    types: ['pumper'],
    weightLb: 370,
    priceCents: usd(14_500),
    words: 'Swings down to the ground; loads the officer’s side, high up.',
  },
  {
    id: 'flat',
    ride: 'flat',
    name: 'Flat on the officer’s side',
    short: 'officer’s side',
    types: ['pumper', 'brush'],
    weightLb: 85,
    priceCents: usd(2_100),
    words: 'Light and simple; lifted off at shoulder height.',
  },
  {
    id: 'tunnel',
    ride: 'tunnel',
    name: 'Tunnel through the body',
    short: 'tunnel',
    types: ['pumper', 'aerial'],
    weightLb: 120,
    priceCents: usd(5_200),
    words: 'Low and central, drawn out at the rear.',
  },
  {
    id: 'tunnel-middle',
    ride: 'middle',
    name: 'Tunnel through the middle',
    short: 'tunnel',
    types: ['aerial'],
    weightLb: 140,
    priceCents: usd(5_900),
    words:
      'Flat on top of each other over the frame, under the turntable; takes no compartment at the sides.',
  },
  {
    id: 'under-bed',
    ride: 'underBed',
    name: 'Under the hose bed, behind the tank',
    short: 'under the bed',
    types: ['pumper', 'aerial'],
    weightLb: 40,
    priceCents: usd(1_150),
    words: 'From the rear at the hands; as long as the tank leaves it, which suits a folding ladder.',
  },
  {
    id: 'top',
    ride: 'top',
    name: 'Flat on top',
    types: ['pumper', 'brush'],
    weightLb: 60,
    priceCents: usd(1_400),
    words: 'Takes no compartment; adds height and needs a climb.',
  },
  {
    id: 'fly',
    ride: 'fly',
    name: 'On the fly section',
    short: 'fly section',
    types: ['aerial'],
    weightLb: 14,
    priceCents: usd(780),
    words: 'At the tip where it is used; counts as load of the device.',
  },
  {
    id: 'tank-rack',
    ride: 'flat',
    side: 'left',
    letDown: true,
    piecesOnly: true,
    name: 'Folding tank rack, driver’s side',
    short: 'tank rack',
    types: ['pumper', 'brush'],
    weightLb: 120,
    priceCents: usd(4_200),
    words: 'Let down to the hands of two; takes the upper part of the compartments behind it.',
  },
  {
    id: 'sleeve',
    ride: 'tunnel',
    side: 'left',
    piecesOnly: true,
    name: 'Sleeve through the body, driver’s side',
    short: 'sleeve',
    types: ['pumper', 'aerial'],
    weightLb: 55,
    priceCents: usd(1_900),
    words: 'Suction and long boards, drawn out at the rear at the hands.',
  },
  {
    id: 'trough',
    ride: 'trough',
    side: 'left',
    piecesOnly: true,
    name: 'Suction trough on top, driver’s side',
    short: 'trough',
    types: ['pumper', 'aerial'],
    weightLb: 32,
    priceCents: usd(950),
    words: 'On the compartments beside the hose bed; takes nothing from them and asks for a step.',
  },
  {
    id: 'tubes',
    ride: 'trough',
    piecesOnly: true,
    name: 'Tubes for poles on top, officer’s side',
    short: 'tubes',
    types: ['pumper', 'aerial'],
    weightLb: 18,
    priceCents: usd(620),
    words: 'On the compartments beside the hose bed, drawn out to the rear.',
  },
];
