import { check, fromBuild, heldTo, limitKind, limitOf } from '../../kernel/index.js';
import type { Check, Judgement } from '../../kernel/index.js';
import { counted, feet, formatWhole, gal, gpm, lbf, listed, mph, psi, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace } from '../brief/index.js';
import { tankPathGpm } from '../plumbing/index.js';
import { chosenPump } from '../pump/index.js';
import { pumpingMin } from '../pumping/index.js';
import { highFt } from '../road/index.js';
import { inService } from '../weights/index.js';
import { truckLines } from './all.js';
import type { TruckLine } from './all.js';
import {
  eachAlone,
  fromTheTank,
  opensOnTheTank,
  running,
  runningTogether,
  supplyMin,
  tankTime,
  waterFrom,
} from './flows.js';
import { flowFor, runTime } from './run-time.js';
import { minutesInWords, stagesInWords } from './words.js';
import { draftGpm } from './supply.js';
import type { Stop, Together } from './together.js';

export const linesLimits = {
  reactionOneLbf: limitKind('Reaction that one firefighter holds', 'lbf', 'most', 20, 300),
  reactionTwoLbf: limitKind('Reaction that two hold', 'lbf', 'most', 20, 400),
  reactionMoreLbf: limitKind('Reaction that each further one holds', 'lbf', 'reckon', 0, 200, 'smaller'),
  monitorS: limitKind('A monitor runs from the tank for', 's', 'least', 10, 1_200),
  energyMin: limitKind('A battery pumps for', 'min', 'least', 1, 1_000),
  energyDriveMin: limitKind('Minutes driven before it pumps', 'min', 'reckon', 0, 600),
  stretchFloorFt: limitKind('Hose for each floor above the ground floor', 'ft', 'reckon', 10, 200),
};

const STEP = ['lines'] as const;
/** Why lines that run together don't get all that they ask. */
const STOP_WORDS: Record<Stop, string> = {
  curve: 'the pump’s curve ends there',
  power: 'its drive has no more power',
  supply: 'the way of the water to the pump carries no more',
  intake: 'the supply falls below what must be left at the intake',
  nothing: 'what should feed it is not there',
};
/** What so many firefighters are advised to hold, lbf. */
export function heldLbf(crew: number, one: number, two: number, more: number): number {
  return crew <= 1 ? one : two + (crew - 2) * more;
}

const reaction = check(
  'lines',
  { id: 'reaction', title: 'Nozzle reaction on the crew', steps: STEP },
  [truckLines, limitOf('reactionOneLbf'), limitOf('reactionTwoLbf'), limitOf('reactionMoreLbf')],
  (all, one, two, more) => {
    const lines = all.filter(({ held }) => held);
    if (!one || !two || lines.length === 0) return null;
    const of = lines.map((line) => {
      const limit = heldLbf(line.crew, one.value, two.value, more?.value ?? 0);
      return { line, limit, margin: limit - line.asked.nozzleReactionLbf };
    });
    const worst = of.reduce((least, other) =>
      other.margin < least.margin || Number.isNaN(other.margin) ? other : least,
    );
    const { line, limit, margin } = worst;
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual: line.asked.nozzleReactionLbf,
      limit,
      margin,
      unit: 'lbf',
      state: null,
      basis: one.basis,
      words: `${line.name} pushes back with ${lbf(line.asked.nozzleReactionLbf)} on ${counted(line.crew, 'firefighter')}, who are advised ${lbf(limit)} at most.`,
    };
  },
);

/** What together says where somebody asks more than there is. */
const fellShort = ({ askedGpm, flowGpm, dischargePsi, stop }: Together): string =>
  stop
    ? `${gpm(flowGpm)} of ${gpm(askedGpm)} at ${psi(dischargePsi)}: ${STOP_WORDS[stop]}.`
    : `${gpm(flowGpm)} at ${psi(dischargePsi)}.`;

const EXACT_GPM = 0.05;
const short = (of: Together): boolean => !(of.flowGpm >= of.askedGpm - EXACT_GPM);

