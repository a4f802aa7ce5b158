import { describe, expect, it } from 'vitest';
import { grouped, sectionAt, stepped } from './grouped';
import { SECTION_GROUPS, SECTIONS_OF_ANALYSIS } from './sections';

const section = (id: string, group: string) => ({ id, group });
const sections = [
  section('sheet', 'Weights'),
  section('reach', 'Water'),
  section('frame', 'Structure'),
  section('states', 'Weights'),
];

describe('the sections of the analysis', () => {
  it('stand under their heads in the order of the heads, and there in their own', () => {
    expect(
      grouped(sections, ['Weights', 'Body', 'Structure']).map(({ group, sections: of }) => [
        group,
        of.map(({ id }) => id),
      ]),
    ).toEqual([
      ['Weights', ['sheet', 'states']],
      ['Structure', ['frame']],
      ['Water', ['reach']],
    ]);
  });

  it('are opened by their address; without one, or with one that is gone, the first is', () => {
    expect(sectionAt(sections, 'frame').id).toBe('frame');
    expect(sectionAt(sections, undefined).id).toBe('sheet');
    expect(sectionAt(sections, 'gone').id).toBe('sheet');
  });

  it('are walked through round and round', () => {
    expect(stepped(sections, sections[0]!, 1).id).toBe('reach');
    expect(stepped(sections, sections[0]!, -1).id).toBe('states');
    expect(stepped(sections, sections[3]!, 1).id).toBe('sheet');
  });

  it('of all subjects have ids and titles of their own, and none is lost', () => {
    expect(SECTION_GROUPS[0]!.group).toBe('Weights');
    for (const of of ['id', 'title'] as const)
      expect(new Set(SECTIONS_OF_ANALYSIS.map((one) => one[of])).size).toBe(SECTIONS_OF_ANALYSIS.length);
    expect(SECTIONS_OF_ANALYSIS.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['sheet', 'frame', 'limits', 'advice']),
    );
  });
});
