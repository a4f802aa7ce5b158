import { describe, expect, it } from 'vitest';
import { around, boxOf, volumeOf } from '../../kernel/index.js';
import { roomOf } from './room.js';

/** A compartment 40 in long and 60 in high, 27 in deep from the driver's side. */
const region = boxOf(100, 140, -50, -23, 20, 80);
const plain = { wallIn: 1.5, leastIn: 9, drum: null };
const volume = (room: ReturnType<typeof roomOf>) => room.reduce((sum, box) => sum + volumeOf(box), 0);

describe('the room of a compartment', () => {
  it('is all of it where nothing is in the way', () => {
    expect(roomOf(region, 'left', [], plain)).toEqual([region]);
    expect(roomOf(region, 'left', [boxOf(0, 90, -50, 50, 0, 100)], plain)).toEqual([region]);
  });

  it('ends a wall before what stands behind it, there and nowhere else', () => {
    const tank = boxOf(90, 200, -35, 35, 50, 90);
    const room = roomOf(region, 'left', [tank], plain);
    expect(volume(room)).toBeCloseTo(40 * (30 * 27 + 30 * (50 - 35 - 1.5)), 9);
    expect(Math.max(...room.filter(({ z0 }) => z0 >= 50).map(({ y1 }) => y1))).toBeCloseTo(-36.5, 9);
  });

  it('is the same on the other side, mirrored', () => {
    const mirror = boxOf(100, 140, 23, 50, 20, 80);
    const tank = boxOf(90, 200, -35, 35, 50, 90);
    expect(volume(roomOf(mirror, 'right', [tank], plain))).toBeCloseTo(
      volume(roomOf(region, 'left', [tank], plain)),
      9,
    );
  });

  it('is nothing where what is in the way leaves too little depth, or reaches the door', () => {
    expect(roomOf(region, 'left', [boxOf(90, 200, -42, 42, 0, 100)], plain)).toEqual([]);
    const leg = boxOf(120, 136, -50.5, -36, 15, 54);
    const room = roomOf(region, 'left', [leg], plain);
    for (const box of room) expect(box.x1 <= 120 || box.x0 >= 136 || box.z0 >= 54).toBe(true);
    // Beside the leg only 4 in are left: a slit, and no room.
    expect(room.some(({ x0, z1 }) => x0 >= 136 && z1 <= 54)).toBe(false);
  });

  it('lies behind the drum of a roll-up door at its top', () => {
    const room = roomOf(region, 'left', [], { ...plain, drum: { heightIn: 9, depthIn: 9 } });
    expect(volume(room)).toBeCloseTo(40 * (51 * 27 + 9 * 18), 9);
    expect(around(room)).toEqual(region);
  });

  it('at the back goes forward from its door to what stands ahead', () => {
    const back = boxOf(250, 278, -20, 20, 40, 80);
    const room = roomOf(back, 'rear', [boxOf(100, 260, -21, 21, 42, 90)], plain);
    // Under the tank, 2 in, it is as deep as it was meant.
    expect(volume(room)).toBeCloseTo(40 * (38 * (278 - 260 - 1.5) + 2 * 28), 9);
  });
});
