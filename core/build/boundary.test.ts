import { describe, expect, it } from 'vitest';
import { IsIn } from 'class-validator';
import { field, classOf, judge, Nested, readJson } from './index.js';
import { BadInput } from './problem.js';

const Line = { name: field.text('Name', 1, 10), feet: field.amount('Feet', 'ft', { min: 0, max: 100 }) };
const Reel = classOf(
  { lines: field.lines('Lines', 'Line', 3, Line), color: field.optional(field.id('Color')) },
  'Reel',
);
const line = (id: string) => ({ id, name: 'Left', feet: 50 });

const problems = (input: unknown, type: new () => object = Reel): string[] => {
  try {
    judge(type, input);
  } catch (error) {
    if (error instanceof BadInput) return error.problems.map(({ message }) => message);
    throw error;
  }
  return [];
};

describe('what a boundary takes', () => {
  it('comes back as it came', () => {
    const input = { lines: [line('a'), line('b')] };
    expect(judge(Reel, input)).toBe(input);
  });

  it.each<[string, unknown, string[]]>([
    [
      'each wrong field, named once',
      { lines: [{ ...line('a'), id: '' }] },
      ['lines.0.id must be an id (letters, digits, dots and dashes) (was "")'],
    ],
    [
      'a list that is too long, before it looks into it',
      { lines: Array(200_000).fill({}) },
      ['lines must have at most 3 entries (was a list of 200000)'],
    ],
    [
      'what does not belong and what is wrong together',
      { lines: [{ ...line('a'), feet: -1, paint: 1 }] },
      [
        'lines.0.paint is not a field of this input; leave it out',
        'lines.0.feet must be at least 0 (was -1)',
      ],
    ],
    [
      'a list where an object belongs',
      { lines: [[]] },
      ['each of lines must be an object with its fields (was [[]])'],
    ],
    [
      'a field that is there without a value',
      { lines: [], color: null },
      ['color must be an id (letters, digits, dots and dashes) (was null)'],
    ],
  ])('refuses %s', (_, input, messages) => expect(problems(input)).toEqual(messages));

  it('tells the first fifty problems and how many more there are', () => {
    const strange = Object.fromEntries(Array.from({ length: 80 }, (_, i) => [`field${i}`, i]));
    expect(problems({ lines: [], ...strange })).toHaveLength(50);
    expect(
      new BadInput(Array.from({ length: 60 }, () => ({ field: 'a', message: 'a is wrong' }))).message,
    ).toMatch(/; and 10 more like these$/);
  });

  it('sees a class that is judged otherwise than by Nested as a slip of ours', () => {
    class Inner {
      @IsIn(['a'])
      kind!: string;
    }
    class Outer {
      @Nested(() => Inner)
      inner!: Inner;
    }
    expect(problems({ inner: { kind: 'a' } }, Outer)).toEqual([]);
    expect(problems({ inner: { kind: 'b' } }, Outer)).toEqual(['inner.kind must be one of a (was "b")']);
  });
});

describe('JSON text from outside', () => {
  it.each([
    ['{"a":[1,2,{"b":"]]]]]]]]]]]]]]]]]]]]]]]]"}]}', { a: [1, 2, { b: ']'.repeat(24) }] }],
    [`{"a":"\\"${'['.repeat(40)}"}`, { a: `"${'['.repeat(40)}` }],
    [`[${Array(30).fill('[]').join()}]`, Array(30).fill([])],
  ])('%s is read', (text, value) => expect(readJson(text)).toEqual(value));

  it.each([
    [`${'['.repeat(1_000_000)}`, /must not be nested more than 20 levels deep/],
    [`${'{"a":'.repeat(21)}1${'}'.repeat(21)}`, /must not be nested more than 20 levels deep/],
    ['{"a":', /must be JSON/],
  ])('refused: %#', (text, message) => expect(() => readJson(text)).toThrow(message));
});
