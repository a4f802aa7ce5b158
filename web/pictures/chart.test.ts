import { describe, expect, it } from 'vitest';
import type { ChartOf } from '#core/kernel';
import { DAY } from '../theme/colors';
import { chartSvg } from './chart';
import type { Lettering } from './face';

/** Letters half as wide as they are high; a star needs another font. */
const LETTERING: Lettering = {
  font: 'Plain',
  widthOf: (words, size) => words.length * size * 0.5,
  runs: (words) =>
    words.split(/(★)/).flatMap((text) => (text ? [text === '★' ? { text, font: 'Wide' } : { text }] : [])),
};
const BARS: ChartOf = {
  kind: 'bars',
  words: 'States',
  x: { title: 'State', at: ['In service', 'Empty'] },
  y: { title: 'Load', unit: 'lb' },
  series: [
    { label: 'Front', tone: 'ink', values: [1000, -200] },
    { label: 'Rear', tone: 'water', dash: [4, 2], values: [2000, NaN] },
    { label: 'Rating', tone: 'signal', limit: true, values: [1800, 1800] },
  ],
};
const LINES: ChartOf = {
  kind: 'lines',
  words: 'Loads',
  x: { title: 'Water', unit: 'gal', at: [0, 50, 100] },
  y: { title: 'Load', unit: 'lb' },
  right: { title: 'Tilt, degrees' },
  series: [
    { label: 'Front', tone: 'ink', values: [1000, 1500, 2000], mark: 1 },
    { label: 'Tilt', tone: 'signal', right: true, values: [30, NaN, 28] },
  ],
};
const svgOf = (chart: ChartOf, width = 400) => chartSvg(chart, 'us', LETTERING, width, 170);
const all = (svg: string, tag: string) =>
  [...svg.matchAll(new RegExp(`<${tag} [^>]*>`, 'g'))].map(([one]) => one);
const figure = (of: string, name: string) => Number(new RegExp(` ${name}="([^"]*)"`).exec(of)![1]);
const textsOf = (svg: string) => [...svg.matchAll(/<text[^>]*>(.*?)<\/text>/g)].map(([, text]) => text);

describe('a chart on paper', () => {
  it('stands its bars on zero, each to its own height, and leaves out what is no figure', () => {
    const svg = svgOf(BARS);
    const bars = all(svg, 'rect').filter((one) => figure(one, 'height') > 5);
    expect(bars).toHaveLength(3);
    const [front, below, rear] = bars;
    const zero = figure(front!, 'y') + figure(front!, 'height');
    expect(figure(below!, 'y')).toBeCloseTo(zero, 6);
    expect(figure(rear!, 'y') + figure(rear!, 'height')).toBeCloseTo(zero, 6);
    expect(figure(rear!, 'height') / figure(front!, 'height')).toBeCloseTo(2, 6);
    expect(figure(front!, 'height') / figure(below!, 'height')).toBeCloseTo(5, 6);
    expect(rear).toContain('fill="none"');
    expect(svg).not.toContain('NaN');
  });

  it('has the names, the figures of both axes and a title with its unit to each', () => {
    expect(textsOf(svgOf(LINES))).toEqual(
      expect.arrayContaining([
        'Front',
        'Tilt',
        'Load, lb',
        'Tilt, degrees',
        'Water, gal',
        '1,000',
        '2,000',
        '28.0',
        '30.0',
      ]),
    );
  });

  it('breaks a curve where a value is no figure, and marks the point that is to be seen', () => {
    const paths = all(svgOf(LINES), 'path').map((one) => / d="([^"]*)"/.exec(one)![1]!);
    const [front, mark, tilt] = paths;
    expect(front!.match(/[ML]/g)).toEqual(['M', 'L', 'L']);
    expect(mark).toMatch(/Z$/);
    expect(tilt!.match(/[ML]/g)).toEqual(['M', 'M']);
  });

  it('turns names that have no room beside one another', () => {
    const long = { ...BARS, x: { ...BARS.x, at: ['A long name of a state', 'Another one as long'] } };
    expect(svgOf(long, 150)).toContain('rotate(-25');
    expect(svgOf(long, 600)).not.toContain('rotate(-25');
  });

  it('gives its series the lines of a legend that they need, and sets letters in the font that has them', () => {
    const named = {
      ...LINES,
      series: LINES.series.map((of) => ({ ...of, label: `${of.label} ★ by its name` })),
    };
    const labels = (width: number) =>
      all(svgOf(named, width), 'text')
        .slice(0, 2)
        .map((one) => figure(one, 'y'));
    expect(new Set(labels(500)).size).toBe(1);
    expect(new Set(labels(150)).size).toBe(2);
    expect(svgOf(named)).toContain('<tspan font-family="Wide">★</tspan>');
  });

  it('draws its lines in the inks of the day', () => {
    for (const color of [DAY.ink, DAY.water, DAY.signal]) expect(svgOf(BARS)).toContain(`stroke="${color}"`);
  });
});
