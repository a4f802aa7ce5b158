import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { cautionsFor, changeOf, stepStates } from '../kernel/index.js';
import { components, compartments, rearShareAt } from '../truck/index.js';
import { inUnits } from '../units/index.js';
import { axles } from './chassis/index.js';
import { allowanceLeftLb, equipmentRows, inSections } from './equipment/index.js';
import { house } from './index.js';
import { withProfile } from './limits/index.js';
import { withPump } from './pump/index.js';
import { withTank } from './tank/index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const bare = [
  ['hose', { loads: [] }],
  ['ladders', { mountId: 'flat', lines: [] }],
  ['fittings', { lines: [] }],
].reduce(
  (build, [block, change]) => withBlock(build, block as 'hose', change as never),
  withPump(withTank(starterBuild('pumper', 'Bare', 'D'), { gallons: 0 }), undefined),
);

const sentencesOf = (build: Build) =>
  Object.fromEntries(
    stepStates(house.evaluate(build)).map(({ id, sentence }) => [id, inUnits(sentence, 'us')]),
  );

describe('each step has a sentence of the specification', () => {
  it('says what is chosen on the pumper', () => {
    expect(sentencesOf(pumper)).toEqual({
      chassis:
        'The chassis shall be a custom chassis, medium four-door cab, with a wheelbase of 200 in, a front axle rated 18,000 lb and a rear axle rated 27,000 lb.',
      cab: 'The cab shall seat 6 under a roof raised 10 in.',
      bumper:
        'The front bumper shall be a steel bumper, 24 in extension, carrying a hose well with cover; a receiver with 9,000 lb portable winch; and a bumper monitor, remote.',
      pump: 'The pump shall be a midship pump rated 1,500 gpm, with a side panel.',
      plumbing:
        'The pump shall have discharges: 4 of 2 in, 5 of 2½ in, 1 of 3 in and 1 of 4 in; intakes: 1 of 2½ in and 2 of 6 in; tank-to-pump of 4 in; tank fill of 2 in; recirculation of 1 in; connections threaded.',
      layout: 'From front to rear the truck shall have the cab, the pump house and the body.',
      tank: 'The tank shall be a T-shaped tank of 1,000 gal, at the front of the body.',
      foam: 'The foam system shall be direct injection, class A, 2.5 gpm, with 30 gal of concentrate.',
      hose: expect.stringMatching(
        /^Hose beds shall take 100 ft of 1¾ in attack hose in the bumper well; 200 ft .*; and 500 ft of 3 in supply hose in the hose bed, officer’s side\.$/,
      ),
      lines:
        'The pump and its plumbing shall supply 150 gpm at 108 psi to bumper well, 150 gpm at 141 psi to crosslay 1, 150 gpm at 141 psi to crosslay 2, 265.8 gpm at 78 psi to crosslay 3, 300 gpm at 125 psi to bumper monitor and 502.2 gpm at 105 psi to deck monitor.',
      ladders:
        'Ground ladders shall be one 24 ft two-section ladder, one 14 ft roof ladder and one 10 ft attic ladder, riding flat on the officer’s side.',
      body: 'The body shall be an aluminum body, 164 in long, with 7 compartments behind roll-up doors.',
      equipment: 'Space and mounting shall be provided for 48 pieces of loose equipment weighing 1,693 lb.',
      fittings: 'There shall be a warning light bar; a deck monitor, 1,000 gpm; and an inverter, 3 kW.',
    });
  });

  it('says what is on the aerial and the brush truck', () => {
    expect(sentencesOf(aerial)).toMatchObject({
      device:
        'The aerial device shall be one 100 ft ladder, rear mount, standing on two pairs of outriggers.',
      foam: 'There shall be no foam system.',
      ladders: expect.stringContaining('riding on the tunnel through the middle.'),
      cab: 'The cab shall seat 5 under a flat roof.',
    });
    expect(sentencesOf(brush)).toMatchObject({
      tank: 'The tank shall be an upright skid tank of 300 gal, 34 in behind the front of the body.',
      ladders: 'No ground ladders shall be carried.',
    });
  });

  it('says so where there is nothing', () => {
    expect(sentencesOf(bare)).toMatchObject({
      pump: 'There shall be no pump.',
      tank: 'There shall be no water tank.',
      foam: 'There shall be no foam system.',
      hose: 'No hose shall be carried.',
      ladders: 'No ground ladders shall be carried.',
      equipment: 'No loose equipment is listed yet.',
      fittings: 'No further lights or fittings shall be furnished.',
    });
  });
});