const alone = check(
  'lines',
  { id: 'lineAlone', title: 'Each line by itself', steps: STEP },
  [eachAlone, fromBuild(({ tank }) => tank.gallons)],
  (all, gallons) => {
    const lines = all.filter(({ line }) => !line.isMonitor);
    if (lines.length === 0 || gallons === 0) return null;
    const missed = ({ alone: of }: (typeof lines)[number]) => of.askedGpm - of.flowGpm;
    const worst = lines.reduce((most, other) =>
      missed(other) > missed(most) || Number.isNaN(missed(other)) ? other : most,
    );
    const without = lines.filter(({ alone: of }) => short(of));
    const { alone: of, line } = worst;
    return {
      status: short(of) ? 'fails' : 'holds',
      actual: of.flowGpm,
      limit: of.askedGpm,
      margin: short(of) ? of.flowGpm - of.askedGpm : 0,
      unit: 'gpm',
      state: null,
      basis: 'Hydraulics of this build, from its tank',
      words: short(of)
        ? `${line.name} gets ${fellShort(of)}${without.length > 1 ? ` Short too: ${listed(without.filter((one) => one !== worst).map((one) => one.line.name))}.` : ''}`
        : `Each of ${counted(lines.length, 'line')} gets what its nozzle asks for.`,
    };
  },
);

const runTogether = check(
  'lines',
  { id: 'together', title: 'Lines that run together', steps: STEP, mendedBy: ['lineAlone'] },
  [running, runningTogether, waterFrom, fromBuild(({ tank }) => tank.gallons), chosenPump],
  (all, of, from, gallons, pump) => {
    if (!of || all.length === 0 || (from.kind === 'tank' && gallons === 0)) return null;
    return {
      status: short(of) ? 'fails' : 'holds',
      actual: of.flowGpm,
      limit: of.askedGpm,
      margin: short(of) ? of.flowGpm - of.askedGpm : 0,
      unit: 'gpm',
      state: null,
      basis: 'Hydraulics of this build',
      words: `From ${from.name} ${counted(all.length, 'line')} ${all.length === 1 ? 'gets' : 'get'} ${fellShort(of)}${pump ? ` ${stagesInWords(pump, of.flowGpm)}`.trimEnd() : ''}`,
    };
  },
);

const untilSupply = check(
  'lines',
  {
    id: 'tankTime',
    title: 'Tank until supply is established',
    steps: ['lines', 'tank'],
    mendedBy: ['tankLeast'],
  },
  [tankTime, supplyMin, tankPathGpm, counting('supply')],
  (time, minutes, path, [line]) => {
    if (!time || minutes === null || !line || time.gpm === 0) return null;
    const margin = time.emptyMin - minutes;
    const lasts = flowFor(time.gallons, path, minutes);
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual: time.emptyMin,
      limit: minutes,
      margin,
      unit: 'min',
      state: null,
      basis: 'The department’s brief',
      words: `${gal(time.gallons)} give ${gpm(time.gpm)} for ${minutesInWords(time.fullMin)} and are gone after ${minutesInWords(time.emptyMin)}; a supply is established after ${formatWhole(minutes)} min.${margin < 0 ? ` ${gpm(lasts)} would last so long.` : ''}`,
    };
  },
);

/** What else a monitor can be set to, and the setting that lasts; gpm. */
function lastingSetting(line: TruckLine, gallons: number, path: number, minutes: number): string {
  const settings = line.part.settingsGpm ?? [];
  const lasts = settings.filter((flow) => runTime(gallons, path, flow).emptyMin >= minutes).at(-1);
  if (lasts !== undefined)
    return `Set to ${gpm(lasts)} it lasts ${minutesInWords(runTime(gallons, path, lasts).emptyMin)}.`;
  const flow = flowFor(gallons, path, minutes);
  return line.part.kind === 'automatic' && flow >= (line.part.fromGpm ?? Infinity)
    ? `Gated to ${gpm(flow)} it lasts so long.`
    : `No more than ${gpm(flow)} lasts so long: another tip, or a supply before it opens.`;
}

const monitors = check(
  'lines',
  { id: 'monitorTime', title: 'Monitors on the tank', steps: ['lines', 'tank'], mendedBy: ['tankLeast'] },
  [eachAlone, limitOf('monitorS'), fromBuild(({ tank }) => tank.gallons), tankPathGpm],
  (all, limit, gallons, path): Judgement | null => {
    const of = all
      .filter(({ line }) => line.isMonitor && opensOnTheTank(line))
      .map(({ line, alone: flow }) => ({ line, time: runTime(gallons, path, flow.flowGpm) }));
    if (!limit || gallons === 0 || of.length === 0) return null;
    const worst = of.reduce((least, other) => (other.time.emptyMin < least.time.emptyMin ? other : least));
    const seconds = worst.time.emptyMin * 60;
    const margin = seconds - limit.value;
    const lower = margin < 0 ? ` ${lastingSetting(worst.line, gallons, path, limit.value / 60)}` : '';
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual: seconds,
      limit: limit.value,
      margin,
      unit: 's',
      state: null,
      basis: limit.basis,
      words: `${worst.line.name} at ${gpm(worst.time.gpm)} empties ${gal(gallons)} in ${minutesInWords(worst.time.emptyMin)}.${lower}`,
    };
  },
);

