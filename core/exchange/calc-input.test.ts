import { describe, expect, it } from 'vitest';
import { BadInput, judge } from '../build/index.js';
import { TankInput, WeightsInput } from './index.js';

const problems = (read: () => unknown) => {
  try {
    read();
  } catch (error) {
    if (error instanceof BadInput) return error.problems;
    throw error;
  }
  return [];
};

describe('inputs of the contract', () => {
  const axle = { gawrLb: 10_000, trackIn: 80 };
  const chassis = {
    wheelbaseIn: 190,
    front: axle,
    rear: { ...axle, axles: 1, spreadIn: 0, frontShare: 0.5 },
    gvwrLb: 20_000,
    frontRollShare: 0.4,
  };
  const item = { weightLb: 100, xIn: 0, yIn: 0, zIn: 40, tolerancePct: 3 };
  const box = {
    frontIn: 0,
    centerIn: 0,
    bottomIn: 40,
    lengthIn: 50,
    widthIn: 40,
    heightIn: 30,
    lateralCells: 1,
  };
  const tank = { boxes: [box], usableFraction: 0.97, liquidLbPerGal: 8.34, gallons: 10 };

  it.each<[string, () => unknown, string]>([
    ['no chassis', () => judge(WeightsInput, { items: [item] }), 'chassis'],
    [
      'no front axle',
      () => judge(WeightsInput, { chassis: { ...chassis, front: undefined }, items: [item] }),
      'chassis.front',
    ],
    [
      'a track that divides into infinity',
      () =>
        judge(WeightsInput, { chassis: { ...chassis, front: { ...axle, trackIn: 5e-324 } }, items: [item] }),
      'chassis.front.trackIn',
    ],
    [
      'a zero wheelbase',
      () => judge(WeightsInput, { chassis: { ...chassis, wheelbaseIn: 0 }, items: [item] }),
      'chassis.wheelbaseIn',
    ],
    ['no items', () => judge(WeightsInput, { chassis, items: [] }), 'items'],
    [
      'a negative weight',
      () => judge(WeightsInput, { chassis, items: [item, { ...item, weightLb: -5 }] }),
      'items.1.weightLb',
    ],
    [
      'three axles',
      () =>
        judge(WeightsInput, { chassis: { ...chassis, rear: { ...chassis.rear, axles: 3 } }, items: [item] }),
      'chassis.rear.axles',
    ],
    [
      'a place beyond any truck',
      () => judge(WeightsInput, { chassis, items: [{ ...item, xIn: 1e300 }] }),
      'items.0.xIn',
    ],
    [
      'an unknown field',
      () => judge(WeightsInput, { chassis, items: [{ ...item, paint: 1 }] }),
      'items.0.paint',
    ],
    ['a flat box', () => judge(TankInput, { ...tank, boxes: [{ ...box, heightIn: 0 }] }), 'boxes.0.heightIn'],
    ['more than the whole tank', () => judge(TankInput, { ...tank, usableFraction: 1.2 }), 'usableFraction'],
  ])('%s is refused by name', (_, read, field) =>
    expect(problems(read).map((problem) => problem.field)).toEqual([field]),
  );

  it('takes what is right', () => {
    expect(problems(() => judge(WeightsInput, { chassis, items: [item] }))).toEqual([]);
    expect(problems(() => judge(TankInput, tank))).toEqual([]);
  });
});
