import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { house } from '../index.js';
import { NEW_ROW, pasteBlock, sheetRows, whyFixed, writeCell } from './index.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;

describe('writing in the weight sheet', () => {
  const evaluation = house.evaluate(pumper);
  const PUMP_WEIGHED = {
    id: 'pump',
    partId: 'midship-1500-side',
    count: 1,
    name: 'Midship {1500 gpm}, side panel',
  };
  const write = (
    rowId: string,
    column: Parameters<typeof writeCell>[3],
    text: string,
    system: 'us' | 'metric' = 'us',
    build = pumper,
  ) => writeCell(build, evaluation, rowId, column, text, system);
  const buildOf = (edit: ReturnType<typeof write>) =>
    'build' in edit ? edit.build : expect.fail(edit.problem);

  it('a weight stands in place of the catalog’s, as sure as it was until somebody says how it is known', () => {
    const once = buildOf(write('pump', 'weightLb', '3,500'));
    expect(once.weights.weighed).toEqual([{ ...PUMP_WEIGHED, weightLb: 3_500, basis: 'catalogued' }]);
    const weighed = buildOf(writeCell(once, house.evaluate(once), 'pump', 'basis', 'Weighed', 'us'));
    expect(weighed.weights.weighed).toEqual([{ ...PUMP_WEIGHED, weightLb: 3_500, basis: 'weighed' }]);
    expect(
      buildOf(write('pump', 'weightLb', '1587.573295', 'metric')).weights.weighed[0]!.weightLb,
    ).toBeCloseTo(3_500, 6);
  });

  it('the row below the last becomes an item, and everything of it can be written', () => {
    const made = write(NEW_ROW, 'name', 'Trunk');
    expect(made).toMatchObject({ build: { items: { lines: [{ name: 'Trunk', weightLb: 0 }] } } });
    const { rowId } = made as { rowId: string };
    const placed = buildOf(writeCell(buildOf(made), evaluation, rowId, 'xIn', '-40', 'us'));
    expect(placed.items.lines[0]!.xIn).toBe(-40);
  });

  it.each<[string, string, Parameters<typeof writeCell>[3], string, RegExp]>([
    ['words for a weight', 'pump', 'weightLb', 'heavy', /must be a number/],
    ['a weight beyond belief', 'pump', 'weightLb', '99999', /weight must be from \{#0 lb\} to \{60000 lb\}/],
    ['an item heavier than any', NEW_ROW, 'weightLb', '30000', /from \{#0 lb\} to \{20000 lb\}/],
    ['a place of what was chosen', 'pump', 'xIn', '10', /follow from what was chosen/],
    ['the weight of water', 'water', 'weightLb', '10', /follows from its gallons/],
    ['a basis that is none', 'pump', 'basis', 'rumor', /basis must be one of/],
    ['an empty name', NEW_ROW, 'name', ' ', /1 to 80/],
    ['a row that is gone', 'nothing', 'weightLb', '3', /no component/],
  ])('refuses %s', (_, row, column, text, problem) => {
    expect(write(row, column, text)).toEqual({ problem: expect.stringMatching(problem) });
  });

  it('says what one of several weighs, and nothing of what is one', () => {
    for (const { count, weightLb, eachLb } of evaluation.read(sheetRows))
      expect(eachLb).toBe(count > 1 ? weightLb / count : null);
    expect(evaluation.read(sheetRows).some(({ eachLb }) => eachLb !== null)).toBe(true);
  });

  it('says of each cell whether it can be written', () => {
    const rows = evaluation.read(sheetRows);
    expect(
      whyFixed(
        rows.find(({ id }) => id === 'pump')!,
        'weightLb',
      ),
    ).toBeNull();
    expect(
      whyFixed(
        rows.find(({ id }) => id === 'pump')!,
        'zIn',
      ),
    ).toMatch(/follow/);
    expect(
      whyFixed(
        rows.find(({ id }) => id === 'water')!,
        'weightLb',
      ),
    ).toMatch(/gallons/);
  });

  it('a block from a spreadsheet: twenty rows become twenty items, the bad ones are told', () => {
    const block = Array.from(
      { length: 20 },
      (_, i) => `Item ${i + 1}\t${10 + i}\t${100 + i}\t0\t50\testimated`,
    ).join('\r\n');
    const { build, written, refused } = pasteBlock(
      pumper,
      evaluation,
      evaluation.read(sheetRows).map(({ id }) => id),
      { rowId: NEW_ROW, column: 'name' },
      block,
      'us',
    );
    expect({ written, refused, items: build.items.lines.length }).toEqual({
      written: 120,
      refused: [],
      items: 20,
    });
    expect(house.measure(build)['gross']! - house.measure(pumper)['gross']!).toBeCloseTo(20 * 10 + 190, 9);
    const bad = pasteBlock(
      pumper,
      evaluation,
      [],
      { rowId: NEW_ROW, column: 'name' },
      'Good\t10\nBad\theavy\nAlso good\t20',
      'us',
    );
    expect(bad).toMatchObject({
      written: 4,
      refused: [{ row: 2, reason: expect.stringMatching(/must be a number/) }],
    });
  });

  it('a column pasted over what was chosen corrects it, row by row as they are shown', () => {
    const { build, refused } = pasteBlock(
      pumper,
      evaluation,
      ['pump', 'water', 'body'],
      { rowId: 'pump', column: 'weightLb' },
      '3400\n8000\n3800',
      'us',
    );
    expect(build.weights.weighed.map(({ id, weightLb }) => [id, weightLb])).toEqual([
      ['pump', 3_400],
      ['body', 3_800],
    ]);
    expect(refused).toMatchObject([{ row: 2 }]);
  });

  it('begins at the row of the cell, not at the first', () => {
    const { build, refused } = pasteBlock(
      pumper,
      evaluation,
      ['pump', 'tank', 'body'],
      { rowId: 'tank', column: 'weightLb' },
      '1500\n3800',
      'us',
    );
    expect(build.weights.weighed.map(({ id, weightLb }) => [id, weightLb])).toEqual([
      ['tank', 1_500],
      ['body', 3_800],
    ]);
    expect(refused).toEqual([]);
  });
});
