import { describe, expect, it } from 'vitest';
import { BadInput } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import type { Component, TankBox } from '../../kernel/index.js';
import { components, massOf, NOTHING, plus, sum } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { house } from '../index.js';
import { withItem } from '../items/index.js';
import { itemAt } from '../../test/item.js';
import { capacityGal, fillTank, tankCalculation, withTank } from '../tank/index.js';
import { payload, payloadLeft, probabilityWithin, weigh, weighedStates, weighMass, Z_95 } from './index.js';
import type { WeightsInput } from './index.js';

const chassis: Axles = {
  wheelbaseIn: 190,
  front: { gawrLb: 20_000, trackIn: 83 },
  rear: { gawrLb: 27_000, trackIn: 73, axles: 2, spreadIn: 54, frontShare: 0.54 },
  gvwrLb: 47_000,
  frontRollShare: 0.35,
};

/** Repeatable items, spread over a truck. */
function someItems(seed: number, count = 12): WeightsInput['items'] {
  let state = seed;
  const next = () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
  return Array.from({ length: count }, () => ({
    weightLb: 50 + 4000 * next(),
    xIn: -90 + 380 * next(),
    yIn: -48 + 96 * next(),
    zIn: 20 + 90 * next(),
    tolerancePct: 1 + 14 * next(),
  }));
}
const seeds = [1, 7, 42, 1000, 65537];

describe('whatever the truck', () => {
  it.each(seeds)('loads add up to the total, wheel ends to their axle (%d)', (seed) => {
    const items = someItems(seed);
    const w = weigh({ chassis, items });
    expect(w.front.loadLb + w.rear.loadLb).toBeCloseTo(
      items.reduce((sum, item) => sum + item.weightLb, 0),
      6,
    );
    expect(w.rear.axleLoadsLb.reduce((a, b) => a + b, 0)).toBeCloseTo(w.rear.loadLb, 6);
    for (const axle of [w.front, w.rear])
      for (const sides of [axle.flexible, axle.rigid])
        expect(sides.leftLb + sides.rightLb).toBeCloseTo(axle.loadLb, 6);
  });

  it.each(seeds)('moving a weight aft never loads the front axle (%d)', (seed) => {
    const items = someItems(seed);
    const before = weigh({ chassis, items });
    for (let i = 0; i < items.length; i++) {
      const after = weigh({
        chassis,
        items: items.map((item, j) => (i === j ? { ...item, xIn: item.xIn + 10 } : item)),
      });
      expect(after.front.loadLb).toBeLessThan(before.front.loadLb);
      expect(after.totalLb).toBeCloseTo(before.totalLb, 6);
    }
  });

  it.each(seeds)('mirroring swaps the sides and leaves the rest (%d)', (seed) => {
    const items = someItems(seed);
    const one = weigh({ chassis, items });
    const other = weigh({ chassis, items: items.map((item) => ({ ...item, yIn: -item.yIn })) });
    for (const model of ['flexible', 'rigid'] as const) {
      for (const axle of ['front', 'rear'] as const) {
        expect(other[axle][model].leftLb).toBeCloseTo(one[axle][model].rightLb, 6);
        expect(other[axle][model].imbalancePct).toBeCloseTo(one[axle][model].imbalancePct, 9);
      }
    }
    expect(other.tiltAngleDeg).toBeCloseTo(one.tiltAngleDeg, 9);
  });

  it.each(seeds)('uncertainty never falls when an item is added (%d)', (seed) => {
    const items = someItems(seed);
    for (let n = 1; n < items.length; n++) {
      const fewer = weigh({ chassis, items: items.slice(0, n) }).sigma;
      const more = weigh({ chassis, items: items.slice(0, n + 1) }).sigma;
      for (const key of ['frontLb', 'rearLb', 'totalLb'] as const)
        expect(more[key]).toBeGreaterThanOrEqual(fewer[key]);
    }
  });

  it('masses add in any order, and nothing adds nothing', () => {
    const [a, b, c] = someItems(3, 3).map(massOf) as [
      ReturnType<typeof massOf>,
      ReturnType<typeof massOf>,
      ReturnType<typeof massOf>,
    ];
    const sure = { v: 0, vx: 0, vxx: 0 };
    expect(weighMass(chassis, plus(plus(a, b), c), sure).front.loadLb).toBeCloseTo(
      weighMass(chassis, sum([c, b, a]), sure).front.loadLb,
      6,
    );
    expect(plus(a, NOTHING)).toEqual(a);
  });
});

