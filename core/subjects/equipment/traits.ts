import type { Equipment } from './parts.js';

/** How often a crew reaches for a piece, most often first. */
export const OFTEN = ['everyRun', 'weekly', 'monthly', 'yearly'] as const;
export type Often = (typeof OFTEN)[number];
export const OFTEN_NAMES: Record<Often, string> = {
  everyRun: 'Every run',
  weekly: 'Weekly',
  monthly: 'Monthly',
  yearly: 'Yearly',
};

/** What a piece asks of the place in which it rides. */
export const NEEDS = [
  'charged',
  'upright',
  'vented',
  'away',
  'clean',
  'dirty',
  'locked',
  'twoPerson',
  'fromGround',
  'curbSide',
] as const;
export type Need = (typeof NEEDS)[number];
export const NEED_NAMES: Record<Need, string> = {
  charged: 'Charged on the truck',
  upright: 'Kept upright',
  vented: 'A vented compartment',
  away: 'Away from breathing and medical gear',
  clean: 'Kept clean',
  dirty: 'Comes back dirty',
  locked: 'Under lock',
  twoPerson: 'Two lift it',
  fromGround: 'Reached from the ground',
  curbSide: 'On the officer’s side',
};

/** Pieces by how often they are used; what is in none of these lists is used about once a year. */
const USED: Readonly<Record<Exclude<Often, 'yearly'>, readonly string[]>> = {
  everyRun: [
    ...['pack', 'medical-bag', 'defibrillator', 'thermal-camera', 'portable-radios', 'hand-lights', 'irons'],
    ...['gas-meter-4', 'infection-kit', 'accountability-board', 'command-tablet', 'map-case', 'cones'],
    ...['traffic-vests', 'wheel-chocks', 'oxygen-kit'],
  ],
  weekly: [
    ...['nozzle-fog-150', 'nozzle-smooth-175', 'gated-wye', 'hydrant-kit', 'adapters', 'spanners'],
    ...[
      'water-extinguisher',
      'axe-flat',
      'closet-hook',
      'pike-pole-6',
      'pike-pole-8',
      'saw-chain',
      'fan-battery',
    ],
    ...['battery-combination', 'trauma-bag', 'airway-kit', 'blankets', 'spare-cylinder', 'spare-masks'],
    ...['scene-lights', 'absorbent', 'squeegees', 'flares', 'barrier-tape', 'drinking-water', 'hand-tools'],
    ...['spare-batteries', 'tool-box', 'gross-decon', 'high-rise-packs', 'monitor-defibrillator'],
  ],
  monthly: [
    ...[
      'nozzle-set',
      'nozzle-fog-250',
      'standpipe-kit',
      'hose-clamp',
      'hose-straps',
      'dry-chemical',
      'siamese',
    ],
    ...[
      'hydrant-gate',
      'intake-valve',
      'ldh-bridge',
      'low-strainer',
      'folding-tank',
      'portable-pump',
      'soft-suction',
    ],
    ...[
      'hard-suction-1',
      'hard-suction-2',
      'axe-pick',
      'sledge',
      'pike-pole-12',
      'roof-hook',
      'bolt-cutters',
    ],
    ...['forcible-kit', 'saw-rotary', 'saw-rotary-battery', 'saw-reciprocating', 'saw-vent', 'fan-gasoline'],
    ...[
      'fuel-cans',
      'battery-cutter',
      'battery-spreader',
      'battery-ram',
      'cribbing',
      'step-chocks',
      'glass-cover',
    ],
    ...[
      'hydraulic-power-unit',
      'hydraulic-spreader',
      'hydraulic-cutter',
      'hydraulic-hose',
      'rope-set',
      'rope-200',
    ],
    ...['rapid-intervention-kit', 'search-rope', 'splint-kit', 'backboard', 'elevator-keys', 'salvage-cover'],
    ...['floor-runner', 'water-vacuum', 'plastic-sheet', 'sprinkler-kit', 'generator-portable', 'cord-reel'],
    ...[
      'tripod-lights',
      'step-ladder',
      'gas-meter-voc',
      'booms',
      'leaf-blower',
      'drip-torch',
      'backpack-pump',
    ],
    ...[
      'wildland-hose-pack',
      'wildland-fittings',
      'battery-charger-bank',
      'rehab-kit',
      'drone',
      'basket-stretcher',
    ],
  ],
};