const drafts = placesCheck(
  'lines',
  { id: 'draft', title: 'Draft sites', steps: ['pump', 'lines'], mendedBy: ['pumpLeast'] },
  [counting('drafts'), chosenPump, running, highFt],
  (sites, pump, all, altitudeFt): (AtPlace | null)[] => {
    const asked = all.reduce((sum, { asked: of }) => sum + of.flowGpm, 0);
    return sites.map((line) => {
      if (!pump || asked === 0) return null;
      const drawn = draftGpm(pump.ratedGpm, line.liftFt, altitudeFt);
      return {
        line,
        actual: drawn,
        limit: asked,
        margin: drawn - asked,
        unit: 'gpm',
        words: `with ${feet(line.liftFt)} of lift the pump draws about ${gpm(drawn)}, of ${gpm(asked)} that the lines ask for. An estimate: suction, strainer and the day decide.`,
      };
    });
  },
);

/** Hose that it takes to the farthest corner of a building on its highest floor, ft. */
export const stretchFt = (
  { setBackFt, deepFt, floors }: { setBackFt: number; deepFt: number; floors: number },
  floorFt: number,
): number => setBackFt + deepFt + floors * floorFt;

const stretch = placesCheck(
  'lines',
  { id: 'stretch', title: 'Lines to the buildings', steps: ['hose', 'lines'] },
  [counting('buildings'), truckLines, limitOf('stretchFloorFt')],
  (all, lines, floor): (AtPlace | null)[] => {
    const hand = lines.filter(({ held, hose }) => held && hose.length > 0);
    const feetOf = ({ hose }: TruckLine) => hose.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
    const longest = hand.reduce<TruckLine | null>(
      (most, line) => (most && feetOf(most) >= feetOf(line) ? most : line),
      null,
    );
    return all.map((line) => {
      if (!floor || !longest) return null;
      const limit = stretchFt(line, floor.value);
      const actual = feetOf(longest);
      return {
        line,
        actual,
        limit,
        margin: actual - limit,
        unit: 'ft',
        words: `${feet(limit)} of hose reach its farthest corner (${feet(line.setBackFt)} from the street, ${feet(line.deepFt)} deep, ${counted(line.floors, 'floor')} up); the longest line, ${within(longest.name)}, has ${feet(actual)}.`,
      };
    });
  },
);

/** A truck on its way drives at about so many miles an hour. */
const ON_ITS_WAY_MPH = 30;

const energy = check(
  'lines',
  { id: 'pumpEnergy', title: 'Energy for pumping', steps: ['pump', 'lines'] },
  [chosenPump, fromTheTank, limitOf('energyMin'), limitOf('energyDriveMin'), inService],
  (pump, of, limit, driving, { weights }) => {
    if (pump?.drive !== 'electric' || pump.batteryKwh === undefined || !of || of.shaftHp <= 0 || !limit)
      return null;
    const driven = driving?.value ?? 0;
    const actual = pumpingMin(pump.batteryKwh, of.shaftHp, (driven / 60) * ON_ITS_WAY_MPH, weights.totalLb);
    return heldTo(
      'least',
      'min',
      actual,
      limit,
      `After ${formatWhole(driven)} min of driving at ${mph(ON_ITS_WAY_MPH)}, ${formatWhole(pump.batteryKwh)} kWh pump ${gpm(of.flowGpm)} at ${psi(of.dischargePsi)} for ${minutesInWords(actual)}, of at least ${formatWhole(limit.value)} min. Cold, age and an engine that charges change it: the maker’s figures decide.`,
      { id: 'inService', name: 'In service' },
    );
  },
);

export const linesChecks: Check[] = [
  alone,
  runTogether,
  reaction,
  monitors,
  untilSupply,
  drafts,
  stretch,
  energy,
];
