import { fromBuild, reading, settling } from '../../kernel/index.js';
import { counting } from '../brief/index.js';
import { compressorCfm } from '../foam/index.js';
import { connections } from '../plumbing/index.js';
import type { Connection } from '../plumbing/index.js';
import { airOf, nozzleWithAir, usualAirGpm } from './air.js';
import type { LineAir } from './air.js';
import { nozzleShelf } from './block.js';
import type { LineEntry } from './block.js';
import { lineAtNozzle, USUAL_COEFFICIENTS } from './hydraulics.js';
import type { Lay, Line, LineAt, Nozzle } from './hydraulics.js';
import type { NozzlePart } from './parts.js';
import { sourcesOf } from './sources.js';
import type { From } from './together.js';
import type { Source } from './sources.js';

/** A line of this truck with all that is known of it. */
export interface TruckLine extends Line {
  /** Of its hose load, its monitor, or its own. */
  id: string;
  name: string;
  part: NozzlePart;
  hose: { sizeIn: number; lengthFt: number; parallel: number }[];
  /** The discharge that it is on; null where none feeds it. */
  outlet: Connection | null;
  crew: number;
  isMonitor: boolean;
  /** A monitor that is fixed to the truck needs nobody to hold it. */
  held: boolean;
  runs: boolean;
  /** Works while the truck rolls. */
  rolls: boolean;
  /** The air that goes into it; null where none does. */
  air: LineAir | null;
  /** What is said of it beyond the usual; null where nothing is. */
  entry: LineEntry | null;
  /** What of the truck feeds its discharge. */
  from: From;
  /** Comes with the truck, from a bed or a monitor. */
  source: Source | null;
  /** What it does with the pressure that its nozzle asks for. */
  asked: LineAt;
}

/** The nozzle that a line has where nobody says, by its hose; in. */
const HAND: readonly { fromIn: number; attack: string; forestry: string }[] = [
  { fromIn: 2.5, attack: 'bore-1-1-8', forestry: 'bore-1-1-8' },
  { fromIn: 2, attack: 'bore-1-1-16', forestry: 'automatic-low' },
  { fromIn: 1.75, attack: 'fog-150-75', forestry: 'fog-150-75' },
  { fromIn: 1.5, attack: 'selectable-125', forestry: 'selectable-60' },
  { fromIn: 0, attack: 'fog-30-100', forestry: 'selectable-forestry' },
];
const MONITOR = { deckMonitor: 'tip-1-3-8', bumperMonitor: 'monitor-300', waterway: 'monitor-1000' } as const;
const BRUSH_MONITOR = 'monitor-brush';
/** Lost in a monitor, and in appliances where more flows than this; psi, gpm (formulas: water lines). */
const MONITOR_LOSS_PSI = 25;
const APPLIANCE = { psi: 10, aboveGpm: 350 };
/** So many hold a line where nobody says: two, and three from this size; in. */
const CREW = { usual: 2, large: 3, fromIn: 2.5 };
/** So many hand lines run together where nobody says. */
const RUN_TOGETHER = 2;

/** The part of a nozzle that a line has where nobody chose one. */
export function usualNozzle(source: Pick<Source, 'hose' | 'what'>, brush: boolean): string {
  const { hose, what } = source;
  if (!hose) return brush && what === 'bumperMonitor' ? BRUSH_MONITOR : MONITOR[what as keyof typeof MONITOR];
  const of = HAND.find(({ fromIn }) => hose.sizeIn >= fromIn)!;
  return hose.use === 'forestry' ? of.forestry : of.attack;
}

/** A nozzle as it is set: at its own pressure and setting where nobody says. */
export function nozzleOf(
  part: NozzlePart,
  { setGpm, nozzlePsi }: Pick<LineEntry, 'setGpm' | 'nozzlePsi'>,
): Nozzle {
  const pressurePsi = nozzlePsi ?? part.pressurePsi;
  if (part.kind === 'smoothBore') return { type: 'smoothBore', tipIn: part.tipIn ?? NaN, pressurePsi };
  if (part.kind === 'automatic') {
    const [fromGpm, toGpm] = [part.fromGpm ?? NaN, part.toGpm ?? NaN];
    return { type: 'automatic', fromGpm, toGpm, pressurePsi, flowGpm: setGpm ?? (fromGpm + toGpm) / 2 };
  }
  const ratedGpm = part.kind === 'selectable' ? (setGpm ?? part.ratedGpm) : part.ratedGpm;
  return { type: 'fog', ratedGpm: ratedGpm ?? NaN, ratedPsi: part.pressurePsi, pressurePsi };
}

