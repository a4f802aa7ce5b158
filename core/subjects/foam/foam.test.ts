import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { components } from '../../truck/index.js';
import { house } from '../index.js';
import {
  cellChoices,
  foamCells,
  furtherCells,
  furtherInWords,
  withCell,
  withFoam,
  withMoreCell,
  withoutCell,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const classA = withFoam(plain, 'injection-a-small');
const both = withMoreCell(classA, { partId: 'injection-b', gallons: 30 }, 'b');
const cells = (build: Build) => house.evaluate(build).read(foamCells);
const parts = (build: Build) =>
  house
    .evaluate(build)
    .read(components)
    .filter(({ group }) => group === 'Foam');
const named = (build: Build, id: string) =>
  house
    .evaluate(build)
    .read(components)
    .find((one) => one.id === id)!;

describe('cells of concentrate', () => {
  it('are none without a system, and one with it, at what its class is usually mixed at', () => {
    expect(cells(plain)).toEqual([]);
    expect(cells(classA)).toMatchObject([{ id: 'foam', percent: 0.5, gallons: 20, cell: 'tank' }]);
    expect(cells(withFoam(plain, 'injection-b'))).toMatchObject([{ percent: 3 }]);
  });

  it.each([
    [{}, 'foam', 'A'],
    [{ partId: 'injection-b' }, 'x', 'B'],
    [{ concentrateId: 'class-b-1' }, 'foam', 'B'],
  ])('a further one, %j, goes through %s and holds class %s', (of, throughId, foamClass) => {
    expect(cells(withMoreCell(classA, of, 'x'))[1]).toMatchObject({
      throughId,
      concentrate: { foamClass },
    });
  });

  it('each weighs what it holds; a system of its own weighs too, a selector does not', () => {
    const lb = (build: Build) => parts(build).reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(lb(both) - lb(classA)).toBeCloseTo(175 + 30 * 8.7, 9);
    expect(lb(withMoreCell(classA, { gallons: 30 })) - lb(classA)).toBeCloseTo(30 * 8.6, 9);
    expect(lb(withCell(classA, 'foam', { refill: 'ground' })) - lb(classA)).toBe(28);
  });

  it('can be added on the same system, or of either class with a usual system of its own', () => {
    const added = furtherCells(classA).map(({ build }) => furtherInWords(cells(build!)[1]!));
    expect(added).toEqual(['Class A, by a selector', 'Class A, its own system', 'Class B, its own system']);
    const brush = withFoam(starterBuild('brush', 'Plain', 'D'), 'injection-a-small');
    // No class B system but the eductor is usual on a brush truck.
    expect(furtherCells(brush).map(({ build }) => build !== null)).toEqual([true, true, false]);
  });

  it('in the tank take the room of water: one behind the other, and the water behind them', () => {
    const [first, second] = [named(both, 'foam'), named(both, 'foam.b')];
    expect(second.xIn).toBeGreaterThan(first.xIn);
    expect(named(both, 'water').xIn).toBeGreaterThan(second.xIn);
    const ends = (build: Build) =>
      Math.max(...named(build, 'tank').shapes.flatMap((of) => ('box' in of ? [of.box.x1] : [])));
    // 231 in³ a gallon over 97 percent of the tank's section.
    const inches = ends(both) - ends(classA);
    expect(inches).toBeCloseTo(
      ((ends(classA) - ends(withCell(classA, 'foam', { gallons: 0 }))) * 30) / 20,
      6,
    );
    expect(inches).toBeGreaterThan(1);
  });

  it('of their own stand one behind the other behind the water', () => {
    const own = withCell(withCell(both, 'foam', { cell: 'own' }), 'b', { cell: 'own' });
    expect(named(own, 'foam-tank').weightLb).toBeCloseTo(20 * 1.6, 9);
    expect(named(own, 'foam.b.tank').xIn).toBeGreaterThan(named(own, 'foam-tank').xIn);
    expect(named(own, 'foam-tank').xIn).toBeGreaterThan(named(own, 'water').xIn);
  });

  it('are gone with the system, or by themselves; a file that has them without one is refused', () => {
    expect(withFoam(both, undefined).foam).toEqual({ version: 1, gallons: 0 });
    expect(withoutCell(both, 'b').foam).toEqual(classA.foam);
    expect(() => house.parse({ ...both, foam: { ...both.foam, partId: undefined } })).toThrow(
      'foam.more must be left out where there is no foam system',
    );
  });

  it('another system of the same class keeps what was chosen, one of the other does not', () => {
    const asked = withCell(classA, 'foam', { percent: 0.3, refill: 'both' });
    expect(withFoam(asked, 'injection-a-large').foam).toMatchObject({ percent: 0.3, refill: 'both' });
    expect(withFoam(asked, 'injection-b').foam).not.toHaveProperty('percent');
  });

  it.each(['foam', 'b'])('%s: the option that is chosen is the build as it is', (id) => {
    for (const choice of cellChoices(house.evaluate(both), id)) {
      if (choice.kind === 'amount') expect(choice.set(choice.value)).toEqual(both);
      if (choice.kind !== 'pick') continue;
      const chosen = choice.options.filter((option) => option.chosen);
      expect(chosen, choice.id).toHaveLength(1);
      expect(chosen[0]!.build).toEqual(both);
    }
  });
});
