import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { copiesIn } from '../build/index.js';
import { house } from '../subjects/index.js';
import { inService } from '../subjects/weights/index.js';
import { components } from '../truck/index.js';

/** Files of version 2 of every kind: whatever becomes of Baros, they open whole. */
const folder = new URL('./version2/', import.meta.url);
const FILES = readdirSync(folder).map(
  (name) =>
    [name, JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as Record<string, unknown>] as const,
);

describe.each(FILES)('%s', (_, file) => {
  const build = house.parse(file);
  const evaluation = house.evaluate(build);

  it('opens as a build of today without a problem, and opens again from what it became', () => {
    expect(house.problemsOf(build)).toEqual([]);
    expect(house.parse(JSON.parse(JSON.stringify(build)))).toEqual(build);
  });

  it('keeps its lists: hose, ladders, equipment, what is on the bumper, own items', () => {
    const count = (value: unknown): number => (Array.isArray(value) ? value.length : 0);
    const within = (key: string, inner: string) => count((file[key] as Record<string, unknown>)?.[inner]);
    expect(build.equipment.lines).toHaveLength(count(file['equipment']));
    expect(build.hose.loads).toHaveLength(count(file['hose']));
    expect(build.ladders.lines).toHaveLength(within('ladders', 'partIds'));
    expect(build.bumper.lines).toHaveLength(within('bumper', 'itemIds'));
    expect(build.items.lines).toHaveLength(count(file['items']));
    expect(build.weights.weighed).toHaveLength(count(file['corrections']));
  });

  it('comes to a truck of figures: what it is made of is what it weighs', () => {
    const all = evaluation.read(components);
    const gross = all.reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(evaluation.read(inService).weights.totalLb).toBeCloseTo(gross, 6);
    for (const figure of Object.values(evaluation.figures())) expect(Number.isFinite(figure)).toBe(true);
  });

  it('carries every part that it names from now on', () => {
    expect(copiesIn(house.carrying(build)).length).toBeGreaterThan(0);
  });
});