describe('certainty', () => {
  it.each([
    [10_000, 100, 10_000, 0.5],
    [9_900, 100, 10_000, 0.8413],
    [10_200, 100, 10_000, 0.0228],
    [9_000, 0, 10_000, 1],
    [11_000, 0, 10_000, 0],
  ])('a load of %d ± %d on %d', (mean, sigma, rating, expected) =>
    expect(probabilityWithin(mean, sigma, rating)).toBeCloseTo(expected, 4),
  );
  it('the 95 % load is within its rating with a probability of 95 %', () => {
    expect(probabilityWithin(10_000, 120, 10_000 + Z_95 * 120)).toBeCloseTo(0.95, 6);
  });
});

describe('a tank', () => {
  const box = (over: Partial<TankBox>): TankBox => ({
    frontIn: 100,
    centerIn: 0,
    bottomIn: 40,
    lengthIn: 80,
    widthIn: 40,
    heightIn: 24,
    lateralCells: 1,
    ...over,
  });
  const tee = [box({}), box({ bottomIn: 64, widthIn: 70, lateralCells: 2 })];
  const fill = (boxes: TankBox[], gallons: number) =>
    fillTank({ boxes, usableFraction: 0.97, liquidLbPerGal: 8.34, gallons });

  it('rises with every gallon, and its center with it', () => {
    const full = capacityGal(tee, 0.97);
    let last = fill(tee, 0);
    for (let share = 0.05; share <= 1.0001; share += 0.05) {
      const next = fill(tee, full * Math.min(1, share));
      expect(next.surfaceIn).toBeGreaterThan(last.surfaceIn);
      expect(next.cg.zIn).toBeGreaterThan(last.cg.zIn);
      last = next;
    }
    expect(last.surfaceIn).toBeCloseTo(88, 6);
  });
  it('has no free surface empty or full, and half of it with twice the cells, squared', () => {
    expect(fill(tee, 0).freeSurfaceRiseIn).toBe(0);
    expect(fill(tee, capacityGal(tee, 0.97)).freeSurfaceRiseIn).toBe(0);
    const one = fill([box({})], 100).freeSurfaceRiseIn;
    expect(fill([box({ lateralCells: 2 })], 100).freeSurfaceRiseIn).toBeCloseTo(one / 4, 9);
  });
  it('fills boxes beside each other to one surface', () => {
    const { surfaceIn, cg } = fill([box({}), box({ frontIn: 200, bottomIn: 52, heightIn: 12 })], 250);
    expect(surfaceIn).toBeGreaterThan(52);
    expect(cg.xIn).toBeGreaterThan(140);
  });
  it('refuses more than it holds, and says what it holds', () => {
    expect(() =>
      tankCalculation({ boxes: [box({})], usableFraction: 0.97, liquidLbPerGal: 8.34, gallons: 400 }),
    ).toThrow(BadInput);
    expect(() =>
      tankCalculation({ boxes: [box({})], usableFraction: 0.97, liquidLbPerGal: 8.34, gallons: 400 }),
    ).toThrow(/at most 322.5, what these boxes hold \(was 400\)/);
  });
});

