import { netPsiAt, waterHp } from '../pump/index.js';
import type { CurvePoint } from '../pump/index.js';
import { lineAtPump, PSI_PER_FT } from './hydraulics.js';
import type { Line, LineAt } from './hydraulics.js';
import type { Supply } from './supply.js';

/** What feeds a line: the pump itself, its stage for high pressure, or a second pump. */
export type From = 'pump' | 'high' | 'second';

/** A line that runs, with the pressure that its nozzle asks for. */
export interface Running extends Line {
  id: string;
  asked: LineAt;
  from: From;
}

/** The pump that feeds them, and what else of the truck does. */
export interface Feeding {
  curve: readonly CurvePoint[];
  /** Power at its shaft, hp; null where nobody knows it. */
  hp: number | null;
  /** Of the power at its shaft, what it puts into the water. */
  efficiency: number;
  /** Of the high-pressure stage, which is driven with the pump. */
  high?: readonly CurvePoint[];
  /** Of the second pump; where the truck's engine drives it too, its power adds to the pump's. */
  second?: { curve: readonly CurvePoint[]; sharesEngine: boolean };
}

export type Stop = 'curve' | 'power' | 'supply' | 'intake' | 'nothing';

/** What lines get that run together. Gpm, psi. */
export interface Together {
  askedGpm: number;
  flowGpm: number;
  /** What the pump gives; the line that asks for most governs it. */
  dischargePsi: number;
  governingId: string | null;
  intakePsi: number;
  netPsi: number;
  shaftHp: number;
  lines: {
    id: string;
    from: From;
    asked: LineAt;
    given: LineAt;
    /** What its valve holds back, psi. */
    gatePsi: number;
  }[];
  /** What the high-pressure stage and the second pump give, where lines run from them. */
  others: { from: From; flowGpm: number; dischargePsi: number }[];
  /** What keeps them from what they ask; null where all of them get it. */
  stop: Stop | null;
}

const HALVINGS = 50;
/** What no gauge shows, psi and gpm. */
const UNSEEN = 1e-6;

/** What a line flows of what it asks when its pump gives so much: its valve holds back what is too much. */
const given = (line: Running, psi: number): LineAt =>
  psi >= line.asked.pumpPressurePsi - UNSEEN ? line.asked : lineAtPump(line, psi);

const flowAt = (lines: readonly Running[], psi: number): number =>
  lines.reduce((sum, line) => sum + given(line, psi).flowGpm, 0);

/** The line that asks for most. */
const governingOf = (lines: readonly Running[]): Running | null =>
  lines.reduce<Running | null>(
    (most, line) => (most && most.asked.pumpPressurePsi >= line.asked.pumpPressurePsi ? most : line),
    null,
  );

/** Nothing flows any more at the pressure that the lowest nozzle stands under. */
const still = (lines: readonly Running[]): number =>
  Math.min(0, ...lines.map((line) => line.elevationFt * PSI_PER_FT + line.applianceLossPsi));

/** The highest pressure up to one at which nothing stops; what stops beyond it is `stop`. */
function highest(
  from: number,
  upTo: number,
  stopAt: (psi: number) => Stop | null,
): { psi: number; stop: Stop | null } {
  const stop = stopAt(upTo);
  if (!stop) return { psi: upTo, stop: null };
  let [low, high] = [from, upTo];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (stopAt(middle)) high = middle;
    else low = middle;
  }
  return { psi: low, stop: stopAt(high) ?? stop };
}

const FROM: readonly From[] = ['pump', 'high', 'second'];

/** The lines of one pump with its curve, and what it can give them by itself. */
interface Group {
  from: From;
  lines: Running[];
  curve: readonly CurvePoint[];
  wantedPsi: number;
}

/**
 * What lines that run together get (formulas: water together). A pump gives the pressure of the one that asks for most
 * of it, the valves of the others hold back the rest. Where its curve can't give that, it gives the highest pressure at
 * which the flow is still on it; where power or supply can't, which all pumps of the truck share, none gives more than
 * the pressure at which all of them are within both. Lines that ask for less keep all of theirs. Of one pump a line more
 * takes from that pressure and never adds to it; where two pumps share an engine, one may take power from the other.
 */