/** Friction of hose by its size: the department's own where it has measured it; NaN for a size that nobody knows. */
export const coefficients = settling('lines', [counting('coefficients')], (own) => {
  const table: Record<number, number> = { ...USUAL_COEFFICIENTS };
  for (const { sizeIn, coefficient } of own) table[sizeIn] = coefficient;
  return table;
});

/** What comes with the truck; it stays as it is where an edit changes none of it. */
export const sources = settling('lines', [fromBuild((build) => build)], sourcesOf);

const isBrush = fromBuild(({ type }) => type === 'brush');

function lineOf(
  source: Source | null,
  entry: LineEntry | null,
  part: NozzlePart,
  friction: Readonly<Record<number, number>>,
  all: readonly Connection[],
  compressor: number,
): Omit<TruckLine, 'runs' | 'rolls'> {
  const said = entry ?? ({} as Partial<LineEntry>);
  const { sizeIn = source?.hose?.sizeIn, lengthFt = source?.hose?.lengthFt, parallel = 1 } = said;
  const hose = [
    ...(said.leaderIn !== undefined && said.leaderFt !== undefined
      ? [{ sizeIn: said.leaderIn, lengthFt: said.leaderFt, parallel: said.leaderParallel ?? 1 }]
      : []),
    ...(sizeIn !== undefined && lengthFt !== undefined ? [{ sizeIn, lengthFt, parallel }] : []),
  ];
  const lays = hose.map((of): Lay => ({
    lengthFt: of.lengthFt,
    parallel: of.parallel,
    coefficient: friction[of.sizeIn] ?? NaN,
  }));
  const nozzle = nozzleOf(part, said);
  const isMonitor = part.use === 'monitor';
  const flow = lineAtNozzle({ lays: [], nozzle, elevationFt: 0, applianceLossPsi: 0 }).flowGpm;
  const usualLoss = isMonitor ? MONITOR_LOSS_PSI : flow > APPLIANCE.aboveGpm ? APPLIANCE.psi : 0;
  const outlet =
    all.find(({ id }) => id === said.outletId) ??
    (source ? all.find(({ feedsId }) => feedsId === source.feedsId) : undefined) ??
    null;
  const dry = said.air ?? 'medium';
  const air =
    outlet?.air !== undefined && compressor > 0 && dry !== 'none'
      ? airOf(dry, said.airGpm ?? usualAirGpm(sizeIn ?? 0))
      : null;
  const line = air
    ? { lays: [], nozzle: nozzleWithAir(air), elevationFt: 0, applianceLossPsi: 0 }
    : {
        lays,
        nozzle,
        elevationFt: said.elevationFt ?? 0,
        applianceLossPsi: said.lossPsi ?? usualLoss,
      };
  return {
    ...line,
    id: source?.id ?? entry!.id,
    name: said.name ?? source?.name ?? '',
    part,
    hose,
    outlet,
    air,
    from: outlet?.fedFrom ?? 'pump',
    crew: said.crew ?? ((sizeIn ?? 0) >= CREW.fromIn ? CREW.large : CREW.usual),
    isMonitor,
    held: !isMonitor && part.use !== 'sweep',
    entry,
    source,
    asked: lineAtNozzle(line),
  };
}

/** All lines of this truck: those that come with it as usual or as is said of them, then its own. */
export const truckLines = reading(
  'lines',
  [
    sources,
    fromBuild(({ lines }) => lines.lines),
    nozzleShelf.stock,
    coefficients,
    connections,
    isBrush,
    compressorCfm,
  ],
  (from, entries, stock, friction, all, brush, compressor): TruckLine[] => {
    const made = [
      ...from.flatMap((source) => {
        const entry = entries.find(({ sourceId }) => sourceId === source.id) ?? null;
        if (entry?.off) return [];
        const part = stock.part(entry?.nozzleId ?? usualNozzle(source, brush));
        return [lineOf(source, entry, part, friction, all, compressor)];
      }),
      ...entries.flatMap((entry) =>
        entry.sourceId === undefined && entry.nozzleId !== undefined
          ? [lineOf(null, entry, stock.part(entry.nozzleId), friction, all, compressor)]
          : [],
      ),
    ];
    const usual = made.filter(({ held }) => held).slice(0, RUN_TOGETHER);
    return made.map((line) => ({
      ...line,
      runs: line.entry?.runs ? line.entry.runs === 'yes' : usual.includes(line),
      rolls: line.entry?.rolls
        ? line.entry.rolls === 'yes'
        : line.part.use === 'sweep' || line.source?.what === 'bumperMonitor',
    }));
  },
);
