import { usd } from './money.js';
import type { Hose } from './types.js';

const hose = (
  id: string, name: string, use: Hose['use'], sizeIn: number,
  lbPerFt: number, flatWidthIn: number, packedIn: number, sectionFt: number, dollarsPerFt: number,
): Hose => ({ id, name, use, sizeIn, lbPerFt, flatWidthIn, packedIn, sectionFt, priceCentsPerFt: usd(dollarsPerFt) });

/** Hose with couplings: lb/ft, flat width and packed double thickness in inches, section in feet. */
export const HOSES: Hose[] = [
  hose('forestry-1', '1 in forestry', 'forestry', 1, 0.13, 1.9, 0.15, 100, 1.6),
  hose('booster-1', '1 in booster on a reel', 'booster', 1, 0.6, 1.5, 1.5, 50, 5.5),
  hose('forestry-1.5', '1½ in forestry', 'forestry', 1.5, 0.19, 2.7, 0.18, 100, 2.1),
  hose('attack-1.5', '1½ in attack', 'attack', 1.5, 0.3, 2.8, 0.3, 50, 3.6),
  hose('attack-1.75', '1¾ in attack', 'attack', 1.75, 0.34, 3.1, 0.31, 50, 4),
  hose('attack-2', '2 in attack', 'attack', 2, 0.4, 3.5, 0.32, 50, 4.7),
  hose('attack-2.5', '2½ in attack', 'attack', 2.5, 0.52, 4.3, 0.35, 50, 5.6),
  hose('supply-3', '3 in supply', 'supply', 3, 0.66, 5.1, 0.38, 50, 6.6),
  hose('supply-4', '4 in supply', 'supply', 4, 0.78, 6.6, 0.38, 100, 7.9),
  hose('supply-5', '5 in supply', 'supply', 5, 1.08, 8.2, 0.42, 100, 9.6),
];