export function together(lines: readonly Running[], pump: Feeding, supply: Supply): Together {
  const curves: Record<From, readonly CurvePoint[]> = {
    pump: pump.curve,
    high: pump.high ?? [],
    second: pump.second?.curve ?? [],
  };
  const intakeOf = (gpm: number) => Math.max(0, supply.intakePsi(gpm));
  const askedOf = (of: readonly Running[]) => of.reduce((sum, { asked }) => sum + asked.flowGpm, 0);
  const askedGpm = askedOf(lines);
  const groups = FROM.map((from): Group => {
    const of = lines.filter((line) => line.from === from);
    return { from, lines: of, curve: curves[from], wantedPsi: governingOf(of)?.asked.pumpPressurePsi ?? 0 };
  }).filter((group) => group.from === 'pump' || group.lines.length > 0);
  const own = groups.map((group) =>
    group.lines.length === 0
      ? { psi: 0, stop: null }
      : highest(still(group.lines), group.wantedPsi, (psi) => {
          const gpm = flowAt(group.lines, psi);
          if (group.curve.length === 0) return gpm > 0 ? 'nothing' : null;
          const counted = netPsiAt(group.curve, gpm);
          // What the others ask for is gone from the intake.
          const net = Math.max(0, psi - intakeOf(gpm + askedGpm - askedOf(group.lines)));
          return counted === null || net > counted + UNSEEN ? 'curve' : null;
        }),
  );
  const psiAt = (cap: number, i: number): number => Math.min(own[i]!.psi, cap);
  const shared = (cap: number): Stop | null => {
    const flows = groups.map((group, i) => flowAt(group.lines, psiAt(cap, i)));
    const gpm = flows.reduce((sum, flow) => sum + flow, 0);
    if (gpm > supply.mostGpm + UNSEEN) return 'supply';
    if (gpm > 0 && supply.intakePsi(gpm) < supply.leastPsi - UNSEEN) return 'intake';
    const hp = powerOf(flows, (i) => psiAt(cap, i), gpm);
    return pump.hp !== null && hp > pump.hp + UNSEEN ? 'power' : null;
  };
  const powerOf = (flows: readonly number[], psi: (i: number) => number, gpm: number): number =>
    groups.reduce(
      (sum, { from }, i) =>
        from === 'second' && !pump.second?.sharesEngine
          ? sum
          : sum + waterHp(flows[i]!, Math.max(0, psi(i) - intakeOf(gpm))) / pump.efficiency,
      0,
    );
  const top = Math.max(...own.map(({ psi }) => psi));
  const all = highest(still(lines), top, shared);
  const psis = groups.map((_, i) => psiAt(all.psi, i));
  const flows = groups.map((group, i) => flowAt(group.lines, psis[i]!));
  const flowGpm = flows.reduce((sum, flow) => sum + flow, 0);
  const main = psis[0]!;
  const intakePsi = intakeOf(flowGpm);
  const netPsi = Math.max(0, main - intakePsi);
  return {
    askedGpm,
    flowGpm,
    dischargePsi: main,
    governingId: governingOf(groups[0]!.lines)?.id ?? null,
    intakePsi,
    netPsi,
    shaftHp: powerOf(flows, (i) => psis[i]!, flowGpm),
    lines: lines.map((line) => {
      const psi = psis[groups.findIndex(({ from }) => from === line.from)]!;
      return {
        id: line.id,
        from: line.from,
        asked: line.asked,
        given: given(line, psi),
        gatePsi: Math.max(0, psi - line.asked.pumpPressurePsi),
      };
    }),
    others: groups
      .slice(1)
      .map(({ from }, i) => ({ from, flowGpm: flows[i + 1]!, dischargePsi: psis[i + 1]! })),
    stop: all.stop ?? own.find(({ stop }) => stop)?.stop ?? null,
  };
}
