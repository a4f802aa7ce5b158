import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import type { Component, Evaluation, Rest } from '../../kernel/index.js';
import { components, rearReactionIn } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { house } from '../index.js';
import { withLadderOn } from '../ladders/index.js';
import { withItem } from '../items/index.js';
import { copiedProfile, withLimit, withOwnProfile } from '../limits/index.js';
import { loadStates, weighedStates } from '../weights/index.js';
import { frameLoads, reach, mostBent } from './index.js';
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
      evaluation.read(reach),
      evaluation.read(axles),
      evaluation.read(loadStates)[at]!,
      states[at]!,
    );
  };
  return { evaluation, states, loadsIn };
}

describe('along the frame', () => {
  it.each(named)('%s: reactions are the axle loads; shear and moment end at nothing', (_, build) => {
    const { evaluation, states, loadsIn } = standing(build);
    const { stations, reactions, sagging, hogging } = loadsIn(states[0]!.id);
    const { front, rear, totalLb } = states[0]!.weights;
    expect(reactions[0]!.lb).toBeCloseTo(front.loadLb, 6);
    expect(reactions.slice(1).map(({ lb }) => lb)).toEqual(
      rear.axleLoadsLb.map((load) => expect.closeTo(load, 6)),
    );
    const last = stations.at(-1)!;
    expect(last.shearLb).toBeCloseTo(0, 4);
    expect(Math.abs(last.momentLbIn)).toBeLessThan(totalLb * 0.01);
    // What stands on one place, such as an axle on the road, is no load along the frame.
    const points = evaluation
      .read(components)
      .reduce(
        (sum, { weightLb, rests }) =>
          rests.reduce((of, { share, fromIn, toIn }) => of + (fromIn === toIn ? share * weightLb : 0), sum),
        0,
      );
    const along = stations.reduce((sum, { loadLbPerIn }) => sum + loadLbPerIn, 0);
    expect(along + points).toBeCloseTo(totalLb, -3);
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
        // A full tank lies box by box, an empty one not at all; what is bedded or stands on the road says where.
        const rests = (c: Component): Rest[] => {
          const [first] = c.rests;
          if (c.rests.length > 1 || first!.fromIn === first!.toIn) return [...c.rests];
          if (c.filling) {
            const volume = c.filling.boxes.reduce((sum, b) => sum + b.lengthIn * b.widthIn * b.heightIn, 0);
            return c.filling.boxes.map((b) => ({
              share: (b.lengthIn * b.widthIn * b.heightIn) / volume,
              fromIn: b.frontIn,
              toIn: b.frontIn + b.lengthIn,
            }));
          }
          const boxes = c.shapes.map(({ box }) => [box.x0, box.x1] as const);
          const reach = boxes.length
            ? Math.min(
                c.xIn - Math.min(...boxes.map(([x]) => x)),
                Math.max(...boxes.map(([, x]) => x)) - c.xIn,
              )
            : 0;
          return [{ share: 1, fromIn: c.xIn - Math.max(6, reach), toIn: c.xIn + Math.max(6, reach) }];
        };
        for (const station of [stations[20]!, stations[Math.floor(stations.length / 2)]!, stations.at(-9)!]) {
          const loads = all.reduce(
            (sum, c) =>
              rests(c).reduce((of, { share, fromIn, toIn }) => {
                const w = aboard(c) * share;
                if (fromIn === toIn) return of - (fromIn <= station.xIn ? w * (station.xIn - fromIn) : 0);
                const reached = Math.min(Math.max(station.xIn, fromIn), toIn);
                return (
                  of - ((w * (reached - fromIn)) / (toIn - fromIn)) * (station.xIn - (fromIn + reached) / 2)
                );
              }, sum),
            0,
          );
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
    const unstated = house.withOwnPart(pumper, {
      id: 'custom-medium',
      kind: 'chassis',
      likeId: 'custom-medium',
      name: 'Rails not stated',
      figures: [{ field: 'frameResistingLbIn', value: 0, source: 'plate' }],
    });
    expect(house.evaluate(unstated).finding('frameMoment')).toBeNull();
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
      const at = component.rests?.map(({ fromIn, toIn }) => (fromIn + toIn) / 2) ?? [component.xIn];
      expect(
        at.some((xIn) => beyond(xIn, rear)),
        componentId,
      ).toBe(true);
      expect(amountLb).toBeLessThanOrEqual(component.weightLb + 1e-9);
    }
  });

  it('bends by nothing that rests on the road, and by a bedded device only where it stands', () => {
    for (const build of builds) {
      const { evaluation, loadsIn } = standing(build);
      const all = evaluation.read(components);
      const heavier = (ids: string[]) => {
        const on = evaluation.read(axles);
        const at = evaluation.read(weighedStates).findIndex(({ id }) => id === 'inService');
        return frameLoads(
          all.map((c) => (ids.includes(c.id) ? { ...c, weightLb: c.weightLb + 1_000 } : c)),
          evaluation.read(reach),
          on,
          evaluation.read(loadStates)[at]!,
          evaluation.read(weighedStates)[at]!,
        );
      };
      const before = loadsIn('inService');
      const after = heavier(['front-axle']);
      for (const [i, station] of after.stations.entries())
        expect(station.momentLbIn).toBeCloseTo(before.stations[i]!.momentLbIn, 4);
      expect(after.reactions[0]!.lb).toBeCloseTo(before.reactions[0]!.lb + 1_000, 6);
      for (const { id, xIn, rests } of all) {
        const center = rests.reduce((sum, r) => sum + (r.share * (r.fromIn + r.toIn)) / 2, 0);
        expect(center, id).toBeCloseTo(xIn, 9);
        expect(
          rests.reduce((sum, { share }) => sum + share, 0),
          id,
        ).toBeCloseTo(1, 12);
      }
    }
    // The base section of the ladder: on its turntable and on the cradle behind the cab, nowhere between.
    const { evaluation } = standing(builds[1]);
    const section = evaluation.read(components).find(({ id }) => id === 'device.section-1')!;
    const [table, cradle] = section.rests!;
    expect(cradle!.fromIn).toBe(84 + 6);
    expect((table!.fromIn + table!.toIn) / 2).toBe(276);
    expect(cradle!.share).toBeCloseTo((276 - section.xIn) / (276 - 90), 9);
    // A ladder that rides on its fly section rests where that does.
    const line = builds[1]!.ladders.lines[0]!;
    const flown = house.evaluate(withLadderOn(builds[1]!, line.id, 'fly'));
    const rides = flown.read(components).find(({ id }) => id === `ladders.${line.id}`)!;
    expect(rides.rests.map(({ fromIn }) => fromIn)).toEqual([table!.fromIn, 90]);
    expect(rides.rests[1]!.share).toBeCloseTo((276 - rides.xIn) / (276 - 90), 9);
  });

  it('has the water where the state has it: what is left of an L-shaped tank lies along its low part', () => {
    const build = withBlock(pumper, 'tank', { shapeId: 'lShape' });
    const { loadsIn, states } = standing(build);
    const half = states.find(({ id }) => id === 'tankHalf')!;
    expect(loadsIn('tankHalf').reactions[0]!.lb).toBeCloseTo(half.weights.front.loadLb, 6);
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
