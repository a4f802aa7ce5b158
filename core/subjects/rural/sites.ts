import { fromBuild, reading } from '../../kernel/index.js';
import { counting } from '../brief/index.js';
import type { LineOf } from '../brief/index.js';
import { running } from '../lines/index.js';
import { connections, isIntake, isOpen, passes } from '../plumbing/index.js';
import type { Connection } from '../plumbing/index.js';
import { chosenPump } from '../pump/index.js';
import { WATER_BY } from './block.js';
import type { WaterBy } from './block.js';
import { supplies } from './carried.js';
import { shuttle, shuttleInto } from './shuttle.js';
import type { Shuttle, ShuttleInput, ShuttleLimit } from './shuttle.js';

/** Of what a tanker holds, what comes out of it (formulas: shuttle). */
const DELIVERED = 0.9;
/** What the intake passes through which a tanker pumps, by its size; in, gpm. */
const INTAKE_GPM = [
  { fromIn: 5, gpm: 1_000 },
  { fromIn: 4, gpm: 625 },
  { fromIn: 3, gpm: 375 },
  { fromIn: 2.5, gpm: 250 },
  { fromIn: 0, gpm: 100 },
] as const;

/** What the smallest intake passes that hose can be coupled to: the large ones are for suction and the supply line; gpm. */
export const smallestIntakeGpm = (all: readonly Connection[]): number => {
  const smallest = Math.min(...all.filter((one) => isIntake(one) && isOpen(one)).map(({ sizeIn }) => sizeIn));
  return Number.isFinite(smallest) ? INTAKE_GPM.find(({ fromIn }) => smallest >= fromIn)!.gpm : 0;
};

/** How a tanker's water can come into this truck, with what each way passes and how many tankers it takes at once. */
export interface WayIn {
  by: WaterBy;
  mostGpm: number;
  places: number;
}

/** The ways of this truck, the best first. */
export const waysIn = reading('rural', [connections, supplies, chosenPump], (all, of, pump): WayIn[] => {
  if (!pump) return [];
  const fills = all.filter(({ kind }) => kind === 'directFill');
  const intakeGpm = smallestIntakeGpm(all);
  const found: Record<WaterBy, WayIn | null> = {
    folding: of.dumpedIntoGal > 0 ? { by: 'folding', mostGpm: Infinity, places: Infinity } : null,
    directFill: fills.length
      ? { by: 'directFill', mostGpm: Math.max(...fills.map(passes)), places: fills.length }
      : null,
    intake: intakeGpm > 0 ? { by: 'intake', mostGpm: intakeGpm, places: 1 } : null,
  };
  return WATER_BY.flatMap((by) => found[by] ?? []);
});

/** The way that is used: the one chosen, or the best that there is; null where there is none. */
export const wayIn = reading(
  'rural',
  [waysIn, fromBuild(({ rural }) => rural.waterBy)],
  (ways, asked): WayIn | null => ways.find(({ by }) => by === asked) ?? ways[0] ?? null,
);

export type LimitedBy = ShuttleLimit | 'pump';
export const LIMIT_WORDS: Record<LimitedBy, string> = {
  tankers: 'the tankers on the road',
  source: 'the place where they are filled',
  dump: 'the place where they dump',
  pump: 'the pump of this truck',
};

/** A shuttle of the brief with the district's tankers into this truck. Gpm. */
export interface AtShuttle {
  line: LineOf<'shuttles'>;
  /** What runs to and fro, with the rates of this truck in it. */
  input: ShuttleInput;
  foldingGal: number | null;
  /** Of the tankers, in their order. */
  names: string[];
  of: Shuttle;
  flowGpm: number;
  limitedBy: LimitedBy;
  /** What the lines that run ask for. */
  askedGpm: number;
}

/** What a shuttle comes to over one way into a truck (formulas: shuttle). */
export function shuttleOver(
  line: LineOf<'shuttles'>,
  tankers: readonly LineOf<'tankers'>[],
  way: WayIn,
  foldingGal: number,
  pumpGpm: number,
): Omit<AtShuttle, 'askedGpm'> {
  const folding = way.by === 'folding';
  const input: ShuttleInput = {
    distanceMiles: line.miles,
    deliveredShare: DELIVERED,
    source: { fillGpm: line.fillGpm, handlingMin: line.fillMin, places: line.fillPlaces },
    dump: { handlingMin: line.dumpMin, places: Math.min(line.dumpPlaces, way.places) },
    tankers: tankers.map(({ gallons, fillGpm, dumpGpm }) => ({
      gallons,
      fillGpm,
      dumpGpm: Math.min(dumpGpm, way.mostGpm),
    })),
  };
  const of = folding ? shuttleInto(foldingGal, input) : shuttle(input);
  const flowGpm = Math.min(of.sustainedGpm, pumpGpm);
  return {
    line,
    input,
    foldingGal: folding ? foldingGal : null,
    names: tankers.map(({ name }) => name),
    of,
    flowGpm,
    limitedBy: flowGpm < of.sustainedGpm ? 'pump' : of.limitedBy,
  };
}

/** Each shuttle of the brief; none without a pump, tankers or a way in. */
export const shuttles = reading(
  'rural',
  [counting('shuttles'), counting('tankers'), wayIn, supplies, chosenPump, running],
  (lines, tankers, way, { dumpedIntoGal }, pump, run): AtShuttle[] =>
    pump && way && tankers.length
      ? lines.map((line) => ({
          ...shuttleOver(line, tankers, way, dumpedIntoGal, pump.ratedGpm),
          askedGpm: run.reduce((sum, { asked }) => sum + asked.flowGpm, 0),
        }))
      : [],
);
