import { describe, expect, it } from 'vitest';
import { BUILD_TYPES } from '../catalogue/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { evaluate, measure, moneyOf, stepsFor } from '../review/index.js';
import { confirmed, DISTRICT_KINDS, parseBuild, withCorrection, withItem, withMoney } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { assumedIn, gripsOf, schoolsFor, startBuild } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap(({ builds }) => builds) as [BuildSpec, BuildSpec, BuildSpec];
const kinds = BUILD_TYPES.flatMap((type) => DISTRICT_KINDS.map((kind) => [type, kind] as const));

describe('a new build', () => {
  it.each(kinds)('%s for a %s district: whole, and within every limit', (type, kind) => {
    const spec = startBuild(type, kind, 'New', 'District');
    expect(parseBuild(JSON.parse(JSON.stringify(spec)))).toMatchObject({ type });
    expect(evaluate(spec).findings.filter(({ status }) => status === 'fails').map(({ id, words }) => `${id}: ${words}`)).toEqual([]);
  });

  it.each(kinds)('%s for a %s district: every choice is assumed, until each is confirmed', (type, kind) => {
    const spec = startBuild(type, kind, 'New', 'District');
    expect(assumedIn(spec).map(({ step }) => step)).toEqual(stepsFor(spec));
    const all = assumedIn(spec).flatMap(({ choices }) => choices.map(({ id }) => id));
    expect(new Set(all).size).toBe(all.length);
    const rest = confirmed(spec, ['gallons', 'equipment']);
    expect(assumedIn(rest).flatMap(({ choices }) => choices).length).toBe(all.length - 2);
    expect(confirmed(spec, all)).not.toHaveProperty('assumed');
    expect(measure(confirmed(spec, all))).toEqual(measure(spec));
  });
});

describe('two schools', () => {
  const all = [pumper, aerial, brush].flatMap((spec) => stepsFor(spec).flatMap((step) => schoolsFor(spec, step).map((school) => [spec.name, school, spec] as const)));

  it('there are some for every type', () => {
    expect(all.filter(([name]) => name === pumper.name).map(([, { id }]) => id)).toEqual(expect.arrayContaining(['chassis', 'bumper', 'panel', 'tank', 'ladders', 'doors', 'power']));
    expect(all.filter(([name]) => name === aerial.name).map(([, { id }]) => id)).toEqual(expect.arrayContaining(['device']));
    expect(all.filter(([name]) => name === brush.name).map(([, { id }]) => id)).toEqual(expect.arrayContaining(['tyres', 'drive', 'tank']));
  });

  it.each(all)('%s: $id says what each way comes to on this very truck', (_, school, spec) => {
    const now = measure(spec);
    expect(school.sides.length).toBeGreaterThanOrEqual(2);
    expect(school.sides.filter(({ chosen }) => chosen).length).toBeLessThanOrEqual(1);
    for (const side of school.sides) {
      const then = measure(side.spec);
      expect(side.consequences.frontLb).toBeCloseTo(then.frontLb, 6);
      expect(side.change.grossLb).toBeCloseTo(then.grossLb - now.grossLb, 6);
      expect(side.change.priceCents).toBe(then.priceCents - now.priceCents);
      if (side.chosen) expect(Object.values(side.change).every((value) => value === 0)).toBe(true);
    }
  });

  it('a low tank lowers the hose bed and takes compartments; a tall one the other way', () => {
    const [low, tall] = schoolsFor(pumper, 'tank')[0]!.sides;
    expect(low!.consequences.hoseBedIn).toBeLessThan(tall!.consequences.hoseBedIn);
    expect(low!.consequences.compartmentFt3).toBeLessThan(tall!.consequences.compartmentFt3);
    expect(low!.consequences.tiltDeg).toBeGreaterThan(tall!.consequences.tiltDeg);
  });
});

