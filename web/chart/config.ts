import type { ChartConfiguration } from 'chart.js';
import type { Axis, ChartOf, Series } from '#core/kernel';
import { shownIn, toSystem } from '#core/units';
import type { UnitSystem } from '#core/units';
import { boundsOf } from './bounds';
import type { Bounds } from './bounds';

/** The colors of a chart: those of its lines, and of axes and grid. */
export type ChartColors = Record<Series['tone'] | 'rule', string>;

/** An axis's title with its unit. */
export const titleOf = ({ title, unit }: Axis, system: UnitSystem): string =>
  unit ? `${title}, ${shownIn(system, unit).unit}` : title;
/** A value of an axis in a person's units. */
export const valueOf =
  ({ unit }: Axis, system: UnitSystem) =>
  (value: number): number =>
    unit ? toSystem(system, unit, value) : value;

/** About how many figures stand along an axis. */
const MARKS = { x: 8, y: 6 };

/** Where the axes of a chart begin and end, in a person's units: the same on screen and on paper. */
export function chartBounds(chart: ChartOf, system: UnitSystem) {
  const lines = chart.kind === 'lines';
  const on = (axis: Axis, right: boolean): Bounds =>
    boundsOf(
      chart.series
        .filter((of) => (of.right ?? false) === right)
        .flatMap(({ values }) => values.map(valueOf(axis, system))),
      MARKS.y,
      !lines,
    );
  return {
    x: lines ? boundsOf((chart.x.at as number[]).map(valueOf(chart.x, system)), MARKS.x) : null,
    y: on(chart.y, false),
    right: chart.right ? on(chart.right, true) : null,
  };
}

/** A chart of the core as Chart.js draws it, in a person's units; the same on screen and on paper. */
export function chartConfig(chart: ChartOf, system: UnitSystem, colors: ChartColors): ChartConfiguration {
  const bounds = chartBounds(chart, system);
  const axis = (of: Axis, along: Bounds | null) => ({
    title: { display: true, text: titleOf(of, system), color: colors.ink },
    ticks: { color: colors.ink, ...(along ? { stepSize: along.step } : {}) },
    grid: { color: colors.rule },
    ...(along ? { min: along.min, max: along.max } : {}),
  });
  const lines = chart.kind === 'lines';
  const at = lines ? (chart.x.at as number[]).map(valueOf(chart.x, system)) : (chart.x.at as string[]);
  const dataset = ({ label, tone, dash = [], values, limit, right, mark, points }: Series) => {
    const shown = values.map(valueOf(right && chart.right ? chart.right : chart.y, system));
    const pen = {
      label,
      borderColor: colors[tone],
      backgroundColor: colors[tone],
      borderDash: dash,
      yAxisID: right ? 'right' : 'y',
    };
    if (lines)
      return {
        ...pen,
        type: 'line' as const,
        borderWidth: 2,
        showLine: !points,
        pointStyle: 'rectRot' as const,
        pointRadius: shown.map((_, i) => (i === mark ? 6 : points ? 4 : 0)),
        clip: false as const,
        data: shown.map((y, i) => ({ x: at[i] as number, y })),
      };
    if (limit) return { ...pen, type: 'line' as const, borderWidth: 1.5, pointRadius: 0, data: shown };
    return {
      ...pen,
      type: 'bar' as const,
      borderWidth: dash.length ? 2 : 1,
      ...(dash.length ? { backgroundColor: 'transparent' } : {}),
      data: shown,
    };
  };
  return {
    type: lines ? 'line' : 'bar',
    data: {
      ...(lines ? {} : { labels: at }),
      datasets: chart.series.map(dataset),
    } as ChartConfiguration['data'],
    options: {
      animation: false,
      maintainAspectRatio: false,
      interaction: { mode: 'index', intersect: false },
      plugins: {
        legend: { labels: { color: colors.ink, usePointStyle: false, boxWidth: 26, boxHeight: 2 } },
        tooltip: { enabled: true },
      },
      scales: {
        x: { ...axis(chart.x, bounds.x), ...(lines ? { type: 'linear' as const } : {}) },
        y: axis(chart.y, bounds.y),
        ...(chart.right
          ? {
              right: {
                ...axis(chart.right, bounds.right),
                position: 'right' as const,
                grid: { drawOnChartArea: false },
              },
            }
          : {}),
      },
    },
  };
}
