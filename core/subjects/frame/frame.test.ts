import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import type { Component, Evaluation } from '../../kernel/index.js';
import { components, rearReactionIn } from '../../truck/index.js';
import { axles, withChassis } from '../chassis/index.js';
import { house } from '../index.js';
import { withItem } from '../items/index.js';
import { copiedProfile, withLimit, withOwnProfile } from '../limits/index.js';
import { loadStates, weighedStates } from '../weights/index.js';
import { frameLoads, lyingAlong, mostBent } from './index.js';
import { itemAt } from '../../test/item.js';

const builds = DEMONSTRATION.flatMap(({ builds: all }) => all) as [Build, Build, Build];
const [pumper] = builds;
const named = builds.map((build) => [build.name, build] as const);
const causesOf = (evaluation: Evaluation, id: string) =>
  house.checks.find((check) => check.id === id)!.causes!(evaluation, evaluation.finding(id)!);

/** A truck weighed in its states, and what its frame carries in each. */
function standing(build: Build) {
  const evaluation = house.evaluate(build);
  const states = evaluation.read(weighedStates);
  const loadsIn = (id: string) => {
    const at = states.findIndex((state) => state.id === id);
    return frameLoads(
      evaluation.read(components),
      evaluation.read(lyingAlong),
      evaluation.read(axles),
      evaluation.read(loadStates)[at]!,
      states[at]!,
    );
  };
  return { evaluation, states, loadsIn };
}

describe('along the frame', () => {
  it.each(named)('%s: reactions are the axle loads; shear and moment end at nothing', (_, build) => {
    const { states, loadsIn } = standing(build);
    const { stations, reactions, sagging, hogging } = loadsIn(states[0]!.id);
    const { front, rear, totalLb } = states[0]!.weights;
    expect(reactions[0]!.lb).toBeCloseTo(front.loadLb, 6);
    expect(reactions.slice(1).map(({ lb }) => lb)).toEqual(
      rear.axleLoadsLb.map((load) => expect.closeTo(load, 6)),
    );
    const last = stations.at(-1)!;
    expect(last.shearLb).toBeCloseTo(0, 4);
    expect(Math.abs(last.momentLbIn)).toBeLessThan(totalLb * 0.01);
    expect(stations.reduce((sum, { loadLbPerIn }) => sum + loadLbPerIn, 0)).toBeCloseTo(totalLb, -3);
    expect(sagging.momentLbIn).toBeGreaterThanOrEqual(0);
    expect(hogging.momentLbIn).toBeLessThanOrEqual(0);
  });

  it.each(named)(
    '%s: at every station the moment is that of what lies ahead of it, load by load',
    (_, build) => {
      const { evaluation, states, loadsIn } = standing(build);
      const all = evaluation.read(components);
      for (const state of [states[0]!, states.find(({ id }) => id === 'hoseLaidOut')!]) {
        const { stations, reactions } = loadsIn(state.id);
        const aboard = (c: Component) =>
          state.id === 'inService' ||
          !['water', 'seatFront', 'seatRear', 'hose', 'equipment', 'allowance'].includes(c.role)
            ? c.weightLb
            : 0;
        const ends = (c: Component) => {
          const boxes = c.filling
            ? c.filling.boxes.map((b) => [b.frontIn, b.frontIn + b.lengthIn] as const)
            : c.shapes.map(({ box }) => [box.x0, box.x1] as const);
          const reach = boxes.length
            ? Math.min(
                c.xIn - Math.min(...boxes.map(([x]) => x)),
                Math.max(...boxes.map(([, x]) => x)) - c.xIn,
              )
            : 0;
          return [c.xIn - Math.max(6, reach), c.xIn + Math.max(6, reach)] as const;
        };
        for (const station of [stations[20]!, stations[Math.floor(stations.length / 2)]!, stations.at(-9)!]) {
          const loads = all.reduce((sum, c) => {
            const [from, to] = ends(c);
            const reached = Math.min(Math.max(station.xIn, from), to);
            return (
              sum - ((aboard(c) * (reached - from)) / (to - from)) * (station.xIn - (from + reached) / 2)
            );
          }, 0);
          const moment = reactions.reduce(
            (sum, { xIn, lb }) => sum + (xIn <= station.xIn ? lb * (station.xIn - xIn) : 0),
            loads,
          );
          expect(station.momentLbIn).toBeCloseTo(moment, 3);
        }
      }
    },
  );

  it('is held against what the rails resist, where the maker states it; a longer wheelbase bends them more', () => {
    const bend = (build: Build) => house.evaluate(build).finding('frameMoment')!;
    const { evaluation, states, loadsIn } = standing(pumper);
    const { momentLbIn } = evaluation.read(mostBent);
    expect(bend(pumper).actual).toBeCloseTo((Math.abs(momentLbIn) / 5_600_000) * 100, 9);
    expect(momentLbIn).toBeCloseTo(
      Math.max(...states.map((state) => loadsIn(state.id).sagging.momentLbIn)),
      6,
    );
    expect(bend(withBlock(pumper, 'chassis', { wheelbaseIn: 210 })).actual).toBeGreaterThan(
      bend(pumper).actual,
    );
    const strict = withLimit(
      house.limits,
      withOwnProfile(pumper, copiedProfile(house.limits, pumper, 'ours', 'Ours')),
      'frameMomentPct',
      { value: 5 },
    );
    expect(bend(strict).status).toBe('fails');
    expect(causesOf(house.evaluate(strict), 'frameMoment')[0]!.amountLb).toBeGreaterThan(1000);
    expect(house.evaluate(withChassis(builds[2], 'medium-4x4')).finding('frameMoment')).toBeNull();
  });

  it.each([
    ['behind the rear axle', 420, (x: number, rear: number) => x > rear],
    ['ahead of the front axle', -150, (x: number) => x < 0],
  ])('bent most by what hangs %s, it is that which causes it, pound for pound', (_, xIn, beyond) => {
    const hung = withItem(pumper, 'hung', itemAt('Hung', 19_000, xIn));
    const evaluation = house.evaluate(hung);
    const { momentLbIn } = evaluation.read(mostBent);
    expect(momentLbIn).toBeLessThan(0);
    const rear = rearReactionIn(evaluation.read(axles));
    const causes = causesOf(evaluation, 'frameMoment');
    const all = evaluation.read(components);
    expect(causes[0]).toEqual({ componentId: 'items.hung', name: 'Hung', amountLb: 19_000 });
    for (const { componentId, amountLb } of causes) {
      const component = all.find(({ id }) => id === componentId)!;
      expect(beyond(component.xIn, rear), componentId).toBe(true);
      expect(amountLb).toBeLessThanOrEqual(component.weightLb + 1e-9);
    }
  });

  it('the moment’s slope is the shear', () => {
    const { loadsIn } = standing(pumper);
    const { stations, reactions } = loadsIn('inService');
    for (let i = 1; i < stations.length; i++) {
      // Over an axle the shear jumps.
      if (reactions.some(({ xIn }) => Math.ceil(xIn) === stations[i]!.xIn)) continue;
      const slope = stations[i]!.momentLbIn - stations[i - 1]!.momentLbIn;
      expect(Math.abs(slope - (stations[i]!.shearLb + stations[i - 1]!.shearLb) / 2)).toBeLessThan(100);
    }
  });
});
