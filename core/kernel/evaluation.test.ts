import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { check, each, fromBuild, gather, House, port, provide, reading, settling } from './index.js';
import type { Figure, Subject } from './index.js';

interface Toy {
  name: string;
  weights: readonly { lb: number }[];
  factor: number;
}
const build = (toy: Toy): Build => toy as unknown as Build;
const toyOf = (of: Build): Toy => of as unknown as Toy;

/** A house of two subjects that count how often they work. */
function toyHouse() {
  const worked: string[] = [];
  const works = <T>(what: string, value: T): T => {
    worked.push(what);
    return value;
  };
  const weights = fromBuild((of) => toyOf(of).weights);
  const factor = fromBuild((of) => toyOf(of).factor);
  const parity = settling('scale', [weights], (all) => works('parity', { even: all.length % 2 === 0 }));
  const said = reading('words', [parity], ({ even }) => works('said', even ? 'even' : 'odd'));
  const doubled = each('scale', weights, ({ lb }, by) => works(`each ${lb}`, { lb: lb * by }), factor);
  const total = reading('scale', [doubled], (all) =>
    works(
      'total',
      all.reduce((sum, { lb }) => sum + lb, 0),
    ),
  );
  const asked = port<number>('limits');
  const parts = gather<number>('truck', (subject) => (subject as unknown as { part?: typeof total }).part);
  const over = check(
    'scale',
    { id: 'over', title: 'Over', steps: ['scale'] },
    [total, asked],
    (actual, limit) =>
      Number.isNaN(actual)
        ? null
        : {
            status: actual > limit ? 'fails' : 'holds',
            actual,
            limit,
            margin: limit - actual,
            unit: 'lb',
            state: null,
            basis: 'Toy',
            words: 'Words.',
          },
  );
  const figure: Figure = {
    id: 'total',
    title: 'Total',
    unit: 'lb',
    main: true,
    positive: true,
    reading: total,
  };
  const subjects = [
    { id: 'scale', title: 'Scale', checks: [over], figures: [figure], part: total },
    { id: 'limits', title: 'Limits', provides: [provide(asked, [factor], (by) => 100 * by)] },
    { id: 'other', title: 'Other', part: reading('other', [], () => 7) },
  ] as unknown as Subject[];
  const house = new House(subjects, 'toys');
  return { house, worked, total, said, doubled, parts, asked };
}
const [A, B, C] = [{ lb: 10 }, { lb: 20 }, { lb: 30 }] as const;
const START: Toy = { name: 'One', weights: [A, B], factor: 2 };