describe.each(DEMONSTRATION.flatMap((d) => d.builds).map((build) => [build.name, build] as const))(
  'load states of %s',
  (_, build) => {
    const evaluation = house.evaluate(build);
    const all = evaluation.read(components);
    const states = Object.fromEntries(evaluation.read(weighedStates).map((state) => [state.id, state]));
    const total = (id: string) => states[id]!.weights.totalLb;
    const of = (...roles: string[]) =>
      all.filter((c) => roles.includes(c.role)).reduce((sum, c) => sum + c.weightLb, 0);

    it('weigh what is aboard', () => {
      expect(total('inService')).toBeCloseTo(
        all.reduce((sum, c) => sum + c.weightLb, 0),
        6,
      );
      expect(total('respondingShort')).toBeCloseTo(total('inService') - of('seatRear'), 6);
      expect(total('tankHalf')).toBeCloseTo(total('inService') - of('water') / 2, 6);
      expect(total('returningEmpty')).toBeCloseTo(total('inService') - of('water'), 6);
      expect(total('hoseLaidOut')).toBeCloseTo(of('fixed', 'fuel', 'foam', 'ladder'), 6);
      expect(total('delivery')).toBeCloseTo(of('fixed', 'fuel'), 6);
    });
    it('the worst filling is no better than any other', () => {
      for (const id of ['inService', 'tankHalf', 'returningEmpty'])
        expect(states['worstFilling']!.weights.staticRollThresholdG).toBeLessThanOrEqual(
          states[id]!.weights.staticRollThresholdG,
        );
    });
    it('water at nothing is as no water', () => {
      const dry = house.evaluate(withTank(build, { gallons: 0 }));
      const shell = all.find((c) => c.id === 'tank')!.weightLb;
      // Without a tank the compartments are roomier, and the profile may ask for more in them.
      const allowance = (of: Component[]) =>
        of.filter(({ role }) => role === 'allowance').reduce((sum, { weightLb }) => sum + weightLb, 0);
      const more = allowance(dry.read(components)) - allowance(all);
      expect(dry.read(weighedStates)[0]!.weights.totalLb).toBeCloseTo(
        total('returningEmpty') - shell + more,
        6,
      );
    });
  },
);

describe('payload', () => {
  const on = { rearReactionIn: 200, frontRatingLb: 18_000, rearRatingLb: 27_000, grossRatingLb: 45_000 };
  const state = (frontLb: number, rearLb: number) => ({ name: 'one', frontLb, rearLb });

  it.each([
    ['within: until the rear is full', 240, [state(16_000, 24_000)], [0, 2_500, 'rear axle', null]],
    [
      'over in front: behind the rear axle it comes back',
      274,
      [state(18_494, 24_706)],
      [1335.135, 1674.453, 'rear axle', 'front axle'],
    ],
    [
      'over in front: at the front axle it must leave',
      0,
      [state(18_494, 24_706)],
      [null, null, 'front axle', null],
    ],
  ])('%s', (_, xIn, states, [from, to, full, back]) => {
    const left = payload({ xIn, states, ...on });
    if (from === null) expect(left.fromLb).toBeNull();
    else {
      expect(left.fromLb).toBeCloseTo(from as number, 3);
      expect(left.toLb).toBeCloseTo(to as number, 3);
    }
    expect(left.fullFirst).toBe(full);
    expect(left.bringsBack).toBe(back);
  });

  it('says what must leave where that would do', () => {
    expect(payload({ xIn: 0, states: [state(18_494, 24_706)], ...on }).leaveLb).toBeCloseTo(494, 6);
    // Over behind and in front of it: less there only loads the other axle.
    expect(payload({ xIn: -100, states: [state(17_900, 27_100)], ...on }).leaveLb).toBeNull();
  });

  const evaluation = house.evaluate(starterBuild('pumper', 'Plain', 'D'));
  it.each(evaluation.read(payloadLeft).map((left) => [left.place, left] as const))(
    '%s of a build: that much more is just kept in every state, and a pound beyond is not',
    (_, { xIn, toLb }) => {
      const worst = (weightLb: number) => {
        const item = itemAt('More', weightLb, xIn);
        return Math.min(
          ...house
            .evaluate(withItem(evaluation.build, item.id, item))
            .read(weighedStates)
            .flatMap(({ weights: w }) => [
              w.front.marginLb,
              w.rear.marginLb,
              w.gvwrMarginLb,
              w.front.loadLb - 0.25 * w.totalLb,
            ]),
        );
      };
      expect(worst(toLb! - 1)).toBeGreaterThanOrEqual(0);
      expect(worst(toLb! + 1)).toBeLessThan(0);
    },
  );
});
