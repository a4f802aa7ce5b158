import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';

/** What is fitted inside a compartment. */
export const FITTED_KINDS = [
  'shelf',
  'tray',
  'tipDown',
  'slideBoard',
  'swingBoard',
  'drawer',
  'divider',
  'tubes',
  'module',
  'charger',
  'outlet',
  'vent',
  'lock',
] as const;
export type FittedKind = (typeof FITTED_KINDS)[number];

/**
 * A shelf, a tray, a board and the like. It weighs and costs so much by itself and so much a square foot; lengths that
 * are left out are those of the compartment.
 */
export interface Fitted extends Part {
  kind: FittedKind;
  lbPerFt2: number;
  centsPerFt2: number;
  /** Plate with its frame and slides: how much of the height, or of the length it takes, in. */
  thickIn: number;
  lengthIn?: number;
  depthIn?: number;
  heightIn?: number;
  ratingLb?: number;
  /** Rated for less over its outer half, where its maker says so, lb. */
  outerLb?: number;
  /** Comes out by that share of its depth. */
  outShare?: number;
  /** Slides at each side, in. */
  slidesIn?: number;
  /** Its things come down by so much when it tips, in. */
  downIn?: number;
  /** Room for tools on each face of a board, in. */
  facesIn?: number;
  /** Round things that go into it. */
  tubes?: number;
  /** Pieces that charge on it. */
  charges?: number;
  /** Outlets of shore power. */
  outlets?: number;
}

