import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import type { Choice } from '../kernel/index.js';
import { envelope } from '../truck/index.js';
import { often } from '../test/often.js';
import { withBumper } from './bumper/index.js';
import { withChassis } from './chassis/index.js';
import { withDevice } from './device/index.js';
import { lineChoices, withEquipment } from './equipment/index.js';
import { bedsIn, loadsIn, suitsBed, withLoad, withNewLoad } from './hose/index.js';
import { house } from './index.js';
import { withPump } from './pump/index.js';
import { weighedStates } from './weights/index.js';

const builds: Build[] = [
  ...DEMONSTRATION.flatMap((d) => d.builds),
  ...(['pumper', 'aerial', 'brush'] as const).map((type) =>
    starterBuild(type, `Plain ${type}`, 'Department'),
  ),
];
const [pumper, aerial, brush] = builds as [Build, Build, Build];
const parsed = (build: Build) => house.parse(JSON.parse(JSON.stringify(build)));
const choicesOf = (build: Build, evaluation = house.evaluate(build)): Exclude<Choice, { kind: 'list' }>[] =>
  house
    .stepsFor(build)
    .flatMap((step) => house.choicesIn(step, evaluation))
    .filter((choice) => choice.kind !== 'list');
/** Every way in which a choice can be made, each built when it is asked for. */
const waysOf = (choice: Exclude<Choice, { kind: 'list' }>): (() => Build)[] =>
  choice.kind === 'amount'
    ? [choice.min, choice.value, choice.max, choice.min + choice.step].map((at) => () => choice.set(at))
    : choice.options.map((option) => () => option.build);

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  it('offers only builds that are whole', () => {
    // Many ways come to the same: each build is read once.
    const made = new Map(
      choicesOf(build).flatMap((choice) => waysOf(choice).map((way) => [JSON.stringify(way()), choice.id])),
    );
    for (const [text, choice] of made) expect(() => house.parse(JSON.parse(text)), choice).not.toThrow();
  });

  it('has one of each pick chosen, and choosing it again changes nothing', () => {
    for (const choice of choicesOf(build)) {
      if (choice.kind === 'amount') expect(choice.set(choice.value), choice.id).toEqual(build);
      if (choice.kind !== 'pick' || choice.id === 'device' || choice.id === 'outriggers') continue;
      expect(
        choice.options.filter((option) => option.chosen),
        choice.id,
      ).toHaveLength(1);
      expect(choice.options.find((option) => option.chosen)!.build, choice.id).toEqual(build);
    }
  });
});

describe.each(builds.map((build) => [build.name, build] as const))('a long walk from %s', (_, build) => {
  it('never leaves a build that is broken, weightless or beside itself', () => {
    let state = 20261125;
    const next = (below: number) => {
      state = (state * 1103515245 + 12345) % 2147483648;
      return Math.floor((state / 2147483648) * below);
    };
    let spec = build;
    let before = house.evaluate(build);
    for (let i = 0; i < often(40, 0.01); i++) {
      const choices = choicesOf(spec, before).filter(
        (choice) => choice.kind === 'amount' || choice.options.length > 0,
      );
      const choice = choices[next(choices.length)]!;
      const ways = waysOf(choice);
      spec = ways[next(ways.length)]!();
      expect(() => parsed(spec), choice.id).not.toThrow();
      before = before.with(spec);
      // What is worked out anew, now and then, is what an evaluation that was carried along says.
      if (i % 5 === 0) expect(before.figures()).toEqual(house.evaluate(spec).figures());
      const { findings } = before;
      const { lengthIn, heightIn, widthIn } = before.read(envelope);
      for (const { weights } of before.read(weighedStates)) {
        expect(weights.totalLb).toBeGreaterThan(0);
        expect(weights.front.loadLb + weights.rear.loadLb).toBeCloseTo(weights.totalLb, 5);
        expect(weights.staticRollThresholdG).toBeGreaterThan(0);
      }
      expect(
        findings.filter((finding) => !Number.isFinite(finding.margin) || finding.words.includes('NaN')),
      ).toEqual([]);
      expect(Number.isFinite(lengthIn + heightIn + widthIn)).toBe(true);
    }
  });
});

describe('a line of equipment', () => {
  it('is moved to any place that the truck has, and weighs there what it says', () => {
    const { id } = pumper.equipment.lines[0]!;
    const [place] = lineChoices(pumper, id, ['L1', 'R3', 'cab']) as [Choice & { kind: 'pick' }];
    expect(place.options.map((option) => option.build.equipment.lines[0]!.compartmentId)).toEqual([
      'L1',
      'R3',
      'cab',
    ]);
    const front = (build: Build) => house.measure(build)['front']!;
    expect(front(place.options[2]!.build)).toBeGreaterThan(front(place.options[1]!.build));
  });
});

