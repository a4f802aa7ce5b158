import { describe, expect, it } from 'vitest';
import { overlapIn } from '../../../kernel/index.js';
import { generator } from '../../../test/random.js';
import { HOSES, couplingOf } from '../parts.js';
import { bedHolds, FINISHES, holdsFt, isMadeUp, pack, reelHoldsFt, sectionsOf, usualFill } from './index.js';
import type { Finish, Packable, Packed, Room } from './index.js';

const packable = (id: string): Packable => {
  const hose = HOSES.find((one) => one.id === id)!;
  return {
    flatWidthIn: hose.flatWidthIn,
    thicknessIn: hose.packedIn,
    couplingIn: couplingOf(hose),
    sectionFt: hose.sectionFt,
  };
};
const room = (lengthIn: number, widthIn: number, depthIn: number): Room => ({ lengthIn, widthIn, depthIn });
const boxesOf = ({ lays, couplings }: Packed) => [
  ...lays.flatMap(({ boxes }) => boxes),
  ...couplings.map(({ box }) => box),
];
/** Hose in a lay, in: a horseshoe is two arms and the back across their ends. */
const lengthOf = (finish: Finish, { boxes }: Packed['lays'][number]): number =>
  finish === 'horseshoe'
    ? boxes[0]!.x1 - boxes[1]!.x0 + (boxes[2]!.x1 - boxes[1]!.x0) + (boxes[1]!.y1 - boxes[1]!.y0)
    : boxes[0]!.x1 - boxes[0]!.x0;

describe('a bed packed by hand', () => {
  // Lays beside each other, on top of each other, whole sections by columns, layers and fill; what finds a place.
  it.each<[string, Finish, Room, string, number, number, number, number]>([
    // 34 / 8.2 and 26 / 0.42; 4 × 61 lays of 137 in are 2,785 ft, of which 85 % are 2,367.
    ['1,000 ft and more of 5 in, flat', 'flat', room(140, 34, 26), 'supply-5', 4, 61, 2300, 2200],
    // 34 / 0.42 and 26 / 8.2; 80 × 3 lays of 137 in are 2,740 ft, of which 85 % are 2,329.
    ['the same on edge', 'edge', room(140, 34, 26), 'supply-5', 80, 3, 2300, 2200],
    // 34 / 0.84 times round, in 3 tiers; the first is 2 × 137 + 34 = 308 in, the last 39 × 1.68 in less, 242.5.
    ['the same in horseshoes', 'horseshoe', room(140, 34, 26), 'supply-5', 40, 3, 2300, 2200],
    // 8 / 3.1 and 14 / 0.31; 2 × 45 lays of 90 in are 675 ft, of which 65 % are 438.75.
    ['a crosslay, flat', 'flat', room(93, 8, 14), 'attack-1.75', 2, 45, 400, 400],
    ['a crosslay in shoulder loads', 'shoulder', room(93, 8, 14), 'attack-1.75', 2, 45, 400, 400],
    // 8 / 0.31 and 14 / 3.1; 25 × 4 lays of 90 in are 750 ft, of which 65 % are 487.5.
    ['a crosslay on edge', 'edge', room(93, 8, 14), 'attack-1.75', 25, 4, 450, 450],
  ])('%s', (_, finish, bed, id, across, up, formulaFt, laidFt) => {
    const hose = packable(id);
    const fill = usualFill(HOSES.find((one) => one.id === id)!.sizeIn, bed.lengthIn);
    const load = finish === 'shoulder' ? 'flat' : (finish as 'flat');
    const holds = bedHolds({ bed, hose: { ...hose, lbPerFt: 1 }, load, fill });
    expect([holds.across, holds.up, holds.sectionsFt]).toEqual([across, up, formulaFt]);
    expect(holdsFt(finish, bed, hose, fill)).toBe(laidFt);
  });

  it('rolls lie on each other, as wide as the hose that is wound on them', () => {
    // 600 in of 0.31 in about a coupling of 3 in, and one more outside: 18.7 in; two by one, four on each other.
    const bed = room(40, 22, 14);
    const across = Math.sqrt((4 * 600 * 0.31) / Math.PI + 9) + 3;
    expect(across).toBeCloseTo(18.679, 3);
    expect(holdsFt('rolls', bed, packable('attack-1.75'), 0.85)).toBe(2 * 1 * 4 * 50);
  });

  it('bundles lie beside and on each other, as long as their folds and a coupling', () => {
    // 600 in are 15 folds of 42 in, 15 × 0.31 = 4.65 wide and as high as the hose; couplings of 3 in ask for 3.75.
    const bed = room(46, 14, 6.5);
    expect(holdsFt('bundles', bed, packable('attack-1.75'), 0.85)).toBe(3 * 2 * 50);
    // An inch too short for its length, and not wide enough across.
    expect(holdsFt('bundles', room(45, 14, 6.5), packable('attack-1.75'), 0.85)).toBe(0);
    expect(holdsFt('bundles', room(14, 46, 6.5), packable('attack-1.75'), 0.85)).toBe(3 * 2 * 50);
  });

  it('a reel winds layer on layer from its drum', () => {
    // 30 / 1.5 = 20 wraps; (24 − 8 − 1) / 3 = 5 layers of 9.5, 12.5, 15.5, 18.5 and 21.5 in across; 95 % of it.
    expect(reelHoldsFt({ widthIn: 30, depthIn: 24 }, { flatWidthIn: 1.5, thicknessIn: 1.5 })).toBeCloseTo(
      (20 * Math.PI * (9.5 + 12.5 + 15.5 + 18.5 + 21.5) * 0.95) / 12,
      6,
    );
  });

  it('a short length is a section of its own', () => {
    expect(sectionsOf(175, 50)).toEqual([50, 50, 50, 25]);
    const packed = pack(175, 'flat', room(93, 8, 14), packable('attack-1.75'), 0.65);
    expect([packed.fitFt, packed.sections, packed.couplings.length]).toEqual([175, 4, 4]);
  });

  it('narrower or shallower than a coupling takes nothing', () => {
    for (const finish of FINISHES) {
      const packed = pack(100, finish, room(70, 6.9, 30), packable('supply-5'), 0.85);
      expect([packed.takesCoupling, packed.fitFt, packed.leftFt, packed.box]).toEqual([false, 0, 100, null]);
      expect(pack(100, finish, room(70, 30, 6.9), packable('supply-5'), 0.85).takesCoupling).toBe(false);
    }
  });

  it.each([
    ['attack hose in a short bed', 1.75, 96, 0.65],
    ['attack hose in a long bed', 1.75, 96.5, 0.85],
    ['large hose in a short bed', 2.5, 70, 0.85],
  ])('what is usual: %s', (_, sizeIn, lengthIn, fill) => expect(usualFill(sizeIn, lengthIn)).toBe(fill));
});

