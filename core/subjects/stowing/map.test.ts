import { describe, expect, it } from 'vitest';
import { meadowPumper, starterBuild } from '../../demonstration/index.js';
import { compartments } from '../../truck/index.js';
import { house } from '../index.js';
import {
  aboard,
  bracketsTable,
  fittingsTable,
  inPlace,
  lockerViews,
  mountingOf,
  pickTable,
  placeLists,
  sideMaps,
  whereabouts,
} from './index.js';

const meadow = house.evaluate(meadowPumper);

describe('where everything is', () => {
  it('every line once, numbered from 1 in the order of the compartments, the rest after that', () => {
    const all = meadow.read(whereabouts);
    expect(all.map(({ line }) => line.id).sort()).toEqual(
      meadowPumper.equipment.lines.map(({ id }) => id).sort(),
    );
    const numbered = all.filter(({ number }) => number !== null);
    expect(numbered.map(({ number }) => number)).toEqual(numbered.map((_, i) => i + 1));
    expect(all.slice(numbered.length).map(({ place }) => place)).toContain('Cab');
    const order = meadow.read(compartments).map(({ id }) => id);
    const homes = numbered.map(({ line }) => order.indexOf(line.compartmentId));
    expect(homes).toEqual([...homes].sort((a, b) => a - b));
  });

  it('what comes later, and what has no place yet, is not aboard', () => {
    const [first, second, ...rest] = meadowPumper.equipment.lines;
    const lines = [{ ...first!, later: 'yes' as const }, { ...second!, compartmentId: 'yet' }, ...rest];
    const ids = house
      .evaluate({ ...meadowPumper, equipment: { ...meadowPumper.equipment, lines } })
      .read(aboard)
      .map(({ line }) => line.id);
    expect(ids).not.toContain(first!.id);
    expect(ids).not.toContain(second!.id);
    expect(ids).toHaveLength(rest.length);
  });

  it('a number stands where its piece is seen, or the piece is told to be behind', () => {
    for (const { things } of meadow.read(lockerViews))
      for (const [i, { seenAt, at, lineId }] of things.entries()) {
        const mine = meadow.read(whereabouts).find(({ line }) => line.id === lineId)!;
        expect(mine.behind).toBe(seenAt === null);
        if (!seenAt) continue;
        const [u, v] = seenAt;
        const holds = ([u0, v0, u1, v1]: readonly number[]) => u > u0! && u < u1! && v > v0! && v < v1!;
        expect(holds(at)).toBe(true);
        expect(things.slice(i + 1).some((other) => holds(other.at))).toBe(false);
      }
  });
});

describe('a side of the truck', () => {
  it('has its compartments where they are: from the front on the driver’s side, from the rear on the other', () => {
    const maps = meadow.read(sideMaps);
    expect(maps.map(({ title }) => title)).toEqual(['Driver’s side', 'Officer’s side', 'Rear']);
    const inOrder = (i: number) =>
      [...maps[i]!.lockers].sort((a, b) => a.uIn - b.uIn).map(({ of }) => of.name);
    expect(inOrder(0)).toEqual(['L1', 'L2', 'L3']);
    expect(inOrder(1)).toEqual(['R3', 'R2', 'R1']);
    for (const { lockers, wideIn, highIn } of maps) {
      expect(Math.min(...lockers.map(({ uIn }) => uIn))).toBe(0);
      for (const { of, uIn, vIn } of lockers) {
        expect(uIn + of.wideIn).toBeLessThanOrEqual(wideIn + 1e-9);
        expect(vIn + of.highIn).toBeLessThanOrEqual(highIn + 1e-9);
      }
    }
  });
});

describe('for whoever builds and loads it', () => {
  it('each fitting has a letter and its measures, and each piece its corner', () => {
    const view = mountingOf(meadow, 'L1')!;
    expect(view.heightsIn).toEqual([20, 31, 42]);
    expect(fittingsTable(view).rows[1]!.cells).toEqual([
      'B',
      'Shelf, {500 lb}',
      '{20 in}',
      '{0 in}',
      '{0 in}',
      '{50 in}',
      '{27 in}',
      '{500 lb}',
    ]);
    const rows = bracketsTable(view.of, inPlace(meadow, 'L1')).rows;
    expect(rows).toHaveLength(inPlace(meadow, 'L1').length);
    for (const { cells } of rows) expect(cells[2]).toMatch(/ × .* × /);
    expect(mountingOf(meadow, 'nowhere')).toBeNull();
  });

  it('pick lists name every piece once, and their pieces add up', () => {
    const lists = meadow.read(placeLists);
    const rows = lists.flatMap((list) => pickTable(list).rows);
    expect(rows.map(({ id }) => id).sort()).toEqual(meadowPumper.equipment.lines.map(({ id }) => id).sort());
    expect(pickTable(lists.find(({ title }) => title === 'L2')!).title).toBe(
      `L2: ${inPlace(meadow, 'L2').reduce((sum, { line }) => sum + line.count, 0)} pieces`,
    );
  });

  it('an empty truck has sides and no lists', () => {
    const plain = starterBuild('pumper', 'Plain', 'D');
    const empty = house.evaluate({ ...plain, equipment: { ...plain.equipment, lines: [] } });
    expect(empty.read(placeLists)).toEqual([]);
    expect(empty.read(sideMaps).length).toBeGreaterThan(0);
  });
});
