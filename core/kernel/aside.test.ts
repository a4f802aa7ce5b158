import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { withBlock } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { asideIn, asideNews, withAside } from './index.js';
import type { PickChoice, Subject } from './index.js';

const builds = DEMONSTRATION.flatMap(({ builds }) => builds);
const [pumper] = builds as [Build];

/** The picks of a step, by which step they are made. */
const picksBySteps = (build: Build): [Subject, PickChoice][] => {
  const evaluation = house.evaluate(build);
  return house
    .stepsFor(build)
    .flatMap((step) =>
      house
        .choicesIn(step, evaluation)
        .flatMap((choice): [Subject, PickChoice][] => (choice.kind === 'pick' ? [[step, choice]] : [])),
    );
};
/** In which step a choice is made: it is the same on every truck that has it. */
const STEP = new Map(builds.flatMap(picksBySteps).map(([step, { id }]) => [id, step]));
const picks = (build: Build): PickChoice[] => picksBySteps(build).map(([, choice]) => choice);
const pick = (build: Build, choice: string, option: string): Build =>
  house
    .choicesIn(STEP.get(choice)!, house.evaluate(build))
    .flatMap((one) => (one.kind === 'pick' && one.id === choice ? one.options : []))
    .find(({ id }) => id === option)!.build;
const weighsAlike = (a: Build, b: Build): boolean => {
  const [one, other] = [house.measure(a), house.measure(b)];
  return Object.keys(one).every((id) => Math.abs(one[id]! - other[id]!) < 1e-6);
};

/**
 * A load that is taken off, and a device that moves the axle, begin anew; a block that goes ahead of another in the
 * row is there then.
 */
const begins = (choice: string) => choice.endsWith('-hose') || ['foam', 'device', 'order'].includes(choice);

describe('what no longer fits is kept aside', () => {
  it('there and back again leaves every truck as it was, whatever is picked', () => {
    const lost = builds.flatMap((build) =>
      picks(build)
        .filter(({ id, options }) => !begins(id) && options.some(({ chosen }) => chosen))
        .flatMap(({ id, options }) => {
          const now = options.find(({ chosen }) => chosen)!.id;
          return options.flatMap((option) => {
            const home = pick(option.build, id, now);
            return weighsAlike(home, build) && asideIn(home).length === 0
              ? []
              : [`${build.name}: ${id} ${option.id}`];
          });
        }),
    );
    expect(lost).toEqual([]);
  });

  const small = pick(pumper, 'chassis', 'commercial-2door');

  it('says what falls away and what is back', () => {
    const { away, back } = asideNews(house, pumper, small);
    expect(away.map(({ title }) => title)).toEqual(
      expect.arrayContaining(['Cab roof', 'Seats', 'Rear axle']),
    );
    expect(back).toEqual([]);
    const home = asideNews(house, small, pick(small, 'chassis', pumper.chassis.partId));
    expect(home.away).toEqual([]);
    expect(home.back).toEqual(
      away.map(({ id, title, before, after }) => ({ id, title, before: after, after: before })),
    );
  });

  it('returns on any truck on which it fits', () => {
    const other = pick(small, 'chassis', 'custom-medium');
    expect(other.cab.crew).toBe(pumper.cab.crew);
  });

  it('leaves what a person has chosen anew', () => {
    const fewer = withBlock(small, 'cab', { crew: 1 });
    expect(pick(fewer, 'chassis', pumper.chassis.partId).cab.crew).toBe(1);
  });

  it('is no part of the file, and a later edit does not lose it', () => {
    expect(JSON.stringify(small)).not.toContain('wanted');
    const kept = house.carrying(small);
    expect(house.parse(JSON.parse(JSON.stringify(kept)))).toEqual(structuredClone(kept));
    const renamed = house.carrying({ ...small, name: 'Another name' });
    expect(asideIn(renamed)).toEqual(asideIn(small));
  });

  it('a line of a list returns to where it stood', () => {
    const none = pick(pumper, 'pump', 'none');
    expect(none.hose.loads.length).toBeLessThan(pumper.hose.loads.length);
    const other = { ...none, name: 'Renamed meanwhile' };
    expect(pick(other, 'pump', pumper.pump.partId!).hose.loads).toEqual(pumper.hose.loads);
  });

  it('what names a part that is gone stays aside', () => {
    const gone = withAside(small, [
      { block: 'bumper', field: 'partId', wanted: 'no-such-bumper', got: small.bumper.partId },
    ]);
    const after = pick(gone, 'chassis', pumper.chassis.partId);
    expect(after.bumper).toEqual(pumper.bumper);
    expect(asideIn(after).map(({ wanted }) => wanted)).toContain('no-such-bumper');
  });
});
