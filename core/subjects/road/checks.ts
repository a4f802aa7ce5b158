import { check, fromBuild, heldTo, limitKind, limitOf, reading } from '../../kernel/index.js';
import type { Check, Judgement } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { feetInches, formatPct, formatWhole, gal, horsepower, lb, mph } from '../../units/index.js';
import { brief, counting, linesOf, placesCheck, SURFACE_NAMES } from '../brief/index.js';
import { axles, chosenChassis, roadOf } from '../chassis/index.js';
import { inService, ofGross } from '../weights/index.js';
import { GRIP, NEVER_S, secondsTo, speedOn, startsOnPct, wheelHp } from './pull.js';
import type { Pull } from './pull.js';

const speed = (title: string, sense: 'least' | 'most' | 'reckon') => limitKind(title, 'mph', sense, 5, 120);

export const roadLimits = {
  hillMph: speed('Speed held on the hill', 'least'),
  hillPct: limitKind('Grade of the hill', '%', 'reckon', 0, 30),
  levelMph: speed('Speed held on the level', 'least'),
  accelerateS: limitKind('Time to reach speed', 's', 'most', 3, 120),
  accelerateMph: speed('Speed to be reached', 'reckon'),
  topMph: speed('Top speed of a heavy truck', 'most'),
  topFromLb: limitKind('Top speed limited above', 'lb', 'reckon', 5_000, 200_000, 'smaller'),
  lowTopMph: speed('Top speed of the heaviest trucks', 'most'),
  lowTopFromLb: limitKind('Heaviest trucks begin at', 'lb', 'reckon', 5_000, 200_000, 'smaller'),
  lowTopFromGal: limitKind('Heaviest trucks carry more than', 'gal', 'reckon', 100, 10_000, 'smaller'),
  markersFromFt: limitKind('Intermediate side markers from a length of', 'ft', 'reckon', 10, 100, 'smaller'),
};

/** The altitude of the district; that of the sea where the brief says none. */
export const highFt = reading('road', [brief], (of) => linesOf(of, 'altitude')[0]?.highFt ?? 0);

const IN2_PER_FT2 = 144;

/** What pulls the truck in service, and what holds it back. */
export const pull = reading(
  'road',
  [inService, chosenChassis, envelope, highFt],
  ({ weights }, { chassis }, { widthIn, heightIn }, high): Pull & { engineHp: number; name: string } => {
    const { powerHp, driven } = roadOf(chassis);
    return {
      weightLb: weights.totalLb,
      wheelHp: wheelHp(powerHp, high),
      frontalFt2: (widthIn * heightIn) / IN2_PER_FT2,
      gripLb: GRIP.dry * (driven === 'all' ? weights.totalLb : weights.rear.loadLb),
      engineHp: powerHp,
      name: chassis.engine?.name ?? 'an engine of the usual power',
    };
  },
);

const IN_SERVICE = { id: 'inService', name: 'In service' };
const ABOUT = { steps: ['chassis'], mendedBy: ['pull', 'load'], causes: ofGross } as const;

const atLeastMph = (id: string, title: string, limit: string, gradeOf: string | null): Check =>
  check(
    'road',
    { id, title, ...ABOUT },
    [limitOf(limit), limitOf(gradeOf ?? limit), pull],
    (asked, grade, of): Judgement | null => {
      if (!asked || !grade) return null;
      const gradePct = gradeOf ? grade.value : 0;
      const actual = speedOn(of, gradePct);
      const where = gradeOf ? `on ${formatPct(gradePct)}` : 'on the level';
      const power = `${horsepower(of.wheelHp)} at the wheels, of ${horsepower(of.engineHp)} (${of.name})`;
      return heldTo(
        'least',
        'mph',
        actual,
        asked,
        `Holds ${mph(actual)} ${where} of at least ${mph(asked.value)}: ${power}. An estimate without gears.`,
        IN_SERVICE,
      );
    },
  );

const accelerates = check(
  'road',
  { id: 'accelerates', title: 'Acceleration', ...ABOUT },
  [limitOf('accelerateS'), limitOf('accelerateMph'), pull],
  (asked, to, of) => {
    if (!asked || !to) return null;
    const actual = secondsTo(of, to.value);
    const reached =
      actual < NEVER_S
        ? `${formatWhole(actual)} s from standing to ${mph(to.value)}`
        : `It does not reach ${mph(to.value)} from standing`;
    return heldTo(
      'most',
      's',
      actual,
      asked,
      `${reached}, of at most ${formatWhole(asked.value)} s: an estimate without gears.`,
      IN_SERVICE,
    );
  },
);

