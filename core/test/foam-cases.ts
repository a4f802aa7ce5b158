import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { withBrief } from '../subjects/brief/index.js';
import type { Brief } from '../subjects/brief/index.js';
import { withCell, withFoam, withMoreCell } from '../subjects/foam/index.js';
import { withLineSaid, withOwnLine } from '../subjects/lines/index.js';
import { connections, withConnections } from '../subjects/plumbing/index.js';
import type { Connection } from '../subjects/plumbing/index.js';
import { house } from '../subjects/index.js';
import { withProfile } from '../subjects/limits/index.js';
import { alone, briefed, strict } from './site-cases.js';
import type { SITE_FIGURES } from './site-cases.js';

/** 1,250 gpm, 750 gal, two crosslays of 1¾ in at 150 gpm each that run, 400 ft of 2½ in at the rear. */
const plain = starterBuild('pumper', 'Plain', 'D');

/** With a foam system and so much concentrate; the usual discharges of such a truck carry it. */
const foamed = (partId: string, gallons: number, percent?: number): Build =>
  house.settle(withCell(withFoam(plain, partId), 'foam', { gallons, ...(percent ? { percent } : {}) }));

const classA = foamed('injection-a-small', 20);
const compressed = foamed('compressed-air-140', 20);
/** Its connections as its own, some of them as they are changed. */
const plumbed = (build: Build, which: (one: Connection) => boolean, change: object): Build =>
  withConnections(
    build,
    house
      .evaluate(build)
      .read(connections)
      .map((one) => (which(one) ? (JSON.parse(JSON.stringify({ ...one, ...change })) as Connection) : one)),
  );

/** A skid on an engine of 18 hp with a compressor of 60 cfm, and air in its reel alone. */
const brush = starterBuild('brush', 'Skid', 'D');
const skid = ['h2', 'h3'].reduce(
  (build, id) => withLineSaid(build, id, { runs: 'no' }),
  plumbed(house.settle(withFoam(brush, 'compressed-air-60')), ({ label }) => label === 'Booster reel', {
    air: 'yes',
    check: 'yes',
    gauge: 'both',
  }),
);

/** 95 gpm with 100 psi at the nozzle and 200 ft of 1¾ in: 128 psi, of 130 that an eductor leaves. */
const educted = ['h1', 'h2'].reduce(
  (build, id) => withLineSaid(build, id, { nozzleId: 'fog-95-100', lengthFt: 150 }),
  foamed('eductor', 20),
);

const carrying = (build: Build, ...partIds: string[]): Build =>
  withBlock(build, 'equipment', {
    lines: partIds.map((partId, i) => ({ id: `e${i}`, partId, count: 1, compartmentId: 'L1' })),
  });

const said = (id: string, own: object) => ({ id, wish: 'must', known: 'told', ...own });
const tanker = (gallons: number) =>
  said(`t${gallons}`, { name: 'Tanker', gallons, fillGpm: 1_000, dumpGpm: 1_000 });
const shuttled = (build: Build, miles: number, ...gallons: number[]): Build =>
  withBrief(build, {
    tankers: gallons.map(tanker),
    shuttles: [
      said('s', {
        name: 'Lane',
        miles,
        fillGpm: 1_000,
        fillMin: 1,
        fillPlaces: 1,
        dumpMin: 1,
        dumpPlaces: 1,
      }),
    ],
  } as unknown as Brief);

const rural = carrying(plain, 'folding-tank', 'hard-suction-2', 'low-strainer');
const bank = (liftFt: number, reachFt: number): Build => briefed(rural, 'drafts', { liftFt, reachFt });
const twoClasses = withMoreCell(classA, { partId: 'injection-b', gallons: 20 }, 'b');

/** The skid of 150 gpm with a monitor that rolls: 60 gpm at 100 psi and 25 lost in it. */
const rolls = withOwnLine(brush, { name: 'Monitor', nozzleId: 'monitor-brush', rolls: 'yes' }, 'monitor');
const typed = (type: number, build: Build): Build => withProfile(build, `us-wildland-${type}`);

