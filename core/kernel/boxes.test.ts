import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  around,
  boxAt,
  boxOf,
  boxOfTank,
  grown,
  middleOf,
  overlapIn,
  surfaceOf,
  volumeOf,
  without,
} from './index.js';
import type { Box } from './index.js';

const CUBE = boxOf(0, 10, 0, 10, 0, 10);

describe('how far two boxes reach into each other', () => {
  it.each([
    ['by their least way out, along the truck', boxOf(8, 20, 0, 10, 0, 10), 2],
    ['across it', boxOf(0, 10, -5, 3, 0, 10), 3],
    ['up', boxOf(0, 10, 0, 10, 6, 30), 4],
    ['one within the other', boxOf(4, 6, 3, 7, 2, 8), 2],
    ['not where they touch', boxOf(10, 20, 0, 10, 0, 10), 0],
    ['not by a hair', boxOf(9.96, 20, 0, 10, 0, 10), 0],
    ['just more than a hair', boxOf(9.94, 20, 0, 10, 0, 10), 0.06],
    ['not where they are apart along one way alone', boxOf(2, 8, 2, 8, 11, 12), 0],
    ['nor across', boxOf(2, 8, 11, 12, 2, 8), 0],
  ])('%s', (_, other, byIn) => {
    expect(overlapIn(CUBE, other)).toBeCloseTo(byIn, 9);
    expect(overlapIn(other, CUBE)).toBeCloseTo(byIn, 9);
  });
});

describe('a box without others', () => {
  it('is six boxes about a hole in its middle, and all of it but the hole', () => {
    const hole = boxOf(2, 5, 3, 6, 4, 8);
    const left = without(CUBE, [hole]);
    expect(left).toHaveLength(6);
    expect(left.reduce((sum, box) => sum + volumeOf(box), 0)).toBeCloseTo(1000 - 3 * 3 * 4, 9);
  });

  it('is itself where nothing is taken, and nothing where all of it is', () => {
    expect(without(CUBE, [])).toEqual([CUBE]);
    expect(without(CUBE, [boxOf(20, 30, 0, 10, 0, 10)])).toEqual([CUBE]);
    expect(without(CUBE, [grown(CUBE, 1)])).toEqual([]);
  });

  const edge = fc.integer({ min: -4, max: 14 });
  const anyBox = fc
    .tuple(edge, edge, edge, edge, edge, edge)
    .map(([a, b, c, d, e, f]) =>
      boxOf(Math.min(a, b), Math.max(a, b), Math.min(c, d), Math.max(c, d), Math.min(e, f), Math.max(e, f)),
    );
  /** Whether the middle of an inch lies in a box. */
  const has = (box: Box, x: number, y: number, z: number) =>
    x > box.x0 && x < box.x1 && y > box.y0 && y < box.y1 && z > box.z0 && z < box.z1;

  it('is what a count inch by inch says, whatever is cut out, and its pieces do not overlap', () => {
    fc.assert(
      fc.property(fc.array(anyBox, { maxLength: 4 }), (cuts) => {
        const left = without(CUBE, cuts);
        let inches = 0;
        for (let x = 0.5; x < 10; x++)
          for (let y = 0.5; y < 10; y++)
            for (let z = 0.5; z < 10; z++) if (!cuts.some((cut) => has(cut, x, y, z))) inches++;
        expect(left.reduce((sum, box) => sum + volumeOf(box), 0)).toBeCloseTo(inches, 6);
        left.forEach((box, i) => {
          for (const other of left.slice(i + 1)) expect(overlapIn(box, other)).toBe(0);
          for (const cut of cuts) expect(overlapIn(box, cut)).toBe(0);
        });
      }),
      { numRuns: 60 },
    );
  });
});

describe('the sizes of a box', () => {
  const box = boxAt(100, -20, 50, 10, 6, 4);
  it('stands about its center', () => {
    expect(box).toEqual({ x0: 95, x1: 105, y0: -23, y1: -17, z0: 48, z1: 52 });
    expect(middleOf(box)).toEqual({ xIn: 100, yIn: -20, zIn: 50 });
  });
  it('has a volume and a surface', () => {
    expect(volumeOf(box)).toBe(240);
    expect(surfaceOf(box)).toBe(2 * (60 + 40 + 24));
  });
  it('grows on every side', () => {
    expect(grown(box, 2)).toEqual({ x0: 93, x1: 107, y0: -25, y1: -15, z0: 46, z1: 54 });
  });
  it('goes around all of some, and around nothing it can’t', () => {
    expect(around([box, boxOf(0, 1, 5, 6, 90, 91), boxOf(200, 201, -40, -39, 7, 8)])).toEqual(
      boxOf(0, 201, -40, 6, 7, 91),
    );
    expect(around([box])).not.toBe(box);
    expect(() => around([])).toThrow('nothing to go around');
  });
  it('of a tank begins at its front and stands on its bottom', () => {
    const tank = {
      frontIn: 90,
      centerIn: 4,
      bottomIn: 42,
      lengthIn: 60,
      widthIn: 40,
      heightIn: 30,
      lateralCells: 2,
    };
    expect(boxOfTank(tank)).toEqual(boxOf(90, 150, -16, 24, 42, 72));
  });
});
