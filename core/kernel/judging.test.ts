import { describe, expect, it } from 'vitest';
import { bothOf, fits, heldTo, limitKind, nearness, noneOf, rank, worstFirst, worstStatus } from './index.js';
import type { Judgement, Profile, Status } from './index.js';

const LIMIT = { value: 100, basis: 'House rule' };

describe('a figure held to a limit', () => {
  it.each([
    ['least', 100, 'holds', 0],
    ['least', 99, 'fails', -1],
    ['least', 130, 'holds', 30],
    ['most', 100, 'holds', 0],
    ['most', 101, 'fails', -1],
    ['most', 70, 'holds', 30],
  ] as const)('at %s 100, %d %s', (sense, actual, status, margin) => {
    expect(heldTo(sense, 'lb', actual, LIMIT, 'Words.')).toEqual({
      status,
      actual,
      limit: 100,
      margin,
      unit: 'lb',
      state: null,
      basis: 'House rule',
      words: 'Words.',
    });
  });
  it('says the state in which it is so', () => {
    const state = { id: 'empty', name: 'Returning empty' };
    expect(heldTo('most', 'lb', 1, LIMIT, '', state).state).toBe(state);
  });
});

describe('what must fit into its room', () => {
  it.each([
    [40, 40, 'holds'],
    [40.05, 40, 'holds'],
    [40.06, 40, 'fails'],
    [30, 40, 'holds'],
  ] as const)('%d in into %d in %s', (actual, limit, status) => {
    const found = fits(actual, limit, 'Words.');
    expect([found.status, found.actual, found.limit]).toEqual([status, actual, limit]);
    expect(found.margin).toBeCloseTo(limit - actual, 9);
  });
});

describe('what there must be none of', () => {
  it('holds where there is none, and else is as bad as said', () => {
    expect(noneOf(0, 'fails', 'Rule', 'Words.')).toMatchObject({ status: 'holds', margin: 0, limit: 0 });
    expect(noneOf(2, 'fails', 'Rule', 'Words.')).toMatchObject({ status: 'fails', margin: -2, actual: 2 });
    expect(noneOf(1, 'caution', 'Rule', 'Words.')).toMatchObject({ status: 'caution', margin: -1 });
  });
});

describe('which is worse', () => {
  const found = (status: Status, margin: number, limit = 100): Judgement => ({
    ...heldTo('most', 'lb', 0, LIMIT, ''),
    status,
    margin,
    limit,
  });
  it('a failure before a caution before what holds, and the nearer first', () => {
    const all = [
      found('holds', 5),
      found('fails', -1),
      found('caution', 2),
      found('holds', 1),
      found('fails', -50),
      found('holds', 0, 0),
    ];
    expect(worstFirst(all).map(({ status, margin }) => [status, margin])).toEqual([
      ['fails', -50],
      ['fails', -1],
      ['caution', 2],
      ['holds', 1],
      ['holds', 5],
      ['holds', 0],
    ]);
  });
  it('nearness is a share of the limit, of one at least, and nothing counted is far from all', () => {
    expect(nearness({ margin: -50, limit: -200 })).toBe(-0.25);
    expect(nearness({ margin: 0.5, limit: 0 })).toBe(0.5);
    expect(nearness({ margin: 0, limit: 100 })).toBe(0);
    expect(nearness({ margin: 0, limit: 0 })).toBeGreaterThan(1e9);
  });
  it('of several the worst, and of none that it holds', () => {
    expect([rank('holds'), rank('caution'), rank('fails')]).toEqual([0, 1, 2]);
    expect(worstStatus([])).toBe('holds');
    expect(worstStatus([found('holds', 1), found('caution', 1)])).toBe('caution');
    expect(worstStatus([found('fails', -1), found('caution', 1)])).toBe('fails');
  });
});

describe('two profiles at once', () => {
  const kinds = {
    tank: limitKind('Tank', 'gal', 'least', 0, 5000),
    speed: limitKind('Speed', 'mph', 'most', 0, 100),
    seat: limitKind('A seat', 'lb', 'reckon', 0, 500),
    air: limitKind('Air', 'ft', 'reckon', 0, 500, 'smaller'),
  };
  const profile = (id: string, limits: Record<string, number>): Profile => ({
    id,
    name: id.toUpperCase(),
    types: ['pumper'],
    limits: Object.fromEntries(Object.entries(limits).map(([key, value]) => [key, { value, basis: id }])),
  });
  const one = profile('one', { tank: 300, speed: 68, seat: 250, air: 20 });
  const other = profile('other', { tank: 500, speed: 60, seat: 200, air: 10, steps: 18 });

  it('ask of each limit the harder, and reckon with the heavier', () => {
    const both = bothOf(one, other, kinds);
    expect(Object.entries(both.limits).map(([id, { value, basis }]) => [id, value, basis])).toEqual([
      ['tank', 500, 'other'],
      ['speed', 60, 'other'],
      ['seat', 250, 'one'],
      ['air', 10, 'other'],
      ['steps', 18, 'other'],
    ]);
    expect([both.id, both.name, both.both]).toEqual(['one', 'ONE; OTHER', [one, other]]);
  });
  it('are the same whichever comes first', () => {
    const values = (of: Profile) =>
      Object.fromEntries(Object.entries(of.limits).map(([id, { value }]) => [id, value]));
    expect(values(bothOf(other, one, kinds))).toEqual(values(bothOf(one, other, kinds)));
  });
  it('at the same figure keep the first’s basis', () => {
    expect(bothOf(one, profile('other', { tank: 300 }), kinds).limits['tank']!.basis).toBe('one');
  });
});