/** Each check of foam, air, fires and rural water: a build that passes it, one that does not, and how that stands. */
export const FOAM_CASES: [string, Build, Build, Status][] = [
  ['foamProportioner', classA, foamed('injection-a-small', 20, 1), 'fails'],
  ['foamEductor', educted, foamed('eductor', 20), 'fails'],
  ['foamLasts', classA, foamed('injection-b', 20), 'caution'],
  ['foamCarried', classA, foamed('injection-a-small', 40), 'caution'],
  ['foamClasses', twoClasses, withCell(twoClasses, 'b', { pickup: 'shared' }), 'fails'],
  [
    'foamMix',
    classA,
    withCell(foamed('injection-b', 20), 'foam', { concentrateId: 'class-b-alcohol' }),
    'caution',
  ],
  ['foamOutlets', classA, twoClasses, 'fails'],
  ['airTogether', compressed, withLineSaid(compressed, 'h1', { air: 'dry' }), 'fails'],
  ['airPower', skid, alone(withLineSaid(skid, 'h1', { air: 'dry' }), 'altitude', { highFt: 9_000 }), 'fails'],
  [
    'airOutlets',
    compressed,
    plumbed(compressed, ({ air }) => air !== undefined, { check: undefined }),
    'fails',
  ],
  [
    'fires',
    briefed(plain, 'vehicleFires', { gpm: 100, minutes: 5 }),
    briefed(plain, 'spills', { areaFt2: 400, fuel: 'floats', minutes: 10 }),
    'fails',
  ],
  ['rollFlow', rolls, withLineSaid(rolls, 'monitor', { setGpm: 125 }), 'fails'],
  ['pumpPressure', typed(6, brush), typed(3, brush), 'fails'],
  ['auxiliaryFuel', brush, strict(brush, 'auxiliaryFuelMin', 600), 'fails'],
  ['suctionReach', bank(9, 12), bank(12, 16), 'fails'],
  ['foldingTank', shuttled(rural, 1, 2_000), shuttled(rural, 1, 3_000), 'caution'],
  ['shuttle', shuttled(rural, 0, 2_000), shuttled(carrying(plain, 'folding-tank-small'), 0, 2_000), 'fails'],
];

/** What each comes to, worked by hand. */
export const FOAM_FIGURES: typeof SITE_FIGURES = {
  // Two lines of 150 gpm at 0.5 and at 1 percent.
  foamProportioner: ['gpm', [1.5, 2.5], [3, 2.5]],
  // 95 gpm through 150 ft of 1¾ in: 100 + 15.5 × 0.95² × 1.5 = 121 psi of 130. At 150 gpm all three lines miss the eductor.
  foamEductor: ['pieces', [0, 0], [3, 0]],
  // 20 gal at 0.5 percent make 4,000 gal; at 3 percent 667; of 750.
  foamLasts: ['tankfuls', [4000 / 750, 1], [20 / 0.03 / 750, 1]],
  foamCarried: ['tankfuls', [4000 / 750, 6], [8000 / 750, 6]],
  foamClasses: ['pieces', [0, 0], [1, 0]],
  foamMix: ['pieces', [0, 0], [1, 0]],
  foamOutlets: ['pieces', [0, 0], [1, 0]],
  // Two lines of 70 gpm, a foot of air for each gallon; one of them with 2.5.
  airTogether: ['cfm', [140, 140], [70 * 2.5 + 70, 140]],
  // 20 gpm at 100 psi, and a horsepower for each 4 cfm: 20, and 50 where it is dry. An engine loses 3 percent for each
  // 1,000 ft above 2,000.
  airPower: [
    'hp',
    [(20 * 100) / 1714 / 0.62 + 20 / 4, 18],
    [(20 * 100) / 1714 / 0.62 + 50 / 4, 18 * (1 - 0.03 * 7)],
  ],
  airOutlets: ['pieces', [0, 0], [3, 0]],
  fires: ['min', [7.5, 5], [0, 10]],
  // Its curve falls straight from 120 psi at 80 gpm to 40 at 150, and meets the opening that flows 12.5 √psi behind the 25 psi
  // that the monitor takes: g² ÷ 156.25 + 8 ÷ 7 g = 95 + 8 ÷ 7 × 80.
  rollFlow: [
    'gpm',
    [60, 60],
    [156.25 * (-4 / 7 + Math.sqrt((4 / 7) ** 2 + (95 + (8 / 7) * 80) / 156.25)), 125],
  ],
  // 50 gpm lie between 80 at 120 psi and 20 at 190; 150 are its end, at 40.
  pumpPressure: ['psi', [120 + (70 * 30) / 60, 100], [40, 250]],
  // A reel of 30 gpm at 120.25 psi and 40 gpm beside it; 6 gal at 0.09 a horsepower and hour.
  auxiliaryFuel: [
    'min',
    [360 / ((0.09 * 70 * 120.25) / 1714 / 0.62), 120],
    [360 / ((0.09 * 70 * 120.25) / 1714 / 0.62), 600],
  ],
  // 9 ft down over 12 ft of bank, 12 over 16, and 2 ft under water.
  suctionReach: ['ft', [20, 15 + 2], [20, 20 + 2]],
  foldingTank: ['gal', [2_100, 2_000], [2_100, 3_000]],
  // 1,800 gal in 2 + 1 min to fill and 2 + 1 to dump, with nothing to drive. Into 1,000 gal the rest waits to be drawn at Q:
  // Q × (3 + 1 + 1,000 ÷ Q) = 1,800.
  shuttle: ['gpm', [1_800 / 6, 300], [200, 300]],
};
