import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { evaluate, measure, measureOf, stepsFor } from '../review/index.js';
import { parseBuild, starterBuild, withBumper, withChassis, withDevice, withEquipment, withPump } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { choicesFor, equipmentChoices } from './choices.js';
import type { Choice } from './choices.js';

const builds: BuildSpec[] = [...DEMONSTRATION.flatMap((d) => d.builds), ...(['pumper', 'aerial', 'brush'] as const).map((type) => starterBuild(type, `Plain ${type}`, 'Department'))];
const choicesOf = (spec: BuildSpec): Choice[] => stepsFor(spec).flatMap((step) => (step === 'equipment' ? [] : choicesFor(spec, step)));
const specsOf = (choice: Choice): BuildSpec[] =>
  choice.kind === 'amount' ? [choice.min, choice.value, choice.max, choice.min + choice.step].map(choice.set) : choice.options.map((option) => option.spec);

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  it('offers only builds that are whole', () => {
    for (const choice of choicesOf(build)) for (const spec of specsOf(choice)) expect(() => parseBuild(JSON.parse(JSON.stringify(spec))), choice.id).not.toThrow();
  });

  it('has one of each pick chosen, and choosing it again changes nothing', () => {
    for (const choice of choicesOf(build)) {
      if (choice.kind === 'amount') expect(choice.set(choice.value), choice.id).toEqual(build);
      if (choice.kind !== 'pick' || choice.id === 'device' || choice.id === 'outriggers') continue;
      expect(choice.options.filter((option) => option.chosen), choice.id).toHaveLength(1);
      expect(choice.options.find((option) => option.chosen)!.spec, choice.id).toEqual(build);
    }
  });

  it('says beforehand exactly what the truck weighs afterwards', () => {
    for (const choice of choicesOf(build)) for (const spec of specsOf(choice)) expect(measure(spec)).toEqual(measureOf(evaluate(spec)));
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
    for (let i = 0; i < 250; i++) {
      const choices = choicesOf(spec).filter((choice) => choice.kind === 'amount' || choice.options.length > 0);
      const choice = choices[next(choices.length)]!;
      const specs = specsOf(choice);
      spec = specs[next(specs.length)]!;
      expect(() => parseBuild(JSON.parse(JSON.stringify(spec))), choice.id).not.toThrow();
      const { states, findings, envelope } = evaluate(spec);
      for (const { weights } of states) {
        expect(weights.totalLb).toBeGreaterThan(0);
        expect(weights.front.loadLb + weights.rear.loadLb).toBeCloseTo(weights.totalLb, 5);
        expect(weights.staticRollThresholdG).toBeGreaterThan(0);
      }
      expect(findings.every((finding) => Number.isFinite(finding.margin) && !finding.words.includes('NaN'))).toBe(true);
      expect(Number.isFinite(envelope.lengthIn + envelope.heightIn + envelope.widthIn)).toBe(true);
    }
  });
});

describe('a line of equipment', () => {
  const [pumper] = builds as [BuildSpec];
  it('is counted and moved to any place that the truck has, and weighs there what it says', () => {
    const [count, place] = equipmentChoices(pumper, 0, ['L1', 'R3', 'cab']) as [Choice & { kind: 'amount' }, Choice & { kind: 'pick' }];
    expect(count.set(4).equipment[0]).toEqual({ ...pumper.equipment[0], count: 4 });
    expect(place.options.map((option) => option.spec.equipment[0]!.compartmentId)).toEqual(['L1', 'R3', 'cab']);
    expect(measure(place.options[2]!.spec).frontLb).toBeGreaterThan(measure(place.options[1]!.spec).frontLb);
  });
});

describe('what does not go together is put in order', () => {
  const pumper = builds[0]!;
  it('a shorter bumper loses its well and the hose in it', () => {
    const spec = withBumper(pumper, 'plain');
    expect(spec.bumper.itemIds).toEqual(['winch-receiver']);
    expect(spec.hose.some((load) => load.bedId === 'bumper-well')).toBe(false);
  });
  it('a pump with fewer crosslays loses the hose of the last', () => {
    expect(withPump(pumper, 'midship-1250-side').hose.map((load) => load.bedId)).not.toContain('crosslay-3');
  });
  it('another chassis keeps an axle rated no lower', () => {
    const spec = withChassis(pumper, 'custom-long');
    expect(spec.chassis).toMatchObject({ frontAxleId: 'front-20000', rearAxleId: 'rear-27000', wheelbaseIn: 200 });
  });
  it('a heavy device brings a tandem, and a single axle a light device', () => {
    const light = withChassis(builds[1]!, 'custom-long');
    expect(light.device?.partId).toBe('ladder-75-rear');
    expect(withDevice(light, 'platform-100-mid').chassis.partId).toBe('custom-long-tandem');
  });
  it('the same piece in the same place counts up', () => {
    const spec = withEquipment(pumper, 'rope-set', 'R1');
    expect(spec.equipment).toHaveLength(pumper.equipment.length);
    expect(spec.equipment.find((line) => line.partId === 'rope-set')?.count).toBe(2);
  });
});
