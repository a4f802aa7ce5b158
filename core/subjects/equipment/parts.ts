import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Part } from '../../kernel/index.js';
import { traitsOf } from './traits.js';
import type { Need, Often } from './traits.js';

/** The disciplines of a crew's work, in the order in which lists have them. */
export const GROUPS = [
  'attack',
  'water supply',
  'forcible entry',
  'ventilation',
  'rescue',
  'rapid intervention',
  'medical',
  'breathing apparatus',
  'hazmat',
  'salvage and traffic',
  'wildland',
  'service',
] as const;
export type EquipmentGroup = (typeof GROUPS)[number];

export interface Equipment extends Part {
  group: EquipmentGroup;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  types: BuildType[];
  /** Water that a folding tank holds, gal. */
  foldingGal?: number;
  /** Suction hose with all its pieces, ft, and its size, in. */
  suctionFt?: number;
  suctionIn?: number;
  /** What a jet siphon brings from one folding tank to another, gpm. */
  siphonGpm?: number;
  /** A strainer at the end of the suction: the least water that it draws from, in. */
  strainerIn?: number;
  /** How often it is used; once a year where nothing is said. */
  often?: Often;
  /** What it asks of its place. */
  needs?: Need[];
  /** So many may stand on one another. */
  stacks?: number;
  /** It is round and goes into a tube. */
  tubed?: true;
}

const ALL: BuildType[] = ['pumper', 'aerial', 'brush'];
const STRUCTURAL: BuildType[] = ['pumper', 'aerial'];
const BRUSH: BuildType[] = ['brush'];

type Row = [
  id: string,
  name: string,
  weightLb: number,
  size: [lengthIn: number, widthIn: number, heightIn: number],
  dollars: number,
  types?: BuildType[],
];

/** What pieces for water supply do, by their ids. */
const SUPPLIES: Readonly<Record<string, Partial<Equipment>>> = {
  'folding-tank': { foldingGal: 2_100 },
  'folding-tank-large': { foldingGal: 3_000 },
  'folding-tank-small': { foldingGal: 1_000 },
  'hard-suction-1': { suctionIn: 6, suctionFt: 10 },
  'hard-suction-2': { suctionIn: 6, suctionFt: 20 },
  'light-suction': { suctionIn: 2, suctionFt: 16 },
  'jet-siphon': { siphonGpm: 500 },
  'low-strainer': { strainerIn: 2 },
  'barrel-strainer': { strainerIn: 24 },
  'floating-strainer': { strainerIn: 8 },
};

const group = (name: EquipmentGroup, rows: Row[]): Equipment[] =>
  rows.map(([id, title, weightLb, [lengthIn, widthIn, heightIn], dollars, types = ALL]) => ({
    group: name,
    id,
    name: title,
    weightLb,
    lengthIn,
    widthIn,
    heightIn,
    priceCents: usd(dollars),
    types,
    ...SUPPLIES[id],
    ...traitsOf(id),
  }));

