import { cfm, gpm } from '../units/index.js';
import { usd } from './money.js';
import type { FoamSystem, Pump, TankShape } from './types.js';

/** Pump modules with plumbing, panel and house. */
export const PUMPS: Pump[] = [
  { id: 'midship-1250-side', name: `Midship ${gpm(1_250)}, side panel`, types: ['pumper', 'aerial'], ratedGpm: 1250, drive: 'midship', panel: 'side', pumpAndRoll: false, weightLb: 3_050, priceCents: usd(88_000), lengthIn: 48, heightIn: 66, centreZIn: 47, crosslays: 2 },
  { id: 'midship-1500-side', name: `Midship ${gpm(1_500)}, side panel`, types: ['pumper', 'aerial'], ratedGpm: 1500, drive: 'midship', panel: 'side', pumpAndRoll: false, weightLb: 3_350, priceCents: usd(97_000), lengthIn: 52, heightIn: 66, centreZIn: 47, crosslays: 3 },
  { id: 'midship-1500-top', name: `Midship ${gpm(1_500)}, enclosed top panel`, types: ['pumper'], ratedGpm: 1500, drive: 'midship', panel: 'top', pumpAndRoll: false, weightLb: 4_050, priceCents: usd(124_000), lengthIn: 78, heightIn: 72, centreZIn: 51, crosslays: 3 },
  { id: 'midship-2000-side', name: `Midship ${gpm(2_000)}, side panel`, types: ['pumper', 'aerial'], ratedGpm: 2000, drive: 'midship', panel: 'side', pumpAndRoll: false, weightLb: 3_800, priceCents: usd(112_000), lengthIn: 56, heightIn: 66, centreZIn: 47, crosslays: 3 },
  { id: 'pto-1000', name: `PTO ${gpm(1_000)}, compact side panel`, types: ['pumper', 'aerial'], ratedGpm: 1000, drive: 'pto', panel: 'side', pumpAndRoll: true, weightLb: 2_250, priceCents: usd(71_000), lengthIn: 40, heightIn: 62, centreZIn: 45, crosslays: 2 },
  { id: 'electric-1250', name: `Electric-drive ${gpm(1_250)} with battery`, types: ['pumper'], ratedGpm: 1250, drive: 'electric', panel: 'side', pumpAndRoll: true, weightLb: 4_600, priceCents: usd(189_000), lengthIn: 60, heightIn: 66, centreZIn: 45, crosslays: 2 },
  { id: 'skid-120', name: `Skid pump ${gpm(120)}, petrol engine`, types: ['brush'], ratedGpm: 120, drive: 'auxiliary', panel: 'skid', pumpAndRoll: true, weightLb: 320, priceCents: usd(10_900), lengthIn: 28, heightIn: 30, centreZIn: 15, crosslays: 0 },
  { id: 'skid-150', name: `Skid pump ${gpm(150)}, own engine`, types: ['brush'], ratedGpm: 150, drive: 'auxiliary', panel: 'skid', pumpAndRoll: true, weightLb: 340, priceCents: usd(12_500), lengthIn: 30, heightIn: 32, centreZIn: 16, crosslays: 0 },
  { id: 'skid-250', name: `Skid pump ${gpm(250)}, diesel engine`, types: ['brush'], ratedGpm: 250, drive: 'auxiliary', panel: 'skid', pumpAndRoll: true, weightLb: 540, priceCents: usd(19_700), lengthIn: 34, heightIn: 36, centreZIn: 17, crosslays: 0 },
  { id: 'skid-350', name: `Skid pump ${gpm(350)}, diesel engine`, types: ['brush'], ratedGpm: 350, drive: 'auxiliary', panel: 'skid', pumpAndRoll: true, weightLb: 690, priceCents: usd(24_800), lengthIn: 36, heightIn: 38, centreZIn: 18, crosslays: 0 },
  { id: 'pto-250', name: `PTO pump ${gpm(250)} behind the cab`, types: ['brush'], ratedGpm: 250, drive: 'pto', panel: 'skid', pumpAndRoll: true, weightLb: 480, priceCents: usd(22_400), lengthIn: 22, heightIn: 36, centreZIn: 13, crosslays: 0 },
  { id: 'pto-500', name: `PTO pump ${gpm(500)} behind the cab`, types: ['brush'], ratedGpm: 500, drive: 'pto', panel: 'skid', pumpAndRoll: true, weightLb: 820, priceCents: usd(31_500), lengthIn: 26, heightIn: 40, centreZIn: 14, crosslays: 0 },
];

