import { usd } from '../../kernel/index.js';
import type { Origin } from '../../kernel/index.js';
import { hoseSize } from '../../units/index.js';

export interface Hose extends Origin {
  id: string;
  name: string;
  sizeIn: number;
  use: 'attack' | 'supply' | 'forestry' | 'booster';
  lbPerFt: number;
  flatWidthIn: number;
  packedIn: number;
  sectionFt: number;
  /** Diameter of its couplings; hose on a reel has none in a bed. */
  couplingIn?: number;
  priceCentsPerFt: number;
}

/** A coupling whose diameter nobody states is so much wider than its hose, in. */
const AROUND_HOSE = { times: 1.2, plusIn: 1 };
/** The diameter of a hose's couplings, in: the part's, or what is usual for its size. */
export const couplingOf = ({ couplingIn, sizeIn }: Pick<Hose, 'couplingIn' | 'sizeIn'>): number =>
  couplingIn ?? AROUND_HOSE.times * sizeIn + AROUND_HOSE.plusIn;

const hose = (
  id: string,
  kind: string,
  use: Hose['use'],
  sizeIn: number,
  lbPerFt: number,
  flatWidthIn: number,
  packedIn: number,
  sectionFt: number,
  couplingIn: number | undefined,
  dollarsPerFt: number,
): Hose => ({
  id,
  name: `${hoseSize(sizeIn)} ${kind}`,
  use,
  sizeIn,
  lbPerFt,
  flatWidthIn,
  packedIn,
  sectionFt,
  ...(couplingIn === undefined ? {} : { couplingIn }),
  priceCentsPerFt: usd(dollarsPerFt),
});

/** Hose with couplings: lb/ft, flat width and packed double thickness in inches, section in feet, couplings in inches. */
export const HOSES: Hose[] = [
  hose('forestry-1', 'forestry', 'forestry', 1, 0.13, 1.9, 0.15, 100, 1.8, 1.6),
  hose('booster-1', 'booster on a reel', 'booster', 1, 0.6, 1.5, 1.5, 50, undefined, 5.5),
  hose('forestry-1.5', 'forestry', 'forestry', 1.5, 0.19, 2.7, 0.18, 100, 2.5, 2.1),
  hose('attack-1.5', 'attack', 'attack', 1.5, 0.3, 2.8, 0.3, 50, 2.6, 3.6),
  hose('attack-1.75', 'attack', 'attack', 1.75, 0.34, 3.1, 0.31, 50, 3, 4),
  hose('attack-2', 'attack', 'attack', 2, 0.4, 3.5, 0.32, 50, 3.3, 4.7),
  hose('attack-2.5', 'attack', 'attack', 2.5, 0.52, 4.3, 0.35, 50, 4.1, 5.6),
  hose('attack-2.5-light', 'attack, lightweight', 'attack', 2.5, 0.44, 4.2, 0.3, 50, 4.1, 6.4),
  hose('supply-3', 'supply', 'supply', 3, 0.66, 5.1, 0.38, 50, 4.8, 6.6),
  hose('supply-4', 'supply', 'supply', 4, 0.78, 6.6, 0.38, 100, 6, 7.9),
  hose('supply-5', 'supply', 'supply', 5, 1.08, 8.2, 0.42, 100, 7, 9.6),
  hose('supply-5-light', 'supply, lightweight', 'supply', 5, 0.94, 8.1, 0.36, 100, 7, 10.8),
];
