import { describe, expect, it } from 'vitest';
import { BadInput } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { components } from '../truck/index.js';
import { house } from './index.js';

const builds = [
  ...DEMONSTRATION.flatMap((d) => d.builds),
  ...(['pumper', 'aerial', 'brush'] as const).map((type) => starterBuild(type, 'New', 'Department')),
];
const json = (value: unknown) => JSON.parse(JSON.stringify(value));
const pumper = builds[0]!;

/** An empty truck of no allowance, every component of it weighed at nothing. */
const empty = {
  ...pumper,
  limits: { version: 1, profileId: 'ratings-only' },
  tank: { ...pumper.tank, gallons: 0 },
  foam: { version: 1, gallons: 0 },
};
const weighingNothing = {
  ...empty,
  weights: {
    ...pumper.weights,
    weighed: house
      .evaluate(empty as Build)
      .read(components)
      .map(({ id }) => ({ id, weightLb: 0, basis: 'weighed' })),
  },
};

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
  it.each(builds.map((build) => [`${build.type} ${build.name}`, build] as const))(
    '%s is read and written without loss',
    (_, build) => {
      expect(json(house.parse(json(build)))).toEqual(json(build));
    },
  );

  const without = (field: keyof Build) => {
    const { [field]: _gone, ...rest } = pumper;
    return rest;
  };
  it.each<[string, unknown, string, RegExp]>([
    [
      'from a later version',
      { ...pumper, version: 4 },
      'version',
      /at most 3: this file was written by a later Baros \(was 4\)/,
    ],
    ['of another format', { ...pumper, format: 'other' }, 'format', /equal to baros-build \(was "other"\)/],
    ['without a chassis', without('chassis'), 'chassis', /must be given \(was missing\)/],
    ['without hose', without('hose'), 'hose', /must be given|must be an array/],
    ['with a name that is empty', { ...pumper, name: '' }, 'name', /must have 1 to 80 characters/],
    ['with a field of its own', { ...pumper, paint: 'red' }, 'paint', /not a field of this input/],
    [
      'with a field of its own inside',
      { ...pumper, tank: { ...pumper.tank, paint: 'red' } },
      'tank.paint',
      /not a field/,
    ],
    [
      'with NaN gallons',
      { ...pumper, tank: { ...pumper.tank, gallons: NaN } },
      'tank.gallons',
      /must be a number \(was NaN\)/,
    ],
    [
      'with endless gallons',
      { ...pumper, tank: { ...pumper.tank, gallons: Infinity } },
      'tank.gallons',
      /must be a number \(was Infinity\)/,
    ],
    [
      'with a negative length of hose',
      { ...pumper, hose: { ...pumper.hose, loads: [{ ...pumper.hose.loads[0]!, lengthFt: -1 }] } },
      'hose.loads.0.lengthFt',
      /at least 0 \(was -1\)/,
    ],
    ['with half a seat', { ...pumper, cab: { ...pumper.cab, crew: 2.5 } }, 'cab.crew', /whole number/],
    [
      'with a zero wheelbase',
      { ...pumper, chassis: { ...pumper.chassis, wheelbaseIn: 0 } },
      'chassis.wheelbaseIn',
      /at least 60/,
    ],
    [
      'with null for no pump',
      { ...pumper, pump: { ...pumper.pump, partId: null } },
      'pump.partId',
      /must be/,
    ],
    [
      'with a chassis that is gone',
      { ...pumper, chassis: { ...pumper.chassis, partId: 'gone' } },
      'chassis.partId',
      /which it does not have/,
    ],
    [
      'with an axle that the chassis lacks',
      { ...pumper, chassis: { ...pumper.chassis, frontAxleId: 'front-12000' } },
      'chassis.frontAxleId',
      /front-18000, front-20000/,
    ],
    ['with more seats than the cab', { ...pumper, cab: { ...pumper.cab, crew: 9 } }, 'cab.crew', /at most 6/],
    [
      'with a well on no extension',
      {
        ...pumper,
        bumper: { ...pumper.bumper, partId: 'plain', lines: [{ id: 'b1', partId: 'hose-well' }] },
      },
      'bumper.lines.0.partId',
      /extension of 12 in/,
    ],
    [
      'with hose in a bed that is not there',
      {
        ...pumper,
        hose: {
          ...pumper.hose,
          loads: [{ id: 'h1', bedId: 'crosslay-9', partId: 'attack-2', lengthFt: 50 }],
        },
      },
      'hose.loads.0.bedId',
      /must be a bed of this truck/,
    ],
    [
      'with a body too long for its family',
      { ...pumper, body: { ...pumper.body, lengthIn: 300 } },
      'body.lengthIn',
      /from 110 to 260/,
    ],
    [
      'with a device on a pumper',
      { ...pumper, device: { ...pumper.device, partId: 'ladder-75-rear', outriggersId: 'one-pair' } },
      'device',
      /aerial only/,
    ],
    [
      'of an aerial without device',
      json({ ...builds[1], device: { version: 1 } }),
      'device',
      /must be chosen on an aerial/,
    ],
    [
      'with equipment nowhere',
      {
        ...pumper,
        equipment: {
          ...pumper.equipment,
          lines: [{ id: 'e1', partId: 'irons', count: 1, compartmentId: 'X1' }],
        },
      },
      'equipment.lines.0.compartmentId',
      /cab, way, yet, L1, L2, L3, R1, R2, R3, B1/,
    ],
    [
      'with a field that JavaScript keeps for itself',
      JSON.parse(JSON.stringify(pumper).replace('"tank":{', '"tank":{"__proto__":{"a":1},')),
      'tank.__proto__',
      /not a field/,
    ],
    [
      'with a list for the growth reserve',
      { ...pumper, weights: { ...pumper.weights, growth: [] } },
      'weights.growth',
      /must be an object with its fields \(was \[\]\)/,
    ],
    [
      'with a list for a load state',
      { ...pumper, weights: { ...pumper.weights, states: [[]] } },
      'weights.states',
      /each of weights\.states must be an object with its fields/,
    ],
    ['with a list for the bumper', { ...pumper, bumper: [] }, 'bumper', /must be an object with its fields/],
    [
      'with less water than a drop',
      { ...pumper, tank: { ...pumper.tank, gallons: 5e-324 } },
      'tank.gallons',
      /must be 0 or at least 0.000001 \(was 5e-324\)/,
    ],
    [
      'of which everything weighs nothing',
      weighingNothing,
      '',
      /must come to figures of a truck, and has gross 0: look for a weight of 0/,
    ],
    ['with a character that XML forbids', { ...pumper, name: 'a\u0001' }, 'name', /readable text/],
    ['with a broken character in its name', { ...pumper, name: 'a\ud800' }, 'name', /readable text/],
    ['that is a list', [], '', /must be one JSON object/],
    ['that is nothing', null, '', /must be one JSON object \(was null\)/],
  ])('%s is refused by name', (_, input, field, message) => {
    const found = problems(() => house.parse(input));
    expect(found.map((problem) => problem.field)).toContain(field);
    expect(found.find((problem) => problem.field === field)!.message).toMatch(message);
  });
});

describe('lines of one list', () => {
  it('are there once each', () => {
    const twice = { ...pumper.equipment, lines: [pumper.equipment.lines[0]!, pumper.equipment.lines[0]!] };
    expect(() => house.parse({ ...pumper, equipment: twice })).toThrow(/equipment.lines.1.id is there twice/);
  });
});

describe('a build file of an older version', () => {
  it('of no version at all is refused', () => {
    expect(() => house.parse({ ...pumper, version: 0 })).toThrow(/version must be/);
  });

  it('with a block of a later version is refused by its name', () => {
    const later = { ...pumper, tank: { ...pumper.tank, version: 9 } };
    expect(() => house.parse(later)).toThrow(/tank.version must be at most 1/);
  });
});