/** To what speed the truck is limited. */
export const topSpeed = reading(
  'road',
  [fromBuild(({ road }) => road), chosenChassis],
  ({ topMph }, { chassis }) => topMph ?? roadOf(chassis).topMph,
);

/** The top speed that the profile allows the truck as it is. */
export const mostTopSpeed = reading(
  'road',
  [
    limitOf('topMph'),
    limitOf('topFromLb'),
    limitOf('lowTopMph'),
    limitOf('lowTopFromLb'),
    limitOf('lowTopFromGal'),
    inService,
    fromBuild(({ tank }) => tank.gallons),
  ],
  (top, from, low, lowFrom, lowGal, { weights }, gallons) => {
    const heavy = weights.totalLb;
    if (low && ((lowFrom && heavy > lowFrom.value) || (lowGal && gallons > lowGal.value)))
      return {
        limit: low,
        because: lowGal && gallons > lowGal.value ? `${gal(gallons)} of water` : lb(heavy),
      };
    return top && from && heavy > from.value ? { limit: top, because: lb(heavy) } : null;
  },
);

const topSpeedCheck = check(
  'road',
  { id: 'topSpeed', title: 'Top speed', steps: ['chassis'], mendedBy: ['topSpeed'] },
  [mostTopSpeed, topSpeed],
  (most, actual) => {
    if (!most) return null;
    return heldTo(
      'most',
      'mph',
      actual,
      most.limit,
      `Limited to ${mph(actual)}, at most ${mph(most.limit.value)} with ${most.because}.`,
    );
  },
);

/** The markers and signals at the middle of a long truck. */
export const hasMarkers = fromBuild(({ road }) => road.markers === 'intermediate');

const markersCheck = check(
  'road',
  { id: 'markers', title: 'Markers and signals for its length', steps: ['body'], mendedBy: ['markers'] },
  [limitOf('markersFromFt'), envelope, hasMarkers],
  (from, { lengthIn }, fitted) => {
    if (!from) return null;
    const needed = lengthIn >= from.value * 12;
    const missing = needed && !fitted;
    return {
      status: missing ? 'fails' : 'holds',
      actual: missing ? 1 : 0,
      limit: 0,
      margin: missing ? -1 : 0,
      unit: 'pieces',
      state: null,
      basis: from.basis,
      words: needed
        ? `${feetInches(lengthIn)} long: ${fitted ? 'it has' : 'it needs'} intermediate side markers and turn signals.`
        : `${feetInches(lengthIn)} long: it needs none at its middle.`,
    };
  },
);

const grades = placesCheck(
  'road',
  { id: 'gradeStart', title: 'Starting on the steepest grade', ...ABOUT },
  [counting('grades'), inService, chosenChassis, axles, pull],
  (all, { weights }, { chassis }, { wheelbaseIn }, of) =>
    all.map((line) => {
      const steepest = startsOnPct(
        {
          weightLb: weights.totalLb,
          rearLb: weights.rear.loadLb,
          cgHeightIn: weights.cg.zIn,
          wheelbaseIn,
          driven: roadOf(chassis).driven,
        },
        GRIP[line.surface],
      );
      const surface = SURFACE_NAMES[line.surface].toLowerCase();
      const holds = `its tires hold on up to ${formatPct(steepest)} as it starts (${surface})`;
      const climbs = `it climbs that at ${mph(speedOn(of, line.steepPct))}`;
      return {
        line,
        actual: steepest,
        limit: line.steepPct,
        margin: steepest - line.steepPct,
        unit: '%',
        state: IN_SERVICE,
        words: `${holds}, of ${formatPct(line.steepPct)}; ${climbs}. The chassis maker’s startability decides.`,
      };
    }),
);

export const roadChecks: Check[] = [
  atLeastMph('hillSpeed', 'Speed on the hill', 'hillMph', 'hillPct'),
  atLeastMph('levelSpeed', 'Speed on the level', 'levelMph', null),
  accelerates,
  topSpeedCheck,
  grades,
  markersCheck,
];
