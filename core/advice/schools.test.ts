import { describe, expect, it } from 'vitest';
import type { Build } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { isOpen, schoolOf } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap(({ builds }) => builds) as [Build, Build, Build];

const schoolsFor = (spec: Build, step: string) => {
  const now = house.evaluate(spec);
  return house
    .questionsOf(step)
    .filter((question) => isOpen(now, question))
    .map((question) => schoolOf(now, question));
};

describe('two schools', () => {
  const all = [pumper, aerial, brush].flatMap((spec) =>
    house
      .stepsFor(spec)
      .flatMap(({ id }) => schoolsFor(spec, id).map((school) => [spec.name, school, spec] as const)),
  );

  it('there are some for every type', () => {
    expect(all.filter(([name]) => name === pumper.name).map(([, { id }]) => id)).toEqual(
      expect.arrayContaining(['chassis', 'bumper', 'panel', 'tank', 'ladders', 'doors', 'power']),
    );
    expect(all.filter(([name]) => name === aerial.name).map(([, { id }]) => id)).toEqual(
      expect.arrayContaining(['device']),
    );
    expect(all.filter(([name]) => name === brush.name).map(([, { id }]) => id)).toEqual(
      expect.arrayContaining(['tires', 'drive', 'tank']),
    );
  });

  it.each(all)('%s: $id says what each way comes to on this very truck', (_, school, spec) => {
    const now = house.measure(spec);
    expect(school.sides.length).toBeGreaterThanOrEqual(2);
    expect(school.sides.filter(({ chosen }) => chosen).length).toBeLessThanOrEqual(1);
    for (const side of school.sides) {
      const then = house.measure(side.build);
      expect(side.figures['front']).toBeCloseTo(then['front']!, 6);
      expect(side.change['gross']).toBeCloseTo(then['gross']! - now['gross']!, 6);
      expect(side.change['price']).toBe(then['price']! - now['price']!);
      if (side.chosen) expect(Object.values(side.change).every((value) => value === 0)).toBe(true);
    }
  });

  it('a low tank lowers the hose bed and takes compartments; a tall one the other way', () => {
    const [low, tall] = schoolsFor(pumper, 'tank')[0]!.sides;
    expect(low!.figures['hoseBed']).toBeLessThan(tall!.figures['hoseBed']!);
    expect(low!.figures['compartments']).toBeLessThan(tall!.figures['compartments']!);
    expect(low!.figures['tilt']).toBeGreaterThan(tall!.figures['tilt']!);
  });
});
