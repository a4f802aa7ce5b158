import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { house } from '../index.js';
import { equipmentRows, equipmentShelf, inSections, rowsWith, withLinesIn, withPieces } from './index.js';

const [pumper] = DEMONSTRATION.flatMap(({ builds }) => builds) as [Build];
const rowsOf = (build: Build) => house.evaluate(build).read(equipmentRows);

describe('the rows of the list', () => {
  it('weigh what the catalog says of all of them, until somebody weighs one', () => {
    const rows = rowsOf(pumper);
    for (const { line, eachLb, weightLb, corrected } of rows) {
      expect(eachLb).toBe(equipmentShelf.in(pumper).part(line.partId).weightLb);
      expect(weightLb).toBe(eachLb * line.count);
      expect(corrected).toBe(false);
    }
    const { line } = rows.find(({ line: { count } }) => count > 1)!;
    const weighed = [
      {
        id: `equipment.${line.id}`,
        partId: line.partId,
        count: line.count,
        weightLb: 99,
        basis: 'weighed' as const,
      },
    ];
    const after = rowsOf(withBlock(pumper, 'weights', { weighed })).filter((row) => row.corrected);
    expect(after).toMatchObject([{ line, weightLb: 99 }]);
  });

  it.each(['group', 'place'] as const)('stand once each in a section by %s, with the sum of it', (order) => {
    const rows = rowsOf(pumper);
    const sections = inSections(rows, order);
    expect(sections.flatMap((section) => section.rows).length).toBe(rows.length);
    for (const { id, rows: of, pieces, weightLb } of sections) {
      expect(of.every((row) => (order === 'group' ? row.group : row.line.compartmentId) === id)).toBe(true);
      expect(pieces).toBe(of.reduce((sum, { line }) => sum + line.count, 0));
      expect(weightLb).toBe(of.reduce((sum, row) => sum + row.weightLb, 0));
    }
  });

  it('come by compartment in the order of their names, then with the ladders, then in the cab', () => {
    const ids = inSections(rowsOf(pumper), 'place').map(({ id }) => id);
    expect(ids.slice(-2)).toEqual(['way', 'cab']);
    expect(ids.slice(0, -2)).toEqual([...ids.slice(0, -2)].sort());
  });

  it('are found by all the words, in any order', () => {
    const said = rowsWith(rowsOf(pumper), 'AIR spare', ({ name }) => name).map(({ name }) => name);
    expect(said).toEqual(['Spare air cylinder']);
    expect(rowsWith(rowsOf(pumper), 'no such', ({ name }) => name)).toEqual([]);
  });
});

describe('several lines at once', () => {
  const ids = pumper.equipment.lines.slice(0, 3).map(({ id }) => id);

  it('move to one place, and nothing else does', () => {
    const { lines } = withLinesIn(pumper, ids, 'R2').equipment;
    expect(lines.slice(0, 3).map(({ compartmentId }) => compartmentId)).toEqual(['R2', 'R2', 'R2']);
    expect(lines.slice(3)).toEqual(pumper.equipment.lines.slice(3));
  });

  it('come off', () => {
    expect(withLinesIn(pumper, ids, null).equipment.lines).toEqual(pumper.equipment.lines.slice(3));
  });

  it('are added; the same piece in the same place counts up', () => {
    const added = withPieces(pumper, ['irons', 'cones', 'irons'], 'R2').equipment.lines.slice(
      pumper.equipment.lines.length,
    );
    const there = pumper.equipment.lines.some(
      ({ partId, compartmentId }) => partId === 'irons' && compartmentId === 'R2',
    );
    expect(there).toBe(false);
    expect(added.map(({ partId, count }) => [partId, count])).toEqual([
      ['irons', 2],
      ['cones', 1],
    ]);
  });
});