describe('money', () => {
  it.each([pumper, aerial, brush])('$name: steps and parts sum to the whole', (spec) => {
    const { rig } = evaluate(spec);
    const money = moneyOf(rig);
    expect(money.steps.reduce((sum, { cents }) => sum + cents, 0)).toBe(rig.priceCents);
    for (const { parts, cents } of money.steps) expect(parts.reduce((sum, part) => sum + part.cents, 0)).toBe(cents);
    expect(money.totalCents).toBe(rig.priceCents + Math.round(rig.priceCents * 0.03));
    expect(money.leftCents).toBe(money.budgetCents! - money.totalCents);
  });

  it('over the budget is a finding with changes that mend it; without a budget there is none', () => {
    const over = withMoney(pumper, { budgetCents: moneyOf(evaluate(pumper).rig).totalCents - 1 });
    const finding = evaluate(over).findings.find(({ id }) => id === 'budget')!;
    expect(finding).toMatchObject({ status: 'fails', margin: -1, unit: '$' });
    expect(evaluate({ ...pumper, money: { unlistedPct: 5 } }).findings.some(({ id }) => id === 'budget')).toBe(false);
  });
});

describe('what a hand can move on the drawing', () => {
  const item = { id: 'own-1', name: 'Trunk', weightLb: 500, xIn: 150, yIn: 0, zIn: 60, basis: 'estimated' as const, priceCents: 0 };
  const spec = withItem(pumper, 'own-1', item);
  const grip = (id: string) => gripsOf(spec, evaluate(spec).rig).find((candidate) => candidate.id === id)!;

  it('the tank, aft and never ahead of its place', () => {
    expect(grip('tank').moved({ x: 7.4 }).tank.aftIn).toBe(7);
    expect(grip('tank').moved({ x: -50 }).tank.aftIn).toBe(0);
    expect(measure(grip('tank').moved({ x: 20 })).frontLb).toBeLessThan(measure(spec).frontLb);
  });

  it('the bulkheads beside the wheels: the compartments follow', () => {
    const volume = (build: BuildSpec, id: string) => evaluate(build).rig.layout.compartments.find((c) => c.id === id)!.x1 - evaluate(build).rig.layout.compartments.find((c) => c.id === id)!.x0;
    const moved = grip('front-divider').moved({ x: -6 });
    expect(moved.body.frontDividerIn).toBe(6);
    expect(volume(moved, 'L1')).toBeCloseTo(volume(spec, 'L1') - 6, 9);
    expect(volume(moved, 'L2')).toBeCloseTo(volume(spec, 'L2') + 6, 9);
    expect(grip('front-divider').moved({ x: 30 }).body).not.toHaveProperty('frontDividerIn');
    expect(grip('rear-divider').moved({ x: 4 }).body.rearDividerIn).toBe(4);
  });

  it('an item of its own, every way; its weight follows', () => {
    expect(grip('item-own-1').moved({ x: 10, y: -5, z: 3 }).items).toEqual([{ ...item, xIn: 160, yIn: -5, zIn: 63 }]);
    expect(measure(grip('item-own-1').moved({ x: -100 })).frontLb).toBeGreaterThan(measure(spec).frontLb);
  });
});

describe('a better weight', () => {
  it('stands in place of the catalogue’s, and is taken back', () => {
    const better = withCorrection(pumper, 'chassis', { weightLb: 20_000, basis: 'weighed' });
    const chassis = evaluate(better).rig.components.find(({ id }) => id === 'chassis')!;
    expect(chassis).toMatchObject({ weightLb: 20_000, basis: 'weighed', tolerancePct: 1 });
    expect(chassis.catalogued!.weightLb).toBeCloseTo(evaluate(pumper).rig.components.find(({ id }) => id === 'chassis')!.weightLb, 9);
    expect(withCorrection(better, 'chassis', null)).toEqual(pumper);
  });

  it('is never one of a liquid: that follows from its gallons', () => {
    expect(measure(withCorrection(pumper, 'water', { weightLb: 1, basis: 'weighed' }))).toEqual(measure(pumper));
  });
});
