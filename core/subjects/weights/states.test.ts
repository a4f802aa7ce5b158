import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { component } from '../../kernel/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { compartments, components } from '../../truck/index.js';
import { house } from '../index.js';
import { withItem } from '../items/index.js';
import { doubting, noDoubt, numbering, variancesOf } from './doubt.js';
import {
  certaintyOf,
  fillingSweep,
  inService,
  weighedStates,
  withGrowth,
  withState,
  withWeighedOf,
} from './index.js';
import type { OwnState } from './index.js';

const builds = DEMONSTRATION.flatMap(({ builds: all }) => all) as [Build, Build, Build];
const [pumper] = builds;
const named = builds.map((build) => [build.name, build] as const);
const FULL: OwnState = {
  id: 'own',
  name: 'Own',
  waterPct: 100,
  foamPct: 100,
  fuelPct: 100,
  crew: 12,
  off: [],
};
const causesOf = (evaluation: Evaluation, id: string) =>
  house.checks.find((check) => check.id === id)!.causes!(evaluation, evaluation.finding(id)!);
const stateOf = (build: Build, state: OwnState) =>
  house
    .evaluate(withState(build, state.id, state))
    .read(weighedStates)
    .at(-1)!;

describe('load states of the department’s own', () => {
  it.each(named)('%s: with everything aboard it is in service', (_, build) => {
    const { weights, name, id } = stateOf(build, FULL);
    expect({ name, id }).toEqual({ name: 'Own', id: 'own:own' });
    expect(weights.front.loadLb).toBeCloseTo(house.evaluate(build).read(inService).weights.front.loadLb, 6);
    expect(weights.totalLb).toBeCloseTo(house.evaluate(build).read(inService).weights.totalLb, 6);
  });

  it.each(named)('%s: water at 0 %% is no water, and what is left off weighs nothing', (_, build) => {
    const usual = house.evaluate(build).read(weighedStates);
    expect(stateOf(build, { ...FULL, waterPct: 0 }).weights.totalLb).toBeCloseTo(
      usual.find(({ id }) => id === 'returningEmpty')!.weights.totalLb,
      6,
    );
    expect(stateOf(build, { ...FULL, crew: 2 }).weights.totalLb).toBeCloseTo(
      usual.find(({ id }) => id === 'respondingShort')!.weights.totalLb,
      6,
    );
    const laidOut = stateOf(build, { ...FULL, waterPct: 0, crew: 0, off: ['Hose', 'Equipment', 'Allowance'] })
      .weights.totalLb;
    expect(laidOut).toBeCloseTo(usual.find(({ id }) => id === 'hoseLaidOut')!.weights.totalLb, 6);
  });

  it('are held against every limit, and named with their causes where they are worst', () => {
    const evaluation = house.evaluate(
      withState(pumper, 'parked', { ...FULL, id: 'parked', name: 'Parked', crew: 0 }),
    );
    // Everybody sits well ahead: without them the front axle has its least share.
    expect(evaluation.finding('frontShare')!.state).toEqual({ id: 'own:parked', name: 'Parked' });
    expect(causesOf(evaluation, 'gross')[0]!.name).toContain('chassis');
  });

  it('a middle filling weighs half', () => {
    expect(stateOf(pumper, { ...FULL, foamPct: 50 }).weights.totalLb).toBeCloseTo(
      house.evaluate(pumper).read(inService).weights.totalLb - (30 * 8.6) / 2,
      6,
    );
  });
});

describe('the growth reserve', () => {
  it.each(named)('%s: counts in every state, as components of its own', (_, build) => {
    const before = house.evaluate(build);
    const after = house.evaluate(withGrowth(build, { unit: 'lb', value: 700 }));
    for (const [i, state] of before.read(weighedStates).entries())
      if (state.id !== 'worstFilling')
        expect(after.read(weighedStates)[i]!.weights.totalLb - state.weights.totalLb).toBeCloseTo(700, 6);
    expect(
      after
        .read(components)
        .filter(({ group }) => group === 'Growth reserve')
        .reduce((sum, c) => sum + c.weightLb, 0),
    ).toBeCloseTo(700, 9);
  });

  it('in percent is of the truck in service; none is none', () => {
    expect(house.measure(withGrowth(pumper, { unit: 'pct', value: 5 }))['gross']!).toBeCloseTo(
      house.measure(pumper)['gross']! * 1.05,
      6,
    );
    expect(withGrowth(withGrowth(pumper, { unit: 'pct', value: 5 }), { unit: 'pct', value: 0 })).toEqual(
      pumper,
    );
  });
});

describe('the growth reserve in its places', () => {
  const growing = (build: Build, growth: Build['weights']['growth']) =>
    house
      .evaluate(withGrowth(build, growth!))
      .read(components)
      .filter(({ group }) => group === 'Growth reserve');

  it('is spread over the compartments by their volume, in the middle of each', () => {
    const places = house.evaluate(pumper).read(compartments);
    const all = places.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    expect(growing(pumper, { unit: 'lb', value: 700 })).toEqual(
      places.map(({ id, volumeFt3, center }) =>
        expect.objectContaining({
          id: `growth.${id}`,
          weightLb: expect.closeTo((700 * volumeFt3) / all, 9),
          ...center,
          role: 'growth',
          basis: 'estimated',
        }),
      ),
    );
  });

  it('is there from the first pound, and from a fraction of one', () => {
    for (const value of [0.5, 1])
      expect(growing(pumper, { unit: 'lb', value }).reduce((sum, c) => sum + c.weightLb, 0)).toBeCloseTo(
        value,
        9,
      );
  });
});

