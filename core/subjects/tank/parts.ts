import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';

/** Cross-section of a tank shape; its length follows from the gallons. */
export interface TankShape {
  id: string;
  name: string;
  types: BuildType[];
  words: string;
  /** From the bottom up. `lengthShare` is of the longest part, counted from the front. */
  sections: { widthIn: number; heightIn: number; lengthShare: number; lateralCells: number }[];
  /** Added to the empty weight of a plain tank, percent. */
  extraWeightPct: number;
  priceCentsPerGal: number;
}

/** Tank shapes; the length follows from the gallons. */
export const TANK_SHAPES: TankShape[] = [
  {
    id: 'rectangular',
    name: 'Rectangular',
    types: ['pumper', 'aerial'],
    words: 'One box between the compartments: keeps their full depth, raises the hose bed.',
    sections: [{ widthIn: 42, heightIn: 50, lengthShare: 1, lateralCells: 1 }],
    extraWeightPct: 0,
    priceCentsPerGal: usd(17),
  },
  {
    id: 'tShape',
    name: 'T-shaped',
    types: ['pumper'],
    words: 'Wide above, narrow below: shorter and further forward, takes depth from the high compartments.',
    sections: [
      { widthIn: 38, heightIn: 24, lengthShare: 1, lateralCells: 1 },
      { widthIn: 66, heightIn: 25, lengthShare: 1, lateralCells: 2 },
    ],
    extraWeightPct: 6,
    priceCentsPerGal: usd(19),
  },
  {
    id: 'lowT',
    name: 'Low T-shaped',
    types: ['pumper'],
    words:
      'Wide from just over the tires up: much water low down; takes depth from the compartments beside it.',
    sections: [
      { widthIn: 40, heightIn: 10, lengthShare: 1, lateralCells: 1 },
      { widthIn: 66, heightIn: 34, lengthShare: 1, lateralCells: 2 },
    ],
    extraWeightPct: 7,
    priceCentsPerGal: usd(19),
  },
  {
    id: 'lShape',
    name: 'L-shaped',
    types: ['pumper'],
    words: 'High in front, low behind: lowers the rear of the hose bed.',
    sections: [
      { widthIn: 42, heightIn: 30, lengthShare: 1, lateralCells: 1 },
      { widthIn: 42, heightIn: 26, lengthShare: 0.55, lateralCells: 1 },
    ],
    extraWeightPct: 5,
    priceCentsPerGal: usd(19),
  },
  {
    id: 'tall',
    name: 'Tall and narrow',
    types: ['pumper'],
    words: 'Deep compartments on both sides; the highest hose bed and center of gravity.',
    sections: [{ widthIn: 36, heightIn: 56, lengthShare: 1, lateralCells: 1 }],
    extraWeightPct: 3,
    priceCentsPerGal: usd(17),
  },
  {
    id: 'lowWide',
    name: 'Low and wide',
    types: ['pumper', 'aerial', 'brush'],
    words: 'Low center of gravity and low hose bed; takes depth from the compartments beside it.',
    sections: [{ widthIn: 64, heightIn: 30, lengthShare: 1, lateralCells: 2 }],
    extraWeightPct: 8,
    priceCentsPerGal: usd(18),
  },
  {
    id: 'lowRectangular',
    name: 'Low rectangular',
    types: ['pumper'],
    words: 'For a light chassis: a low hose bed between shallow compartments; longer for its water.',
    sections: [{ widthIn: 38, heightIn: 39, lengthShare: 1, lateralCells: 1 }],
    extraWeightPct: 2,
    priceCentsPerGal: usd(18),
  },
  {
    id: 'lowSkid',
    name: 'Low skid tank',
    types: ['brush'],
    words: 'As wide as goes between the tires and low: the lowest water on an open bed, longer along it.',
    sections: [{ widthIn: 54, heightIn: 22, lengthShare: 1, lateralCells: 2 }],
    extraWeightPct: 4,
    priceCentsPerGal: usd(17),
  },
  {
    id: 'skid',
    name: 'Upright skid tank',
    types: ['brush'],
    words: 'Narrow and upright between the side boxes: short along the bed, higher center of gravity.',
    sections: [{ widthIn: 46, heightIn: 38, lengthShare: 1, lateralCells: 1 }],
    extraWeightPct: 0,
    priceCentsPerGal: usd(16),
  },
];
