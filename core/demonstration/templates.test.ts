import { describe, expect, it } from 'vitest';
import { BUILD_TYPES, confirmed } from '../build/index.js';
import { assumedIn } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { DISTRICT_KINDS, startBuild } from './index.js';

const kinds = BUILD_TYPES.flatMap((type) => DISTRICT_KINDS.map((kind) => [type, kind] as const));

describe('a new build', () => {
  it.each(kinds)('%s for a %s district: whole, and within every limit', (type, kind) => {
    const spec = startBuild(type, kind, 'New', 'District');
    expect(house.parse(JSON.parse(JSON.stringify(spec)))).toMatchObject({ type });
    expect(
      house
        .evaluate(spec)
        .findings.filter(({ status }) => status === 'fails')
        .map(({ id, words }) => `${id}: ${words}`),
    ).toEqual([]);
  });

  it.each(kinds)('%s for a %s district: every choice is assumed, until each is confirmed', (type, kind) => {
    const spec = startBuild(type, kind, 'New', 'District');
    expect(assumedIn(house.evaluate(spec)).map(({ step }) => step)).toEqual(
      house.stepsFor(spec).map(({ id }) => id),
    );
    const all = assumedIn(house.evaluate(spec)).flatMap(({ choices }) => choices.map(({ id }) => id));
    expect(new Set(all).size).toBe(all.length);
    const rest = confirmed(spec, ['gallons', 'equipment']);
    expect(assumedIn(house.evaluate(rest)).flatMap(({ choices }) => choices).length).toBe(all.length - 2);
    expect(confirmed(spec, all)).not.toHaveProperty('assumed');
    expect(house.measure(confirmed(spec, all))).toEqual(house.measure(spec));
  });
});