describe('the filling sweep', () => {
  it.each(named)('%s: is of shares of a full tank, none beyond it', (_, build) => {
    const shares = house
      .evaluate(build)
      .read(fillingSweep)
      .map(({ waterShare }) => waterShare);
    expect(shares[0]).toBe(0);
    expect(shares.at(-1)).toBe(1);
    for (const share of shares) {
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
  });

  it.each(named)('%s: goes from empty to full, and its worst is the state of that name', (_, build) => {
    const evaluation = house.evaluate(build);
    const states = evaluation.read(weighedStates);
    const sweep = evaluation.read(fillingSweep);
    expect(sweep[0]!.weights.totalLb).toBeCloseTo(
      states.find(({ id }) => id === 'returningEmpty')!.weights.totalLb,
      6,
    );
    expect(sweep.at(-1)!.weights.totalLb).toBeCloseTo(states[0]!.weights.totalLb, 6);
    const leastOfSweep = Math.min(...sweep.map(({ weights }) => weights.staticRollThresholdG));
    const worst = states.find(({ id }) => id === 'worstFilling')!.weights.staticRollThresholdG;
    expect(worst).toBeLessThan(leastOfSweep + 1e-4);
    expect(worst).toBeGreaterThan(leastOfSweep - 2e-3);
    for (let i = 1; i < sweep.length; i++)
      expect(sweep[i]!.weights.totalLb).toBeGreaterThanOrEqual(sweep[i - 1]!.weights.totalLb);
  });
});

/** Something that weighs, catalogued, halfway along. */
const itemLike = (id: string, weightLb: number) =>
  component({
    id,
    name: id,
    group: 'Extra items',
    step: 'equipment',
    weightLb,
    xIn: 100,
    yIn: 0,
    zIn: 50,
  });

describe('how sure', () => {
  it.each(
    named.flatMap(([name, build]) =>
      (['front', 'rear', 'gross'] as const).map((of) => [name, of, build] as const),
    ),
  )(
    '%s, %s: the band is that of the weights, and weighing narrows it by as much as it says',
    (_, of, build) => {
      const evaluation = house.evaluate(build);
      const certainty = certaintyOf(evaluation, of);
      const { sigma } = evaluation.read(inService).weights;
      expect(certainty.bandLb).toBeCloseTo(
        2 * { front: sigma.frontLb, rear: sigma.rearLb, gross: sigma.totalLb }[of],
        6,
      );
      expect(certainty.uncertain.reduce((sum, { sharePct }) => sum + sharePct, 0)).toBeLessThanOrEqual(
        100.000001,
      );
      const doubt = certainty.uncertain.find(
        ({ componentId, name }) =>
          !/^(water|foam|fuel|allowance)/.test(componentId) && !name.endsWith('of one source'),
      )!;
      expect(doubt.afterBandLb).toBeLessThan(certainty.bandLb);
      const weighed = house.evaluate(
        withWeighedOf(
          build,
          evaluation.read(components).find(({ id }) => id === doubt.componentId)!,
          {
            weightLb: doubt.weightLb,
            basis: 'weighed',
          },
        ),
      );
      expect(certaintyOf(weighed, of).bandLb).toBeCloseTo(doubt.afterBandLb, 6);
    },
  );

  it('sums what rests on one source before it is squared: two like sections are as unsure as one twice as heavy', () => {
    const two = [itemLike('a', 1_000), itemLike('b', 1_000)];
    const one = [itemLike('a', 2_000)];
    const band = (all: ReturnType<typeof itemLike>[]) => {
      const number = numbering();
      const at = all.map(({ source }) => number(source));
      const doubt = noDoubt(number.count());
      all.forEach(({ weightLb, xIn, tolerancePct }, i) =>
        doubting(doubt, at[i]!, weightLb, xIn, tolerancePct),
      );
      return variancesOf(doubt);
    };
    expect(band(two.map((item) => ({ ...item, source: 'device' })))).toEqual(band(one));
    // From sources of their own they are as unsure as independent things.
    expect(band(two).v).toBeCloseTo(band(one).v / 2, 6);
  });

  it('never grows surer when an item is added', () => {
    const more = withItem(pumper, 'own-1', {
      id: 'own-1',
      name: 'More',
      weightLb: 300,
      xIn: 100,
      yIn: 0,
      zIn: 50,
      basis: 'estimated',
      priceCents: 0,
    });
    for (const of of ['front', 'rear', 'gross'] as const)
      expect(certaintyOf(house.evaluate(more), of).bandLb).toBeGreaterThanOrEqual(
        certaintyOf(house.evaluate(pumper), of).bandLb,
      );
  });
});
