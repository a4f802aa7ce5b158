import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { components } from '../../truck/index.js';
import { withEquipment, withEquipmentLine } from '../equipment/index.js';
import { withLoad } from '../hose/index.js';
import { house } from '../index.js';
import { withPump } from '../pump/index.js';
import { endedWeights, withWeighed, withWeighedOf } from './index.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;
const of = (build: Build, id: string) =>
  house
    .evaluate(build)
    .read(components)
    .find((component) => component.id === id)!;
const weighed = (build: Build, id: string, weightLb: number) =>
  withWeighedOf(build, of(build, id), { weightLb, basis: 'weighed' });
const ended = (build: Build) =>
  house
    .evaluate(build)
    .read(endedWeights)
    .map(({ weight, now }) => [weight.id, now?.name ?? null]);

describe('a weighed weight', () => {
  it('stands in place of the catalog’s, and is taken back', () => {
    const better = weighed(pumper, 'chassis', 20_000);
    expect(of(better, 'chassis')).toMatchObject({ weightLb: 20_000, basis: 'weighed', tolerancePct: 1 });
    expect(of(better, 'chassis').catalogued!.weightLb).toBeCloseTo(of(pumper, 'chassis').weightLb, 9);
    expect(withWeighed(better, 'chassis', null)).toEqual(pumper);
  });

  it('is never one of a liquid: that follows from its gallons', () => {
    const wet = withWeighed(pumper, 'water', { id: 'water', weightLb: 1, basis: 'weighed' });
    expect(house.measure(wet)).toEqual(house.measure(pumper));
  });

  it('does not pass to the next pump: it ends and says so, and counts again with its own', () => {
    const better = weighed(pumper, 'pump', 3_600);
    const other = withPump(better, 'midship-1250-side');
    expect(of(other, 'pump').weightLb).toBe(of(withPump(pumper, 'midship-1250-side'), 'pump').weightLb);
    expect(ended(other)).toEqual([['pump', of(other, 'pump').name]]);
    expect(house.evaluate(other).finding('weighedStands')?.status).toBe('caution');
    expect(of(withPump(other, 'midship-1500-side'), 'pump').weightLb).toBe(3_600);
  });

  it('of a hose load ends with another length, and of a tank with other gallons', () => {
    const { id } = pumper.hose.loads[0]!;
    const better = weighed(weighed(pumper, `hose.${id}`, 40), 'tank', 1_200);
    expect(ended(better)).toEqual([]);
    const longer = withLoad(better, id, { lengthFt: 150 });
    expect(ended(longer).map(([line]) => line)).toEqual([`hose.${id}`]);
    expect(ended(withBlock(better, 'tank', { gallons: 900 })).map(([line]) => line)).toEqual(['tank']);
  });

  it('of equipment scales with its count, and follows its line when lines before it go', () => {
    const lines = pumper.equipment.lines;
    const { id, count } = lines[1]!;
    const better = weighed(pumper, `equipment.${id}`, 100 * count);
    const doubled = withEquipmentLine(better, id, { count: 2 * count });
    expect(of(doubled, `equipment.${id}`).weightLb).toBeCloseTo(200 * count, 9);
    const shorter = withEquipmentLine(better, lines[0]!.id, null);
    expect(of(shorter, `equipment.${id}`).weightLb).toBe(100 * count);
    expect(ended(shorter)).toEqual([]);
    expect(ended(withEquipmentLine(better, id, null))).toEqual([[`equipment.${id}`, null]]);
  });

  it('touches nothing else of the truck', () => {
    const more = withEquipment(weighed(pumper, 'body', 3_900), 'cribbing', 'L1');
    expect(
      house.measure(more)['gross']! - house.measure(withEquipment(pumper, 'cribbing', 'L1'))['gross']!,
    ).toBeCloseTo(3_900 - of(pumper, 'body').weightLb, 6);
  });
});
