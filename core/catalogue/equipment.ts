import { usd } from './money.js';
import type { BuildType, Equipment, EquipmentGroup } from './types.js';

const ALL: BuildType[] = ['pumper', 'aerial', 'brush'];
const STRUCTURAL: BuildType[] = ['pumper', 'aerial'];
const BRUSH: BuildType[] = ['brush'];

const piece = (
  group: EquipmentGroup, id: string, name: string, weightLb: number, size: [number, number, number], dollars: number, types = ALL,
): Equipment => ({ group, id, name, weightLb, lengthIn: size[0], widthIn: size[1], heightIn: size[2], priceCents: usd(dollars), types });

/** Loose equipment: weight, then length, width and height in inches, then price. */
export const EQUIPMENT: Equipment[] = [
  piece('attack', 'nozzle-set', 'Nozzle set, spare', 28, [24, 14, 10], 1_900),
  piece('attack', 'portable-monitor', 'Portable monitor', 35, [28, 16, 18], 3_600, STRUCTURAL),
  piece('attack', 'high-rise-packs', 'High-rise hose packs, pair', 96, [30, 20, 12], 1_500, STRUCTURAL),
  piece('attack', 'water-extinguisher', 'Water extinguisher, 2½ gal', 30, [8, 8, 25], 160),
  piece('attack', 'dry-chemical', 'Dry chemical extinguisher, 20 lb', 33, [8, 8, 22], 190),
  piece('water supply', 'hydrant-kit', 'Hydrant kit', 25, [24, 12, 8], 640),
  piece('water supply', 'adapters', 'Adapters and wyes', 40, [24, 14, 10], 1_300),
  piece('water supply', 'folding-tank', 'Folding tank, 2,100 gal', 130, [120, 10, 32], 2_900),
  piece('water supply', 'low-strainer', 'Low-level strainer', 18, [20, 16, 12], 520),
  piece('water supply', 'portable-pump', 'Portable pump', 95, [26, 20, 22], 4_800),
  piece('water supply', 'hard-suction-2', 'Hard suction 6 in, two of 10 ft', 110, [122, 9, 18], 1_250, STRUCTURAL),
  piece('water supply', 'light-suction', 'Suction 2 in, two of 8 ft', 18, [98, 4, 8], 260, BRUSH),
  piece('forcible entry', 'irons', 'Irons, set', 19, [36, 10, 6], 420),
  piece('forcible entry', 'forcible-kit', 'Through-the-lock and bolt cutter kit', 38, [36, 14, 8], 780),
  piece('forcible entry', 'saw-rotary', 'Rotary saw', 32, [32, 14, 16], 1_850),
  piece('forcible entry', 'pike-pole-8', 'Pike pole, 8 ft', 7, [96, 4, 3], 130, STRUCTURAL),
  piece('ventilation', 'saw-chain', 'Chain saw with guard', 22, [36, 12, 13], 1_250),
  piece('ventilation', 'fan-battery', 'Battery fan', 55, [24, 14, 26], 5_200, STRUCTURAL),
  piece('ventilation', 'fan-petrol', 'Petrol fan', 90, [26, 22, 28], 3_400, STRUCTURAL),
  piece('rescue', 'battery-cutter', 'Battery cutter with spare battery', 73, [36, 12, 11], 13_500, STRUCTURAL),
  piece('rescue', 'battery-spreader', 'Battery spreader with spare battery', 73, [36, 12, 11], 13_900, STRUCTURAL),
  piece('rescue', 'battery-ram', 'Battery ram with spare battery', 68, [32, 12, 11], 11_800, STRUCTURAL),
  piece('rescue', 'cribbing', 'Cribbing set', 140, [40, 24, 20], 1_900, STRUCTURAL),
  piece('rescue', 'air-bags', 'Air-bag set', 120, [36, 30, 14], 8_900, STRUCTURAL),
  piece('rescue', 'rope-set', 'Rope rescue set', 45, [28, 18, 14], 2_600),
  piece('rescue', 'basket-stretcher', 'Basket stretcher', 28, [84, 24, 8], 890),
  piece('medical', 'medical-bag', 'Medical bag', 22, [24, 14, 14], 950),
  piece('medical', 'defibrillator', 'Defibrillator', 9, [12, 10, 5], 2_300),
  piece('breathing apparatus', 'pack', 'Breathing apparatus pack', 26, [24, 14, 10], 7_200, STRUCTURAL),
  piece('breathing apparatus', 'spare-cylinder', 'Spare air cylinder', 15, [22, 8, 8], 1_150, STRUCTURAL),
  piece('breathing apparatus', 'thermal-camera', 'Thermal camera', 3, [12, 6, 6], 6_400),
  piece('salvage and traffic', 'salvage-cover', 'Salvage cover', 16, [24, 18, 4], 210, STRUCTURAL),
  piece('salvage and traffic', 'cones', 'Traffic cones, set', 24, [14, 14, 30], 180),
  piece('salvage and traffic', 'generator-portable', 'Portable generator', 95, [24, 18, 20], 2_600),
  piece('salvage and traffic', 'absorbent', 'Absorbent, two bags', 80, [28, 16, 12], 60),
  piece('wildland', 'hand-tools', 'Wildland hand tools, set of eight', 44, [48, 14, 10], 620),
  piece('wildland', 'drip-torch', 'Drip torches, pair', 34, [14, 12, 22], 420, BRUSH),
  piece('wildland', 'backpack-pump', 'Backpack pumps, pair, full', 96, [22, 16, 22], 480, BRUSH),
  piece('wildland', 'wildland-hose-pack', 'Hose packs, 200 ft of 1 in, two', 58, [28, 20, 10], 760, BRUSH),
  piece('wildland', 'drinking-water', 'Drinking water and rations', 90, [30, 18, 14], 60),
  piece('wildland', 'recovery-kit', 'Recovery straps, blocks and boards', 85, [48, 14, 12], 740, BRUSH),
];
