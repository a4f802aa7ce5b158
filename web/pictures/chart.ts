import { createCanvas, SvgExportFlag } from '@napi-rs/canvas';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
} from 'chart.js';
import type { ChartItem } from 'chart.js';
import type { ChartOf } from '#core/kernel';
import type { UnitSystem } from '#core/units';
import { chartConfig } from '../chart/config';
import { DAY } from '../theme/colors';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
);

/** A chart as an SVG of so many points, its text in the font families of that name. */
export function chartSvg(
  chart: ChartOf,
  system: UnitSystem,
  font: string,
  width: number,
  height: number,
): string {
  const canvas = createCanvas(width, height, SvgExportFlag.NoPrettyXML);
  const { options, ...config } = chartConfig(chart, system, DAY);
  Chart.defaults.font.family = font;
  Chart.defaults.font.size = 8;
  const drawn = new Chart(canvas as unknown as ChartItem, {
    ...config,
    options: { ...options, responsive: false, devicePixelRatio: 1 },
  });
  const svg = canvas.getContent().toString('utf8');
  drawn.destroy();
  // A place for every letter would tear ligatures apart: the printer sets the words from the place of the first.
  return svg.replace(/ ([xy])="([^",]*)[^"]*"/g, ' $1="$2"');
}
