import { numbered } from '../build/index.js';
import type { Build, BuildType } from '../build/index.js';
import type { Choices } from '../kernel/index.js';
import type { FittingPlace } from '../subjects/fittings/index.js';
import { carried, loaded } from '../demonstration/index.js';
import { house } from '../subjects/index.js';

/** What finished trucks of a kind usually come to (formulas: usual trucks): in and lb. */
export interface UsualKind {
  id: string;
  kind: string;
  build: Build;
  wheelbaseIn: Range;
  lengthIn: Range;
  heightIn: Range;
  frontLb: Range;
  rearLb: Range;
  grossLb: Range;
  cgIn?: Range;
  tiltDeg?: Range;
}
export type Range = readonly [least: number, most: number];

const ft = (feet: number, inches = 0) => feet * 12 + inches;

/** Fittings, each where it usually stands or where it is said. */
const fitted = (...fittings: (string | [partId: string, at: FittingPlace])[]) => ({
  lines: numbered(
    'f',
    fittings.map((of) => (typeof of === 'string' ? { partId: of } : { partId: of[0], at: of[1] })),
  ),
});
/** Packs in the seats, with what else rides with the crew; the allowance stands for the rest of the gear. */
const packs = (count: number) => ({
  lines: numbered('e', [
    { partId: 'pack', count, compartmentId: 'cab' as const },
    { partId: 'medical-bag', count: 1, compartmentId: 'cab' as const },
    { partId: 'thermal-camera', count: 1, compartmentId: 'cab' as const },
  ]),
});
/** What rides with the crew of a brush truck. */
const IN_THE_CAB = numbered(
  'e',
  (['drinking-water', 'medical-bag', 'fire-shelters', 'portable-radios'] as const).map((partId) => ({
    partId,
    count: 1,
    compartmentId: 'cab',
  })),
);
/** The gear of a light brush truck: what is heavy rides low, under the deck. */
const GRASS_GEAR = {
  lines: numbered(
    'e',
    (
      [
        ['tool-box', 'L1'],
        ['adapters', 'L1'],
        ['wheel-chocks', 'L1'],
        ['mark-pump', 'R1'],
        ['drip-torch', 'L3'],
        ['water-extinguisher', 'R1'],
        ['fuel-cans', 'R3'],
        ['recovery-kit', 'L2'],
        ['tire-kit', 'L2'],
        ['jack-high', 'L2'],
        ['wildland-hose-pack', 'L2'],
        ['backpack-pump', 'R2'],
        ['wildland-hose-pack-large', 'R2'],
        ['hand-tools', 'R2'],
        ['saw-chain', 'R2'],
        ['wildland-fittings', 'R2'],
        ['fire-rakes', 'R2'],
        ['drinking-water', 'cab'],
        ['medical-bag', 'cab'],
        ['fire-shelters', 'cab'],
        ['portable-radios', 'cab'],
      ] as const
    ).map(([partId, compartmentId]) => ({ partId, count: 1, compartmentId })),
  ),
};
const truck = (name: string, type: BuildType, choices: Choices): Build =>
  house.settle(house.build({ name, department: { name: 'Usual' }, type }, choices));

const THREE_LADDERS = carried('l', 'extension-24', 'roof-14', 'attic-10');
const ATTACK = [
  ['crosslay-1', 'attack-1.75', 200],
  ['crosslay-2', 'attack-1.75', 200],
] as const satisfies readonly [string, string, number][];
const SUPPLY = [
  ['main-left', 'supply-5', 800],
  ['main-right', 'attack-2.5', 400],
] as const satisfies readonly [string, string, number][];

/** What the boxes over large tires are too low for, and what rides there instead. */
const IN_SHALLOW_BOXES: Partial<Record<string, string>> = {
  'backpack-pump': 'leaf-blower',
  'wildland-hose-pack-large': 'wildland-hose-pack',
};