/** What each piece asks of its place. */
const ASKED: Readonly<Record<Need, readonly string[]>> = {
  charged: [
    ...['portable-radios', 'hand-lights', 'scene-lights', 'thermal-camera', 'defibrillator', 'fan-battery'],
    ...['monitor-defibrillator', 'battery-cutter', 'battery-spreader', 'battery-ram', 'battery-combination'],
    ...[
      'saw-rotary-battery',
      'saw-reciprocating',
      'spare-batteries',
      'gas-meter-4',
      'gas-meter-voc',
      'drone',
    ],
    ...['battery-charger-bank', 'command-tablet', 'flares'],
  ],
  upright: [
    ...[
      'water-extinguisher',
      'dry-chemical',
      'carbon-dioxide',
      'foam-pails',
      'portable-pump',
      'floating-pump',
    ],
    ...[
      'fuel-cans',
      'fan-gasoline',
      'hydraulic-power-unit',
      'generator-portable',
      'drip-torch',
      'backpack-pump',
    ],
    ...[
      'mark-pump',
      'saw-chain',
      'saw-vent',
      'saw-rotary',
      'water-vacuum',
      'leaf-blower',
      'brush-cutter',
      'drum',
    ],
  ],
  vented: [
    ...[
      'fuel-cans',
      'generator-portable',
      'portable-pump',
      'hydraulic-power-unit',
      'fan-gasoline',
      'drip-torch',
    ],
    ...['mark-pump', 'floating-pump'],
  ],
  away: [
    ...['fuel-cans', 'drip-torch', 'generator-portable', 'portable-pump', 'floating-pump', 'fan-gasoline'],
    ...[
      'hydraulic-power-unit',
      'saw-chain',
      'saw-vent',
      'saw-rotary',
      'mark-pump',
      'leaf-blower',
      'brush-cutter',
    ],
    ...['gross-decon', 'decontamination'],
  ],
  clean: [
    ...[
      'pack',
      'spare-cylinder',
      'spare-cylinder-long',
      'spare-masks',
      'escape-hoods',
      'air-line-set',
      'medical-bag',
    ],
    ...[
      'trauma-bag',
      'oxygen-kit',
      'defibrillator',
      'monitor-defibrillator',
      'airway-kit',
      'burn-kit',
      'splint-kit',
    ],
    ...['blankets', 'infection-kit', 'backboard', 'chemical-suits', 'drinking-water', 'rehab-kit'],
  ],
  dirty: ['gross-decon', 'decontamination', 'drum'],
  locked: ['monitor-defibrillator', 'drone', 'elevator-keys'],
  twoPerson: [
    ...[
      'folding-tank',
      'folding-tank-large',
      'folding-tank-small',
      'frame-rack',
      'foam-pails',
      'portable-pump',
    ],
    ...[
      'fan-gasoline',
      'hydraulic-power-unit',
      'cribbing',
      'air-bags',
      'struts',
      'generator-portable',
      'tire-kit',
    ],
    ...['hard-suction-2', 'drum'],
  ],
  fromGround: [
    'portable-pump',
    'fan-gasoline',
    'hydraulic-power-unit',
    'generator-portable',
    'cribbing',
    'air-bags',
  ],
  curbSide: ['medical-bag', 'defibrillator', 'monitor-defibrillator', 'oxygen-kit', 'trauma-bag'],
};

/** So many of a piece may stand on one another; one alone where nothing is said. */
const STACKS: Readonly<Record<string, number>> = {
  'salvage-cover': 5,
  'floor-runner': 3,
  'spare-cylinder': 3,
  'spare-cylinder-long': 3,
  adapters: 2,
  blankets: 2,
  absorbent: 2,
  'wildland-hose-pack': 2,
  'high-rise-packs': 2,
  'ldh-bridge': 2,
  'road-signs': 2,
  cribbing: 2,
};

/** What goes into a tube that is made for it. */
const TUBED: ReadonlySet<string> = new Set(['spare-cylinder', 'spare-cylinder-long']);

/** How a piece of the catalog is used and kept; nothing for what is used once a year and asks for nothing. */
export function traitsOf(id: string): Pick<Equipment, 'often' | 'needs' | 'stacks' | 'tubed'> {
  const named = (ids: readonly string[]) => ids.includes(id);
  const often = OFTEN.find((each) => each !== 'yearly' && named(USED[each]));
  const needs = NEEDS.filter((need) => named(ASKED[need]));
  return {
    ...(often ? { often } : {}),
    ...(needs.length > 0 ? { needs } : {}),
    ...(STACKS[id] ? { stacks: STACKS[id] } : {}),
    ...(TUBED.has(id) ? { tubed: true as const } : {}),
  };
}