describe('what does not go together is put in order', () => {
  it('a shorter bumper loses its well and the hose in it', () => {
    const short = house.settle(withBumper(pumper, 'plain'));
    expect(short.bumper.lines.map(({ partId }) => partId)).toEqual(['winch-receiver']);
    expect(loadsIn(short, 'bumper-well')).toEqual([]);
  });
  it('a pump with fewer crosslays loses the hose of the last', () => {
    expect(loadsIn(house.settle(withPump(pumper, 'midship-1250-side')), 'crosslay-3')).toEqual([]);
  });
  it('another chassis keeps an axle rated no lower', () => {
    expect(house.settle(withChassis(pumper, 'custom-long')).chassis).toMatchObject({
      frontAxleId: 'front-20000',
      rearAxleId: 'rear-27000',
      wheelbaseIn: 200,
    });
  });
  it('a heavy device brings a tandem, and a single axle a light device', () => {
    const light = house.settle(withChassis(aerial, 'custom-long'));
    expect(light.device.partId).toBe('ladder-75-rear');
    expect(house.settle(withDevice(light, 'platform-100-mid')).chassis.partId).toBe('custom-long-tandem');
  });
  it('the same piece in the same place counts up', () => {
    const { lines } = withEquipment(pumper, 'rope-set', 'R1').equipment;
    expect(lines).toHaveLength(pumper.equipment.lines.length);
    expect(lines.find((line) => line.partId === 'rope-set')?.count).toBe(2);
  });
  it('a raised roof is lost on a chassis without one', () => {
    expect(house.settle(withChassis(pumper, 'commercial-hood')).cab.roofId).toBe('flat');
  });
  it('the highest rating on offer stands in for one that is higher still', () => {
    const heavy = withBlock(pumper, 'chassis', { frontAxleId: 'front-22800' });
    expect(house.settle(withChassis(heavy, 'commercial-hood')).chassis.frontAxleId).toBe('front-16000');
  });
});

describe('amounts are put within their bounds', () => {
  const set = (build: Build, id: string, value: number): Build => {
    const choice = choicesOf(build).find((one) => one.id === id) as Choice & { kind: 'amount' };
    return house.settle(choice.set(value));
  };
  it.each([
    [161, 161],
    [181.4, 181.5],
    [9999, 210],
    [-5, 160],
    [200, 200],
  ])('a wheelbase of %d in becomes %d in', (asked, had) => {
    expect(set(pumper, 'wheelbase', asked).chassis.wheelbaseIn).toBe(had);
  });
  it.each([
    [0, 1],
    [9, 6],
    [4, 4],
  ])('%d seats become %d', (asked, had) => expect(set(pumper, 'crew', asked).cab.crew).toBe(had));
  it.each([
    [20, 110],
    [400, 260],
    [155, 155],
  ])('a body of %d in becomes %d in', (asked, had) => {
    expect(set(pumper, 'length', asked).body.lengthIn).toBe(had);
  });
});

describe('beds', () => {
  it.each([
    ['pumper', pumper, ['bumper-well', 'crosslay-1', 'crosslay-2', 'crosslay-3', 'main-left', 'main-right']],
    ['pumper without a pump', withPump(pumper, undefined), ['bumper-well', 'main-left', 'main-right']],
    ['brush truck', brush, ['reel', 'tray-left', 'tray-right']],
  ] as const)('of a %s', (_, build, ids) => expect(bedsIn(build).map((bed) => bed.id)).toEqual(ids));

  it.each([
    ['reel', 'booster', true],
    ['reel', 'attack', false],
    ['tray', 'forestry', true],
    ['tray', 'supply', false],
    ['crosslay', 'attack', true],
    ['main', 'supply', true],
    ['main', 'booster', false],
  ] as const)('a %s and %s hose: %s', (kind, use, suits) => expect(suitsBed({ kind }, { use })).toBe(suits));

  it('a load keeps its place and its id when it is changed; a new one comes last', () => {
    const [first] = loadsIn(pumper, 'crosslay-1');
    const changed = withLoad(pumper, first!.id, { partId: 'attack-2', lengthFt: 150 });
    expect(changed.hose.loads.map(({ id }) => id)).toEqual(pumper.hose.loads.map(({ id }) => id));
    const more = withNewLoad(pumper, 'crosslay-1', 'attack-2', 150);
    expect(more.hose.loads.at(-1)).toMatchObject({ bedId: 'crosslay-1', partId: 'attack-2', lengthFt: 150 });
    expect(loadsIn(more, 'crosslay-1')).toHaveLength(2);
    expect(parsed(more)).toEqual(house.carrying(more));
  });
});
