import type { ChartOf } from '../../kernel/index.js';
import { formatWhole, gpm, psi } from '../../units/index.js';
import { netPsiAt } from '../pump/index.js';
import { tankAt } from './run-time.js';
import type { RunTime } from './run-time.js';
import type { Feeding, Running, Together } from './together.js';
import { lineAtPump } from './hydraulics.js';

const STEPS = 60;

/** The pump's curve with the demand of each line, of all of them together, and what its drive can do. */
export function pumpChart(pump: Feeding, lines: readonly Running[], of: Together): ChartOf {
  const most = Math.max(pump.curve[0]?.gpm ?? 0, of.askedGpm) * 1.08;
  const highest =
    Math.max(...pump.curve.map(({ psi: at }) => at), ...lines.map(({ asked }) => asked.pumpPressurePsi)) *
    1.1;
  const alone = lines.map(({ asked }) => asked.flowGpm);
  const steps = Array.from({ length: STEPS + 1 }, (_, i) => (most * i) / STEPS);
  const at = [
    ...new Set([...steps, ...alone, ...pump.curve.map(({ gpm: flow }) => flow), of.askedGpm, of.flowGpm]),
  ].sort((a, b) => a - b);
  /** The pressure at which all of them together flow so much, with their valves open as far as each asks. */
  const demand = (flow: number): number => {
    if (flow > of.askedGpm + 1e-6) return NaN;
    const top = Math.max(0, ...lines.map(({ asked }) => asked.pumpPressurePsi));
    const flows = (at: number) =>
      lines.reduce(
        (sum, line) =>
          sum + (at >= line.asked.pumpPressurePsi ? line.asked.flowGpm : lineAtPump(line, at).flowGpm),
        0,
      );
    let [low, high] = [0, top];
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2;
      if (flows(middle) >= flow - 1e-9) high = middle;
      else low = middle;
    }
    return high;
  };
  const power = (flow: number): number => {
    const limit = pump.hp === null || flow <= 0 ? NaN : (pump.hp * pump.efficiency * 1714) / flow;
    return limit <= highest ? limit : NaN;
  };
  return {
    kind: 'lines',
    words: `The pump’s curve with what each line asks for; together they get ${gpm(of.flowGpm)} at ${psi(of.dischargePsi)}, ${psi(of.netPsi)} net.`,
    x: { title: 'Flow', unit: 'gpm', at },
    y: { title: 'Net pressure', unit: 'psi' },
    series: [
      { label: 'Pump, counted on', tone: 'ink', values: at.map((flow) => netPsiAt(pump.curve, flow) ?? NaN) },
      ...(pump.hp === null
        ? []
        : [{ label: 'Its drive', tone: 'brass' as const, dash: [7, 4], values: at.map(power) }]),
      {
        label: 'Each line by itself',
        tone: 'pencil',
        points: true,
        values: at.map((flow) => {
          const line = lines.find(({ asked }) => asked.flowGpm === flow);
          return line ? Math.max(0, line.asked.pumpPressurePsi - of.intakePsi) : NaN;
        }),
      },
      {
        label: 'All that run together',
        tone: 'water',
        values: at.map((flow) => (lines.length ? Math.max(0, demand(flow) - of.intakePsi) : NaN)),
      },
      {
        label: of.stop ? 'What they get' : 'Where it works',
        tone: of.stop ? 'signal' : 'spruce',
        points: true,
        values: at.map((flow) => (flow === of.flowGpm ? of.netPsi : NaN)),
        mark: at.indexOf(of.flowGpm),
      },
    ],
  };
}

/** Water in the tank and flow of the lines over the minutes, with the minute that is looked at. */
export function timeChart(
  time: RunTime,
  supplyMin: number | null,
  supplyGpm: number | null,
  minute: number,
): ChartOf {
  const end = Number.isFinite(time.emptyMin) ? time.emptyMin : 10;
  const until = Math.max(end * 1.15, supplyMin !== null && supplyMin < 3 * end ? supplyMin * 1.15 : 0);
  const steps = Array.from({ length: STEPS + 1 }, (_, i) => (until * i) / STEPS);
  const supplied = supplyMin !== null && supplyMin <= until ? [supplyMin] : [];
  const at = [...new Set([...steps, time.fullMin, end, ...supplied, minute])]
    .filter((one) => one <= until)
    .sort((a, b) => a - b);
  const from = (t: number) => supplyGpm !== null && supplyMin !== null && t >= supplyMin;
  const kept = supplyMin === null ? 0 : tankAt(time, supplyMin).gallons;
  return {
    kind: 'lines',
    words: `Water in the tank and flow of the lines over ${formatWhole(until)} min.`,
    x: { title: 'Minutes from the first line', at },
    y: { title: 'In the tank', unit: 'gal' },
    right: { title: 'Flow', unit: 'gpm' },
    series: [
      {
        label: 'Water in the tank',
        tone: 'water',
        values: at.map((t) => (from(t) ? kept : tankAt(time, t).gallons)),
        mark: at.indexOf(minute),
      },
      {
        label: 'Flow of the lines',
        tone: 'ink',
        dash: [6, 3],
        right: true,
        values: at.map((t) => (from(t) ? supplyGpm! : tankAt(time, t).gpm)),
      },
      ...(supplied.length
        ? [
            {
              label: 'Supply established',
              tone: 'spruce' as const,
              points: true as const,
              values: at.map((t) => (t === supplyMin ? kept : NaN)),
              mark: at.indexOf(supplyMin!),
            },
          ]
        : []),
    ],
  };
}
