import { describe, expect, it } from 'vitest';
import { inUnits } from '../units/index.js';
import { marginOf, worstFirst } from './index.js';
import type { Judgement, Unit } from './index.js';

const found = (actual: number, limit: number, margin: number, unit: Unit = 'lb'): Judgement => ({
  status: margin < 0 ? 'fails' : 'holds',
  actual,
  limit,
  margin,
  unit,
  state: null,
  basis: '',
  words: '',
});

describe('how far a finding is from its limit', () => {
  it.each([
    ['over what may be most', found(18_052, 18_000, -52), '52 lb over'],
    ['under it', found(25_491, 27_000, 1_509), '1,509 lb under'],
    ['short of what must be least', found(500, 750, -250, 'gpm'), '250 gpm short'],
    ['with more than the least', found(1_500, 750, 750, 'gpm'), '750 gpm to spare'],
    ['exactly at it', found(14, 14, 0, 'ft'), 'none to spare'],
    ['where none are wanted and none are there', found(0, 0, 0, 'pieces'), ''],
    ['where one is there', found(2, 0, -2, 'pieces'), '2 pieces over'],
    ['no figure', found(NaN, 10, NaN), ''],
  ])('%s', (_, judgement, words) => {
    expect(inUnits(marginOf(judgement), 'us')).toBe(words);
  });

  it('the worst first, and last what counts nothing', () => {
    const [over, near, far, none] = [
      found(11, 10, -1),
      found(9, 10, 1),
      found(1, 10, 9),
      found(0, 0, 0, 'pieces'),
    ] as const;
    expect(worstFirst([none!, far!, over!, near!])).toEqual([over, near, far, none]);
  });
});
