import { describe, expect, it } from 'vitest';
import type { OwnPart } from '../../kernel/index.js';
import { fittingShelf, placesOf } from './block.js';

const own = (figures: Record<string, number>, likeId = 'light-bar'): OwnPart => ({
  id: 'own-bar',
  kind: 'fitting',
  likeId,
  name: 'Bar of our own',
  figures: Object.entries(figures).map(([field, value]) => ({ field, value, source: 'brochure' })),
});
const places = (part: OwnPart) => placesOf(fittingShelf.resolve(part));

describe('where a fitting of a department’s own may stand', () => {
  it.each<[string, OwnPart, string[]]>([
    ['as the one that it is like', own({}), ['cabRoof']],
    ['in one place more', own({ 'may-bodyRear': 1 }), ['cabRoof', 'bodyRear']],
    ['in another place alone', own({ 'may-cabRoof': 0, 'may-bodyRear': 1 }), ['bodyRear']],
    ['the same, said the other way round', own({ 'may-bodyRear': 1, 'may-cabRoof': 0 }), ['bodyRear']],
    [
      'in fewer places',
      own({ 'may-bodyFront': 0, 'may-cabRoof': 0 }, 'light-mast'),
      ['bodyRear', 'bodyLeft', 'bodyRight'],
    ],
  ])('%s', (_, part, at) => {
    expect(fittingShelf.problemsOf(part)).toEqual([]);
    expect(places(part)).toEqual(at);
  });

  it.each<[string, OwnPart, RegExp]>([
    [
      'nowhere at all',
      own({ 'may-cabRoof': 0 }),
      /figures\.0\.value must be 1 for may-cabRoof, or 1 for another/,
    ],
    ['half', own({ 'may-bodyRear': 0.5 }), /figures\.0\.value must be 1 for yes or 0 for no/],
  ])('%s is refused by name', (_, part, message) => {
    expect(fittingShelf.problemsOf(part).map((problem) => problem.message)).toEqual([
      expect.stringMatching(message),
    ]);
  });
});
