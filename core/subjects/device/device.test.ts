import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { bodyPlace, cabPlace, clashes, components, solidsOf, turntable } from '../../truck/index.js';
import { house } from '../index.js';
import { withDevice } from './index.js';

const aerial = starterBuild('aerial', 'Aerial', 'D');
const under = (roofId: string) => withBlock(aerial, 'cab', { roofId });
const read = (build: Build) => house.evaluate(build);
const behindAxleIn = (build: Build) => read(build).read(bodyPlace).endIn - build.chassis.wheelbaseIn;

describe('a roof under a ladder', () => {
  // A trench 8 in deep and a roof 4 in lower, both of a flat roof.
  it.each([
    ['trench-8', 8],
    ['lowered-4', 4],
  ])('%s lets it lie %s in lower, clear of the cab', (roofId, byIn) => {
    const [flat, low] = [read(under('flat')), read(under(roofId))];
    expect(flat.read(turntable)!.zIn - low.read(turntable)!.zIn).toBe(byIn);
    expect(house.measure(under('flat'))['height']! - house.measure(under(roofId))['height']!).toBe(byIn);
    const ran = low.read(clashes).filter(({ a, b }) => [a.id, b.id].includes('chassis'));
    expect(ran.filter(({ a, b }) => [a.id, b.id].some((id) => id.startsWith('device.section')))).toEqual([]);
  });

  it('has a trench through the cab: its two shoulders stay at the roof’s height', () => {
    const low = read(under('trench-8'));
    const { topIn, trench } = low.read(cabPlace);
    expect(trench).toEqual({ halfIn: 26, floorIn: topIn - 8 });
    const cab = low
      .read(components)
      .filter(({ id }) => id === 'chassis')
      .flatMap(solidsOf)
      .filter(({ kind }) => kind === 'cab');
    const inTrench = cab.filter(({ box }) => box.z1 > trench!.floorIn && box.y0 < 26 && box.y1 > -26);
    expect(inTrench).toEqual([]);
    expect(cab.filter(({ box }) => box.z1 === topIn).map(({ box }) => [box.y0, box.y1])).toEqual([
      [-48.5, -26],
      [26, 48.5],
    ]);
  });
});

describe('another device', () => {
  it('gives the row what a mid mount takes of it: as much hangs behind the axle, as far as bodies go', () => {
    const mid = house.settle(withDevice(aerial, 'platform-100-mid'));
    // The longest that the tandem chassis is made.
    expect(mid.chassis.wheelbaseIn).toBe(270);
    expect(mid.body.lengthIn).toBeLessThan(aerial.body.lengthIn);
    // The body is made in steps of 2 in.
    expect(Math.abs(behindAxleIn(mid) - behindAxleIn(aerial))).toBeLessThanOrEqual(1);
    expect(house.problemsOf(mid)).toEqual([]);
  });

  it('a rear mount again has the room of the row for its body', () => {
    const mid = house.settle(withDevice(aerial, 'platform-100-mid'));
    const rear = house.settle(withDevice(mid, 'ladder-100-rear'));
    expect(rear.body.lengthIn).toBeGreaterThan(mid.body.lengthIn);
    expect(Math.abs(behindAxleIn(rear) - behindAxleIn(mid))).toBeLessThanOrEqual(1);
  });

  it('another of the same mount leaves wheelbase and body as they are', () => {
    const lighter = withDevice(aerial, 'ladder-107-rear');
    expect([lighter.chassis, lighter.body]).toEqual([aerial.chassis, aerial.body]);
  });
});
