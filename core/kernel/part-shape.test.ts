import { describe, expect, it } from 'vitest';
import { judgeBy } from './part-shape.js';

const judge = judgeBy([
  {
    id: 'a',
    name: 'Alpha',
    kind: 'side',
    weightLb: 100,
    offIn: -4,
    seats: [{ at: 1 }],
    big: true,
    door: null,
    note: 'x',
  },
  { id: 'b', name: 'Beta', kind: 'top', weightLb: 300, offIn: 5, seats: [], big: false, door: { wide: 20 } },
]);
const GOOD = {
  id: 'c',
  name: 'Gamma',
  kind: 'side',
  weightLb: 200,
  offIn: 0,
  seats: [{ at: 3 }],
  big: true,
  door: null,
};
const told = (part: unknown) => judge(part, 'part').map(({ message }) => message);

describe('a part from outside, judged by those that ship', () => {
  it('is taken where it is like them', () => {
    expect(told(GOOD)).toEqual([]);
    expect(told({ ...GOOD, door: { wide: 25 }, note: 'free' })).toEqual([]);
  });
  it.each<[string, object, string]>([
    ['a figure of another sign', { weightLb: -1 }, 'part.weightLb must be more than 0 (was -1)'],
    ['nothing where all weigh', { weightLb: 0 }, 'part.weightLb must be more than 0 (was 0)'],
    [
      'a hundred times the largest and more',
      { weightLb: 30_001 },
      'part.weightLb must be at most 30000 (was 30001)',
    ],
    ['no figure', { weightLb: NaN }, 'part.weightLb must be a figure (was NaN)'],
    ['finer than anything', { offIn: 1e-9 }, 'part.offIn must be 0 or at least'],
    ['a text that means nothing', { kind: 'under' }, 'part.kind must be one of side, top (was "under")'],
    [
      'a text in place of a figure',
      { weightLb: '200' },
      'part.weightLb must be what parts of this kind have there',
    ],
    ['no name', { name: '' }, 'part.name must have 1 to 200 characters'],
    ['a name that is too long', { name: 'x'.repeat(201) }, 'part.name must have 1 to 200 characters'],
    ['broken letters', { name: '\ud800' }, 'part.name must be readable text, without broken characters'],
    [
      'a field that is not known',
      { paint: 1 },
      'part.paint is not known; a part of this kind has id, name, kind',
    ],
    ['a field that all have left out', { kind: undefined }, 'part.kind must be there'],
    ['a list’s entry', { seats: [{ at: 1 }, { at: -1 }] }, 'part.seats.1.at must be more than 0 (was -1)'],
    [
      'a list without end',
      { seats: Array.from({ length: 101 }, () => ({ at: 1 })) },
      'part.seats must have at most 100 entries',
    ],
    ['what stands deeper', { door: { wide: 0 } }, 'part.door.wide must be more than 0 (was 0)'],
  ])('is refused with %s', (_, change, message) => {
    const all = told({ ...GOOD, ...change });
    expect(all).toHaveLength(1);
    expect(all[0]!.startsWith(message), all[0]).toBe(true);
  });
  it('may be either way where it is yes or no', () => {
    const yes = judgeBy([{ big: true }]);
    expect(yes({ big: false }, 'part')).toEqual([]);
    expect(yes({ big: null }, 'part')).toHaveLength(1);
  });
  it('may have nothing of a sign where some have', () => {
    const zero = judgeBy([{ fee: 0 }, { fee: 10 }]);
    expect(zero({ fee: 0 }, 'part')).toEqual([]);
    expect(zero({ fee: -1 }, 'part').map(({ message }) => message)).toEqual([
      'part.fee must be at least 0 (was -1)',
    ]);
  });
});
