import { numbered } from '../build/index.js';
import type { Build, BuildType } from '../build/index.js';
import { allAssumed } from '../kernel/index.js';
import type { Choices } from '../kernel/index.js';
import type { EquipmentLine } from '../subjects/equipment/index.js';
import { house } from '../subjects/index.js';
import { startBrief } from '../subjects/brief/index.js';
import type { Brief, DistrictKind } from '../subjects/brief/index.js';
import { plainChoices } from './starter.js';

type Line = Omit<EquipmentLine, 'id'>;

const lines = (
  compartmentId: Line['compartmentId'],
  ...ids: (string | readonly [string, number])[]
): Line[] =>
  ids.map((id) =>
    typeof id === 'string'
      ? { partId: id, count: 1, compartmentId }
      : { partId: id[0], count: id[1], compartmentId },
  );

/** Lines of equipment as the block of a build. */
const kit = (...all: Line[]) => ({ lines: numbered('e', all) });

const OVER_THE_WHEEL = [['salvage-cover', 4], 'rope-set', 'high-rise-packs'] as const;
const structureFire = (overTheWheel: 'L1' | 'L2'): Line[] => [
  ...lines('cab', ['pack', 4], 'thermal-camera', 'hand-lights', 'portable-radios', 'gas-meter-4'),
  ...lines('L1', 'irons', 'axe-flat', 'forcible-kit', 'saw-rotary', 'saw-chain', 'nozzle-set'),
  ...lines('way', ['pike-pole-6', 2]),
  ...lines(overTheWheel, ...OVER_THE_WHEEL),
  ...lines('L3', 'hydrant-kit', 'adapters', 'gated-wye', 'spanners', 'cones', 'wheel-chocks'),
  ...lines('R1', 'medical-bag', 'oxygen-kit', 'defibrillator', ['spare-cylinder', 6]),
  ...lines('R3', 'water-extinguisher', 'dry-chemical', 'fan-battery', 'absorbent'),
];

const STRUCTURE_FIRE = structureFire('L2');

/** A folding tank hangs where the driver's side would be high: what rides over the wheel rides ahead of it. */
const RURAL_WATER: Line[] = [
  ...lines('R1', 'low-strainer'),
  ...lines('L3', 'jet-siphon'),
  ...lines('tank-rack', 'folding-tank'),
  ...lines('trough', 'hard-suction-2'),
  ...lines('R3', 'portable-pump'),
];
const TALL: Line[] = lines('L1', 'standpipe-kit', 'elevator-keys', 'search-rope', 'rapid-intervention-kit');
const LADDER_WORK: Line[] = [
  ...lines('cab', ['pack', 5], 'thermal-camera', 'hand-lights', 'portable-radios'),
  ...lines('L1', 'irons', 'axe-flat', 'axe-pick', 'sledge', 'saw-vent', 'saw-rotary', 'roof-ropes'),
  ...lines('L3', 'battery-cutter', 'battery-spreader', 'battery-ram', 'cribbing'),
  ...lines('R1', 'fan-electric', 'fan-battery', 'fan-duct', 'medical-bag', 'defibrillator'),
  ...lines('R3', ['salvage-cover', 8], 'floor-runner', 'water-vacuum', 'rope-set'),
  ...lines('R2', 'basket-stretcher'),
];
const GRASS: Line[] = [
  ...lines('L1', 'saw-chaps', 'drip-torch'),
  ...lines('L2', 'hand-tools', 'recovery-kit', 'light-suction'),
  ...lines('R2', 'backpack-pump', 'wildland-hose-pack'),
  ...lines('L3', 'tool-box', 'wildland-fittings'),
  ...lines('R3', 'saw-chain'),
  ...lines('cab', 'medical-bag', 'fire-shelters', 'drinking-water', 'portable-radios'),
];

