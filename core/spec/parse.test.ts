import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { BadInput, judge, parseBuild, starterBuild, TankInput, WeightsInput } from './index.js';
import type { BuildSpec } from './index.js';

const builds = [...DEMONSTRATION.flatMap((d) => d.builds), ...(['pumper', 'aerial', 'brush'] as const).map((type) => starterBuild(type, 'New', 'Department'))];
const json = (value: unknown) => JSON.parse(JSON.stringify(value));
const pumper = builds[0]!;

const problems = (read: () => unknown) => {
  try {
    read();
  } catch (error) {
    if (error instanceof BadInput) return error.problems;
    throw error;
  }
  return [];
};

describe('a build file', () => {
  it.each(builds.map((build) => [`${build.type} ${build.name}`, build] as const))('%s is read and written without loss', (_, build) => {
    expect(json(parseBuild(json(build)))).toEqual(json(build));
  });

  const without = (field: keyof BuildSpec) => {
    const { [field]: _gone, ...rest } = pumper;
    return rest;
  };
  it.each<[string, unknown, string, RegExp]>([
    ['from a later version', { ...pumper, version: 3 }, 'version', /at most 2: this file was written by a later Baros \(was 3\)/],
    ['of another format', { ...pumper, format: 'other' }, 'format', /equal to baros-build \(was "other"\)/],
    ['without a chassis', without('chassis'), 'chassis', /must be given \(was missing\)/],
    ['without hose', without('hose'), 'hose', /must be given|must be an array/],
    ['with a name that is empty', { ...pumper, name: '' }, 'name', /must have 1 to 80 characters/],
    ['with a field of its own', { ...pumper, colour: 'red' }, 'colour', /not a field of this input/],
    ['with a field of its own inside', { ...pumper, tank: { ...pumper.tank, colour: 'red' } }, 'tank.colour', /not a field/],
    ['with NaN gallons', { ...pumper, tank: { ...pumper.tank, gallons: NaN } }, 'tank.gallons', /must be a number \(was NaN\)/],
    ['with endless gallons', { ...pumper, tank: { ...pumper.tank, gallons: Infinity } }, 'tank.gallons', /must be a number \(was Infinity\)/],
    ['with a negative length of hose', { ...pumper, hose: [{ ...pumper.hose[0]!, lengthFt: -1 }] }, 'hose.0.lengthFt', /not be less than 0 \(was -1\)/],
    ['with half a seat', { ...pumper, chassis: { ...pumper.chassis, crew: 2.5 } }, 'chassis.crew', /integer/],
    ['with a zero wheelbase', { ...pumper, chassis: { ...pumper.chassis, wheelbaseIn: 0 } }, 'chassis.wheelbaseIn', /not be less than 60/],
    ['with null for no pump', { ...pumper, pumpId: null }, 'pumpId', /must be the id of a part/],
    ['with a chassis that is gone', { ...pumper, chassis: { ...pumper.chassis, partId: 'gone' } }, 'chassis.partId', /which it does not have/],
    ['with a chassis for another type', { ...pumper, chassis: { ...pumper.chassis, partId: 'light-4x4' } }, 'chassis.partId', /suit a build of type pumper/],
    ['with an axle that the chassis lacks', { ...pumper, chassis: { ...pumper.chassis, frontAxleId: 'front-12000' } }, 'chassis.frontAxleId', /front-18000, front-20000/],
    ['with more seats than the cab', { ...pumper, chassis: { ...pumper.chassis, crew: 9 } }, 'chassis.crew', /at most 6/],
    ['with a well on no extension', { ...pumper, bumper: { partId: 'plain', itemIds: ['hose-well'] } }, 'bumper.itemIds.0', /extension of 12 in/],
    ['with hose in a bed that is not there', { ...pumper, hose: [{ bedId: 'crosslay-9', hoseId: 'attack-2', lengthFt: 50 }] }, 'hose.0.bedId', /must be a bed of this truck/],
    ['with a body too long for its family', { ...pumper, body: { ...pumper.body, lengthIn: 300 } }, 'body.lengthIn', /from 110 to 260/],
    ['with a device on a pumper', { ...pumper, device: { partId: 'ladder-75-rear', outriggersId: 'one-pair' } }, 'device', /aerial only/],
    ['of an aerial without device', json({ ...builds[1], device: undefined }), 'device', /must be chosen on an aerial/],
    ['with equipment nowhere', { ...pumper, equipment: [{ partId: 'irons', count: 1, compartmentId: 'X1' }] }, 'equipment.0.compartmentId', /compartment \(L1 to L3/],
    ['with a field that JavaScript keeps for itself', JSON.parse(JSON.stringify(pumper).replace('"tank":{', '"tank":{"__proto__":{"a":1},')), 'tank.__proto__', /not a field/],
    ['with a broken character in its name', { ...pumper, name: 'a\ud800' }, 'name', /readable text/],
    ['that is a list', [], '', /must be one JSON object/],
    ['that is nothing', null, '', /must be one JSON object \(was null\)/],
  ])('%s is refused by name', (_, input, field, message) => {
    const found = problems(() => parseBuild(input));
    expect(found.map((problem) => problem.field)).toContain(field);
    expect(found.find((problem) => problem.field === field)!.message).toMatch(message);
  });
});

describe('inputs of the contract', () => {
  const axle = { gawrLb: 10_000, trackIn: 80 };
  const chassis = { wheelbaseIn: 190, front: axle, rear: { ...axle, axles: 1, spreadIn: 0, frontShare: 0.5 }, gvwrLb: 20_000, frontRollShare: 0.4 };
  const item = { weightLb: 100, xIn: 0, yIn: 0, zIn: 40, tolerancePct: 3 };
  const box = { frontIn: 0, centerIn: 0, bottomIn: 40, lengthIn: 50, widthIn: 40, heightIn: 30, lateralCells: 1 };
  const tank = { boxes: [box], usableFraction: 0.97, liquidLbPerGal: 8.34, gallons: 10 };

  it.each<[string, () => unknown, string]>([
    ['no chassis', () => judge(WeightsInput, { items: [item] }), 'chassis'],
    ['no front axle', () => judge(WeightsInput, { chassis: { ...chassis, front: undefined }, items: [item] }), 'chassis.front'],
    ['a zero wheelbase', () => judge(WeightsInput, { chassis: { ...chassis, wheelbaseIn: 0 }, items: [item] }), 'chassis.wheelbaseIn'],
    ['no items', () => judge(WeightsInput, { chassis, items: [] }), 'items'],
    ['a negative weight', () => judge(WeightsInput, { chassis, items: [item, { ...item, weightLb: -5 }] }), 'items.1.weightLb'],
    ['three axles', () => judge(WeightsInput, { chassis: { ...chassis, rear: { ...chassis.rear, axles: 3 } }, items: [item] }), 'chassis.rear.axles'],
    ['a place beyond any truck', () => judge(WeightsInput, { chassis, items: [{ ...item, xIn: 1e300 }] }), 'items.0.xIn'],
    ['an unknown field', () => judge(WeightsInput, { chassis, items: [{ ...item, colour: 1 }] }), 'items.0.colour'],
    ['a flat box', () => judge(TankInput, { ...tank, boxes: [{ ...box, heightIn: 0 }] }), 'boxes.0.heightIn'],
    ['more than the whole tank', () => judge(TankInput, { ...tank, usableFraction: 1.2 }), 'usableFraction'],
  ])('%s is refused by name', (_, read, field) => expect(problems(read).map((problem) => problem.field)).toEqual([field]));

  it('takes what is right', () => {
    expect(problems(() => judge(WeightsInput, { chassis, items: [item] }))).toEqual([]);
    expect(problems(() => judge(TankInput, tank))).toEqual([]);
  });
});
