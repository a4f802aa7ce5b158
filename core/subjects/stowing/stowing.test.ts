import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import { boxOf, overlapIn } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { generator } from '../../test/random.js';
import { compartments, components, floorOf, surfaces } from '../../truck/index.js';
import { layOf, withEquipment, withEquipmentLine } from '../equipment/index.js';
import { house } from '../index.js';
import { withNewFitted } from '../shelving/index.js';
import {
  clearAbout,
  freeAfter,
  freeOn,
  lockerViews,
  misplaced,
  numbers,
  placed,
  spotsFor,
  surfacePlan,
  triedAgain,
  triedFromDoor,
  triedOnPlan,
  withSpot,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const shelved = withNewFitted(plain, { partId: 'shelf', compartmentId: 'R1', upIn: 16 }, 'shelf');
const carrying = (...ids: string[]) => ids.reduce((on, id) => withEquipment(on, id, 'yet'), shelved);
const surfaceOf = (build: typeof plain, id: string) =>
  house
    .evaluate(build)
    .read(surfaces)
    .find((surface) => surface.id === id)!;
const lineOf = (build: typeof plain, partId: string) =>
  build.equipment.lines.find((line) => line.partId === partId)!;

describe('how pieces lie', () => {
  const floor = surfaceOf(plain, floorOf('L1'));
  const part = (lengthIn: number, widthIn: number, heightIn: number, more = {}) =>
    ({ lengthIn, widthIn, heightIn, ...more }) as never;

  it.each<[string, number, object, string, number[]]>([
    ['one flat', 1, {}, 'along', [20, 10, 5]],
    ['one end first', 1, {}, 'in', [10, 20, 5]],
    ['one on its end', 1, {}, 'endAlong', [10, 5, 20]],
    // Two deep in 27 in, so two along.
    ['four, two deep', 4, {}, 'along', [40, 20, 5]],
    ['four on one another', 4, { stacks: 4 }, 'along', [20, 10, 20]],
    ['five by two', 5, { stacks: 2 }, 'along', [40, 20, 10]],
  ])('%s', (_, count, more, pose, [alongIn, inIn, offIn]) =>
    expect(layOf(part(20, 10, 5, more), count, floor, pose as never).all).toEqual({ alongIn, inIn, offIn }),
  );

  it('no higher than what comes out under the drum', () => {
    // R1 is 44 in high, its doorway 35: seven of 5 in, and the eighth in a pile of its own behind.
    const low = surfaceOf(plain, floorOf('R1'));
    expect(layOf(part(20, 10, 5, { stacks: 8 }), 8, low, 'along').all).toEqual({
      alongIn: 20,
      inIn: 20,
      offIn: 35,
    });
  });

  it('in a row where one is asked for', () =>
    expect(layOf(part(20, 10, 5), 4, floor, 'along', 1).all).toEqual({ alongIn: 80, inIn: 10, offIn: 5 }));
});

describe('packing', () => {
  it('of a floor with nothing on it is one rectangle behind the doorway', () => {
    const [compartment] = house.evaluate(plain).read(compartments);
    expect(freeOn(surfaceOf(plain, floorOf('L1')), compartment!)).toEqual([boxOf(1.5, 42.5, 0, 27, 0, 57)]);
  });

  it('never gives away what is taken, nor loses what is free: in 200 floors that chance filled', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const next = generator(seed);
      const [long, deep] = [20 + next() * 60, 15 + next() * 15];
      let free: Box[] = [boxOf(0, long, 0, deep, 0, 20)];
      const taken: Box[] = [];
      for (let i = 0; i < 12 && free.length > 0; i++) {
        const from = free[Math.floor(next() * free.length)]!;
        const [w, d] = [
          (from.x1 - from.x0) * (0.3 + 0.6 * next()),
          (from.y1 - from.y0) * (0.3 + 0.6 * next()),
        ];
        const box = boxOf(from.x0, from.x0 + w, from.y0, from.y0 + d, 0, 5);
        taken.push(box);
        free = freeAfter(free, box);
        for (const rectangle of free)
          for (const other of taken) expect(overlapIn(rectangle, { ...other, z1: 20 })).toBe(0);
      }
      // What is neither free nor taken is nowhere: by points of a grid.
      for (let i = 0; i < 40; i++) {
        const [x, y] = [next() * long, next() * deep];
        const within = ({ x0, x1, y0, y1 }: Box) =>
          x >= x0 - 0.06 && x <= x1 + 0.06 && y >= y0 - 0.06 && y <= y1 + 0.06;
        expect(free.some(within) || taken.some(within), `seed ${seed}`).toBe(true);
      }
    }
  });

  it('put on the first place that has room, one after the other, pieces never meet', () => {
    const ids = [
      'irons',
      'sledge',
      'saw-chain',
      'medical-bag',
      'cones',
      'adapters',
      'hydrant-kit',
      'tool-box',
      'axe-flat',
      'gated-wye',
    ];
    let build = carrying(...ids);
    for (const { id } of build.equipment.lines) {
      const [first] = spotsFor(house.evaluate(build), id);
      build = withSpot(build, id, first!.surface, first!.spot, false);
    }
    const evaluation = house.evaluate(build);
    expect(evaluation.read(placed).length).toBe(ids.length);
    expect(evaluation.read(misplaced)).toEqual([]);
    expect(house.parse(JSON.parse(JSON.stringify(build))).equipment).toEqual(build.equipment);
  });
});

