import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { copiesIn } from '../build/index.js';
import type { Build } from '../build/index.js';
import { house } from '../subjects/index.js';

/**
 * Files as Baros once wrote them, with what they came to then. They carry the figures of their parts: whatever
 * becomes of the catalog, they open, weigh and cost the same. Where things stand is reckoned truer since: the
 * axles may share that weight otherwise, by no more than a hundred pounds.
 */
const folder = new URL('./files/', import.meta.url);
const FILES = readdirSync(folder).map(
  (name) =>
    [
      name,
      JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as {
        figures: Record<string, number>;
        file: Build;
      },
    ] as const,
);

describe.each(FILES)('%s', (_, { figures, file }) => {
  it('opens, and weighs and costs what it did', () => {
    const now = house.measure(house.parse(file));
    for (const id of ['gross', 'price']) expect(now[id], id).toBeCloseTo(figures[id]!, 6);
    expect(now['front']! + now['rear']!).toBeCloseTo(figures['gross']!, 6);
    expect(Math.abs(now['front']! - figures['front']!)).toBeLessThan(150);
  });

  it('carries a figure for every part that it names; limits were not carried then, and are the newest', () => {
    const now = house.carrying(house.parse(file));
    expect(copiesIn(now).filter(({ kind }) => kind !== 'profile')).toEqual(copiesIn(file));
    expect(copiesIn(now).filter(({ kind }) => kind === 'profile')).toHaveLength(1);
  });
});
