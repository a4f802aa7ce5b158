import { flowAtNetPsi, netPsiAt, waterHp } from '../pump/index.js';
import type { CurvePoint } from '../pump/index.js';
import { lineAtPump, PSI_PER_FT } from './hydraulics.js';
import type { Line, LineAt } from './hydraulics.js';
import type { Supply } from './supply.js';

/** A line that runs, with the pressure that its nozzle asks for. */
export interface Running extends Line {
  id: string;
  asked: LineAt;
}

/** The pump that feeds them. */
export interface Feeding {
  curve: readonly CurvePoint[];
  /** Power at its shaft, hp; null where nobody knows it. */
  hp: number | null;
  /** Of the power at its shaft, what it puts into the water. */
  efficiency: number;
}

export type Stop = 'curve' | 'power' | 'supply' | 'intake';

/** What lines get that run together. Gpm, psi. */
export interface Together {
  askedGpm: number;
  flowGpm: number;
  /** What the pump gives; the line that asks for most governs it. */
  dischargePsi: number;
  governingId: string | null;
  intakePsi: number;
  netPsi: number;
  /** Net pressure that the pump is counted on for at that flow; null beyond its curve. */
  onCurvePsi: number | null;
  shaftHp: number;
  lines: {
    id: string;
    asked: LineAt;
    given: LineAt;
    /** What its valve holds back, psi. */ gatePsi: number;
  }[];
  /** What keeps them from what they ask; null where all of them get it. */
  stop: Stop | null;
}

const HALVINGS = 50;
/** What no gauge shows, psi and gpm. */
const UNSEEN = 1e-6;

/** What a line flows of what it asks when the pump gives so much: its valve holds back what is too much. */
const given = (line: Running, psi: number): LineAt =>
  psi >= line.asked.pumpPressurePsi - UNSEEN ? line.asked : lineAtPump(line, psi);

/**
 * What lines that run together get (formulas: water together). The pump gives the pressure of the one that asks for
 * most, the valves of the others hold back the rest. Where the curve, the power or the supply can't give that, it gives
 * the highest pressure at which the flow is still within all of them: those that ask for less than it keep all of
 * theirs. A line more takes from that pressure and never adds to it.
 */
export function together(lines: readonly Running[], pump: Feeding, supply: Supply): Together {
  const flowAt = (psi: number): number => lines.reduce((sum, line) => sum + given(line, psi).flowGpm, 0);
  const stopAt = (psi: number): Stop | null => {
    const gpm = flowAt(psi);
    if (gpm > supply.mostGpm + UNSEEN) return 'supply';
    const intake = supply.intakePsi(gpm);
    if (gpm > 0 && intake < supply.leastPsi - UNSEEN) return 'intake';
    const net = Math.max(0, psi - Math.max(0, intake));
    const counted = netPsiAt(pump.curve, gpm);
    if (counted === null || net > counted + UNSEEN) return 'curve';
    if (pump.hp !== null && waterHp(gpm, net) / pump.efficiency > pump.hp + UNSEEN) return 'power';
    return null;
  };
  const governing = lines.reduce<Running | null>(
    (most, line) => (most && most.asked.pumpPressurePsi >= line.asked.pumpPressurePsi ? most : line),
    null,
  );
  const wanted = governing?.asked.pumpPressurePsi ?? 0;
  const stop = governing ? stopAt(wanted) : null;
  // Nothing flows any more at the pressure that the lowest nozzle stands under.
  const still = Math.min(0, ...lines.map((line) => line.elevationFt * PSI_PER_FT + line.applianceLossPsi));
  let [low, high] = [still, wanted];
  if (stop)
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (low + high) / 2;
      if (stopAt(middle)) high = middle;
      else low = middle;
    }
  const psi = stop ? low : wanted;
  const flowGpm = flowAt(psi);
  const intakePsi = Math.max(0, supply.intakePsi(flowGpm));
  const netPsi = Math.max(0, psi - intakePsi);
  return {
    askedGpm: lines.reduce((sum, { asked }) => sum + asked.flowGpm, 0),
    flowGpm,
    dischargePsi: psi,
    governingId: governing?.id ?? null,
    intakePsi,
    netPsi,
    onCurvePsi: netPsiAt(pump.curve, flowGpm),
    shaftHp: waterHp(flowGpm, netPsi) / pump.efficiency,
    lines: lines.map((line) => ({
      id: line.id,
      asked: line.asked,
      given: given(line, psi),
      gatePsi: Math.max(0, psi - line.asked.pumpPressurePsi),
    })),
    stop: stop && (stopAt(high) ?? stop),
  };
}

/** The most that the pump gives at a pressure from a supply, gpm: on its curve and within its power and its supply. */
export const mostAt = (pump: Feeding, supply: Supply, psi: number): number =>
  Math.min(
    supply.mostGpm,
    flowAtNetPsi(pump.curve, psi),
    pump.hp === null || psi <= 0 ? Infinity : (pump.hp * pump.efficiency) / waterHp(1, psi),
  );
