import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { compartments } from '../truck/index.js';
import { withCompartment } from './body/edit.js';
import { house } from './index.js';
import { withItem } from './items/index.js';

const item = {
  id: 'trunk',
  name: 'Trunk',
  weightLb: 500,
  xIn: 150,
  yIn: 0,
  zIn: 60,
  basis: 'estimated' as const,
  priceCents: 0,
};
const build = withItem(DEMONSTRATION[0]!.builds[0]!, item.id, item);
const evaluation = house.evaluate(build);
const grips = house.subjects.flatMap((subject) => subject.grips?.(evaluation) ?? []);
const grip = (title: string) => grips.find((candidate) => candidate.title === title)!;
const front = (of: Build) => house.measure(of)['front']!;

describe('what a hand can move on the drawing', () => {
  it.each(grips.map((each) => [each.title, each] as const))(
    '%s stands between its ends',
    (_, { atIn, ends }) => {
      expect(ends.min).toBeLessThan(ends.max);
      expect(atIn).toBeGreaterThanOrEqual(ends.min);
      expect(atIn).toBeLessThanOrEqual(ends.max);
    },
  );

  it('the tank, aft and never ahead of its place', () => {
    expect(grip('Tank').moved({ x: 7.4 }).tank.aftIn).toBe(7);
    expect(grip('Tank').moved({ x: -50 }).tank.aftIn).toBe(0);
    expect(front(grip('Tank').moved({ x: 20 }))).toBeLessThan(front(build));
  });

  it('the bulkheads beside the wheels: the compartments follow', () => {
    const length = (of: Build, id: string) => {
      const { x0, x1 } = house
        .evaluate(of)
        .read(compartments)
        .find((c) => c.id === id)!;
      return x1 - x0;
    };
    const moved = grip('Bulkhead ahead of the wheels').moved({ x: -6 });
    expect(moved.body.frontDividerIn).toBe(6);
    expect(length(moved, 'L1')).toBeCloseTo(length(build, 'L1') - 6, 9);
    expect(length(moved, 'L2')).toBeCloseTo(length(build, 'L2') + 6, 9);
    expect(grip('Bulkhead ahead of the wheels').moved({ x: 30 }).body).not.toHaveProperty('frontDividerIn');
    expect(grip('Bulkhead behind the wheels').moved({ x: 4 }).body.rearDividerIn).toBe(4);
  });

  it('an item of its own, every way; its weight follows', () => {
    expect(grip('Trunk').moved({ x: 10, y: -5, z: 3 }).items.lines).toEqual([
      { ...item, xIn: 160, yIn: -5, zIn: 63 },
    ]);
    expect(front(grip('Trunk').moved({ x: -100 }))).toBeGreaterThan(front(build));
  });

  it('a compartment of the build’s own list: end, floor, depth, and depth of its upper half', () => {
    const own = withCompartment(evaluation, 'L1', {});
    const gripOf = (title: string) =>
      house.subject('body').grips!(house.evaluate(own)).find((candidate) => candidate.title === title)!;
    const line = (of: Build, id = 'L1') => of.body.compartments!.find((candidate) => candidate.id === id)!;
    const was = line(own);
    expect(line(gripOf('Rear end of L1').moved({ x: -5 })).lengthIn).toBe(was.lengthIn - 5);
    expect(line(gripOf('Floor of L1').moved({ z: 4 }))).toMatchObject({
      floorIn: was.floorIn + 4,
      heightIn: was.heightIn - 4,
    });
    // Inward is toward the officer’s side for a compartment of the driver’s, and the other way round.
    expect(line(gripOf('Depth of L1').moved({ y: -3 })).depthIn).toBe(was.depthIn - 3);
    const across = line(own, 'R1');
    expect(line(gripOf('Upper depth of R1').moved({ y: 6 }), 'R1')).toMatchObject({
      depthIn: across.depthIn,
      upperDepthIn: (across.upperDepthIn ?? across.depthIn) - 6,
    });
  });

  it('none of the compartments while another step is worked on: they would hide what lies under them', () => {
    const own = house.evaluate(withCompartment(evaluation, 'L1', {}));
    const ofBody = house.subject('body').grips!(own);
    expect(ofBody.length).toBeGreaterThan(8);
    expect(ofBody.every(({ inItsStep }) => inItsStep)).toBe(true);
  });
});
