import { reading } from '../../kernel/index.js';
import type { ChartOf } from '../../kernel/index.js';
import { feeding, fromTheSupply, running, runningTogether, supplyMin, tankTime } from './flows.js';
import { formatWhole, gpm, psi } from '../../units/index.js';
import { FEEDER_NAMES } from '../plumbing/index.js';
import { netPsiAt, waterHp } from '../pump/index.js';
import { tankAt } from './run-time.js';
import type { RunTime } from './run-time.js';
import type { Feeding, Running, Together } from './together.js';
import { lineAtPump } from './hydraulics.js';

const STEPS = 60;

/** The pressure at which lines together flow so much, with their valves open as far as each asks; none beyond that. */
function demandPsi(lines: readonly Running[], flow: number): number {
  const asked = lines.reduce((sum, line) => sum + line.asked.flowGpm, 0);
  if (lines.length === 0 || flow > asked + 1e-6) return NaN;
  const flowsAt = (psi: number) =>
    lines.reduce(
      (sum, line) =>
        sum + (psi >= line.asked.pumpPressurePsi ? line.asked.flowGpm : lineAtPump(line, psi).flowGpm),
      0,
    );
  let [low, high] = [0, Math.max(0, ...lines.map((line) => line.asked.pumpPressurePsi))];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (flowsAt(middle) >= flow - 1e-9) high = middle;
    else low = middle;
  }
  return high;
}
const HALVINGS = 40;

/** How far beyond the largest flow and pressure the picture goes. */
const ROOM = { gpm: 1.08, psi: 1.1 };

/** The curves of pump, stage and second pump with the demand of each line, of all together, and what the drive can do. */
export function pumpChart(pump: Feeding, lines: readonly Running[], of: Together): ChartOf {
  const own = lines.filter(({ from }) => from === 'pump');
  const asked = own.reduce((sum, line) => sum + line.asked.flowGpm, 0);
  const got = of.lines
    .filter(({ from }) => from === 'pump')
    .reduce((sum, { given }) => sum + given.flowGpm, 0);
  const others = (['high', 'second'] as const).flatMap((from) => {
    const curve = from === 'high' ? pump.high : pump.second?.curve;
    return curve && lines.some((line) => line.from === from) ? [{ from, curve }] : [];
  });
  const most = Math.max(pump.curve[0]?.gpm ?? 0, asked) * ROOM.gpm;
  const highest =
    Math.max(
      ...[pump.curve, ...others.map(({ curve }) => curve)].flat().map(({ psi: at }) => at),
      ...lines.map((line) => line.asked.pumpPressurePsi),
    ) * ROOM.psi;
  const corners = [
    ...lines.map((line) => line.asked.flowGpm),
    ...[pump.curve, ...others.map(({ curve }) => curve)].flat().map(({ gpm: flow }) => flow),
    asked,
    got,
  ];
  const at = [
    ...new Set([...Array.from({ length: STEPS + 1 }, (_, i) => (most * i) / STEPS), ...corners]),
  ].sort((a, b) => a - b);
  const power = (flow: number): number => {
    const limit = pump.hp === null || flow <= 0 ? NaN : (pump.hp * pump.efficiency) / waterHp(flow, 1);
    return limit <= highest ? limit : NaN;
  };
  return {
    kind: 'lines',
    words: `The pump’s curve with what each line asks for; together they get ${gpm(of.flowGpm)} at ${psi(of.dischargePsi)}, ${psi(of.netPsi)} net.`,
    x: { title: 'Flow', unit: 'gpm', at },
    y: { title: 'Net pressure', unit: 'psi' },
    series: [
      { label: 'Pump, counted on', tone: 'ink', values: at.map((flow) => netPsiAt(pump.curve, flow) ?? NaN) },
      ...others.map(({ from, curve }) => ({
        label: FEEDER_NAMES[from],
        tone: 'ink' as const,
        dash: from === 'high' ? [3, 3] : [10, 3],
        values: at.map((flow) => netPsiAt(curve, flow) ?? NaN),
      })),
      ...(pump.hp === null
        ? []
        : [{ label: 'Its drive', tone: 'brass' as const, dash: [7, 4], values: at.map(power) }]),
      {
        label: 'Each line by itself',
        tone: 'pencil',
        points: true,
        values: at.map((flow) => {
          const line = lines.find((one) => one.asked.flowGpm === flow);
          return line ? Math.max(0, line.asked.pumpPressurePsi - of.intakePsi) : NaN;
        }),
      },
      {
        label: 'All that run together',
        tone: 'water',
        values: at.map((flow) => Math.max(0, demandPsi(own, flow) - of.intakePsi)),
      },
      {
        label: of.stop ? 'What they get' : 'Where it works',
        tone: of.stop ? 'signal' : 'spruce',
        points: true,
        values: at.map((flow) => (flow === got ? of.netPsi : NaN)),
        mark: at.indexOf(got),
      },
    ],
  };
}

/** Water in the tank and flow of the lines over the minutes, with the minute that is looked at. */
export function timeChart(
  time: RunTime,
  supplyMin: number | null,
  supplyGpm: number | null,
  minute: number | null,
): ChartOf {
  const end = Number.isFinite(time.emptyMin) ? time.emptyMin : 10;
  const until = Math.max(end * 1.15, supplyMin !== null && supplyMin < 3 * end ? supplyMin * 1.15 : 0);
  const steps = Array.from({ length: STEPS + 1 }, (_, i) => (until * i) / STEPS);
  const supplied = supplyMin !== null && supplyMin <= until ? [supplyMin] : [];
  const at = [...new Set([...steps, time.fullMin, end, ...supplied, ...(minute === null ? [] : [minute])])]
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
        ...(minute === null ? {} : { mark: at.indexOf(minute) }),
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

/** The curve with the lines that run, from the supply or else the tank; null where there is no pump. */
export const pumpNow = reading(
  'lines',
  [feeding, running, runningTogether],
  (pump, lines, of): ChartOf | null => pump && of && pumpChart(pump, lines, of),
);

/** The tank minute by minute with the lines that run from it; null where none does. */
export const timeNow = reading(
  'lines',
  [tankTime, supplyMin, fromTheSupply],
  (time, until, other): ChartOf | null =>
    time && time.gpm > 0 ? timeChart(time, until, other?.flowGpm ?? null, null) : null,
);