/** Loose equipment by discipline: weight, then length, width and height in inches as it is stowed, then price. */
export const EQUIPMENT: Equipment[] = [
  ...group('attack', [
    ['nozzle-set', 'Nozzle set, spare', 28, [24, 14, 10], 1_900],
    ['nozzle-fog-150', 'Fog nozzle, {150 gpm}', 5, [11, 6, 6], 720],
    ['nozzle-smooth-175', 'Smooth-bore nozzle, {175 gpm}', 4, [9, 5, 5], 410],
    ['nozzle-fog-250', 'Fog nozzle, {250 gpm}, for {2.5 size} line', 7, [13, 7, 7], 890, STRUCTURAL],
    ['nozzle-piercing', 'Piercing nozzle', 14, [48, 5, 5], 640],
    ['nozzle-cellar', 'Cellar nozzle', 16, [22, 8, 8], 780, STRUCTURAL],
    ['nozzle-foam-low', 'Foam tube, low expansion', 9, [34, 6, 6], 560],
    ['nozzle-foam-medium', 'Foam tube, medium expansion', 17, [26, 14, 14], 690],
    ['portable-monitor', 'Portable monitor', 35, [28, 16, 18], 3_600, STRUCTURAL],
    ['blitz-monitor', 'Light ground monitor, {500 gpm}', 26, [26, 14, 12], 3_100],
    ['high-rise-packs', 'High-rise hose packs, pair', 96, [30, 20, 12], 1_500, STRUCTURAL],
    ['standpipe-kit', 'Standpipe kit', 34, [24, 16, 10], 1_250, STRUCTURAL],
    ['gated-wye', 'Gated wye, {2.5 size}', 11, [12, 12, 7], 420],
    ['water-thief', 'Water thief', 17, [15, 14, 8], 610, STRUCTURAL],
    ['hose-clamp', 'Hose clamp', 22, [26, 9, 9], 480],
    ['hose-roller', 'Hose roller and edge protector', 15, [20, 14, 8], 340, STRUCTURAL],
    ['hose-straps', 'Hose straps and rope tools, set', 8, [14, 10, 6], 160],
    ['water-extinguisher', 'Water extinguisher, {2.5 gal}', 30, [8, 8, 25], 160],
    ['dry-chemical', 'Dry chemical extinguisher', 33, [8, 8, 22], 190],
    ['carbon-dioxide', 'Carbon dioxide extinguisher', 42, [10, 10, 28], 380],
    ['foam-pails', 'Foam concentrate, four pails', 182, [26, 26, 16], 640],
  ]),
  ...group('water supply', [
    ['hydrant-kit', 'Hydrant kit', 25, [24, 12, 8], 640],
    ['adapters', 'Adapters and wyes', 40, [24, 14, 10], 1_300],
    ['hydrant-gate', 'Hydrant gate valve, {2.5 size}', 9, [10, 8, 8], 330],
    ['four-way-valve', 'Four-way hydrant valve', 62, [24, 20, 16], 2_900, STRUCTURAL],
    ['manifold', 'Large-diameter manifold', 58, [28, 22, 14], 2_700, STRUCTURAL],
    ['siamese', 'Clappered siamese', 26, [18, 16, 9], 880, STRUCTURAL],
    ['intake-valve', 'Piston intake valve', 42, [18, 16, 16], 1_900, STRUCTURAL],
    ['spanners', 'Spanner wrenches, rack of eight', 18, [16, 12, 5], 280],
    ['ldh-bridge', 'Hose bridges, pair', 74, [36, 24, 10], 820, STRUCTURAL],
    ['folding-tank', 'Folding tank, {2100 gal}', 130, [120, 10, 32], 2_900],
    ['folding-tank-large', 'Folding tank, {3000 gal}', 168, [132, 12, 36], 3_700, STRUCTURAL],
    ['folding-tank-small', 'Folding tank, {1000 gal}', 84, [96, 8, 30], 2_100],
    ['frame-rack', 'Frame rack for a folding tank', 120, [124, 12, 36], 4_200, STRUCTURAL],
    ['low-strainer', 'Low-level strainer', 18, [20, 16, 12], 520],
    ['barrel-strainer', 'Barrel strainer, {6 size}', 16, [24, 9, 9], 340],
    ['floating-strainer', 'Floating strainer', 28, [36, 22, 12], 890],
    ['jet-siphon', 'Jet siphon with {20 ft} of transfer line', 52, [40, 20, 12], 760],
    ['portable-pump', 'Portable pump', 95, [26, 20, 22], 4_800],
    ['floating-pump', 'Floating pump', 68, [34, 30, 16], 3_900],
    ['hard-suction-2', 'Hard suction {6 size}, two of {10 ft}', 110, [122, 9, 18], 1_250, STRUCTURAL],
    ['hard-suction-1', 'Hard suction {6 size}, one of {10 ft}', 55, [122, 9, 9], 640, STRUCTURAL],
    ['light-suction', 'Suction {2 size}, two of {8 ft}', 18, [98, 4, 8], 260, BRUSH],
    ['soft-suction', 'Soft suction {5 size}, {25 ft}', 36, [26, 26, 10], 560, STRUCTURAL],
    ['garden-hose-kit', 'Mop-up hose kit, {300 ft}', 34, [24, 18, 12], 290],
  ]),
  ...group('forcible entry', [
    ['irons', 'Irons, set', 19, [36, 10, 6], 420],
    ['axe-flat', 'Flat-head axe', 8, [36, 9, 3], 95],
    ['axe-pick', 'Pick-head axe', 8, [36, 11, 3], 95],
    ['sledge', 'Sledge hammer', 13, [34, 8, 5], 80],
    ['maul', 'Splitting maul', 10, [34, 8, 4], 85],
    ['closet-hook', 'Closet hook, {4 ft}', 5, [48, 5, 3], 110],
    ['pike-pole-6', 'Pike pole, {6 ft}', 6, [72, 4, 3], 115, STRUCTURAL],
    ['pike-pole-8', 'Pike pole, {8 ft}', 7, [96, 4, 3], 130, STRUCTURAL],
    ['pike-pole-12', 'Pike pole, {12 ft}', 10, [144, 4, 3], 155, STRUCTURAL],
    ['roof-hook', 'Steel roof hook, {6 ft}', 12, [72, 6, 3], 190, STRUCTURAL],
    ['bolt-cutters', 'Bolt cutters, {36 in}', 15, [36, 10, 4], 165],
    ['forcible-kit', 'Through-the-lock and bolt cutter kit', 38, [36, 14, 8], 780],
    ['door-opener', 'Hydraulic door opener', 22, [20, 14, 8], 2_300, STRUCTURAL],
    ['saw-rotary', 'Rotary saw', 32, [32, 14, 16], 1_850],
    ['saw-rotary-battery', 'Battery rotary saw with batteries', 34, [30, 14, 16], 3_200],
    ['saw-reciprocating', 'Reciprocating saw, battery', 15, [24, 12, 8], 640],
    ['saw-blades', 'Spare blades and chains', 24, [18, 18, 8], 720],
    ['glass-kit', 'Glass kit with cutter and covers', 11, [22, 12, 8], 360],
  ]),
  ...group('ventilation', [
    ['saw-chain', 'Chain saw with guard', 22, [36, 12, 13], 1_250],
    ['saw-vent', 'Ventilation saw with depth gauge', 25, [36, 13, 14], 2_100, STRUCTURAL],
    ['fan-battery', 'Battery fan', 55, [24, 14, 26], 5_200, STRUCTURAL],
    ['fan-gasoline', 'Gasoline fan', 90, [26, 22, 28], 3_400, STRUCTURAL],
    ['fan-electric', 'Electric smoke ejector', 48, [20, 18, 22], 2_300, STRUCTURAL],
    ['fan-duct', 'Fan duct, {25 ft}', 21, [26, 26, 12], 480, STRUCTURAL],
    ['door-curtain', 'Smoke curtain for doors', 17, [38, 9, 9], 1_150, STRUCTURAL],
    ['positive-pressure-kit', 'Pressure test and tape kit', 12, [22, 14, 10], 420, STRUCTURAL],
    ['fuel-cans', 'Fuel cans, pair, full', 38, [18, 10, 16], 120],
    ['roof-ropes', 'Roof anchor and rope bag', 19, [22, 14, 12], 540, STRUCTURAL],
    ['skylight-tools', 'Inspection and trench tools', 21, [48, 10, 6], 350, STRUCTURAL],
  ]),
  ...group('rescue', [
    ['battery-cutter', 'Battery cutter with spare battery', 73, [36, 12, 11], 13_500, STRUCTURAL],
    ['battery-spreader', 'Battery spreader with spare battery', 73, [36, 12, 11], 13_900, STRUCTURAL],
    ['battery-ram', 'Battery ram with spare battery', 68, [32, 12, 11], 11_800, STRUCTURAL],
    ['battery-combination', 'Battery combination tool', 54, [34, 11, 11], 12_900],
    ['hydraulic-power-unit', 'Hydraulic power unit, gasoline', 85, [22, 18, 20], 8_900, STRUCTURAL],
    ['hydraulic-spreader', 'Hydraulic spreader', 45, [34, 12, 10], 9_800, STRUCTURAL],
    ['hydraulic-cutter', 'Hydraulic cutter', 41, [32, 11, 10], 9_400, STRUCTURAL],
    ['hydraulic-hose', 'Hydraulic hose on a reel, {100 ft}', 66, [22, 20, 22], 3_800, STRUCTURAL],
    ['cribbing', 'Cribbing set', 140, [40, 24, 20], 1_900, STRUCTURAL],
    ['step-chocks', 'Step chocks, set of four', 42, [30, 18, 14], 720, STRUCTURAL],
    ['struts', 'Stabilizing struts, set of four', 124, [60, 16, 12], 7_600, STRUCTURAL],
    ['air-bags', 'Air-bag set', 120, [36, 30, 14], 8_900, STRUCTURAL],
    ['ratchet-straps', 'Ratchet straps and chains', 58, [22, 16, 12], 640],
    ['come-along', 'Hand winch, {4000 lb}', 46, [30, 12, 10], 480],
    ['jack-high', 'High-lift jack', 31, [50, 10, 6], 190],
    ['glass-cover', 'Sharps covers and airbag restraint', 16, [24, 16, 8], 690, STRUCTURAL],
    ['rope-set', 'Rope rescue set', 45, [28, 18, 14], 2_600],
    ['rope-200', 'Life-safety rope, {200 ft}, two bags', 30, [20, 14, 22], 780],
    ['harnesses', 'Rescue harnesses, four', 22, [20, 16, 14], 1_600],
    ['tripod', 'Rescue tripod', 62, [84, 10, 10], 2_900, STRUCTURAL],
    ['basket-stretcher', 'Basket stretcher', 28, [84, 24, 8], 890],
    ['stretcher-wheel', 'Wheel for a basket stretcher', 34, [36, 30, 12], 1_450],
    ['water-rescue', 'Water rescue set: vests, helmets, throw bags', 52, [34, 22, 20], 2_400],
    ['ice-sled', 'Ice rescue sled', 58, [86, 28, 12], 3_700, STRUCTURAL],
    ['elevator-keys', 'Elevator keys and tools', 7, [14, 10, 5], 320, STRUCTURAL],
  ]),
  ...group('rapid intervention', [
    ['rapid-intervention-kit', 'Rapid intervention kit', 48, [34, 18, 14], 4_300, STRUCTURAL],
    ['search-rope', 'Search rope, {200 ft}', 14, [16, 12, 12], 420, STRUCTURAL],
  ]),
  ...group('medical', [
    ['medical-bag', 'Medical bag', 22, [24, 14, 14], 950],
    ['trauma-bag', 'Trauma bag', 17, [20, 14, 12], 780],
    ['oxygen-kit', 'Oxygen kit', 19, [26, 10, 10], 690],
    ['defibrillator', 'Defibrillator', 9, [12, 10, 5], 2_300],
    ['monitor-defibrillator', 'Monitor with defibrillator', 21, [16, 12, 12], 28_000],
    ['airway-kit', 'Airway kit', 14, [20, 12, 10], 1_100],
    ['burn-kit', 'Burn kit', 9, [16, 12, 10], 340],
    ['splint-kit', 'Splints and collars', 16, [36, 14, 10], 480],
    ['backboard', 'Long board with straps', 18, [74, 17, 4], 310],
    ['blankets', 'Blankets, eight', 24, [24, 18, 16], 190],
    ['infection-kit', 'Gloves, gowns and disinfectant', 15, [20, 16, 14], 220],
  ]),
  ...group('breathing apparatus', [
    ['pack', 'Breathing apparatus pack', 26, [24, 14, 10], 7_200, STRUCTURAL],
    ['spare-cylinder', 'Spare air cylinder', 15, [22, 8, 8], 1_150, STRUCTURAL],
    ['spare-cylinder-long', 'Spare air cylinder, long duration', 19, [24, 9, 9], 1_500, STRUCTURAL],
    ['air-line-set', 'Air-line set, {200 ft}', 74, [30, 24, 20], 6_900, STRUCTURAL],
    ['escape-hoods', 'Escape hoods, four', 18, [20, 16, 12], 1_900, STRUCTURAL],
    ['spare-masks', 'Spare masks, four', 11, [22, 16, 10], 1_700, STRUCTURAL],
    ['thermal-camera', 'Thermal camera', 3, [12, 6, 6], 6_400],
    ['accountability-board', 'Accountability board and timers', 8, [22, 16, 3], 540],
    ['portable-radios', 'Portable radios, six with chargers', 13, [18, 14, 10], 9_800],
    ['hand-lights', 'Hand lights, six with chargers', 24, [26, 12, 10], 1_150],
    ['scene-lights', 'Battery scene lights, pair', 46, [22, 20, 24], 3_900],
  ]),
  ...group('hazmat', [
    ['gas-meter-4', 'Gas meter, four gases', 3, [10, 6, 5], 1_400],
    ['gas-meter-voc', 'Vapor meter', 5, [14, 8, 6], 4_600, STRUCTURAL],
    ['radiation-meter', 'Radiation meter', 4, [12, 8, 6], 1_300, STRUCTURAL],
    ['absorbent', 'Absorbent, two bags', 80, [28, 16, 12], 60],
    ['booms', 'Absorbent booms and pads', 38, [40, 20, 16], 420],
    ['plug-kit', 'Plug and patch kit', 33, [24, 16, 12], 860],
    ['chemical-suits', 'Chemical suits, four', 27, [24, 18, 16], 980, STRUCTURAL],
    ['decontamination', 'Decontamination kit with pool', 46, [30, 24, 18], 920],
    ['gross-decon', 'Wash-down kit for crews', 18, [22, 16, 12], 340],
    ['drum', 'Overpack drum, nested', 44, [24, 24, 36], 310, STRUCTURAL],
    ['non-spark-tools', 'Non-sparking tools', 26, [24, 14, 6], 1_250, STRUCTURAL],
  ]),
  ...group('salvage and traffic', [
    ['salvage-cover', 'Salvage cover', 16, [24, 18, 4], 210, STRUCTURAL],
    ['floor-runner', 'Floor runner', 9, [30, 8, 8], 140, STRUCTURAL],
    ['water-vacuum', 'Water vacuum', 34, [22, 20, 30], 890, STRUCTURAL],
    ['submersible-pump', 'Submersible pump with hose', 58, [26, 18, 18], 1_650, STRUCTURAL],
    ['squeegees', 'Squeegees, brooms and shovels', 32, [60, 12, 8], 260],
    ['plastic-sheet', 'Plastic sheet, staples and tape', 27, [38, 9, 9], 180],
    ['sprinkler-kit', 'Sprinkler stop kit', 12, [18, 12, 6], 290, STRUCTURAL],
    ['cones', 'Traffic cones, set', 24, [14, 14, 30], 180],
    ['road-signs', 'Folding road signs, three', 48, [50, 10, 10], 690],
    ['flares', 'Electronic road flares, case', 9, [14, 12, 6], 420],
    ['traffic-vests', 'Traffic vests and wands', 11, [20, 14, 8], 310],
    ['barrier-tape', 'Barrier tape and stakes', 13, [26, 12, 8], 70],
    ['wheel-chocks', 'Wheel chocks, pair', 32, [18, 10, 10], 380],
    ['generator-portable', 'Portable generator', 95, [24, 18, 20], 2_600],
    ['cord-reel', 'Electric cord reel, {200 ft}', 68, [20, 18, 20], 1_350],
    ['junction-boxes', 'Junction boxes and adapters', 22, [18, 14, 8], 460],
    ['tripod-lights', 'Lights on tripods, pair', 44, [48, 14, 12], 1_250],
    ['step-ladder', 'Step ladder, {6 ft}', 22, [74, 20, 5], 190],
  ]),
  ...group('wildland', [
    ['hand-tools', 'Wildland hand tools, set of eight', 44, [48, 14, 10], 620],
    ['fire-rakes', 'Fire rakes, four', 24, [60, 14, 6], 280],
    ['flappers', 'Fire flappers, four', 22, [60, 16, 6], 260],
    ['leaf-blower', 'Leaf blower', 24, [40, 14, 16], 640],
    ['brush-cutter', 'Brush cutter', 21, [70, 14, 12], 890],
    ['drip-torch', 'Drip torches, pair', 34, [14, 12, 22], 420, BRUSH],
    ['backpack-pump', 'Backpack pumps, pair, full', 96, [22, 16, 22], 480, BRUSH],
    ['wildland-hose-pack', 'Hose packs, {200 ft} of {1 size}, two', 58, [28, 20, 10], 760, BRUSH],
    ['wildland-hose-pack-large', 'Hose packs, {200 ft} of {1.5 size}, two', 82, [30, 22, 12], 890],
    ['wildland-fittings', 'Forestry fittings and nozzles', 26, [22, 14, 8], 940],
    ['mark-pump', 'High-pressure portable pump', 58, [22, 16, 18], 5_200, BRUSH],
    ['fire-shelters', 'Fire shelters, four', 19, [18, 14, 10], 1_700],
    ['drinking-water', 'Drinking water and rations', 90, [30, 18, 14], 60],
    ['recovery-kit', 'Recovery straps, blocks and boards', 85, [48, 14, 12], 740, BRUSH],
    ['weather-kit', 'Weather kit', 3, [10, 6, 4], 240],
    ['saw-chaps', 'Saw chaps, wedges and tools', 21, [22, 16, 12], 390],
    ['falling-axe', 'Falling axe and wedges', 11, [36, 10, 5], 140],
  ]),
  ...group('service', [
    ['tool-box', 'Mechanic’s tool box', 58, [26, 12, 12], 680],
    ['battery-charger-bank', 'Battery charger bank', 28, [24, 16, 10], 2_900, STRUCTURAL],
    ['spare-batteries', 'Spare tool batteries, six', 25, [20, 14, 8], 2_100],
    ['air-compressor', 'Small air compressor with hose', 34, [20, 14, 14], 520],
    ['tire-kit', 'Tire chains, single set', 118, [30, 18, 12], 690],
    ['drone', 'Drone in its case', 24, [26, 20, 14], 9_400],
    ['command-tablet', 'Command tablet and mount', 5, [14, 10, 3], 1_900],
    ['map-case', 'Maps, pre-plans and forms', 10, [18, 14, 6], 120],
    ['rehab-kit', 'Rest area kit: chairs, shade, cooler', 64, [48, 22, 18], 480],
    ['other-piece', 'Piece that the catalog does not have', 10, [18, 12, 8], 100],
  ]),
];