describe('whatever the bed and the hose', () => {
  const random = generator(15);
  const between = (from: number, to: number) => from + random() * (to - from);
  const all = Array.from({ length: 36 }, () => {
    const { id } = HOSES.filter(({ use }) => use !== 'booster')[Math.floor(random() * 11)]!;
    const bed = room(between(20, 170), between(3, 50), between(5, 34));
    return { id, bed, feet: Math.ceil(between(1, 120)) * 25, fill: between(0.5, 1), widerIn: between(0, 4) };
  });

  it.each(FINISHES)('%s: no lay or coupling runs into another, and none leaves the bed', (finish) => {
    for (const { id, bed, feet, fill } of all) {
      const boxes = boxesOf(pack(feet, finish, bed, packable(id), fill));
      for (const box of boxes) {
        expect(Math.min(box.x0, box.y0, box.z0)).toBeGreaterThanOrEqual(-1e-9);
        expect(box.x1).toBeLessThanOrEqual(bed.lengthIn + 1e-9);
        expect(box.y1).toBeLessThanOrEqual(bed.widthIn + 1e-9);
        expect(box.z1).toBeLessThanOrEqual(bed.depthIn + 1e-9);
        expect(Math.min(box.x1 - box.x0, box.z1 - box.z0)).toBeGreaterThan(0);
      }
      for (const [i, a] of boxes.entries())
        for (const b of boxes.slice(i + 1))
          if (overlapIn(a, b) > 0) throw new Error(JSON.stringify([id, bed, a, b]));
    }
  });

  it.each(FINISHES.filter((finish) => !isMadeUp(finish)))(
    '%s: the lays are as long as the hose that fits',
    (finish) => {
      for (const { id, bed, feet, fill } of all) {
        const packed = pack(feet, finish, bed, packable(id), fill);
        const laidIn = packed.lays.reduce((sum, lay) => sum + lengthOf(finish, lay), 0);
        expect(laidIn).toBeCloseTo(packed.fitFt * 12, 3);
        expect(packed.fitFt + packed.leftFt).toBeCloseTo(feet, 9);
        expect(packed.couplings.length).toBe(packed.sections);
        const ends = packed.couplings.map(({ atIn }) => atIn / 12);
        ends.forEach((ft, nth) =>
          expect(ft).toBeCloseTo(Math.min(feet, (nth + 1) * packable(id).sectionFt), 3),
        );
      }
    },
  );

  it.each(FINISHES)('%s: a wider bed never holds less, nor a deeper one', (finish) => {
    for (const { id, bed, fill, widerIn } of all) {
      const now = holdsFt(finish, bed, packable(id), fill);
      const wider = { ...bed, widthIn: bed.widthIn + widerIn };
      const deeper = { ...bed, depthIn: bed.depthIn + widerIn };
      expect(holdsFt(finish, wider, packable(id), fill)).toBeGreaterThanOrEqual(now);
      expect(holdsFt(finish, deeper, packable(id), fill)).toBeGreaterThanOrEqual(now);
    }
  });
});
