import { BarElement, CategoryScale, Chart, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import type { ChartOptions } from 'chart.js';
import { useComputedColorScheme } from '@mantine/core';
import { useMemo } from 'react';
import { Bar, Line } from 'react-chartjs-2';
import classes from './chart.module.css';

Chart.defaults.font.family = 'Barlow, sans-serif';
Chart.defaults.font.size = 12.5;
Chart.register(BarElement, CategoryScale, Legend, LinearScale, LineElement, PointElement, Tooltip);

/** One line or one set of bars, in the units that the axis says. `dash` tells it from others without its colour. */
export interface Series {
  label: string;
  colour: 'ink' | 'water' | 'spruce' | 'signal' | 'brass' | 'pencil';
  dash?: number[];
  values: (number | null)[];
  /** Whether it is a limit: drawn as a thin line over bars. */
  limit?: boolean;
  /** A second axis, at the right. */
  right?: boolean;
  /** Index of the point to mark. */
  mark?: number;
}

const token = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim() || '#888';

function useOptions(xTitle: string, yTitle: string, rightTitle: string | undefined, numeric: boolean) {
  const scheme = useComputedColorScheme('light');
  return useMemo(() => {
    void scheme;
    const ink = token('ink');
    const axis = (title: string) => ({ title: { display: true, text: title, color: ink }, ticks: { color: ink }, grid: { color: token('rule') } });
    const options: ChartOptions<'bar'> & ChartOptions<'line'> = {
      animation: false, responsive: true, maintainAspectRatio: false, interaction: { mode: 'index', intersect: false },
      plugins: { legend: { labels: { color: ink, usePointStyle: false, boxWidth: 26, boxHeight: 2 } }, tooltip: { enabled: true } },
      scales: {
        x: { ...axis(xTitle), ...(numeric ? { type: 'linear' as const } : {}) },
        y: axis(yTitle),
        ...(rightTitle ? { right: { ...axis(rightTitle), position: 'right' as const, grid: { drawOnChartArea: false } } } : {}),
      },
    };
    return options;
  }, [scheme, xTitle, yTitle, rightTitle, numeric]);
}

const base = ({ label, colour, dash, right }: Series) => ({ label, borderColor: token(colour), backgroundColor: token(colour), borderDash: dash ?? [], borderWidth: 2, pointRadius: 0, yAxisID: right ? 'right' : 'y' });

interface Props { label: string; x: number[] | string[]; xTitle: string; yTitle: string; rightTitle?: string; series: Series[] }

/** Lines over a numeric axis; `label` says in words what the picture shows. */
export function LineChart({ label, x, xTitle, yTitle, rightTitle, series }: Props) {
  const options = useOptions(xTitle, yTitle, rightTitle, true);
  const data = { datasets: series.map((one) => ({ ...base(one), data: one.values.map((value, i) => ({ x: Number(x[i]), y: value as number })), pointRadius: one.values.map((_, i) => (i === one.mark ? 6 : 0)), pointStyle: 'rectRot' as const })) };
  return <div className={classes.chart}><Line options={options} data={data} role="img" aria-label={label} /></div>;
}

/** Bars side by side by category, with limits as lines. */
export function BarChart({ label, x, xTitle, yTitle, series }: Props) {
  const options = useOptions(xTitle, yTitle, undefined, false);
  const data = {
    labels: x as string[],
    datasets: series.map((one) => (one.limit ? { ...base(one), type: 'line' as const, data: one.values, borderWidth: 1.5 } : { ...base(one), type: 'bar' as const, data: one.values, borderWidth: 1, ...(one.dash ? { backgroundColor: 'transparent', borderWidth: 2 } : {}) })),
  };
  return <div className={classes.chart}><Bar options={options} data={data as never} role="img" aria-label={label} /></div>;
}