const PUMPER = { cgIn: [48, 54], tiltDeg: [33, 39] } as const;
const AERIAL = { cgIn: [58, 66], tiltDeg: [28, 32] } as const;
const LIGHT_BRUSH = { cgIn: [38, 44], tiltDeg: [38, 44] } as const;

/** One build of each kind, specified as such trucks usually are. */
export const USUAL: UsualKind[] = [
  {
    id: 'compact-pumper',
    kind: 'compact pumper, light 4x4 crew cab, 1,250 gpm, 300 gal',
    build: truck('Compact pumper', 'pumper', {
      limits: { profileId: 'us-compact' },
      chassis: { partId: 'light-4x4', wheelbaseIn: 203, frontAxleId: 'front-7500', rearAxleId: 'rear-14700' },
      cab: { roofId: 'flat', crew: 4 },
      bumper: { partId: 'plain', ...carried('b', 'winch-receiver') },
      pump: { partId: 'compact-1250' },
      tank: { gallons: 300, shapeId: 'lowRectangular', aftIn: 0 },
      hose: loaded(
        ['crosslay-1', 'attack-1.75', 200],
        ['crosslay-2', 'attack-1.75', 200],
        ['main-left', 'supply-4', 300],
      ),
      ladders: { mountId: 'tunnel', ...carried('l', 'combination-14') },
      body: { partId: 'compact-aluminum', lengthIn: 102, doorsId: 'rollUp' },
      fittings: fitted('light-bar', 'fit-out-plain', 'hose-bed-cover'),
    }),
    wheelbaseIn: [203, 203],
    lengthIn: [ft(24), ft(26)],
    heightIn: [ft(8, 4), ft(9, 2)],
    frontLb: [6_900, 7_600],
    rearLb: [11_800, 13_000],
    grossLb: [19_000, 20_300],
  },
  {
    id: 'short-engine',
    kind: 'short engine, custom, 1,500 gpm, 500 gal',
    build: truck('Short engine', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'custom-medium',
        wheelbaseIn: 172,
        frontAxleId: 'front-18000',
        rearAxleId: 'rear-24000',
      },
      cab: { roofId: 'flat', crew: 6 },
      bumper: { partId: 'steel-18', ...carried('b', 'hose-well') },
      pump: { partId: 'midship-1500-side' },
      tank: { gallons: 500, shapeId: 'rectangular', aftIn: 0 },
      hose: loaded(['bumper-well', 'attack-1.75', 100], ...ATTACK, ...SUPPLY),
      ladders: { mountId: 'tunnel', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 128, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted('light-bar', 'air-conditioner', 'deck-monitor', 'fit-out-plain', 'hose-bed-cover'),
    }),
    wheelbaseIn: [160, 176],
    lengthIn: [ft(27, 6), ft(29, 6)],
    heightIn: [ft(9, 2), ft(10)],
    frontLb: [15_000, 17_000],
    rearLb: [20_500, 23_500],
    grossLb: [36_500, 40_000],
    ...PUMPER,
  },
  {
    id: 'pumper',
    kind: 'pumper, custom, 1,500 gpm, 750–1,000 gal',
    build: truck('Pumper', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'custom-medium',
        wheelbaseIn: 194,
        frontAxleId: 'front-20000',
        rearAxleId: 'rear-27000',
      },
      cab: { roofId: 'flat', crew: 6 },
      bumper: { partId: 'steel-18', ...carried('b', 'hose-well', 'bumper-monitor') },
      pump: { partId: 'midship-1500-side' },
      tank: { gallons: 750, shapeId: 'tShape', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(
        ['bumper-well', 'attack-1.75', 100],
        ...ATTACK,
        ['crosslay-3', 'attack-2.5', 200],
        ...SUPPLY,
      ),
      ladders: { mountId: 'flat', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted(
        'light-bar',
        'air-conditioner',
        'deck-monitor',
        'generator-8',
        'fit-out-full',
        'hose-bed-cover',
      ),
    }),
    wheelbaseIn: [185, 200],
    lengthIn: [ft(30, 6), ft(33)],
    heightIn: [ft(9, 6), ft(10, 6)],
    frontLb: [17_000, 19_200],
    rearLb: [23_500, 26_500],
    grossLb: [41_500, 45_000],
    ...PUMPER,
  },
  {
    id: 'rescue-pumper',
    kind: 'rescue pumper, long body, 750 gal',
    build: truck('Rescue pumper', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'custom-long',
        wheelbaseIn: 220,
        frontAxleId: 'front-22800',
        rearAxleId: 'rear-31000',
      },
      cab: { roofId: 'raised-10', crew: 8 },
      bumper: { partId: 'steel-18', ...carried('b', 'hose-well', 'bumper-monitor') },
      pump: { partId: 'midship-1500-side' },
      tank: { gallons: 750, shapeId: 'rectangular', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(['bumper-well', 'attack-1.75', 100], ...ATTACK, ...SUPPLY),
      ladders: { mountId: 'tunnel', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 186, doorsId: 'rollUp' },
      equipment: packs(7),
      fittings: fitted(
        'light-bar',

        'deck-monitor',
        'generator-8',
        ['light-mast', 'cabRoof'],
        'fit-out-full',
        'hose-bed-cover',
      ),
    }),
    wheelbaseIn: [205, 220],
    lengthIn: [ft(33), ft(36)],
    heightIn: [ft(9, 10), ft(10, 10)],
    frontLb: [18_000, 20_500],
    rearLb: [25_500, 29_000],
    grossLb: [44_500, 49_000],
    ...PUMPER,
  },
  {
    id: 'top-panel',
    kind: 'enclosed top panel, 1,000–1,200 gal',
    build: truck('Top panel', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'custom-medium',
        wheelbaseIn: 210,
        frontAxleId: 'front-20000',
        rearAxleId: 'rear-31000',
      },
      cab: { roofId: 'raised-16', crew: 6 },
      bumper: { partId: 'steel-24', ...carried('b', 'hose-well', 'front-suction', 'bumper-monitor') },
      pump: { partId: 'midship-1500-top' },
      tank: { gallons: 1000, shapeId: 'tShape', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(['bumper-well', 'attack-1.75', 100], ...ATTACK, ...SUPPLY),
      ladders: { mountId: 'flat', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted(
        'light-bar',
        'air-conditioner',
        'deck-monitor',
        'generator-8',
        'fit-out-plain',
        'hose-bed-cover',
      ),
    }),
    wheelbaseIn: [205, 225],
    lengthIn: [ft(34), ft(35, 6)],
    heightIn: [ft(10, 2), ft(10, 11)],
    frontLb: [17_300, 19_500],
    rearLb: [26_000, 29_000],
    grossLb: [44_000, 48_000],
    ...PUMPER,
  },
  {
    id: 'commercial-four-door',
    kind: 'commercial four-door, 1,250–1,500 gpm, 1,000 gal',
    build: truck('Commercial four-door', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'commercial-hood',
        wheelbaseIn: 244,
        frontAxleId: 'front-14000',
        rearAxleId: 'rear-26000',
      },
      cab: { roofId: 'flat', crew: 5 },
      bumper: { partId: 'plain', lines: [] },
      pump: { partId: 'midship-1250-side' },
      tank: { gallons: 1000, shapeId: 'tShape', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(...ATTACK, ...SUPPLY),
      ladders: { mountId: 'flat', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
      equipment: packs(4),
      fittings: fitted('light-bar', 'deck-monitor', 'fit-out-plain', 'hose-bed-cover'),
    }),
    wheelbaseIn: [236, 255],
    lengthIn: [ft(30, 6), ft(33)],
    heightIn: [ft(9, 6), ft(10, 4)],
    frontLb: [11_300, 13_200],
    rearLb: [25_000, 28_500],
    grossLb: [37_000, 41_000],
    ...PUMPER,
  },
  {
    id: 'commercial-two-door',
    kind: 'commercial two-door pumper-tanker, 1,500–1,800 gal',
    build: truck('Pumper-tanker', 'pumper', {
      limits: { profileId: 'us-water-supply' },
      chassis: {
        partId: 'commercial-2door',
        wheelbaseIn: 218,
        frontAxleId: 'front-14000',
        rearAxleId: 'rear-31000',
      },
      cab: { roofId: 'flat', crew: 2 },
      bumper: { partId: 'plain', lines: [] },
      pump: { partId: 'pto-1000' },
      tank: { gallons: 1750, shapeId: 'lowT', aftIn: 0 },
      hose: loaded(...ATTACK, ['main-left', 'supply-4', 400]),
      ladders: { mountId: 'flat', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 194, doorsId: 'rollUp' },
      fittings: fitted('light-bar', 'fit-out-plain', 'hose-bed-cover'),
    }),
    wheelbaseIn: [212, 240],
    lengthIn: [ft(29), ft(32)],
    heightIn: [ft(9, 4), ft(10, 2)],
    frontLb: [11_000, 12_800],
    rearLb: [28_500, 31_000],
    grossLb: [40_000, 43_500],
    ...PUMPER,
  },
  {
    id: 'single-axle-quint',
    kind: 'single-axle quint, 68–78 ft, 400–500 gal',
    build: truck('Single-axle quint', 'aerial', {
      limits: { profileId: 'us-quint' },
      chassis: {
        partId: 'custom-long',
        wheelbaseIn: 225,
        frontAxleId: 'front-22800',
        rearAxleId: 'rear-33500',
      },
      cab: { roofId: 'flat', crew: 6 },
      bumper: { partId: 'steel-18', lines: [] },
      device: { partId: 'ladder-75-rear', outriggersId: 'one-pair' },
      pump: { partId: 'pto-1250' },
      tank: { gallons: 400, shapeId: 'rectangular', aftIn: 0 },
      hose: loaded(...ATTACK, ['main-left', 'supply-4', 400], ['main-right', 'supply-4', 400]),
      ladders: {
        mountId: 'rack',
        ...carried('l', 'extension-35-3', 'extension-24', 'roof-16', 'attic-10'),
      },
      body: { partId: 'body-aluminum', lengthIn: 190, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted('light-bar'),
    }),
    wheelbaseIn: [205, 225],
    lengthIn: [ft(35, 6), ft(38, 6)],
    heightIn: [ft(10, 10), ft(11, 9)],
    frontLb: [18_000, 21_000],
    rearLb: [30_000, 33_500],
    grossLb: [49_500, 54_000],
    ...AERIAL,
  },
  {
    id: 'tandem-ladder',
    kind: '100 ft rear-mount ladder, tandem, pump, 300–500 gal',
    build: truck('Tandem ladder', 'aerial', {
      limits: { profileId: 'us-quint' },
      chassis: {
        partId: 'custom-long-tandem',
        wheelbaseIn: 236,
        frontAxleId: 'front-24000',
        rearAxleId: 'tandem-54000',
      },
      cab: { roofId: 'flat', crew: 5 },
      bumper: { partId: 'plain', lines: [] },
      device: { partId: 'ladder-100-rear', outriggersId: 'two-pairs' },
      pump: { partId: 'pto-1250' },
      tank: { gallons: 300, shapeId: 'rectangular', aftIn: 0 },
      hose: loaded(...ATTACK, ['main-left', 'supply-4', 400], ['main-right', 'supply-4', 400]),
      ladders: {
        mountId: 'tunnel-middle',
        ...carried('l', 'extension-35-3', 'extension-28', 'extension-24', 'roof-16', 'attic-10'),
      },
      body: { partId: 'body-aluminum', lengthIn: 240, doorsId: 'rollUp' },
      equipment: packs(4),
      fittings: fitted('light-bar'),
    }),
    wheelbaseIn: [234, 250],
    lengthIn: [ft(39), ft(42)],
    heightIn: [ft(10, 10), ft(11, 9)],
    frontLb: [19_500, 22_800],
    rearLb: [45_500, 51_000],
    grossLb: [66_000, 73_000],
    ...AERIAL,
  },
  {
    id: 'mid-mount-platform',
    kind: '100 ft mid-mount platform, pump, 300 gal',
    build: truck('Mid-mount platform', 'aerial', {
      limits: { profileId: 'us-quint' },
      chassis: {
        partId: 'custom-long-tandem',
        wheelbaseIn: 270,
        frontAxleId: 'front-24000',
        rearAxleId: 'tandem-62000',
      },
      cab: { roofId: 'flat', crew: 6 },
      bumper: { partId: 'steel-18', ...carried('b', 'hose-well', 'bumper-monitor') },
      device: { partId: 'platform-100-mid', outriggersId: 'two-pairs' },
      pump: { partId: 'compact-1250' },
      tank: { gallons: 300, shapeId: 'lowRectangular', aftIn: 12 },
      hose: loaded(['bumper-well', 'attack-1.75', 100], ...ATTACK, ['main-left', 'supply-4', 800]),
      ladders: {
        mountId: 'tunnel',
        ...carried('l', 'extension-35-3', 'extension-28-3', 'roof-14', 'attic-10'),
      },
      body: { partId: 'body-aluminum', lengthIn: 180, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted('light-bar'),
    }),
    wheelbaseIn: [256, 270],
    lengthIn: [ft(44, 6), ft(48, 6)],
    heightIn: [ft(10, 2), ft(10, 11)],
    frontLb: [20_500, 23_500],
    rearLb: [53_000, 57_500],
    grossLb: [75_000, 80_000],
    ...AERIAL,
  },
  {
    id: 'light-brush',
    kind: 'light brush, duals, 300–400 gal',
    build: truck('Light brush', 'brush', {
      limits: { profileId: 'us-wildland-6' },
      chassis: { partId: 'light-4x4', wheelbaseIn: 179, frontAxleId: 'front-7500', rearAxleId: 'rear-14700' },
      cab: { roofId: 'flat', crew: 4 },
      bumper: { partId: 'brush-steel', ...carried('b', 'winch-12500') },
      pump: { partId: 'skid-150' },
      tank: { gallons: 350, shapeId: 'skid', aftIn: 14 },
      foam: { partId: 'injection-a-small', gallons: 10 },
      hose: loaded(
        ['reel', 'booster-1', 150],
        ['tray-left', 'forestry-1.5', 300],
        ['tray-right', 'forestry-1', 300],
      ),
      ladders: { mountId: 'flat', lines: [] },
      body: { partId: 'bed-aluminum', lengthIn: 104, doorsId: 'hinged' },
      equipment: GRASS_GEAR,
      fittings: fitted('light-bar', 'spare-wheel'),
    }),
    wheelbaseIn: [179, 203],
    lengthIn: [ft(20, 6), ft(23, 6)],
    heightIn: [ft(7, 10), ft(9)],
    frontLb: [6_000, 7_400],
    rearLb: [10_300, 12_800],
    grossLb: [17_000, 19_500],
    ...LIGHT_BRUSH,
  },
  {
    id: 'wide-brush',
    kind: 'light brush on wide singles with lift',
    build: truck('Brush on wide singles', 'brush', {
      limits: { profileId: 'us-wildland-6' },
      chassis: {
        partId: 'light-4x4-wide',
        wheelbaseIn: 179,
        frontAxleId: 'front-7500',
        rearAxleId: 'rear-13000',
      },
      cab: { roofId: 'flat', crew: 4 },
      bumper: { partId: 'brush-steel', ...carried('b', 'winch-12500') },
      pump: { partId: 'skid-150' },
      tank: { gallons: 300, shapeId: 'lowSkid', aftIn: 1 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(
        ['reel', 'booster-1', 150],
        ['tray-left', 'forestry-1.5', 300],
        ['tray-right', 'forestry-1', 300],
      ),
      ladders: { mountId: 'flat', lines: [] },
      body: { partId: 'bed-steel', lengthIn: 104, doorsId: 'hinged' },
      equipment: {
        lines: GRASS_GEAR.lines.map((line) => ({
          ...line,
          partId: IN_SHALLOW_BOXES[line.partId] ?? line.partId,
        })),
      },
      fittings: fitted('light-bar', 'fit-out-plain'),
    }),
    wheelbaseIn: [179, 203],
    lengthIn: [ft(20, 6), ft(23, 6)],
    heightIn: [ft(8, 2), ft(9, 4)],
    frontLb: [6_200, 7_500],
    rearLb: [10_000, 12_500],
    grossLb: [17_000, 19_500],
    ...LIGHT_BRUSH,
  },
  {
    id: 'heavy-brush',
    kind: 'heavy brush, medium 4x4, four-door, 500 gal',
    build: truck('Heavy brush', 'brush', {
      limits: { profileId: 'us-wildland-3' },
      chassis: {
        partId: 'medium-4x4-crew',
        wheelbaseIn: 197,
        frontAxleId: 'front-12000',
        rearAxleId: 'rear-21000',
      },
      cab: { roofId: 'flat', crew: 5 },
      bumper: { partId: 'brush-steel', ...carried('b', 'winch-12500', 'bumper-monitor') },
      pump: { partId: 'pto-500' },
      tank: { gallons: 500, shapeId: 'lowWide', aftIn: 32 },
      foam: { partId: 'injection-a-small', gallons: 15 },
      hose: loaded(
        ['reel', 'booster-1', 150],
        ['tray-left', 'forestry-1.5', 700],
        ['tray-right', 'forestry-1', 500],
        ['tray-right', 'forestry-1.5', 300],
      ),
      ladders: { mountId: 'flat', lines: [] },
      body: { partId: 'bed-steel', lengthIn: 140, doorsId: 'hinged' },
      equipment: { lines: IN_THE_CAB },
      fittings: fitted('light-bar', 'fit-out-plain', ['light-mast', 'cabRoof']),
    }),
    wheelbaseIn: [189, 200],
    lengthIn: [ft(25), ft(27, 6)],
    heightIn: [ft(9), ft(9, 10)],
    frontLb: [10_800, 12_600],
    rearLb: [14_500, 17_200],
    grossLb: [26_000, 29_500],
  },
  {
    id: 'electric-pumper',
    kind: 'electric pumper, 500–750 gal',
    build: truck('Electric pumper', 'pumper', {
      limits: { profileId: 'us-pumper' },
      chassis: {
        partId: 'electric-custom',
        wheelbaseIn: 205,
        frontAxleId: 'front-20000',
        rearAxleId: 'rear-31000',
      },
      cab: { roofId: 'flat', crew: 6 },
      bumper: { partId: 'plain', lines: [] },
      pump: { partId: 'electric-1250' },
      tank: { gallons: 500, shapeId: 'tShape', aftIn: 0 },
      foam: { partId: 'injection-a-small', gallons: 20 },
      hose: loaded(...ATTACK, ...SUPPLY),
      ladders: { mountId: 'flat', ...THREE_LADDERS },
      body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
      equipment: packs(5),
      fittings: fitted('light-bar', 'deck-monitor'),
    }),
    wheelbaseIn: [190, 218],
    lengthIn: [ft(30), ft(33, 6)],
    heightIn: [ft(9, 6), ft(10, 4)],
    frontLb: [17_500, 20_000],
    rearLb: [25_500, 29_000],
    grossLb: [44_000, 48_500],
  },
];
