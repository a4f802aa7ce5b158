import { describe, expect, it } from 'vitest';
import { rollThreshold, tiltDeg, tiltEstimateDeg } from './roll.js';

const truck = { w: 40_000, wy: 0, wz: 40_000 * 50, trackIn: 73 };

describe('the threshold of rolling over', () => {
  it('of a load held fast is half the track over the height, less by what leans already', () => {
    expect(rollThreshold(truck)).toBeCloseTo(36.5 / 50, 9);
    expect(rollThreshold({ ...truck, wy: -40_000 })).toBeCloseTo(35.5 / 50, 9);
  });

  it('with liquid that moves is where the truck as it then is lifts its wheels', () => {
    const moves = (slope: number) => ({ my: 60_000 * slope, mz: 20_000 * slope ** 2 });
    const threshold = rollThreshold(truck, moves);
    expect(threshold).toBeLessThan(36.5 / 50);
    const { my, mz } = moves(threshold);
    expect((36.5 - my / truck.w) / (50 + mz / truck.w)).toBeCloseTo(threshold, 6);
  });

  it('moves the liquid to the side that is heavier already', () => {
    const sides: number[] = [];
    const moves = (_: number, toward: 1 | -1) => {
      sides.push(toward);
      return { my: 0, mz: 0 };
    };
    rollThreshold({ ...truck, wy: -4_000 }, moves);
    rollThreshold({ ...truck, wy: 4_000 }, moves);
    expect(new Set(sides.slice(0, 1))).toEqual(new Set([-1]));
    expect(sides.at(-1)).toBe(1);
  });

  it('as an estimate is less by what tires and springs take', () => {
    expect(tiltDeg(1)).toBeCloseTo(45, 9);
    expect(tiltEstimateDeg(0.73, 20)).toBeCloseTo((Math.atan(0.73 * 0.8) * 180) / Math.PI, 9);
    expect(tiltEstimateDeg(0.73, 0)).toBe(tiltDeg(0.73));
  });
});
