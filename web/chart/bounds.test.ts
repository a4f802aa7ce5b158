import { describe, expect, it } from 'vitest';
import { boundsOf, marksOf } from './bounds';

describe('the ends of an axis', () => {
  it.each([
    ['loads of an axle', [17_085, 18_075], false, { min: 17_000, max: 18_200, step: 200 }],
    ['heights apart by little', [48.9, 52.8], false, { min: 48, max: 53, step: 1 }],
    ['bars stand on zero', [15_405, 25_684], true, { min: 0, max: 30_000, step: 5_000 }],
    ['bars that hang below it', [-414, 12_385], true, { min: -2_000, max: 14_000, step: 2_000 }],
    ['one value alone has room about it', [100], false, { min: 94, max: 106, step: 2 }],
    ['zero alone', [0], false, { min: -1, max: 1, step: 0.5 }],
    ['what is no figure counts for nothing', [NaN, 0, 250, Infinity], false, { min: 0, max: 250, step: 50 }],
    ['nothing at all', [], false, { min: -1, max: 1, step: 0.5 }],
  ])('%s', (_, values, fromZero, expected) => {
    const { min, max, step } = boundsOf(values, 6, fromZero);
    expect({ min, max, step: Number(step.toPrecision(6)) }).toEqual(expected);
  });

  it('holds every value, and has a mark at each end', () => {
    for (const values of [
      [0.013, 0.0171],
      [-3_000_000, 41],
      [1, 1.0001],
    ]) {
      const bounds = boundsOf(values, 6);
      expect(bounds.min).toBeLessThanOrEqual(Math.min(...values));
      expect(bounds.max).toBeGreaterThanOrEqual(Math.max(...values));
      const marks = marksOf(bounds);
      expect(marks[0]).toBe(bounds.min);
      expect(marks.at(-1)).toBeCloseTo(bounds.max, 9);
      expect(marks.length).toBeGreaterThan(2);
    }
  });
});
