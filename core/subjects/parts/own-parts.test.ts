import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import type { OwnPart } from '../../kernel/index.js';
import { components } from '../../truck/index.js';
import { house } from '../index.js';
import { pumpShelf, withPump } from '../pump/index.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;
const PUMP: OwnPart = {
  id: 'mill-pump',
  kind: 'pump',
  likeId: 'midship-1500-side',
  name: 'Our midship',
  figures: [{ field: 'weightLb', value: 3_610, source: 'scale' }],
};
/** The pumper with own parts on offer. */
const offering = (...own: OwnPart[]) => house.withOffered(pumper, own);
const CORRECTION: OwnPart = { ...PUMP, id: 'midship-1500-side', name: 'Midship as weighed' };
const LADDER: OwnPart = {
  id: 'our-roof',
  kind: 'ladder',
  likeId: 'roof-14',
  name: 'Our roof ladder',
  figures: [],
};

describe('a department’s own parts', () => {
  it('are beside the shipped ones, or in place of the one that they correct', () => {
    const stock = pumpShelf.in(offering(PUMP, LADDER));
    expect(stock.all()).toHaveLength(pumpShelf.shipped.all().length + 1);
    expect(stock.part('mill-pump')).toMatchObject({
      weightLb: 3_610,
      basis: 'weighed',
      own: true,
      ratedGpm: 1500,
    });
    expect(pumpShelf.in(offering(CORRECTION)).all()).toHaveLength(pumpShelf.shipped.all().length);
    expect(pumpShelf.in(offering(CORRECTION)).part('midship-1500-side').weightLb).toBe(3_610);
    expect(pumpShelf.shipped.part('midship-1500-side').weightLb).toBe(3_350);
  });

  it('weigh what they are said to, as surely as the source is', () => {
    const chosen = withPump(house.withOffered(pumper, [PUMP]), 'mill-pump');
    expect(house.measure(chosen)['gross']! - house.measure(pumper)['gross']!).toBeCloseTo(260, 9);
    const component = (spec: Build) =>
      house
        .evaluate(spec)
        .read(components)
        .find(({ id }) => id === 'pump')!;
    expect(component(chosen)).toMatchObject({ weightLb: 3_610, basis: 'weighed', tolerancePct: 1 });
    expect(
      component(withPump(house.withOffered(pumper, [{ ...PUMP, figures: [] }]), 'mill-pump')),
    ).toMatchObject({
      basis: 'estimated',
      tolerancePct: 15,
    });
  });

  it('are offered like any other, and only those that are named travel along', () => {
    const offered = house.withOffered(pumper, [PUMP, LADDER]);
    const option = house
      .choicesOf(
        house.subjects.find(({ id }) => id === 'pump')!,
        house.evaluate(offered),
      )
      .flatMap((choice) => (choice.kind === 'pick' ? choice.options : []))
      .find(({ id }) => id === 'mill-pump')!;
    expect(option).toMatchObject({ own: true, label: 'Our midship', chosen: false });
    const taken = house.carrying(option.build);
    expect(taken.parts.own).toEqual([PUMP]);
    expect(house.names(taken, PUMP)).toBe(true);
    expect(house.carrying(withPump(taken, 'pto-1000')).parts.own).toEqual([]);
    expect(house.carrying(pumper)).toBe(pumper);
  });

  it('travel in the build file, without which the build would not be whole', () => {
    const chosen = house.carrying(withPump(house.withOffered(pumper, [PUMP]), 'mill-pump'));
    const read = house.parse(JSON.parse(JSON.stringify(chosen)));
    expect(house.measure(read)).toEqual(house.measure(chosen));
    const without = withBlock(chosen, 'parts', { own: [] });
    expect(() => house.parse(without)).toThrow(/pump.partId must be a pump of the catalog \(was "mill-pump"/);
  });

  it('that were given other figures since are told, and taken on request', () => {
    const chosen = withPump(house.withOffered(pumper, [PUMP]), 'mill-pump');
    const newer = { ...PUMP, figures: [{ field: 'weightLb', value: 3_700, source: 'scale' as const }] };
    expect(house.outdated(chosen, [PUMP, LADDER])).toEqual([]);
    expect(house.outdated(chosen, [newer])).toEqual([newer]);
    // The build's own copy stands until then.
    expect(pumpShelf.in(house.withOffered(chosen, [newer])).part('mill-pump').weightLb).toBe(3_610);
    expect(
      house.measure(house.withOwnPart(chosen, newer))['gross']! - house.measure(chosen)['gross']!,
    ).toBeCloseTo(90, 9);
  });

  it.each<[string, OwnPart, string]>([
    [
      'a shortest wheelbase beyond the longest',
      {
        id: 'c',
        kind: 'chassis',
        likeId: 'custom-medium',
        name: 'C',
        figures: [{ field: 'wheelbaseMinIn', value: 250, source: 'plate' }],
      },
      'figures',
    ],
    [
      'a floor above the top',
      {
        id: 'b',
        kind: 'body',
        likeId: 'body-poly',
        name: 'B',
        figures: [
          { field: 'topIn', value: 45, source: 'plate' },
          { field: 'floorIn', value: 50, source: 'plate' },
        ],
      },
      'figures',
    ],
    ['nothing to be like', { ...PUMP, likeId: 'gone' }, 'likeId'],
  ])('are refused with %s', (_, part, field) => {
    expect(house.ownPartProblems(part).map((problem) => problem.field)).toContain(field);
  });

  it('of one kind and id are there once', () => {
    expect(() => house.parse(withBlock(pumper, 'parts', { own: [PUMP, PUMP] as never }))).toThrow(
      /parts.own.1.id is there twice/,
    );
  });
});
