import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import { equipmentSheet, readEquipmentCsv, writeEquipmentCell } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const { build } = readEquipmentCsv(plain, 'piece,weight\nSledge hammer,\nGate,\nMilk pump,30', 'us');
const [sledge, gate, milk] = build.equipment.lines;
const heads = equipmentSheet(build, 'us').heads.map((head) => head.replace(/ \(.*/, ''));
const written = (
  lineId: string | null,
  head: string,
  text: string,
  on: Build = build,
  system: 'us' | 'metric' = 'us',
) => writeEquipmentCell(on, lineId, heads.indexOf(head), text, system);
const lineAfter = (id: string, ...edits: [head: string, text: string][]) => {
  const after = edits.reduce((on, [head, text]) => {
    const edit = written(id, head, text, on);
    if ('problem' in edit) throw new Error(edit.problem);
    return edit.build;
  }, build);
  return after.equipment.lines.find((line) => line.id === id)!;
};

describe('the list as a sheet', () => {
  it('shows what holds of each piece, in the reader’s units', () => {
    const cells = (system: 'us' | 'metric') => equipmentSheet(build, system).rows[0]!.cells;
    expect(cells('us').slice(0, 7)).toEqual(['Sledge hammer', '1', 'No place yet', '13', '34', '8', '5']);
    expect(cells('metric').slice(3, 5)).toEqual(['5.8967', '863.6']);
  });

  it.each<[string, string, object]>([
    ['weight', '16', { weightLb: 16 }],
    ['count', '3', { count: 3 }],
    ['rides in', 'L2', { compartmentId: 'L2' }],
    ['used', 'Every run', { often: 'everyRun' }],
    ['needs', 'under lock; two lift it', { needs: ['locked', 'twoPerson'] }],
    ['later', 'yes', { later: 'yes' }],
    ['piece', 'Big sledge', { name: 'Big sledge', partId: 'sledge' }],
    ['piece', 'Splitting maul', { partId: 'maul' }],
  ])('%s written “%s”', (head, text, change) =>
    expect(lineAfter(sledge!.id, [head, text])).toMatchObject(change),
  );

  it('is as the catalog has it again where a cell is emptied', () => {
    const line = lineAfter(sledge!.id, ['weight', '16'], ['weight', ''], ['later', 'yes'], ['later', '']);
    expect(line).toEqual(sledge);
  });

  it('takes weight and size in the units that are read', () => {
    const edit = written(sledge!.id, 'weight', '10', build, 'metric');
    expect('build' in edit && edit.build.equipment.lines[0]!.weightLb).toBeCloseTo(22.0462, 4);
  });

  it('is no guess any longer where somebody said it', () => {
    expect([gate!.assumed, milk!.assumed]).toEqual(['both', 'size']);
    expect(lineAfter(gate!.id, ['weight', '12']).assumed).toBe('size');
    expect(lineAfter(gate!.id, ['length', '40']).assumed).toBe('weight');
    expect(lineAfter(gate!.id, ['weight', '12'], ['length', '40'])).not.toHaveProperty('assumed');
    expect(lineAfter(milk!.id, ['weight', '31']).assumed).toBe('size');
  });

  it('has a new line where one is begun with the name of its piece', () => {
    const edit = written(null, 'piece', 'Irons, set');
    expect('build' in edit && edit.build.equipment.lines.at(-1)).toMatchObject({ partId: 'irons', count: 1 });
    expect(written(null, 'weight', '5')).toEqual({ problem: 'a new line begins with the name of its piece' });
  });

  it.each<[string, string, RegExp]>([
    ['weight', 'heavy', /^weight must be a number from 0.1 to 2000 lb \(was "heavy"\)$/],
    ['count', '', /^count must be there$/],
    ['piece', '', /^piece must be what it is called$/],
    ['rides in', 'L9', /^rides in must be a place of this truck: /],
    ['used', 'often', /^used must be one of every run, weekly, monthly, yearly/],
  ])('refuses %s “%s”', (head, text, problem) => {
    const edit = written(sledge!.id, head, text);
    expect('problem' in edit && edit.problem).toMatch(problem);
  });
});
