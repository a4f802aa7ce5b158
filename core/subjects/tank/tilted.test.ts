import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { TankBox } from '../../kernel/index.js';
import { fillTank } from './filling.js';
import { cellsOf, movementOf } from './tilted.js';

const movedBy = (boxes: TankBox[], surfaceIn: number, slope: number, toward: 1 | -1) =>
  movementOf(boxes, surfaceIn)(slope, toward);

const box = (over: Partial<TankBox> = {}): TankBox => ({
  frontIn: 100,
  centerIn: 0,
  bottomIn: 40,
  lengthIn: 80,
  widthIn: 40,
  heightIn: 24,
  lateralCells: 1,
  ...over,
});
const volume = (boxes: TankBox[]) => boxes.reduce((sum, b) => sum + b.lengthIn * b.widthIn * b.heightIn, 0);
const surfaceAt = (boxes: TankBox[], share: number) =>
  fillTank({
    boxes,
    usableFraction: 1,
    liquidLbPerGal: 8.34,
    gallons: (volume(boxes) * share) / 231,
  }).surfaceIn;

/** The same by thin slices across the truck, the plane found by halving: nothing of the real work in it. */
function sliced(boxes: TankBox[], surfaceIn: number, slope: number): { my: number; mz: number } {
  const slices = 2000;
  const sums = (cell: ReturnType<typeof cellsOf>[number], at: number, lean: number) => {
    let [v, my, mz] = [0, 0, 0];
    for (const { y0, y1, z0, z1, lengthIn } of cell) {
      const wide = (y1 - y0) / slices;
      for (let i = 0; i < slices; i++) {
        const y = y0 + (i + 0.5) * wide;
        const deep = Math.min(z1, Math.max(z0, at + lean * y)) - z0;
        const part = lengthIn * wide * deep;
        v += part;
        my += part * y;
        mz += part * (z0 + deep / 2);
      }
    }
    return { v, my, mz };
  };
  let [my, mz] = [0, 0];
  for (const cell of cellsOf(boxes)) {
    const level = sums(cell, surfaceIn, 0);
    let [low, high] = [-500, 700];
    for (let i = 0; i < 60; i++) {
      const at = (low + high) / 2;
      if (sums(cell, at, slope).v > level.v) high = at;
      else low = at;
    }
    const leaning = sums(cell, (low + high) / 2, slope);
    my += leaning.my - level.my;
    mz += leaning.mz - level.mz;
  }
  return { my, mz };
}

describe('the liquid of a tank that leans', () => {
  it('at a small angle moves as the free-surface formula says: l·b³/12/n² times the slope', () => {
    for (const lateralCells of [1, 2, 3]) {
      const boxes = [box({ lateralCells })];
      const { my } = movedBy(boxes, surfaceAt(boxes, 0.5), 0.01, 1);
      expect(my).toBeCloseTo(((80 * 40 ** 3) / 12 / lateralCells ** 2) * 0.01, 3);
    }
  });

  it('by hand: half full, leaning until the surface runs through two corners', () => {
    // 40 wide and 24 deep: at a slope of 24/40 the half lies as a triangle, its middle a third from the low side.
    const { my, mz } = movedBy([box()], 52, 24 / 40, 1);
    const half = 80 * 40 * 12;
    expect(my).toBeCloseTo(half * (20 - 40 / 3), 6);
    expect(mz).toBeCloseTo(half * (40 + 24 / 3 - 46), 6);
  });

  it('hardly moves near full and near empty, so that a full tank and one half a pint short do not differ', () => {
    const boxes = [box({ lengthIn: 90, widthIn: 66, heightIn: 30 })];
    const near = movedBy(boxes, surfaceAt(boxes, 1 - 14.4 / volume(boxes)), 0.6, 1);
    const half = movedBy(boxes, surfaceAt(boxes, 0.5), 0.6, 1);
    expect(near.my).toBeLessThan(half.my * 0.01);
    expect(movedBy(boxes, surfaceAt(boxes, 1e-5), 0.6, 1).my).toBeLessThan(half.my * 0.01);
    expect(movedBy(boxes, 70, 0.6, 1)).toEqual({ my: 0, mz: 0 });
  });

  it('is one liquid where boxes stand on each other, and one in each cell between baffles', () => {
    const tee = [box(), box({ bottomIn: 64, widthIn: 66, lateralCells: 2 })];
    expect(cellsOf(tee)).toHaveLength(1);
    expect(cellsOf([box({ lateralCells: 3 })])).toHaveLength(3);
    expect(cellsOf([box({ lateralCells: 2 }), box({ bottomIn: 64, lateralCells: 2 })])).toHaveLength(2);
  });

  it('as thin slices have it, to either side', () => {
    const tanks = fc.array(
      fc.record({
        lengthIn: fc.integer({ min: 30, max: 90 }),
        widthIn: fc.integer({ min: 30, max: 70 }),
        heightIn: fc.integer({ min: 10, max: 40 }),
        centerIn: fc.integer({ min: -5, max: 5 }),
        lateralCells: fc.integer({ min: 1, max: 3 }),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(
        tanks,
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 0.05, max: 0.9, noNaN: true }),
        (parts, share, slope) => {
          let bottomIn = 40;
          const boxes = parts.map((part): TankBox => {
            const made = box({ ...part, bottomIn });
            bottomIn += part.heightIn;
            return made;
          });
          const surfaceIn = surfaceAt(boxes, share);
          const exact = movedBy(boxes, surfaceIn, slope, 1);
          const thin = sliced(boxes, surfaceIn, slope);
          const whole = volume(boxes) * share;
          expect(Math.abs(exact.my - thin.my) / whole).toBeLessThan(0.01);
          expect(Math.abs(exact.mz - thin.mz) / whole).toBeLessThan(0.01);
          expect(exact.my).toBeGreaterThanOrEqual(-1e-6 * whole);
          expect(exact.mz).toBeGreaterThanOrEqual(-1e-6 * whole);
          const mirrored = boxes.map((b) => ({ ...b, centerIn: -b.centerIn }));
          expect(movedBy(mirrored, surfaceIn, slope, -1).my).toBeCloseTo(exact.my, 3);
        },
      ),
      { numRuns: 60, seed: 20_261_126 },
    );
  });
});