describe('how each step stands', () => {
  it('is the worst of the findings that speak of it', () => {
    const states = stepStates(house.evaluate(bare));
    const status = (id: string) => states.find((state) => state.id === id)!.status;
    expect({
      pump: status('pump'),
      tank: status('tank'),
      hose: status('hose'),
      ladders: status('ladders'),
      chassis: status('chassis'),
      fittings: status('fittings'),
    }).toEqual({
      pump: 'fails',
      tank: 'fails',
      hose: 'fails',
      ladders: 'fails',
      chassis: 'holds',
      fittings: 'holds',
    });
  });

  it('puts the worst finding first', () => {
    const bumper = stepStates(house.evaluate(pumper)).find((state) => state.id === 'bumper')!;
    expect(bumper.findings[0]).toMatchObject({ id: 'frontAxle', status: 'fails' });
  });

  it('has a title for every step of every type', () => {
    for (const build of [pumper, aerial, brush])
      for (const { title } of house.stepsFor(build)) expect(title).toMatch(/^[A-Z][a-z ]+$/);
  });
});

describe('equipment by group', () => {
  it('has every line once, and weighs what the list weighs', () => {
    const groups = inSections(house.evaluate(pumper).read(equipmentRows), 'group');
    expect(groups.flatMap(({ rows }) => rows.map(({ line }) => line.id)).sort()).toEqual(
      pumper.equipment.lines.map(({ id }) => id).sort(),
    );
    expect(groups.reduce((sum, { weightLb }) => sum + weightLb, 0)).toBe(1693);
    expect(groups.find(({ id }) => id === 'rescue')?.weightLb).toBe(399);
    expect(inSections(house.evaluate(bare).read(equipmentRows), 'group')).toEqual([]);
  });

  it('leaves of the allowance what the list does not fill', () => {
    expect(house.evaluate(pumper).read(allowanceLeftLb)).toBeCloseTo(2000 - 1693, 6);
    expect(house.evaluate(bare).read(allowanceLeftLb)).toBeCloseTo(2500, 6);
  });

  it('reckons with the larger allowance from roomy compartments on, and with none where the profile has none', () => {
    const all = house.evaluate(bare).read(compartments);
    expect(all.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0)).toBeGreaterThan(250);
    expect(house.evaluate(withProfile(bare, 'us-water-supply')).read(allowanceLeftLb)).toBeCloseTo(1000, 6);
    expect(house.evaluate(withProfile(bare, 'ratings-only')).read(allowanceLeftLb)).toBe(0);
  });
});

describe('cautions', () => {
  it('stand beside every step, and say what is not judged where it could hurt someone', () => {
    for (const { id } of house.stepsFor(aerial))
      expect(cautionsFor(house, id).at(-1)).toMatch(/ratings.*authority having jurisdiction/);
    expect(cautionsFor(house, 'device')[0]).toMatch(/certified load chart/);
    expect(cautionsFor(house, 'tank')[0]).toMatch(/rolling over/);
    expect(cautionsFor(house, 'fittings')[0]).toMatch(/licensed/);
  });
});

describe('causes', () => {
  const evaluation = house.evaluate(pumper);
  const [all, on] = [evaluation.read(components), evaluation.read(axles)];
  const of = (id: string) => all.find((component) => component.id === id)!;
  const causesOf = (id: string) => {
    const { causes } = house.checks.find((check) => check.id === id)!;
    return causes!(evaluation, evaluation.finding(id)!);
  };

  it.each([
    ['frontAxle', (x: number) => 1 - x],
    ['rearAxle', (x: number) => x],
    ['gross', () => 1],
  ] as const)('of %s carry what statics gives each of them', (id, share) => {
    for (const { componentId, amountLb } of causesOf(id)) {
      const { weightLb, xIn } = of(componentId);
      expect(amountLb).toBeCloseTo(weightLb * share(rearShareAt(on, xIn)), 9);
    }
  });

  it('are at most six, largest first, none of them negative', () => {
    for (const { id, causes } of house.checks) {
      const finding = evaluation.finding(id);
      const amounts = finding && causes ? causes(evaluation, finding).map(({ amountLb }) => amountLb) : [];
      expect(amounts.length, id).toBeLessThanOrEqual(6);
      expect(amounts, id).toEqual([...amounts].sort((a, b) => b - a));
      expect(
        amounts.every((amount) => amount > 0),
        id,
      ).toBe(true);
    }
  });

  it('leave out what is not aboard in the worst state', () => {
    expect(causesOf('rearAxle').map(({ componentId }) => componentId)).toContain('water');
    expect(causesOf('frontLeast').map(({ componentId }) => componentId)).not.toContain('water');
  });

  it('of a side are all on one side, those that lift the front axle behind the rear one', () => {
    const sides = causesOf('sideRear').map(({ componentId }) => Math.sign(of(componentId).yIn));
    expect(new Set(sides).size).toBe(1);
    for (const { componentId } of causesOf('frontLeast'))
      expect(rearShareAt(on, of(componentId).xIn)).toBeGreaterThan(1);
  });
});

describe('a change', () => {
  it('is after less before, and nothing from a build to itself', () => {
    const before = house.measure(pumper);
    const after = house.measure(withTank(pumper, { gallons: 900 }));
    const change = changeOf(before, after);
    expect(change['front']! + change['rear']!).toBeCloseTo(change['gross']!, 6);
    expect(change['gross']).toBeLessThan(-834);
    expect(change['price']).toBe(-190_000);
    expect(Object.values(changeOf(before, before)).every((figure) => figure === 0)).toBe(true);
  });
});