const TEMPLATES: Record<BuildType, Record<DistrictKind, Choices>> = {
  pumper: {
    rural: {
      chassis: {
        partId: 'custom-medium',
        wheelbaseIn: 200,
        frontAxleId: 'front-20000',
        rearAxleId: 'rear-31000',
      },
      cab: { roofId: 'flat', crew: 6 },
      pump: { partId: 'midship-1250-side' },
      tank: { gallons: 1000, shapeId: 'tShape', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      equipment: kit(...structureFire('L1'), ...RURAL_WATER),
    },
    village: { foam: { partId: 'injection-a-small', gallons: 20 }, equipment: kit(...STRUCTURE_FIRE) },
    city: {
      chassis: {
        partId: 'custom-medium',
        wheelbaseIn: 200,
        frontAxleId: 'front-20000',
        rearAxleId: 'rear-27000',
      },
      cab: { roofId: 'raised-10', crew: 6 },
      pump: { partId: 'midship-1500-side' },
      tank: { gallons: 500, shapeId: 'rectangular', aftIn: 0 },
      body: { partId: 'body-aluminum', lengthIn: 168, doorsId: 'rollUp' },
      ladders: {
        mountId: 'tunnel',
        lines: numbered('l', [{ partId: 'extension-24' }, { partId: 'roof-14' }, { partId: 'attic-10' }]),
      },
      equipment: kit(...STRUCTURE_FIRE, ...TALL),
    },
    wildland: {
      pump: { partId: 'pto-1000' },
      tank: { gallons: 750, shapeId: 'lowWide', aftIn: 0 },
      foam: { partId: 'injection-a-large', gallons: 30 },
      hose: {
        loads: numbered('h', [
          { bedId: 'crosslay-1', partId: 'attack-1.75', lengthFt: 200 },
          { bedId: 'crosslay-2', partId: 'attack-1.75', lengthFt: 200 },
          { bedId: 'main-left', partId: 'attack-2.5', lengthFt: 800 },
          { bedId: 'main-right', partId: 'attack-1.5', lengthFt: 600 },
        ]),
      },
      equipment: kit(...STRUCTURE_FIRE, ...lines('L1', 'hand-tools'), ...lines('R3', 'portable-pump')),
    },
  },
  aerial: {
    rural: {
      device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' },
      equipment: kit(...LADDER_WORK),
    },
    village: {
      device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' },
      equipment: kit(...LADDER_WORK),
    },
    city: { equipment: kit(...LADDER_WORK) },
    wildland: {
      device: { partId: 'ladder-75-rear', outriggersId: 'two-pairs' },
      equipment: kit(...LADDER_WORK),
    },
  },
  brush: {
    rural: {
      bumper: { partId: 'brush-aluminum', lines: numbered('b', [{ partId: 'winch' }]) },
      tank: { gallons: 260, shapeId: 'skid', aftIn: 34 },
      equipment: kit(...GRASS),
    },
    village: { tank: { gallons: 250, shapeId: 'skid', aftIn: 34 }, equipment: kit(...GRASS) },
    city: { tank: { gallons: 200, shapeId: 'skid', aftIn: 34 }, equipment: kit(...GRASS) },
    wildland: {
      bumper: { partId: 'brush-aluminum', lines: numbered('b', [{ partId: 'winch' }]) },
      pump: { partId: 'skid-250' },
      tank: { gallons: 240, shapeId: 'skid', aftIn: 34 },
      foam: { partId: 'injection-a-small', gallons: 10 },
      equipment: kit(...GRASS),
    },
  },
};

/** Usual allowance for what is not itemized, percent. */
const UNLISTED_PCT = 5;

/** A sensible whole truck for a kind of district and its brief; every choice of it is marked as assumed. */
export const startBuild = (
  type: BuildType,
  kind: DistrictKind,
  name: string,
  departmentName: string,
  brief: Brief = startBrief(kind),
): Build =>
  allAssumed(
    house,
    house.build(
      { name, department: { name: departmentName }, type },
      {
        ...plainChoices(type),
        brief,
        ...structuredClone(TEMPLATES[type][kind]),
        money: { unlistedPct: UNLISTED_PCT },
      },
    ),
  );
