import { describe, expect, it } from 'vitest';
import { BadInput } from '#core/build';
import { RecordPipe } from './pipes.js';

describe('the id of a build or a department in an address', () => {
  const pipe = new RecordPipe();

  it('is taken in either case', () => {
    for (const id of ['7e57ab1e-0000-4000-8000-000000000000', '7E57AB1E-0000-4000-8000-000000000000'])
      expect(pipe.transform(id)).toBe(id);
  });

  it.each([
    '',
    '7',
    'river-pumper',
    '7e57ab1e-0000-4000-8000-00000000000g',
    '7e57ab1e000040008000000000000000',
  ])('“%s” is refused in plain words', (id) => {
    expect(() => pipe.transform(id)).toThrow(BadInput);
    expect(() => pipe.transform(id)).toThrow(/^id must be the id of a build or a department, .* \(was /);
  });
});
