import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { clashes, components } from '../../truck/index.js';
import { house } from '../index.js';
import { ladderWays, laddersTable, toHand, waysTable, withLadder, withLadderOn, withMount } from './index.js';

/** 24 ft, 14 ft and 10 ft ladders flat on the officer's side. */
const plain = starterBuild('pumper', 'Plain', 'D');
const ways = (build: Build) => house.evaluate(build).read(ladderWays);
const line = (build: Build, partId: string) => build.ladders.lines.find((one) => one.partId === partId)!.id;
const apart = withLadderOn(plain, line(plain, 'attic-10'), 'top');

describe('ladders ride in more than one way', () => {
  it('each with what carries it, and without running into anything', () => {
    expect(ways(apart).map(({ mount, laid }) => [mount.id, laid.map(({ ladder }) => ladder?.id)])).toEqual([
      ['flat', ['extension-24', 'roof-14']],
      ['top', ['attic-10']],
    ]);
    const all = house.evaluate(apart).read(components);
    const carriers = all
      .filter(({ id }) => id.startsWith('ladder-mount'))
      .map(({ id, weightLb }) => [id, weightLb]);
    expect(carriers).toEqual([
      ['ladder-mount', 85],
      ['ladder-mount-top', 60],
    ]);
    expect(house.evaluate(apart).read(clashes)).toEqual([]);
  });

  it('and back among the others nothing is said of it', () =>
    expect(withLadderOn(apart, line(apart, 'attic-10'), 'flat')).toEqual(plain));

  it('the worst of the ways is told', () => {
    const folding = withLadder(plain, 'articulating-22', true);
    const under = (id: string) => withLadderOn(folding, line(folding, id), 'under-bed');
    expect(house.evaluate(under('articulating-22')).finding('laddersFit')!.status).toBe('holds');
    // From the tail at 282 in to the tank, 85 in long from 123 in on.
    const long = house.evaluate(under('extension-24')).finding('laddersFit')!;
    expect(long.status).toBe('fails');
    expect(long.words).toMatch(/needs \{178 in\}; from the tail to the (tank|front of the body)/);
  });
});

describe('ladders come to hand', () => {
  const rack = house.evaluate(withMount(plain, 'rack')).read(toHand)[0]!;

  it('a rack swings out as far as its arms, and holds them at the hands', () => {
    // Carried 40 in over a frame of 40 in, the tallest 22 in on edge: arms of half of 80 less 36 in.
    expect(rack.swing!.besideIn).toBeCloseTo((80 - 36) / 2 + 11, 6);
    expect([rack.swing!.z0, rack.swing!.z1, rack.swing!.aboutIn]).toEqual([25, 47, 58]);
    // Outside the body, as far from its side as they were inside.
    expect(Math.min(...rack.swing!.lowered.map(({ y0 }) => y0))).toBeCloseTo(rack.way.box.y1, 6);
    expect(rack.moves.length).toBe(3);
  });

  it.each([
    ['flat', 30, 0, 2],
    // The longest is 174 in; the tailboard reaches 12 in behind the door; 24 in to stand in.
    ['tunnel', 0, 174 - 12 + 24, 2],
    ['top', 0, 0, 4],
  ])('%s: room beside and behind, and moves', (mount, besideIn, behindIn, moves) => {
    const [way] = house.evaluate(withMount(plain, mount)).read(toHand);
    expect([way!.besideIn, way!.behindIn, way!.moves.length]).toEqual([besideIn, behindIn, moves]);
  });

  it('reads so in the tables, with what all of them come to', () => {
    const evaluation = house.evaluate(apart);
    expect(evaluation.read(waysTable).rows.map(({ id }) => id)).toEqual(['flat', 'top']);
    expect(evaluation.read(laddersTable).rows.at(-1)!.cells[1]).toBe('{48 ft}');
  });
});
