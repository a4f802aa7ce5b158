import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { beds, bodyPlace, cabPlace, compartments, pumpHouse, row, tankSpace } from '../../truck/index.js';
import { withDevice } from '../device/index.js';
import { withCrosslaysAt, withDividerAt, withDividers } from '../hose/index.js';
import { house } from '../index.js';
import { withPump } from '../pump/index.js';
import { ARRANGEMENTS } from './arrangements.js';
import { dragged, swapped, withAhead } from './row.js';

const [pumper, aerial] = DEMONSTRATION.flatMap(({ builds }) => builds) as [Build, Build, Build];
const brush = starterBuild('brush', 'Brush', 'D');
const evaluated = (build: Build) => house.evaluate(house.settle(build));
const rowOf = (build: Build) =>
  evaluated(build)
    .read(row)
    .map(({ id }) => id);
const arranged = (base: Build, id: string) =>
  house.settle(ARRANGEMENTS.find((one) => one.id === id)!.arrange(base)!);

describe('an arrangement', () => {
  it.each<[string, Build, string[]]>([
    ['side', pumper, ['pump', 'body']],
    ['walkway', pumper, ['walkway', 'pump', 'body']],
    ['enclosed', pumper, ['pump', 'body']],
    ['ahead', pumper, ['preconnects', 'pump', 'body']],
    ['behind', pumper, ['pump', 'preconnects', 'body']],
    ['crewModule', pumper, ['pump', 'body']],
    ['bodyFront', pumper, ['body']],
    ['bodyRear', pumper, ['body']],
    ['bedFront', brush, ['body']],
    ['bedRear', brush, ['body']],
  ])('%s can be chosen, is then the one that is chosen, and stands in its order', (id, base, order) => {
    const build = arranged(base, id);
    expect(house.problemsOf(build)).toEqual([]);
    expect(ARRANGEMENTS.filter(({ chosen }) => chosen(build)).map((one) => one.id)).toEqual([id]);
    expect(rowOf(build)).toEqual(order);
    const kept = house.carrying(build);
    expect(house.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
  });

  it('says so where this truck can’t be built so', () => {
    const without = withPump(pumper, undefined);
    expect(ARRANGEMENTS.filter(({ arrange }) => arrange(without))).toEqual([]);
    expect(ARRANGEMENTS.find(({ id }) => id === 'side')!.arrange(brush)).toBeNull();
  });

  it('of a mid mount has stabilizers and stairs behind the cab and the turntable ahead of the body', () => {
    expect(rowOf(withDevice(aerial, 'platform-100-mid'))).toEqual([
      'stabilizers',
      'pump',
      'turntable',
      'body',
    ]);
  });

  it('in a crew module joins the cab without the gap in which the frame flexes', () => {
    const at = (id: string) => {
      const evaluation = evaluated(arranged(pumper, id));
      return evaluation.read(pumpHouse)!.x0 - evaluation.read(cabPlace).backIn;
    };
    expect(at('side')).toBe(3);
    expect(at('crewModule')).toBe(0);
  });

  it('with the pump at the rear ends the tank before it', () => {
    const evaluation = evaluated(arranged(pumper, 'bodyRear'));
    expect(evaluation.read(tankSpace)).toEqual({
      endIn: evaluation.read(pumpHouse)!.x0,
      before: 'pump',
    });
  });

  it('with the pump in the body leaves no compartment where it stands', () => {
    const evaluation = evaluated(arranged(pumper, 'bodyFront'));
    const { x0, x1 } = evaluation.read(pumpHouse)!;
    for (const { id, room } of evaluation.read(compartments))
      for (const box of room) expect(box.x1 <= x0 || box.x0 >= x1 || box.z0 >= 88, id).toBe(true);
  });
});

describe('a block of the row', () => {
  const bodyFront = (build: Build) => evaluated(build).read(bodyPlace).frontIn;
  const blocks = (build: Build) => evaluated(build).read(row);

  it('moves aft with all behind it, and back', () => {
    const moved = withAhead(pumper, 'pump', 10);
    expect(bodyFront(moved) - bodyFront(pumper)).toBe(10);
    expect(withAhead(moved, 'pump', 0)).toEqual(pumper);
    expect(bodyFront(withAhead(pumper, 'body', 6)) - bodyFront(pumper)).toBe(6);
  });

  it('changes places with its neighbor when it is dragged past half of it', () => {
    const build = arranged(pumper, 'ahead');
    const evaluation = evaluated(build);
    const [, pump] = blocks(build);
    const far = dragged(evaluation, 'preconnects', pump!.lengthIn / 2 + 1);
    expect(rowOf(far)).toEqual(['pump', 'preconnects', 'body']);
    expect(rowOf(dragged(evaluation, 'preconnects', 8))).toEqual(['preconnects', 'pump', 'body']);
    const again = evaluated(far);
    const [first, second] = again.read(row);
    expect(rowOf(swapped(far, first!, second!))).toEqual(['preconnects', 'pump', 'body']);
  });

  it('is never dragged ahead of where it usually stands', () => {
    expect(dragged(evaluated(pumper), 'pump', -5)).toEqual(pumper);
  });
});

describe('crosslays and hose beds', () => {
  const crosslays = (build: Build) =>
    evaluated(build)
      .read(beds)
      .filter(({ kind }) => kind === 'crosslay');
  const main = (build: Build) =>
    evaluated(build)
      .read(beds)
      .filter(({ kind }) => kind === 'main');

  it('in a module lie low, within it, and open nothing in the pump house', () => {
    const low = crosslays(withCrosslaysAt(pumper, 'ahead'));
    expect(low).toHaveLength(3);
    const { x0, x1 } = evaluated(withCrosslaysAt(pumper, 'ahead')).read(row)[0]!;
    for (const bed of low) {
      expect(bed.floorIn).toBeLessThan(50);
      expect(bed.x0).toBeGreaterThanOrEqual(x0);
      expect(bed.x1).toBeLessThanOrEqual(x1);
    }
    expect(Math.min(...crosslays(pumper).map(({ floorIn }) => floorIn))).toBeGreaterThan(70);
  });

  it('dividers part the bed into as many and one more, and what they stand in is gone', () => {
    const inside = (build: Build) => main(build).reduce((sum, { widthIn }) => sum + widthIn, 0);
    const whole = inside(withDividers(pumper, 0, 45));
    for (const count of [1, 2, 3]) {
      const divided = withDividers(pumper, count, 45);
      expect(main(divided)).toHaveLength(count + 1);
      expect(inside(divided)).toBeCloseTo(whole - 2 * count, 9);
      expect(new Set(main(divided).map(({ name }) => name)).size).toBe(count + 1);
    }
  });

  it('a divider that is moved gives to one side what it takes from the other', () => {
    const [left, right] = main(pumper);
    const [after, other] = main(withDividerAt(pumper, 'middle', 6));
    expect(after!.widthIn - left!.widthIn).toBeCloseTo(6, 9);
    expect(other!.widthIn - right!.widthIn).toBeCloseTo(-6, 9);
  });
});
