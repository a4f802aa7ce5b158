import {
  BarController,
  BarElement,
  CategoryScale,
  Chart as ChartJs,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { useComputedColorScheme } from '@mantine/core';
import { useMemo } from 'react';
import { Chart } from 'react-chartjs-2';
import type { ChartOf } from '#core/kernel';
import { useUnits } from '../common';
import classes from './chart.module.css';
import { chartConfig } from './config';
import type { ChartColors } from './config';

ChartJs.defaults.font.family = 'Barlow, sans-serif';
ChartJs.defaults.font.size = 12.5;
ChartJs.register(
  BarController,
  BarElement,
  CategoryScale,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);

const TONES = ['ink', 'water', 'spruce', 'signal', 'brass', 'pencil', 'rule'] as const;
const colorsNow = () =>
  Object.fromEntries(
    TONES.map((name) => [
      name,
      getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim() || '#888',
    ]),
  ) as ChartColors;

/** A chart of the core in the person's units, with its words for those who don't see it. */
export function ChartView({ chart }: { chart: ChartOf }) {
  const { system, say } = useUnits();
  const scheme = useComputedColorScheme('light');
  const { type, data, options } = useMemo(() => {
    void scheme;
    return chartConfig(chart, system, colorsNow());
  }, [chart, system, scheme]);
  return (
    <div className={classes.chart}>
      <Chart type={type} data={data} options={options ?? {}} role="img" aria-label={say(chart.words)} />
    </div>
  );
}
