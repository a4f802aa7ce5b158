import { describe, expect, it } from 'vitest';
import type { ChartOf } from '#core/kernel';
import { chartConfig } from './config';
import type { ChartColors } from './config';

const DAY: ChartColors = {
  ink: '#111',
  water: '#36e',
  spruce: '#264',
  signal: '#b40',
  brass: '#760',
  pencil: '#555',
  rule: '#ddd',
};

const LINES: ChartOf = {
  kind: 'lines',
  words: 'Loads',
  x: { title: 'Water', unit: 'gal', at: [0, 100] },
  y: { title: 'Load', unit: 'lb' },
  right: { title: 'Tilt, degrees' },
  series: [
    { label: 'Front', tone: 'ink', values: [1000, 2000], mark: 1 },
    { label: 'Tilt', tone: 'signal', dash: [6, 3], right: true, values: [30, 28] },
  ],
};
const BARS: ChartOf = {
  kind: 'bars',
  words: 'States',
  x: { title: 'State', at: ['In service', 'Empty'] },
  y: { title: 'Load', unit: 'lb' },
  series: [
    { label: 'Front', tone: 'ink', values: [1000, 900] },
    { label: 'Rear', tone: 'water', dash: [4, 2], values: [2000, 1500] },
    { label: 'Rating', tone: 'signal', limit: true, values: [1800, 1800] },
  ],
};
const titleOf = (config: ReturnType<typeof chartConfig>, axis: string) =>
  (config.options!.scales![axis] as { title: { text: string } }).title.text;

describe('a chart as Chart.js draws it', () => {
  it('has its places and values in the person’s units, and says which', () => {
    const metric = chartConfig(LINES, 'metric', DAY);
    const [front, tilt] = metric.data.datasets as unknown as { data: { x: number; y: number }[] }[];
    expect(front!.data[1]!.x).toBeCloseTo(378.541, 2);
    expect(front!.data[1]!.y).toBeCloseTo(907.185, 2);
    // What has no unit of a system stays as it is.
    expect(tilt!.data.map(({ y }) => y)).toEqual([30, 28]);
    expect([titleOf(metric, 'x'), titleOf(metric, 'y'), titleOf(metric, 'right')]).toEqual([
      'Water, L',
      'Load, kg',
      'Tilt, degrees',
    ]);
    expect(titleOf(chartConfig(LINES, 'canada', DAY), 'x')).toBe('Water, imp gal');
  });

  it('marks the point that is to be seen, and tells lines apart by dash', () => {
    const [front, tilt] = chartConfig(LINES, 'us', DAY).data.datasets as unknown as {
      pointRadius: number[];
      borderDash: number[];
      yAxisID: string;
    }[];
    expect(front!.pointRadius).toEqual([0, 6]);
    expect(tilt!.pointRadius).toEqual([0, 0]);
    expect([front!.borderDash, tilt!.borderDash]).toEqual([[], [6, 3]]);
    expect([front!.yAxisID, tilt!.yAxisID]).toEqual(['y', 'right']);
  });

  it('draws limits as lines over bars, and the second set of bars hollow', () => {
    const { type, data } = chartConfig(BARS, 'us', DAY);
    expect([type, data.labels]).toEqual(['bar', ['In service', 'Empty']]);
    expect(data.datasets.map((set) => set.type)).toEqual(['bar', 'bar', 'line']);
    expect(data.datasets.map((set) => set.backgroundColor)).toEqual([DAY.ink, 'transparent', DAY.signal]);
  });
});
