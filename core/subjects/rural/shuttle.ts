/** A tanker: what it holds, takes in and dumps. Gallons, gpm. */
export interface Tanker {
  gallons: number;
  fillGpm: number;
  dumpGpm: number;
}

/** Where tankers stand to be filled or to dump: so many at a time, with the minutes that coupling and backing take. */
export interface Stage {
  handlingMin: number;
  places: number;
}

export interface ShuttleInput {
  distanceMiles: number;
  /** Of what a tanker holds, what comes out of it. */
  deliveredShare: number;
  source: Stage & { fillGpm: number };
  dump: Stage;
  tankers: readonly Tanker[];
}

/** What takes the most of a tanker's time: the tankers themselves, or the places at one end. */
export type ShuttleLimit = 'tankers' | 'source' | 'dump';

export interface Shuttle {
  oneWayMin: number;
  tankers: TankerRound[];
  /** Busy share of the places at each end: above one they can't keep up. */
  sourceBusy: number;
  dumpBusy: number;
  sustainedGpm: number;
  limitedBy: ShuttleLimit;
}

/** One round of a tanker without waiting, in minutes; what it brings, gpm. */
export interface TankerRound {
  fillMin: number;
  dumpMin: number;
  cycleMin: number;
  flowGpm: number;
}

/** Minutes to get going and for each mile at 35 mph (formulas: shuttle). */
const DRIVE_MIN = { start: 0.65, perMile: 1.7 };

/** Minutes that a tanker drives one way; none where there is nothing to drive. */
export const oneWayMin = (miles: number): number =>
  miles > 0 ? DRIVE_MIN.start + DRIVE_MIN.perMile * miles : 0;

/**
 * What tankers bring when they run to and fro (formulas: shuttle). Each by itself brings what it delivers over its
 * round; together that is less by as much as the places to fill or to dump would be busy more than they can be.
 * `dumpMinOf` says otherwise how long one stands at the dump, handling apart.
 */
export function shuttle(
  { distanceMiles, deliveredShare, source, dump, tankers }: ShuttleInput,
  dumpMinOf: (tanker: Tanker) => number = ({ gallons, dumpGpm }) => gallons / dumpGpm,
): Shuttle {
  const way = oneWayMin(distanceMiles);
  const rounds = tankers.map((tanker): TankerRound => {
    const fillMin = tanker.gallons / Math.min(tanker.fillGpm, source.fillGpm) + source.handlingMin;
    const dumpMin = dumpMinOf(tanker) + dump.handlingMin;
    const cycleMin = fillMin + dumpMin + 2 * way;
    return { fillMin, dumpMin, cycleMin, flowGpm: (tanker.gallons * deliveredShare) / cycleMin };
  });
  const busy = (minutes: (round: TankerRound) => number, places: number) =>
    rounds.reduce((sum, round) => sum + minutes(round) / round.cycleMin, 0) / places;
  const sourceBusy = busy(({ fillMin }) => fillMin, source.places);
  const dumpBusy = busy(({ dumpMin }) => dumpMin, dump.places);
  const most = Math.max(1, sourceBusy, dumpBusy);
  return {
    oneWayMin: way,
    tankers: rounds,
    sourceBusy,
    dumpBusy,
    sustainedGpm: rounds.reduce((sum, { flowGpm }) => sum + flowGpm, 0) / most,
    limitedBy: most === 1 ? 'tankers' : sourceBusy >= dumpBusy ? 'source' : 'dump',
  };
}

/** Rounds of looking for the flow at which waiting and drawing agree, at most, and what no gauge shows; gpm. */
const ROUNDS = 400;
const UNSEEN_GPM = 1e-9;

/**
 * Tankers that dump into a folding tank which the pumper draws from: one that holds more than the tank waits until
 * enough is drawn (formulas: shuttle). What is drawn is what they bring, so both are found together, from above.
 */
export function shuttleInto(foldingGal: number, input: ShuttleInput): Shuttle {
  let of = shuttle(input);
  for (let i = 0; i < ROUNDS; i++) {
    const drawn = of.sustainedGpm;
    const next = shuttle(input, ({ gallons, dumpGpm }) =>
      Math.max(gallons / dumpGpm, drawn > 0 ? Math.max(0, gallons - foldingGal) / drawn : 0),
    );
    // Who waits brings no more, whatever room that leaves to others.
    of = { ...next, sustainedGpm: Math.min(drawn, next.sustainedGpm) };
    if (drawn - of.sustainedGpm < UNSEEN_GPM) break;
  }
  return of;
}
