import { usd } from '../../kernel/index.js';
import type { Origin } from '../../kernel/index.js';

export const FOAM_CLASSES = ['A', 'B'] as const;
export type FoamClass = (typeof FOAM_CLASSES)[number];

/** What is mixed into the water. Percent of the solution; lb and cents for each gallon. */
export interface Concentrate extends Origin {
  id: string;
  name: string;
  foamClass: FoamClass;
  /** What it is mixed at: usually, and between which it works. */
  usualPct: number;
  leastPct: number;
  mostPct: number;
  /** At a spill that mixes with water, such as alcohol; left out where it is not made for it. */
  alcoholPct?: number;
  lbPerGal: number;
  centsPerGal: number;
  /** Too thick for a proportioner that is not made for it. */
  thick?: true;
}

/** Foam concentrates by what they are for. */
export const CONCENTRATES: Concentrate[] = [
  {
    id: 'class-a',
    name: 'Class A, for wood, hay and grass',
    foamClass: 'A',
    usualPct: 0.5,
    leastPct: 0.1,
    mostPct: 1,
    lbPerGal: 8.6,
    centsPerGal: usd(19),
  },
  {
    id: 'class-b-1',
    name: 'Class B, fluorine-free, 1 percent',
    foamClass: 'B',
    usualPct: 1,
    leastPct: 1,
    mostPct: 1,
    lbPerGal: 8.7,
    centsPerGal: usd(58),
  },
  {
    id: 'class-b-3',
    name: 'Class B, fluorine-free, 3 percent',
    foamClass: 'B',
    usualPct: 3,
    leastPct: 3,
    mostPct: 3,
    lbPerGal: 8.7,
    centsPerGal: usd(34),
  },
  {
    id: 'class-b-alcohol',
    name: 'Class B, alcohol-resistant, 3 and 6 percent',
    foamClass: 'B',
    usualPct: 3,
    leastPct: 3,
    mostPct: 6,
    alcoholPct: 6,
    lbPerGal: 8.8,
    centsPerGal: usd(47),
    thick: true,
  },
  {
    id: 'class-b-alcohol-3',
    name: 'Class B, alcohol-resistant, 3 percent',
    foamClass: 'B',
    usualPct: 3,
    leastPct: 3,
    mostPct: 3,
    alcoholPct: 3,
    lbPerGal: 8.8,
    centsPerGal: usd(62),
    thick: true,
  },
];
