import { describe, expect, it } from 'vitest';
import { changedLine, said, withLine } from './index.js';

interface Bed {
  id: string;
  lengthIn: number;
  slides?: 'yes' | undefined;
}
const fixed: Bed = { id: 'a', lengthIn: 90 };
const sliding: Bed = { id: 'b', lengthIn: 60, slides: 'yes' };
const all = [fixed, sliding];

describe('a list with one line otherwise', () => {
  it.each([
    ['a field another', 'a', { lengthIn: 80 }, [{ id: 'a', lengthIn: 80 }, sliding]],
    ['a field more', 'a', { slides: 'yes' }, [{ ...fixed, slides: 'yes' }, sliding]],
    ['a field left open again', 'b', { slides: undefined }, [fixed, { id: 'b', lengthIn: 60 }]],
    ['the line gone', 'a', null, [sliding]],
    ['none of that id', 'c', { lengthIn: 80 }, all],
    ['none of that id to take away', 'c', null, all],
  ] as const)('%s', (_, id, change, expected) => {
    const changed = changedLine<Bed>(all, id, change);
    // `toStrictEqual` tells a field that is undefined from one that is not there.
    expect(changed).toStrictEqual(expected);
    expect(all).toStrictEqual([
      { id: 'a', lengthIn: 90 },
      { id: 'b', lengthIn: 60, slides: 'yes' },
    ]);
  });

  it('what is left open is no field of a line', () =>
    expect(said<Bed>({ ...fixed, slides: undefined })).toStrictEqual(fixed));

  it.each([
    ['one more', 'c', { id: 'c', lengthIn: 10 }, ['a', 'b', 'c']],
    ['one in place of another', 'a', { id: 'a', lengthIn: 10 }, ['a', 'b']],
    ['one away', 'a', null, ['b']],
    ['one away that is not there', 'c', null, ['a', 'b']],
  ] as const)('%s', (_, id, line, ids) => {
    const lines = withLine<Bed>(all, id, line);
    expect(lines.map((one) => one.id)).toEqual(ids);
    if (line) expect(lines).toContain(line);
  });
});
