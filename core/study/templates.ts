import { starterBuild } from '../spec/index.js';
import type { BuildSpec, DistrictKind } from '../spec/index.js';
import type { BuildType } from '../catalogue/index.js';
import { allAssumed } from './assumed.js';

type Choices = Partial<Omit<BuildSpec, 'format' | 'version' | 'name' | 'department' | 'type'>>;
type Line = BuildSpec['equipment'][number];

const lines = (compartmentId: string, ...ids: (string | [string, number])[]): Line[] =>
  ids.map((id) => (typeof id === 'string' ? { partId: id, count: 1, compartmentId } : { partId: id[0], count: id[1], compartmentId }));

const STRUCTURE_FIRE: Line[] = [
  ...lines('cab', ['pack', 4], 'thermal-camera', 'hand-lights', 'portable-radios', 'gas-meter-4'),
  ...lines('L1', 'irons', 'axe-flat', 'forcible-kit', 'saw-rotary', ['pike-pole-6', 2], 'nozzle-set'),
  ...lines('L2', ['salvage-cover', 4], 'rope-set', 'high-rise-packs'),
  ...lines('L3', 'hydrant-kit', 'adapters', 'gated-wye', 'spanners', 'cones', 'wheel-chocks'),
  ...lines('R1', 'medical-bag', 'oxygen-kit', 'defibrillator', ['spare-cylinder', 6], 'saw-chain'),
  ...lines('R3', 'water-extinguisher', 'dry-chemical', 'fan-battery', 'absorbent'),
];

const RURAL_WATER: Line[] = [...lines('R2', 'low-strainer', 'jet-siphon'), ...lines('L3', 'folding-tank', 'hard-suction-2'), ...lines('R3', 'portable-pump')];
const TALL: Line[] = lines('L1', 'standpipe-kit', 'elevator-keys', 'search-rope', 'rapid-intervention-kit');
const LADDER_WORK: Line[] = [
  ...lines('cab', ['pack', 5], 'thermal-camera', 'hand-lights', 'portable-radios'),
  ...lines('L1', 'irons', 'axe-flat', 'axe-pick', 'sledge', 'saw-vent', 'saw-rotary', 'roof-ropes'), ...lines('L3', 'battery-cutter', 'battery-spreader', 'battery-ram', 'cribbing'),
  ...lines('R1', 'fan-electric', 'fan-battery', 'fan-duct', 'medical-bag', 'defibrillator'), ...lines('R3', ['salvage-cover', 8], 'floor-runner', 'water-vacuum', 'rope-set', 'basket-stretcher'),
];
const GRASS: Line[] = [
  ...lines('L1', 'hand-tools', 'saw-chain', 'saw-chaps'), ...lines('R1', 'drip-torch', 'backpack-pump', 'wildland-fittings'), ...lines('L3', 'recovery-kit', 'tool-box'),
  ...lines('R3', 'wildland-hose-pack', 'light-suction'), ...lines('cab', 'medical-bag', 'fire-shelters', 'drinking-water', 'portable-radios'),
];

const TEMPLATES: Record<BuildType, Record<DistrictKind, Choices>> = {
  pumper: {
    rural: {
      chassis: { partId: 'custom-medium', wheelbaseIn: 200, frontAxleId: 'front-20000', rearAxleId: 'rear-31000', roofId: 'flat', crew: 6 }, pumpId: 'midship-1250-side',
      tank: { gallons: 1000, shape: 'tShape', aftIn: 0 }, foam: { partId: 'injection-a-small', gallons: 20 }, equipment: [...STRUCTURE_FIRE, ...RURAL_WATER],
    },
    village: { foam: { partId: 'injection-a-small', gallons: 20 }, equipment: STRUCTURE_FIRE },
    city: {
      chassis: { partId: 'custom-medium', wheelbaseIn: 200, frontAxleId: 'front-20000', rearAxleId: 'rear-27000', roofId: 'raised-10', crew: 6 }, pumpId: 'midship-1500-side',
      tank: { gallons: 500, shape: 'rectangular', aftIn: 0 }, body: { partId: 'body-aluminium', lengthIn: 168, doors: 'rollUp' }, ladders: { mountId: 'tunnel', partIds: ['extension-24', 'roof-14', 'attic-10'] }, equipment: [...STRUCTURE_FIRE, ...TALL],
    },
    wildland: {
      pumpId: 'pto-1000', tank: { gallons: 750, shape: 'lowWide', aftIn: 0 }, foam: { partId: 'injection-a-large', gallons: 30 },
      hose: [
        { bedId: 'crosslay-1', hoseId: 'attack-1.75', lengthFt: 200 }, { bedId: 'crosslay-2', hoseId: 'attack-1.75', lengthFt: 200 },
        { bedId: 'main-left', hoseId: 'attack-2.5', lengthFt: 800 }, { bedId: 'main-right', hoseId: 'attack-1.5', lengthFt: 600 },
      ],
      equipment: [...STRUCTURE_FIRE, ...lines('L2', 'hand-tools'), ...lines('R3', 'portable-pump')],
    },
  },
  aerial: {
    rural: { device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' }, equipment: LADDER_WORK },
    village: { device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' }, equipment: LADDER_WORK },
    city: { equipment: LADDER_WORK },
    wildland: { device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' }, equipment: LADDER_WORK },
  },
  brush: {
    rural: { bumper: { partId: 'brush-aluminium', itemIds: ['winch'] }, tank: { gallons: 260, shape: 'skid', aftIn: 34 }, equipment: GRASS },
    village: { tank: { gallons: 250, shape: 'skid', aftIn: 34 }, equipment: GRASS },
    city: { tank: { gallons: 200, shape: 'skid', aftIn: 34 }, equipment: GRASS },
    wildland: { bumper: { partId: 'brush-aluminium', itemIds: ['winch'] }, pumpId: 'skid-250', tank: { gallons: 240, shape: 'skid', aftIn: 34 }, foam: { partId: 'injection-a-small', gallons: 10 }, equipment: GRASS },
  },
};

/** Usual allowance for what is not itemised, percent. */
const UNLISTED_PCT = 5;

/** A sensible whole truck for a kind of district; every choice of it is marked as assumed. */
export const startBuild = (type: BuildType, kind: DistrictKind, name: string, departmentName: string): BuildSpec =>
  allAssumed({ ...starterBuild(type, name, departmentName), ...structuredClone(TEMPLATES[type][kind]), money: { unlistedPct: UNLISTED_PCT } });
