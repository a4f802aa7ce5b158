import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { withEquipmentLine } from '../subjects/equipment/index.js';
import { house } from '../subjects/index.js';
import { judgeChange } from './judged.js';
import { pairsOfThose, workOnEachOther } from './pairs.js';
import type { Single } from './pairs.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;
const base = house.evaluate(pumper);
const targets = base.findings.filter(({ id }) => id === 'frontAxle' || id === 'rearAxle');

const single = (matter: string, edit: (build: Build) => Build, label = matter): Single => {
  const judged = judgeChange(base, edit)!;
  const then = new Map(judged.findings.map(({ id, margin }) => [id, margin]));
  return {
    matter,
    label,
    edit,
    kind: { id: matter, title: matter },
    judged,
    gains: base.findings.map(({ id, margin }) => (then.get(id) ?? margin) - margin),
    level: 0,
  };
};
const onEachOther = (a: Single, b: Single) =>
  workOnEachOther(
    { a, b },
    judgeChange(base, (build) => b.edit(a.edit(build)))!,
    base,
    targets,
  );

const { wheelbaseIn } = pumper.chassis;
const longer = single('wheelbase', (build) => withBlock(build, 'chassis', { wheelbaseIn: wheelbaseIn + 10 }));
const tankAft = single('tank', (build) => withBlock(build, 'tank', { aftIn: 30 }));
const [first, second] = pumper.equipment.lines;
const moved = (line: typeof first, to: string) =>
  single(line!.id, (build) => withEquipmentLine(build, line!.id, { compartmentId: to }));

describe('two changes', () => {
  it('add up where they only move weights: moments on the same axles are a sum', () => {
    expect(onEachOther(moved(first, 'L3'), moved(second, 'R3'))).toBe(false);
  });

  it('work on each other where one moves what the other is measured by: axle, body and tank', () => {
    expect(onEachOther(longer, tankAft)).toBe(true);
  });

  it('that do are weighed step by step, from the smallest to the largest of each', () => {
    const inches = [2, 4, 6, 8, 10];
    const steps = inches.map((by) =>
      single('wheelbase', (build) => withBlock(build, 'chassis', { wheelbaseIn: wheelbaseIn + by }), `${by}`),
    );
    const pairs = pairsOfThose([...steps, tankAft], [{ a: steps[1]!, b: tankAft }]);
    expect(pairs.map(({ a, b }) => [a.label, b.label])).toEqual([
      ['2', 'tank'],
      ['6', 'tank'],
      ['10', 'tank'],
    ]);
  });
});