/** Tank shapes; the length follows from the gallons. */
export const TANK_SHAPES: TankShape[] = [
  {
    id: 'rectangular', name: 'Rectangular', types: ['pumper', 'aerial'], words: 'One box between the compartments: keeps their full depth, raises the hose bed.',
    sections: [{ widthIn: 42, heightIn: 50, lengthShare: 1, lateralCells: 1 }], extraWeightPct: 0, priceCentsPerGal: usd(17),
  },
  {
    id: 'tShape', name: 'T-shaped', types: ['pumper'], words: 'Wide above, narrow below: shorter and further forward, takes depth from the high compartments.',
    sections: [{ widthIn: 38, heightIn: 24, lengthShare: 1, lateralCells: 1 }, { widthIn: 70, heightIn: 24, lengthShare: 1, lateralCells: 2 }], extraWeightPct: 6, priceCentsPerGal: usd(19),
  },
  {
    id: 'lShape', name: 'L-shaped', types: ['pumper'], words: 'High in front, low behind: lowers the back of the hose bed.',
    sections: [{ widthIn: 42, heightIn: 30, lengthShare: 1, lateralCells: 1 }, { widthIn: 42, heightIn: 26, lengthShare: 0.55, lateralCells: 1 }], extraWeightPct: 5, priceCentsPerGal: usd(19),
  },
  {
    id: 'tall', name: 'Tall and narrow', types: ['pumper'], words: 'Deep compartments on both sides; the highest hose bed and centre of gravity.',
    sections: [{ widthIn: 36, heightIn: 56, lengthShare: 1, lateralCells: 1 }], extraWeightPct: 3, priceCentsPerGal: usd(17),
  },
  {
    id: 'lowWide', name: 'Low and wide', types: ['pumper', 'aerial', 'brush'], words: 'Low centre of gravity and low hose bed; takes depth from the compartments beside it.',
    sections: [{ widthIn: 64, heightIn: 30, lengthShare: 1, lateralCells: 2 }], extraWeightPct: 8, priceCentsPerGal: usd(18),
  },
  {
    id: 'skid', name: 'Upright skid tank', types: ['brush'], words: 'Narrow and upright between the side boxes: short along the bed, higher centre of gravity.',
    sections: [{ widthIn: 46, heightIn: 38, lengthShare: 1, lateralCells: 1 }], extraWeightPct: 0, priceCentsPerGal: usd(16),
  },
];

/** Foam proportioning systems. */
export const FOAM_SYSTEMS: FoamSystem[] = [
  { id: 'eductor', name: 'Bypass eductor', types: ['pumper', 'aerial', 'brush'], foamClass: 'B', lbPerGal: 8.7, maxConcentrateGpm: 5.7, weightLb: 45, priceCents: usd(2_400) },
  { id: 'injection-a-small', name: `Direct injection, class A, ${gpm(2.5)}`, types: ['pumper', 'aerial', 'brush'], foamClass: 'A', lbPerGal: 8.6, maxConcentrateGpm: 2.5, weightLb: 95, priceCents: usd(9_800) },
  { id: 'injection-a-large', name: `Direct injection, class A, ${gpm(5)}`, types: ['pumper', 'aerial'], foamClass: 'A', lbPerGal: 8.6, maxConcentrateGpm: 5, weightLb: 150, priceCents: usd(14_600) },
  { id: 'injection-b', name: `Direct injection, class B, ${gpm(6)}`, types: ['pumper', 'aerial'], foamClass: 'B', lbPerGal: 8.7, maxConcentrateGpm: 6, weightLb: 175, priceCents: usd(18_900) },
  { id: 'compressed-air-60', name: `Compressed-air foam, class A, ${cfm(60)}`, types: ['brush'], foamClass: 'A', lbPerGal: 8.6, maxConcentrateGpm: 2, weightLb: 310, priceCents: usd(24_500) },
  { id: 'compressed-air-140', name: `Compressed-air foam, class A, ${cfm(140)}`, types: ['pumper'], foamClass: 'A', lbPerGal: 8.6, maxConcentrateGpm: 5, weightLb: 1_050, priceCents: usd(58_000) },
  { id: 'compressed-air-240', name: `Compressed-air foam, class A, ${cfm(240)}`, types: ['pumper'], foamClass: 'A', lbPerGal: 8.6, maxConcentrateGpm: 6.5, weightLb: 1_300, priceCents: usd(71_000) },
];