describe('a piece in the hand', () => {
  const build = carrying('irons', 'sledge');
  const irons = lineOf(build, 'irons').id;
  const evaluation = house.evaluate(build);

  it('snaps to the end of its shelf and weighs there', () => {
    // R1 is seen from the officer's side: its front end is at the right of the picture.
    const trial = triedFromDoor(evaluation, irons, 'shelf', 25)!;
    expect(trial.wrong).toBeNull();
    const box = house
      .evaluate(trial.build)
      .read(components)
      .find(({ id }) => id === `equipment.${irons}`)!;
    const [thing] = house.evaluate(trial.build).read(placed);
    expect(thing!.lying.box.x1 - thing!.lying.box.x0).toBe(36);
    expect(box.yIn).toBeCloseTo(49.5 - 5, 6);
    expect(box.zIn).toBeCloseTo(23 + 17.5 + 3, 6);
  });

  it('lies where there is room where the hand is on another, turned only where it must', () => {
    const first = triedFromDoor(evaluation, irons, 'shelf', 22)!.build;
    const sledge = lineOf(build, 'sledge').id;
    const second = triedFromDoor(house.evaluate(first), sledge, 'shelf', 22)!;
    expect(second.wrong).toBeNull();
    expect(second.at.inIn).toBeGreaterThanOrEqual(10);
  });

  it('is told where it goes beyond its shelf, what it runs into, and what is free about it', () => {
    const there = triedOnPlan(evaluation, irons, 'shelf', [22, 13])!;
    expect(there.clear.behindIn + there.at.inIn + 10).toBeCloseTo(27, 6);
    expect(there.clear.overIn).toBeCloseTo(44 - 17.5 - 6, 6);
    const sledge = lineOf(build, 'sledge').id;
    const on = house.evaluate(there.build);
    expect(triedOnPlan(on, sledge, 'shelf', [22, 13])!.wrong).toMatchObject({ why: 'into' });
    expect(triedOnPlan(evaluation, irons, 'shelf', [-30, 13])!.wrong).toMatchObject({ why: 'outside' });
    const [thing] = on.read(placed);
    expect(clearAbout(thing!, [])).toEqual(there.clear);
  });

  it('is put where a figure says, as far as the shelf goes', () => {
    const on = house.evaluate(triedOnPlan(evaluation, irons, 'shelf', [22, 5])!.build);
    expect(triedAgain(on, irons, { alongIn: 3.3 })!.at.alongIn).toBe(3.3);
    expect(triedAgain(on, irons, { alongIn: 300 })!.at.alongIn).toBe(44 - 36);
    expect(triedAgain(on, irons, { pose: 'in' })!.wrong).toMatchObject({ why: 'outside' });
  });

  it('that moves to another compartment lies on no shelf of the one that it left', () => {
    const on = triedOnPlan(evaluation, irons, 'shelf', [22, 5])!.build;
    const moved = withEquipmentLine(on, irons, { compartmentId: 'L1' });
    expect(lineOf(moved, 'irons')).not.toHaveProperty('on');
    expect(house.evaluate(moved).read(placed)).toEqual([]);
  });
});

describe('the pictures', () => {
  it('have every piece once, with one number', () => {
    const base = carrying('irons', 'sledge');
    const on = base.equipment.lines.reduce((now, { id }) => {
      const [first] = spotsFor(house.evaluate(now), id);
      return withSpot(now, id, first!.surface, first!.spot, true);
    }, base);
    const evaluation = house.evaluate(on);
    const things = evaluation.read(lockerViews).flatMap((view) => view.things);
    expect(things.map(({ number }) => number).sort()).toEqual([1, 2]);
    expect(things.every(({ fixed, wrong }) => fixed && !wrong)).toBe(true);
    expect(evaluation.read(numbers).size).toBe(2);
    const plan = surfacePlan(evaluation, things[0]!.surfaceId)!;
    expect(plan.things.map(({ lineId }) => lineId)).toContain(things[0]!.lineId);
    // The room of a picture is the compartment's.
    for (const view of evaluation.read(lockerViews))
      for (const [u0, v0, u1, v1] of view.room) {
        expect(Math.min(u0, v0)).toBeGreaterThanOrEqual(-1e-9);
        expect(u1).toBeLessThanOrEqual(view.wideIn + 1e-9);
        expect(v1).toBeLessThanOrEqual(view.highIn + 1e-9);
      }
  });
});