describe('what is worked out of a build', () => {
  it('is worked out when it is asked for, and once', () => {
    const { house, worked, total } = toyHouse();
    const evaluation = house.evaluate(build(START));
    expect(worked).toEqual([]);
    expect([evaluation.read(total), evaluation.read(total)]).toEqual([60, 60]);
    expect(worked).toEqual(['each 10', 'each 20', 'total']);
  });

  it('is taken over where nothing that it reads has changed', () => {
    const { house, worked, total } = toyHouse();
    const first = house.evaluate(build(START));
    first.read(total);
    worked.length = 0;
    const renamed = first.with(build({ ...START, name: 'Two' }));
    expect(renamed.read(total)).toBe(60);
    expect(worked).toEqual([]);
    expect([...renamed.worked]).toEqual([]);
  });

  it('of a list works again for the entries that are new, and for all where what else it reads is', () => {
    const { house, worked, total } = toyHouse();
    const first = house.evaluate(build(START));
    first.read(total);
    worked.length = 0;
    const more = first.with(build({ ...START, weights: [A, C] }));
    expect(more.read(total)).toBe(80);
    expect(worked).toEqual(['each 30', 'total']);
    expect([...more.worked]).toEqual(['scale']);
    worked.length = 0;
    expect(more.with(build({ ...START, weights: [A, C], factor: 3 })).read(total)).toBe(120);
    expect(worked).toEqual(['each 10', 'each 30', 'total']);
  });

  it('of a list is the very list where every entry is the very same', () => {
    const { house, doubled } = toyHouse();
    const first = house.evaluate(build(START));
    const before = first.read(doubled);
    expect(first.with(build({ ...START, weights: [A, B] })).read(doubled)).toBe(before);
    const shorter = first.with(build({ ...START, weights: [A] })).read(doubled);
    expect(shorter).not.toBe(before);
    expect(shorter[0]).toBe(before[0]);
  });

  it('spares those who read it where it settles to the same', () => {
    const { house, worked, said } = toyHouse();
    const first = house.evaluate(build(START));
    expect(first.read(said)).toBe('even');
    worked.length = 0;
    const other = first.with(build({ ...START, weights: [B, C] }));
    expect(other.read(said)).toBe('even');
    expect(worked).toEqual(['parity']);
    expect(other.with(build({ ...START, weights: [A] })).read(said)).toBe('odd');
    expect(worked).toEqual(['parity', 'parity', 'said']);
  });

  it('is remembered over an edit that did not ask for it', () => {
    const { house, worked, total } = toyHouse();
    const first = house.evaluate(build(START));
    first.read(total);
    worked.length = 0;
    const between = first.with(build({ ...START, name: 'Two' }));
    const last = between.with(build({ ...START, name: 'Three' }));
    expect(last.read(total)).toBe(60);
    expect(worked).toEqual([]);
  });

  it('is the same evaluation for the same build', () => {
    const { house } = toyHouse();
    const of = build(START);
    const evaluation = house.evaluate(of);
    expect(evaluation.with(of)).toBe(evaluation);
    expect(house.evaluate(of, evaluation)).toBe(evaluation);
  });

  it('is gathered from every subject that has it, in their order', () => {
    const { house, parts } = toyHouse();
    expect(house.evaluate(build(START)).read(parts)).toEqual([60, 7]);
  });

  it('is read through a port from who provides it, and says where nobody does', () => {
    const { house, asked } = toyHouse();
    expect(house.evaluate(build(START)).read(asked)).toBe(200);
    const alone = new House([], 'toys').evaluate(build(START));
    expect(() => alone.read(asked)).toThrow('no subject provides what limits is asked for');
  });
});

describe('what checks find', () => {
  it('has the check’s name, its steps and its judgement', () => {
    const { house } = toyHouse();
    const evaluation = house.evaluate(build(START));
    expect(evaluation.finding('over')).toMatchObject({
      id: 'over',
      title: 'Over',
      steps: ['scale'],
      status: 'holds',
      actual: 60,
      limit: 200,
      margin: 140,
    });
    expect(evaluation.findings).toEqual([evaluation.finding('over')]);
    expect(evaluation.finding('none such')).toBeNull();
  });

  it('leaves out what has nothing to hold against, and fails what is no figure', () => {
    const { house } = toyHouse();
    expect(house.evaluate(build({ ...START, factor: NaN })).findings).toEqual([]);
    const endless = house.evaluate(build({ ...START, weights: [{ lb: -Infinity }] })).finding('over')!;
    expect(endless.status).toBe('fails');
    expect(endless.words).not.toBe('Words.');
  });
});

describe('the figures of a build', () => {
  it('are those by which it is compared', () => {
    const { house } = toyHouse();
    expect(house.measure(build(START))).toEqual({ total: 60 });
    expect(house.figure('total').title).toBe('Total');
  });
  it.each([
    ['nothing', 0],
    ['less than nothing', -1],
    ['no figure', NaN],
    ['endless', Infinity],
  ])('are refused at a boundary where one is %s', (_, lb) => {
    const { house } = toyHouse();
    expect(() => house.measured(build({ ...START, weights: [{ lb }] }))).toThrow(/has total -?[\dNI]/);
  });
  it('are taken where all of them can be', () => {
    const { house } = toyHouse();
    expect(house.measured(build(START))).toEqual({ total: 60 });
  });
});

describe('the house', () => {
  it('names what is not there', () => {
    const { house } = toyHouse();
    expect(house.subject('scale').title).toBe('Scale');
    expect(() => house.subject('sails')).toThrow('there is no subject "sails"');
    expect(() => house.shelf('sails')).toThrow('there is no kind of part "sails"');
  });
});