/** Shelves, trays, boards and what else is fitted into compartments. */
export const FITTED: Fitted[] = [
  {
    id: 'shelf',
    name: 'Shelf, {250 lb}',
    kind: 'shelf',
    weightLb: 4,
    lbPerFt2: 2.4,
    priceCents: usd(120),
    centsPerFt2: usd(28),
    thickIn: 1.5,
    ratingLb: 250,
  },
  {
    id: 'shelf-heavy',
    name: 'Shelf, {500 lb}',
    kind: 'shelf',
    weightLb: 6,
    lbPerFt2: 3.4,
    priceCents: usd(190),
    centsPerFt2: usd(36),
    thickIn: 2,
    ratingLb: 500,
  },
  {
    id: 'tray',
    name: 'Tray, {600 lb}, most of the way out',
    kind: 'tray',
    weightLb: 34,
    lbPerFt2: 5,
    priceCents: usd(980),
    centsPerFt2: usd(70),
    thickIn: 3,
    ratingLb: 600,
    outShare: 0.7,
    slidesIn: 1.5,
  },
  {
    id: 'tray-full',
    name: 'Tray, {600 lb}, all the way out',
    kind: 'tray',
    weightLb: 48,
    lbPerFt2: 5.5,
    priceCents: usd(1_450),
    centsPerFt2: usd(80),
    thickIn: 3.5,
    ratingLb: 600,
    outerLb: 400,
    outShare: 1,
    slidesIn: 1.5,
  },
  {
    id: 'tray-light',
    name: 'Tray, {250 lb}, most of the way out',
    kind: 'tray',
    weightLb: 22,
    lbPerFt2: 3.6,
    priceCents: usd(640),
    centsPerFt2: usd(52),
    thickIn: 2.5,
    ratingLb: 250,
    outShare: 0.7,
    slidesIn: 1.5,
  },
  {
    id: 'tip-down',
    name: 'Tip-down tray, {250 lb}',
    kind: 'tipDown',
    weightLb: 40,
    lbPerFt2: 5,
    priceCents: usd(1_650),
    centsPerFt2: usd(75),
    thickIn: 4,
    ratingLb: 250,
    outShare: 0.9,
    slidesIn: 2,
    downIn: 14,
  },
  {
    id: 'slide-board',
    name: 'Slide-out board, {250 lb}, both faces',
    kind: 'slideBoard',
    weightLb: 30,
    lbPerFt2: 5.5,
    priceCents: usd(1_250),
    centsPerFt2: usd(60),
    thickIn: 1.5,
    ratingLb: 250,
    outShare: 0.85,
    facesIn: 7,
  },
  {
    id: 'swing-board',
    name: 'Swing-out board, {200 lb}, both faces',
    kind: 'swingBoard',
    weightLb: 32,
    lbPerFt2: 5,
    priceCents: usd(1_380),
    centsPerFt2: usd(60),
    thickIn: 1.5,
    ratingLb: 200,
    outShare: 1,
    facesIn: 6,
  },
  {
    id: 'drawer',
    name: 'Drawer, {6 in} high, {150 lb}',
    kind: 'drawer',
    weightLb: 16,
    lbPerFt2: 4,
    priceCents: usd(420),
    centsPerFt2: usd(46),
    thickIn: 1,
    heightIn: 6,
    ratingLb: 150,
    outShare: 0.8,
    slidesIn: 1,
  },
  {
    id: 'drawer-deep',
    name: 'Drawer, {10 in} high, {200 lb}',
    kind: 'drawer',
    weightLb: 20,
    lbPerFt2: 4.5,
    priceCents: usd(480),
    centsPerFt2: usd(50),
    thickIn: 1,
    heightIn: 10,
    ratingLb: 200,
    outShare: 0.8,
    slidesIn: 1,
  },
  {
    id: 'divider',
    name: 'Divider, upright',
    kind: 'divider',
    weightLb: 2,
    lbPerFt2: 1.8,
    priceCents: usd(60),
    centsPerFt2: usd(18),
    thickIn: 0.25,
  },
  {
    id: 'tubes-three',
    name: 'Tubes for three cylinders',
    kind: 'tubes',
    weightLb: 14,
    lbPerFt2: 0,
    priceCents: usd(390),
    centsPerFt2: 0,
    thickIn: 0.5,
    lengthIn: 29,
    depthIn: 25,
    heightIn: 10,
    tubes: 3,
    ratingLb: 75,
  },
  {
    id: 'tubes-six',
    name: 'Tubes for six cylinders',
    kind: 'tubes',
    weightLb: 26,
    lbPerFt2: 0,
    priceCents: usd(680),
    centsPerFt2: 0,
    thickIn: 0.5,
    lengthIn: 29,
    depthIn: 25,
    heightIn: 19.5,
    tubes: 6,
    ratingLb: 150,
  },
  {
    id: 'saw-module',
    name: 'Saw module with drip pan',
    kind: 'module',
    weightLb: 18,
    lbPerFt2: 0,
    priceCents: usd(340),
    centsPerFt2: 0,
    thickIn: 1,
    lengthIn: 16,
    depthIn: 25,
    heightIn: 19,
    ratingLb: 90,
  },
  {
    id: 'charger',
    name: 'Charger for six batteries',
    kind: 'charger',
    weightLb: 14,
    lbPerFt2: 0,
    priceCents: usd(1_150),
    centsPerFt2: 0,
    thickIn: 0,
    lengthIn: 22,
    depthIn: 5,
    heightIn: 7,
    charges: 6,
  },
  {
    id: 'outlet',
    name: 'Outlet of shore power, two places',
    kind: 'outlet',
    weightLb: 2,
    lbPerFt2: 0,
    priceCents: usd(180),
    centsPerFt2: 0,
    thickIn: 0,
    lengthIn: 6,
    depthIn: 3,
    heightIn: 5,
    outlets: 2,
  },
  {
    id: 'vent',
    name: 'Louvers to the open air',
    kind: 'vent',
    weightLb: 2,
    lbPerFt2: 0,
    priceCents: usd(90),
    centsPerFt2: 0,
    thickIn: 0,
    lengthIn: 8,
    depthIn: 0.5,
    heightIn: 4,
  },
  {
    id: 'lock',
    name: 'Lock on the door',
    kind: 'lock',
    weightLb: 1,
    lbPerFt2: 0,
    priceCents: usd(140),
    centsPerFt2: 0,
    thickIn: 0,
    lengthIn: 3,
    depthIn: 0.5,
    heightIn: 3,
  },
];
