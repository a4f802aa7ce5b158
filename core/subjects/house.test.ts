import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import type { Field } from '../build/index.js';
import { BUILD_TYPES } from '../build/index.js';
import { limitsRead } from '../kernel/index.js';
import { components } from '../truck/index.js';
import { house } from './index.js';
import { profileShelf } from './limits/index.js';

const builds = [
  ...DEMONSTRATION.flatMap((department) => department.builds),
  ...BUILD_TYPES.map((type) => starterBuild(type, `Plain ${type}`, 'D')),
];
const named = builds.map((build) => [build.name, build] as const);
const twice = (ids: readonly string[]) => ids.filter((id, i) => ids.indexOf(id) !== i);

/** Every amount of a block, with where it stands. */
const amountsOf = (fields: Record<string, Field>, at: string): [string, Field & { kind: 'amount' }][] =>
  Object.entries(fields).flatMap(([key, field]): [string, Field & { kind: 'amount' }][] =>
    field.kind === 'amount'
      ? [[`${at}.${key}`, field]]
      : field.kind === 'lines' || field.kind === 'group'
        ? amountsOf(field.fields as Record<string, Field>, `${at}.${key}`)
        : [],
  );

describe('the registry', () => {
  it('has every id once', () => {
    expect(twice(house.subjects.map(({ id }) => id))).toEqual([]);
    expect(twice(house.checks.map(({ id }) => id))).toEqual([]);
    expect(twice(house.figures.map(({ id }) => id))).toEqual([]);
    expect(twice(house.shelves.map(({ kind }) => kind))).toEqual([]);
    for (const build of builds) {
      const choices = house.stepsFor(build).flatMap((step) => house.choicesIn(step, house.evaluate(build)));
      expect(twice(choices.map(({ id }) => id))).toEqual([]);
    }
  });

  it('has a block for each subject that is chosen, called as the subject is', () => {
    for (const { id, block } of house.subjects) if (block) expect(block.id).toBe(id);
  });

  it('shows what is no step under a step, and names steps that there are', () => {
    const steps = new Set(house.subjects.filter(({ step }) => step).map(({ id }) => id));
    for (const { under } of house.subjects) if (under) expect(steps).toContain(under);
    for (const check of house.checks) for (const step of check.steps) expect(steps, check.id).toContain(step);
  });

  it.each(house.blocks.flatMap((block) => amountsOf(block.fields as Record<string, Field>, block.id)))(
    '%s has a title, and ends that its slider keeps',
    (_, { title, min, max, usual }) => {
      expect(title.length).toBeGreaterThan(2);
      expect(min).toBeLessThan(max);
      if (usual) {
        expect(usual[0]).toBeGreaterThanOrEqual(min);
        expect(usual[1]).toBeLessThanOrEqual(max);
      }
    },
  );

  it('reads every limit that it has, and no profile has another', () => {
    expect([...limitsRead()].sort()).toEqual(Object.keys(house.limits).sort());
    for (const { id, limits } of profileShelf.shipped.all())
      for (const [limit, { value, basis }] of Object.entries(limits)) {
        const kind = house.limits[limit]!;
        expect(kind, `${id}: ${limit}`).toBeDefined();
        expect(value).toBeGreaterThanOrEqual(kind.min);
        expect(value).toBeLessThanOrEqual(kind.max);
        expect(basis.length).toBeGreaterThan(5);
      }
  });

  it('lets a change help checks that there are', () => {
    const known = new Set([
      ...house.checks.map(({ id }) => id),
      ...house.checks.flatMap(({ mendedBy = [] }) => mendedBy),
      'level',
    ]);
    for (const { kind, helps } of house.changes)
      for (const help of helps) expect(known, `${kind.id} helps ${help}`).toContain(help);
  });
});

describe.each(named)('%s', (_, build) => {
  const evaluation = house.evaluate(build);

  it('has figures that are figures, and a sentence and a line in every step', () => {
    for (const [id, figure] of Object.entries(evaluation.figures()))
      expect(Number.isFinite(figure), id).toBe(true);
    for (const { id, sentence, line } of house.stepsFor(build)) {
      expect(sentence?.(evaluation).length, id).toBeGreaterThan(3);
      expect(line?.(evaluation).length, id).toBeGreaterThan(3);
    }
  });

  it('is made of components that weigh, each once, drawn right side out and above the ground', () => {
    const all = evaluation.read(components);
    expect(twice(all.map(({ id }) => id))).toEqual([]);
    for (const { id, shapes, ...c } of all) {
      for (const figure of [c.weightLb, c.xIn, c.yIn, c.zIn, c.tolerancePct, c.priceCents])
        expect(Number.isFinite(figure), id).toBe(true);
      expect(c.weightLb, id).toBeGreaterThanOrEqual(0);
      for (const { box } of shapes) {
        expect(box.x1, id).toBeGreaterThan(box.x0);
        expect(box.y1, id).toBeGreaterThan(box.y0);
        expect(box.z1, id).toBeGreaterThan(box.z0);
        expect(box.z0, id).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('judges every check to a finding with words and a basis, or has nothing to judge', () => {
    for (const finding of evaluation.findings) {
      expect(Number.isFinite(finding.actual), finding.id).toBe(true);
      expect(finding.words.length, finding.id).toBeGreaterThan(5);
      expect(finding.basis.length, finding.id).toBeGreaterThan(5);
    }
  });
});
