import { describe, expect, it } from 'vitest';
import type { FoundLine, WeeklyCheckView } from './api-weekly.js';
import { nextOrder, nextOrderCsv } from './next-order.js';

const line = (lineId: string, found: FoundLine['found'], short = found === 'here' ? 0 : 1): FoundLine => ({
  lineId,
  name: `Piece ${lineId}`,
  place: 'L1, shelf 2',
  count: 2,
  found,
  short,
  note: '',
});
const check = (day: number, who: string, ...lines: FoundLine[]): WeeklyCheckView => {
  const at = `2026-11-0${day}T08:00:00.000Z`;
  return { id: `c${day}`, who, at, keptAt: at, revision: 1, lines };
};

describe('what goes to the next order', () => {
  it('is what was missing or defective when somebody looked last, since it was first found so', () => {
    const order = nextOrder([
      check(1, 'Rush', line('a', 'missing'), line('b', 'defective'), line('c', 'here')),
      check(3, 'Reed', line('a', 'missing', 2), line('b', 'here'), line('c', 'missing')),
    ]);
    expect(order.map(({ lineId, short, since, who }) => [lineId, short, since.slice(8, 10), who])).toEqual([
      ['a', 2, '01', 'Rush'],
      ['c', 1, '03', 'Reed'],
    ]);
  });

  it('is the same in whatever order the checks come, and nothing where nobody has looked', () => {
    const checks = [
      check(1, 'Rush', line('a', 'here')),
      check(2, 'Rush', line('a', 'defective')),
      check(3, 'Rush', line('b', 'missing')),
    ];
    expect(nextOrder([...checks].reverse())).toEqual(nextOrder(checks));
    expect(nextOrder(checks).map(({ lineId }) => lineId)).toEqual(['b', 'a']);
    expect(nextOrder([])).toEqual([]);
  });

  it('as CSV names piece, place, how many and since when', () => {
    expect(nextOrderCsv(nextOrder([check(2, 'Rush', line('a', 'missing'))]))).toBe(
      'piece,place,to order,found,since,by,note\nPiece a,"L1, shelf 2",1,missing,2026-11-02,Rush,',
    );
  });
});
