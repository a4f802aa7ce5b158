import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { missingOf, withListOf, withMissing, YET } from '../subjects/equipment/index.js';
import { house } from '../subjects/index.js';
import { components } from '../truck/index.js';
import { assumedSize, equipmentCsv, readEquipmentCsv } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const [pumper] = DEMONSTRATION.flatMap(({ builds }) => builds);
const bare = ({ equipment }: Build) => equipment.lines.map(({ id: _id, ...rest }) => rest);
const read = (text: string) => readEquipmentCsv(plain, text, 'us');
const componentsOf = (build: Build) => house.evaluate(build).read(components);
const firstOf = (text: string) => read(text).build.equipment.lines[0]!;

describe('a list of equipment', () => {
  it.each(['us', 'metric', 'canada'] as const)('goes out and comes in again as it was, in %s', (system) => {
    const { build, problems, lines } = readEquipmentCsv(pumper!, equipmentCsv(pumper!, system), system);
    expect(problems).toEqual([]);
    expect(lines).toBe(pumper!.equipment.lines.length);
    expect(bare(build)).toEqual(bare(pumper!));
  });

  it('takes what the catalog has as the catalog has it, and what differs from the list', () => {
    expect(
      firstOf(
        'piece,count,rides in,weight,used\nIrons, set,2,L1,19,every run'.replace(
          'Irons, set',
          '"Irons, set"',
        ),
      ),
    ).toMatchObject({
      partId: 'irons',
      count: 2,
      compartmentId: 'L1',
    });
    const line = firstOf('piece,weight,used,needs\nSledge hammer,16,weekly,under lock; kept clean');
    expect(line).toMatchObject({
      partId: 'sledge',
      weightLb: 16,
      often: 'weekly',
      needs: ['locked', 'clean'],
    });
    expect(line).not.toHaveProperty('lengthIn');
    expect(line.compartmentId).toBe(YET);
  });

  it('marks what it has to assume: a box that weighs 15 lb a cubic foot', () => {
    // 30 lb are 2 ft³: 3456 in³ = 9 s³, s = 7.27 in.
    expect(assumedSize(30)).toEqual({ lengthIn: 22, widthIn: 14.5, heightIn: 11 });
    const { build, assumed } = read(
      'piece,weight,length,width,height\nBarn hook,12,60,5,4\nMilk pump,30,,,\nBell,,8,8,8\nGate,,,,',
    );
    expect(assumed).toBe(3);
    expect(build.equipment.lines.map(({ name, assumed: what }) => [name, what])).toEqual([
      ['Barn hook', undefined],
      ['Milk pump', 'size'],
      ['Bell', 'weight'],
      ['Gate', 'both'],
    ]);
    const named = (name: string) => componentsOf(build).find((component) => component.name === name);
    const milk = named('Milk pump');
    expect([milk?.name, milk?.weightLb, milk?.basis]).toEqual(['Milk pump', 30, 'catalogued']);
    expect(named('Bell')?.basis).toBe('estimated');
  });

  it('what has no place yet weighs in the middle of all compartments', () => {
    const at = (text: string) => house.measure(read(text).build)['gross']!;
    expect(at('piece\nCribbing set')).toBeCloseTo(house.measure(plain)['gross']!, 6);
    const { build } = read('piece,count\nCribbing set,30');
    const [component] = componentsOf(build).filter(({ role }) => role === 'equipment');
    expect(component!.xIn).toBeGreaterThan(150);
    expect(component!.weightLb).toBe(4200);
  });

  it.each<[string, string, RegExp]>([
    [
      'without its heads',
      'a,b\n1,2',
      /must name the column piece; all columns are piece, count, rides in, weight \(lb\)/,
    ],
    ['in another unit', 'piece,weight (kg)\nGate,5', /weight is in kg; weights here are in lb/],
    ['without a name', 'piece,count\n,2', /Line 2: piece must be what it is called/],
    [
      'with a count that is none',
      'piece,count\nGate,2.5',
      /Line 2: count must be a whole number from 1 to 200 \(was "2.5"\)/,
    ],
    [
      'with a place that is not there',
      'piece,rides in\nGate,L9',
      /Line 2: rides in must be a place of this truck: L1, /,
    ],
    [
      'with a length that is none',
      'piece,length\nGate,long',
      /Line 2: length must be a number from 0.5 to 200 in \(was "long"\)/,
    ],
    [
      'with another discipline',
      'piece,discipline\nGate,farming',
      /discipline must be one of attack, water supply/,
    ],
    ['with a need that nobody knows', 'piece,needs\nGate,love', /needs must be needs, with ; between them/],
  ])('is refused %s, and nothing is taken', (_, text, message) => {
    const { build, problems } = readEquipmentCsv(pumper!, text, 'us');
    expect(build).toBe(pumper);
    expect(problems.join('\n')).toMatch(message);
  });

  it('is refused with more lines than a list holds', () => {
    const text = `piece\n${Array.from({ length: 401 }, (_, i) => `Gate ${i}`).join('\n')}`;
    expect(read(text).problems).toEqual(['A list holds 400 lines at most.']);
  });
});

describe('where a list comes from', () => {
  it('from what such trucks usually carry: what is missing, and none twice', () => {
    const lacking = missingOf(plain);
    expect(lacking.find(({ partId }) => partId === 'pack')).toEqual({ partId: 'pack', usual: 4, carried: 0 });
    const full = withMissing(plain);
    expect(missingOf(full)).toEqual([]);
    expect(withMissing(full)).toBe(full);
    expect(full.equipment.lines.find(({ partId }) => partId === 'pike-pole-8')!.compartmentId).toBe('way');
    expect(house.parse(JSON.parse(JSON.stringify(full))).equipment).toEqual(full.equipment);
  });

  it('from another truck: its pieces, with no place in compartments that are not its', () => {
    const taken = withListOf(plain, pumper!);
    expect(taken.equipment.lines.length).toBe(pumper!.equipment.lines.length);
    const places = new Set(taken.equipment.lines.map(({ compartmentId }) => compartmentId));
    expect([...places].sort()).toEqual(['cab', 'way', YET]);
  });
});
