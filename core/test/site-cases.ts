import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { withBrief } from '../subjects/brief/index.js';
import type { Brief, BriefKind } from '../subjects/brief/index.js';
import { withDevice } from '../subjects/device/index.js';
import { withMarkers, withTopSpeed } from '../subjects/road/index.js';
import { copiedProfile, withLimit, withOwnProfile } from '../subjects/limits/index.js';
import { house } from '../subjects/index.js';

const [, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as Build[] as [Build, Build, Build];
const plain = starterBuild('pumper', 'Plain', 'D');

/** A shorter ladder on one pair of outriggers, which comes with two that spread less. */
const short = house.settle(withDevice(aerial, 'ladder-75-rear'));

type Own = Record<string, unknown>;
/** A build under a brief that says nothing but these lines, all of them musts. */
export const briefed = (build: Build, kind: BriefKind, ...lines: Own[]): Build =>
  withBrief(build, {
    [kind]: lines.map((line, i) => ({
      id: `${kind}${i}`,
      wish: 'must',
      known: 'told',
      name: 'There',
      ...line,
    })),
  } as Brief);
/** Without the name that a line of its kind has not. */
export const alone = (build: Build, kind: BriefKind, line: Own): Build =>
  withBrief(build, { [kind]: [{ id: kind, wish: 'must', known: 'told', ...line }] } as unknown as Brief);

const station = (own: Own): Own => ({
  doorHighIn: 150,
  doorWideIn: 150,
  aboveIn: 4,
  besideIn: 6,
  enters: 'backs',
  ...own,
});
const corner = (fromFt: number, intoFt: number, insideFt: number): Own => ({ fromFt, intoFt, insideFt });
const lane = (wideFt: number, parkedFt: number, setUp = 'passes'): Own => ({ wideFt, parkedFt, setUp });
export const strict = (build: Build, id: string, value: number): Build =>
  withLimit(house.limits, withOwnProfile(build, copiedProfile(house.limits, build, 'ours', 'Ours')), id, {
    value,
  });
const ordinary = (build: Build): Build => briefed(build, 'roads', { rule: 'ordinary' });
const deg = (pct: number): number => (Math.atan(pct / 100) * 180) / Math.PI;
/** Of the demonstration brush truck with its worst filling, as it is integrated elsewhere. */
const THRESHOLD_G = Math.tan((34.733112 * Math.PI) / 180) / 0.8;
const slopeDeg = (heightIn: number, runIn: number): number => (Math.atan2(heightIn, runIn) * 180) / Math.PI;

/** Each check of the site: a build that passes it, one that does not, and how that stands. */
export const SITE_CASES: [string, Build, Build, Status][] = [
  ['crew', alone(plain, 'crew', { seats: 6 }), alone(plain, 'crew', { seats: 7 }), 'fails'],
  [
    'doorHeight',
    briefed(plain, 'stations', station({})),
    briefed(plain, 'stations', station({ doorHighIn: 122 })),
    'fails',
  ],
  [
    'doorWidth',
    briefed(plain, 'stations', station({})),
    briefed(plain, 'stations', station({ doorWideIn: 126 })),
    'fails',
  ],
  [
    'bayLength',
    briefed(plain, 'stations', station({ bayLongIn: 460, roundIn: 36 })),
    briefed(plain, 'stations', station({ bayLongIn: 430, roundIn: 36 })),
    'fails',
  ],
  [
    'corner',
    briefed(plain, 'corners', corner(40, 40, 10)),
    briefed(plain, 'corners', corner(16, 16, 4)),
    'fails',
  ],
  ['lane', briefed(plain, 'lanes', lane(22, 8)), briefed(plain, 'lanes', lane(17, 8)), 'fails'],
  [
    'setUp',
    briefed(short, 'lanes', lane(24, 8, 'setsUp')),
    briefed(short, 'lanes', lane(21, 8, 'setsUp')),
    'fails',
  ],
  [
    'posted',
    briefed(plain, 'bridges', { grossLb: 60_000 }),
    briefed(aerial, 'bridges', { grossLb: 90_000, threeAxleLb: 70_000 }),
    'fails',
  ],
  [
    'clearHeight',
    briefed(plain, 'bridges', { clearIn: 130, aboveIn: 4 }),
    briefed(plain, 'heights', { clearIn: 122, aboveIn: 4 }),
    'fails',
  ],
  [
    'clearWidth',
    briefed(plain, 'bridges', { wideIn: 130 }),
    briefed(plain, 'bridges', { wideIn: 110 }),
    'fails',
  ],
  ['emergencySteer', plain, strict(plain, 'emergencySteerLb', 15_000), 'fails'],
  ['emergencySingle', plain, strict(plain, 'emergencySingleLb', 24_000), 'fails'],
  ['emergencyTandem', aerial, strict(aerial, 'emergencyTandemLb', 49_000), 'fails'],
  ['emergencyGross', plain, strict(plain, 'emergencyGrossLb', 39_000), 'fails'],
  ['ordinarySingle', ordinary(brush), ordinary(plain), 'fails'],
  ['ordinaryTandem', strict(ordinary(aerial), 'ordinaryTandemLb', 52_000), ordinary(aerial), 'fails'],
  ['ordinaryGross', ordinary(aerial), strict(ordinary(aerial), 'ordinaryGrossLb', 70_000), 'fails'],
  ['bridgeFormula', ordinary(plain), ordinary(aerial), 'fails'],
  [
    'gradeChange',
    briefed(plain, 'changes', { fromPct: 0, toPct: 12 }),
    briefed(plain, 'changes', { fromPct: 30, toPct: -30 }),
    'fails',
  ],
  ['flood', briefed(plain, 'floods', { deepIn: 18 }), briefed(plain, 'floods', { deepIn: 30 }), 'fails'],
  ['hillSpeed', plain, strict(plain, 'hillMph', 60), 'fails'],
  ['levelSpeed', plain, strict(plain, 'levelMph', 110), 'fails'],
  ['accelerates', plain, strict(plain, 'accelerateS', 8), 'fails'],
  ['topSpeed', plain, withTopSpeed(aerial, 68), 'fails'],
  [
    'gradeStart',
    briefed(plain, 'grades', { steepPct: 12, surface: 'wet' }),
    briefed(plain, 'grades', { steepPct: 25, surface: 'grass' }),
    'fails',
  ],
  ['markers', plain, withMarkers(plain, false), 'fails'],
  [
    'sideSlope',
    briefed(brush, 'slopes', { acrossPct: 20 }),
    briefed(strict(brush, 'compliancePct', 50), 'slopes', { acrossPct: 60 }),
    'fails',
  ],
  [
    'softGround',
    briefed(plain, 'soils', { bearsPsi: 60 }),
    briefed(plain, 'soils', { bearsPsi: 20 }),
    'fails',
  ],
  ['blindAhead', plain, strict(brush, 'blindFt', 5), 'caution'],
  [
    'targets',
    alone(plain, 'targets', { figure: 'length', sense: 'most', value: 400 }),
    alone(plain, 'targets', { figure: 'length', sense: 'most', value: 350 }),
    'fails',
  ],
  [
    'commonality',
    alone(plain, 'commons', { matter: 'connections', uses: '5 in' }),
    alone(plain, 'commons', { matter: 'connections', uses: '4 in' }),
    'fails',
  ],
];

/** The plain pumper in service and delivered, and the demonstration aerial in service, as they are summed elsewhere; lb. */
const [FRONT, REAR] = [15_425.61, 24_064.89];
const [DELIVERED_FRONT, DELIVERED_REAR] = [13_468.62, 14_428.88];
const [TANDEM, GROSS] = [49_753.48, 73_397];
/** From curb (11,800 and 7,600 lb) to rating (20,000 and 27,000 lb) its frame sinks by 1.8 and 2.6 in. */
const RISES = {
  front: ((FRONT - DELIVERED_FRONT) * 1.8) / (20_000 - 11_800),
  rear: ((REAR - DELIVERED_REAR) * 2.6) / (27_000 - 7_600),
};
/** Its hose bed sides are 118 in high, and reach to 283 in behind the front axle, of a wheelbase of 190 in. */
const HIGH = 118 + RISES.front + ((RISES.rear - RISES.front) * 283) / 190;
/** The body hangs 22 in above the road 106 in behind the rear axle; with four seats empty the front rises a little. */
const RESPONDING = { front: ((FRONT - 14_599.3) * 1.8) / 8_200, rear: ((REAR - 23_891.2) * 2.6) / 19_400 };
const TAIL = 22 + RESPONDING.front + ((RESPONDING.rear - RESPONDING.front) * 296) / 190;

/**
 * What each check of the site comes to on the two builds of its case. Short arithmetic stands here as it is; corners,
 * speeds and starting were worked out apart from this code, by the formulas of docs/formulas.md in fine steps.
 * Where steps differ, fewer digits count.
 */
export const SITE_FIGURES: Record<
  string,
  [unit: string, good: [number, number], bad: [number, number], digits?: number]
> = {
  crew: ['seats', [6, 6], [6, 7]],
  doorHeight: ['in', [HIGH, 150 - 4], [HIGH, 122 - 4]],
  // The cab is 97 in wide, and the mirrors 9.5 in more on each side.
  doorWidth: ['in', [97 + 19, 150 - 12], [97 + 19, 126 - 12]],
  bayLength: ['in', [72 + 296, 460 - 72], [72 + 296, 430 - 72]],
  corner: ['in', [273.94, 0], [-23.24, 0], 0],
  lane: ['in', [116, (22 - 8) * 12], [116, (17 - 8) * 12]],
  setUp: ['in', [168, (24 - 8) * 12], [168, (21 - 8) * 12]],
  posted: ['lb', [FRONT + REAR, 60_000], [GROSS, 70_000]],
  clearHeight: ['in', [HIGH, 130 - 4], [HIGH, 122 - 4]],
  clearWidth: ['in', [116, 130], [116, 110]],
  emergencySteer: ['lb', [FRONT, 24_000], [FRONT, 15_000]],
  emergencySingle: ['lb', [REAR, 33_500], [REAR, 24_000]],
  emergencyTandem: ['lb', [TANDEM, 62_000], [TANDEM, 49_000]],
  emergencyGross: ['lb', [FRONT + REAR, 86_000], [FRONT + REAR, 39_000]],
  ordinarySingle: ['lb', [10_416.62, 20_000], [REAR, 20_000]],
  ordinaryTandem: ['lb', [TANDEM, 52_000], [TANDEM, 34_000]],
  ordinaryGross: ['lb', [GROSS, 80_000], [GROSS, 70_000]],
  // Two axles 190 in apart; three, the last 246 + 27 in behind the first.
  bridgeFormula: [
    'lb',
    [FRONT + REAR, 500 * ((190 / 12) * 2 + 12 * 2 + 36)],
    [GROSS, 500 * (((273 / 12) * 3) / 2 + 12 * 3 + 36)],
  ],
  // At the foot the tail is nearer than the bumper. At the crest the body's skirt, 21 in up, 120 in behind the axle.
  gradeChange: ['deg', [slopeDeg(TAIL, 106), deg(12)], [slopeDeg(21, 120) + slopeDeg(21, 70), 2 * deg(30)]],
  // The exhaust outlet, 14 in under the top of the frame.
  flood: ['in', [40 - 14, 18], [40 - 14, 30]],
  hillSpeed: ['mph', [45.09, 20], [45.09, 60]],
  levelSpeed: ['mph', [84.9, 50], [84.9, 110]],
  accelerates: ['s', [12.04, 25], [12.04, 8]],
  topSpeed: ['mph', [68, 68], [68, 60]],
  gradeStart: ['%', [33.778, 12], [15.04, 25]],
  markers: ['pieces', [0, 0], [1, 0]],
  // A threshold of 0.8667 g, of which tires and springs take 20 %, or half.
  sideSlope: ['deg', [deg(0.8 * 100 * THRESHOLD_G), deg(20)], [deg(0.5 * 100 * THRESHOLD_G), deg(60)]],
  // On two tires 12.4 in wide, over half of their 43 in.
  softGround: ['psi', [FRONT / (2 * 12.4 * 21.5), 60], [FRONT / (2 * 12.4 * 21.5), 20]],
  // From the eye, 82 in up and 32 in behind a sill 52 in up; and 70 in up, 84 in behind a hood 43 in up.
  blindAhead: ['ft', [((82 * 32) / 30 + 38 - 72) / 12, 30], [((70 * 84) / 27 - 48 - 52) / 12, 5]],
  targets: ['in', [368, 400], [368, 350]],
  commonality: ['pieces', [0, 0], [1, 0]],
};
