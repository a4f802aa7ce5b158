import { describe, expect, it } from 'vitest';
import { BASIS_TOLERANCE_PCT } from '../build/index.js';
import type { Build } from '../build/index.js';
import {
  amountChoice,
  atOnce,
  boxOf,
  changeOf,
  component,
  insteadOf,
  inSteps,
  isUsual,
  madeOf,
  partOptions,
  range,
  saidChange,
  saidFigure,
  saidMoves,
  valueOf,
} from './index.js';
import type { Figure, PickChoice } from './index.js';
import { inUnits } from '../units/index.js';

const say = (words: string) => inUnits(words, 'us');
const figure = (id: string, unit: Figure['unit'], short?: string): Figure =>
  ({ id, title: `The ${id}`, unit, ...(short ? { short } : {}) }) as Figure;

describe('a component', () => {
  const GIVEN = {
    id: 'winch',
    name: 'Winch',
    group: 'Bumper',
    step: 'bumper',
    weightLb: 100,
    xIn: -60,
    yIn: 0,
    zIn: 30,
  };

  it('is cataloged, fixed, free and its own source unless said otherwise', () => {
    expect(component(GIVEN)).toMatchObject({
      role: 'fixed',
      basis: 'catalogued',
      tolerancePct: BASIS_TOLERANCE_PCT.catalogued,
      priceCents: 0,
      made: { part: 'winch', count: 1, size: null },
      source: 'winch',
      shapes: [],
    });
  });

  it('has the tolerance of its basis, or its own, and the source of what it is made of', () => {
    expect(component({ ...GIVEN, basis: 'weighed' }).tolerancePct).toBe(BASIS_TOLERANCE_PCT.weighed);
    expect(component({ ...GIVEN, basis: 'weighed', tolerancePct: 0 }).tolerancePct).toBe(0);
    expect(component({ ...GIVEN, made: madeOf('winch-9000', 2) }).source).toBe('winch-9000');
    expect(component({ ...GIVEN, source: 'device' }).source).toBe('device');
  });

  it.each([
    ['without a shape on a foot about its center', [], -66, -54],
    ['on its shape, where it stands in the middle', [boxOf(-80, -40, 0, 1, 0, 1)], -80, -40],
    ['as far as the nearer side, where it does not', [boxOf(-70, 40, 0, 1, 0, 1)], -70, -50],
    [
      'from the first of its shapes to the last',
      [boxOf(-90, -80, 0, 1, 0, 1), boxOf(-40, -20, 0, 1, 0, 1)],
      -90,
      -30,
    ],
    ['on a foot where its shapes are elsewhere', [boxOf(0, 10, 0, 1, 0, 1)], -66, -54],
  ])('rests %s', (_, boxes, fromIn, toIn) => {
    const shapes = boxes.map((box) => ({ kind: 'winch' as const, box }));
    expect(component({ ...GIVEN, shapes }).rests).toEqual([{ share: 1, fromIn, toIn }]);
  });

  it('has what is said of it and no field more', () => {
    expect(Object.keys(component(GIVEN))).not.toContain('seat');
    const seat = component({ ...GIVEN, seat: 2, needs: 'pump', follows: 'its length', harmedAt: [] });
    expect([seat.seat, seat.needs, seat.follows, seat.harmedAt]).toEqual([2, 'pump', 'its length', []]);
  });
});

describe('figures in words', () => {
  it.each([
    ['lb', 1234.4, '1,234 lb'],
    ['$', 123_456, '$1,235'],
    ['min', 3.25, '3.3 min'],
    ['min', -0.04, '0.0 min'],
    ['min', -2, '−2.0 min'],
  ] as const)('%s %d', (unit, value, words) => {
    expect(say(saidFigure({ unit }, value))).toBe(words);
  });
  it.each([
    ['lb', -340, '−340 lb'],
    ['lb', 340, '+340 lb'],
    ['min', 1.5, '+1.5 min'],
    ['$', -500_00, '−$500'],
  ] as const)('a change of %s by %d', (unit, value, words) => {
    expect(say(saidChange({ unit }, value))).toBe(words);
  });
  it('a row of what moves, without what hardly does', () => {
    const figures = [
      figure('front', 'lb', 'Front'),
      figure('rear', 'lb'),
      figure('price', '$'),
      figure('height', 'in'),
    ];
    expect(say(saidMoves(figures, { front: -340, rear: 0.4, price: 49, height: 0.5 }))).toBe(
      'front −340 lb, the height +0.5 in',
    );
    expect(say(saidMoves(figures, { rear: 0.5, price: 50 }))).toMatch(/^the rear \+.* lb, the price \+\$1$/);
    expect(saidMoves(figures, {})).toBe('');
  });
  it('a change is after less before, of what both have', () => {
    expect(changeOf({ a: 5, b: 1 }, { a: 8, b: 1, c: 3 })).toEqual({ a: 3, b: 0 });
  });
});

