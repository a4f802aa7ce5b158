import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { briefed } from '../../test/site-cases.js';
import { house } from '../index.js';
import { leastAngles } from '../grades/index.js';
import { rides, standOn, unladen } from '../ride/index.js';
import { liftedAtDoor } from './index.js';

const builds = DEMONSTRATION.flatMap(({ builds: all }) => all);

describe('the threshold of a door', () => {
  it('lifts nothing on the level', () => {
    for (const x of [-90, 0, 150, 300]) expect(liftedAtDoor(x, 200, 0, 'tail')).toBeCloseTo(0, 9);
  });

  it.each([
    // Backing up a rise of 10 %: all of the truck is still on the ramp, level with it at the door.
    ['tail', 10, 300, 0],
    // Its middle in the door: the rear axle is 100 in inside, the front one 100 in outside and 10 in lower.
    ['tail', 10, 100, -5],
    // Driving down into the station: the rear axle, outside, stands higher.
    ['nose', -10, 100, 5],
    ['nose', 10, 0, 0],
  ] as const)('%s first, %d %% outside, %d in behind the front axle: %d in', (way, pct, x, lifted) => {
    expect(liftedAtDoor(x, 200, pct, way)).toBeCloseTo(lifted, 6);
  });

  it('a truck on a slope is tipped by it', () => {
    const { frontZIn, tipped } = standOn((at) => at * 0.1, 50, 200);
    expect([frontZIn, Math.tan(tipped)]).toEqual([5, expect.closeTo(0.1, 9)]);
  });
});

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  const evaluation = house.evaluate(build);

  it('rides no lower empty than laden, and its angles are worst laden', () => {
    const all = evaluation.read(rides);
    expect(all[0]).toMatchObject({ id: 'inService', frontIn: 0, rearIn: 0 });
    const empty = all.find(({ id }) => id === 'hoseLaidOut')!;
    expect(empty.rearIn).toBeGreaterThan(0);
    const highest = evaluation.read(unladen)!;
    expect(highest.zIn).toBeGreaterThan(evaluation.figures()['height']!);
    const { approach, departure, breakover } = evaluation.read(leastAngles);
    for (const angle of [approach, departure, breakover]) expect(angle!.deg).toBeGreaterThan(0);
  });

  it.each([
    ['stations', 'doorHeight', 'doorHighIn', 1],
    ['stations', 'doorWidth', 'doorWideIn', 1],
    ['stations', 'bayLength', 'bayLongIn', 1],
    ['heights', 'clearHeight', 'clearIn', 1],
    ['floods', 'flood', 'deepIn', -1],
  ] as const)('more room of %s never fails %s where less passed', (kind, check, field, way) => {
    const base = {
      doorHighIn: 130,
      doorWideIn: 130,
      aboveIn: 4,
      besideIn: 6,
      enters: 'backs',
      bayLongIn: 400,
      clearIn: 120,
      deepIn: 20,
    };
    const own = {
      stations: ['doorHighIn', 'doorWideIn', 'aboveIn', 'besideIn', 'enters', 'bayLongIn'],
      heights: ['clearIn', 'aboveIn'],
      floods: ['deepIn'],
    }[kind];
    let margin = -Infinity;
    for (let by = -30; by <= 30; by += 5) {
      const line = Object.fromEntries(
        Object.entries({ ...base, [field]: base[field] + way * by }).filter(([key]) => own.includes(key)),
      );
      const now = house.evaluate(briefed(build, kind, line)).finding(check)!.margin;
      expect(now).toBeGreaterThan(margin);
      margin = now;
    }
  });
});
