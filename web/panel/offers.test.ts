import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Build } from '#core/build';
import { starterBuild } from '#core/demonstration';
import { changeOf } from '#core/kernel';
import { house } from '#core/subjects';
import { withTank } from '#core/subjects/tank';
import type { Bench } from '../session';
import { MORE, Offers } from './offers';

const opened = starterBuild('pumper', 'Plain', 'D');
const choicesIn = (build: Build) =>
  ['pump', 'tank'].flatMap((step) => house.choicesOf(house.subject(step), house.evaluate(build)));
const bench = {} as Bench;

/** The choices of a build on offer, and what a place of the panel was told. */
function panel() {
  const offers = new Offers();
  const edit = (build: Build) => {
    const choices = new Map(choicesIn(build).map((choice) => [choice.id, choice]));
    offers.set({ evaluation: house.evaluate(build), choices, again: choicesIn, bench });
  };
  return { offers, edit };
}
const optionsOf = (build: Build) => {
  const pump = choicesIn(build).find(({ id }) => id === 'pump');
  return pump?.kind === 'pick' ? pump.options : [];
};
const other = optionsOf(opened).find(({ chosen }) => !chosen)!;
const change = (from: Build, to: Build) => changeOf(house.measure(from), house.measure(to));
const rest = () => vi.advanceTimersByTimeAsync(2000);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('what an option would change', () => {
  it('is worked out when hands rest, of what is watched alone', async () => {
    const { offers, edit } = panel();
    const told = vi.fn();
    edit(opened);
    offers.watch('pump', other.id, told);
    const busy: boolean[] = [];
    offers.whenBusy(() => busy.push(offers.isBusy()));
    expect(offers.delta('pump', other.id)).toBeUndefined();
    await rest();
    expect(busy).toEqual([true, false]);
    expect(told).toHaveBeenCalledTimes(1);
    expect(offers.delta('pump', other.id)).toEqual(change(opened, other.build));
    expect(offers.delta('pump', 'none')).toBeUndefined();
  });

  it('is of the newest edit, and told only where it is another', async () => {
    const { offers, edit } = panel();
    const pump = vi.fn();
    edit(opened);
    offers.watch('pump', other.id, pump);
    offers.watch('gallons', MORE, vi.fn());
    await rest();
    // Two edits in a row: of the first nothing is worked out.
    edit(withTank(opened, { gallons: 500 }));
    const last = withTank(opened, { gallons: 500, aftIn: 3 });
    edit(last);
    await rest();
    const again = optionsOf(last).find(({ id }) => id === other.id)!;
    expect(offers.delta('pump', other.id)!['price']).toBeCloseTo(change(last, again.build)['price']!, 6);
    expect(offers.delta('pump', other.id)!['front']).toBeCloseTo(change(last, again.build)['front']!, 1);
    const before = pump.mock.calls.length;
    edit(structuredClone(last));
    await rest();
    expect(offers.isBusy()).toBe(false);
    expect(pump).toHaveBeenCalledTimes(before);
  });

  it('is not worked out any more where nobody watches, and says where it can’t be', async () => {
    const { offers, edit } = panel();
    const told = vi.fn();
    edit(opened);
    offers.watch('pump', other.id, told)();
    await rest();
    expect(told).not.toHaveBeenCalled();
    const broken = choicesIn(opened).map((choice) =>
      choice.id === 'pump' && choice.kind === 'pick'
        ? {
            ...choice,
            options: choice.options.map(({ id, label, chosen }) => ({
              id,
              label,
              chosen,
              get build(): Build {
                throw new RangeError('the catalog has no such pump');
              },
            })),
          }
        : choice,
    );
    offers.set({
      evaluation: house.evaluate(opened),
      choices: new Map(broken.map((choice) => [choice.id, choice])),
      again: choicesIn,
      bench,
    });
    offers.watch('pump', other.id, told);
    await rest();
    expect(offers.delta('pump', other.id)).toBeNull();
  });

  it('finds what became of a figure in the build that was made with it', () => {
    const { offers, edit } = panel();
    edit(opened);
    expect(offers.valueIn(withTank(opened, { gallons: 640 }), 'gallons')).toBe(640);
    expect(offers.valueIn(opened, 'no-such-choice')).toBeUndefined();
  });
});