describe('changes in steps', () => {
  const kind = { id: 'tank', title: 'Tank' };
  const edit = (build: Build) => build;
  it('have a matter of their kind, told from others of it', () => {
    expect(inSteps(kind, [{ label: 'One', edit }]).matter).toBe('tank');
    expect(atOnce(kind, 'One', edit, 'left')).toEqual({
      matter: 'tank left',
      steps: [{ label: 'One', edit }],
    });
  });
  it.each([
    [10, 14, 2, [12, 14]],
    [10, 15, 2, [12, 14]],
    [10, 6, 2, [8, 6]],
    [10, 10, 2, []],
    [0, 0.3, 0.1, [0.1, 0.2, 0.3]],
  ])('go from %d to %d by %d', (from, to, step, values) => {
    const found = range(from, to, step);
    expect(found).toHaveLength(values.length);
    found.forEach((value, i) => expect(value).toBeCloseTo(values[i]!, 9));
  });
  it('name one part in place of another', () => {
    expect(insteadOf({ name: 'Poly body' }, { name: 'Steel body' })).toBe('Poly body instead of steel body');
  });
});

describe('choices', () => {
  const parts = [
    { id: 'a', name: 'Alpha', types: ['pumper' as const] },
    { id: 'b', name: 'Beta', types: [] },
    { id: 'c', name: 'Gamma', own: true as const },
  ];
  const options = partOptions(
    parts,
    ({ id }) => id === 'b',
    ({ id }) => id as unknown as Build,
    { type: 'brush' },
  );
  const pick = (chosen: string[]): PickChoice => ({
    kind: 'pick',
    id: 'pick',
    title: 'Pick',
    options: options.map((option) => ({ ...option, chosen: chosen.includes(option.id) })),
  });

  it('say which part is chosen, own, or seldom on such a truck', () => {
    expect(options.map(({ id, chosen, own, seldom, build }) => [id, chosen, own, seldom, build])).toEqual([
      ['a', false, undefined, true, 'a'],
      ['b', true, undefined, undefined, 'b'],
      ['c', false, true, undefined, 'c'],
    ]);
    expect(isUsual({ types: ['pumper'] }, 'pumper')).toBe(true);
  });
  it('say what is chosen in words', () => {
    expect(valueOf(pick([]))).toBe('None');
    expect(valueOf(pick(['b']))).toBe('Beta');
    expect(valueOf(pick(['a', 'b']))).toBe('Alpha and beta');
    expect(valueOf({ kind: 'list', id: 'l', title: 'List' })).toBe('');
  });
  it('of an amount have the bounds of its field, and its unit', () => {
    const set = (value: number) => value as unknown as Build;
    const water = amountChoice('water', { title: 'Water', unit: 'gal', min: 0, max: 900 } as never, 500, set);
    expect(water).toMatchObject({ min: 0, max: 900, step: 1, value: 500, unit: 'gal' });
    expect('usual' in water).toBe(false);
    expect(say(valueOf(water))).toBe('500 gal');
    expect(valueOf({ ...water, unit: '', value: 1200 })).toBe('1,200');
    const usual = amountChoice(
      'n',
      { title: 'N', unit: '', min: 0, max: 9, step: 3, usual: [1, 2] } as never,
      3,
      set,
    );
    expect([usual.step, usual.usual]).toEqual([3, [1, 2]]);
  });
});
