import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { starterBuild, withProfile, withPump, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { inUnits } from '../units/index.js';
import { rearReactionIn } from '../weights/index.js';
import { liftingFront, ofGross, onFront, onRear, raising, toSide } from './contributors.js';
import { allowanceLeftLb, cautionsFor, equipmentByGroup, changeOf, evaluate, measure, measureOf, stepStates, stepTitle, stepsFor } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const bare: BuildSpec = { ...withPump(withTank(starterBuild('pumper', 'Bare', 'D'), { gallons: 0 }), undefined), hose: [], ladders: { mountId: 'flat', partIds: [] }, fittingIds: [] };

const linesOf = (spec: BuildSpec) => Object.fromEntries(stepStates(spec, evaluate(spec)).map(({ id, line }) => [id, inUnits(line, 'us')]));

describe('the line of each step is a sentence of the specification', () => {
  it('says what is chosen on the pumper', () => {
    expect(linesOf(pumper)).toEqual({
      chassis: 'The chassis shall be a custom chassis, medium four-door cab, with a wheelbase of 200 in, a front axle rated 18,000 lb and a rear axle rated 27,000 lb.',
      cab: 'The cab shall seat 6 under a roof raised 10 in.',
      bumper: 'The front bumper shall be a steel bumper, 24 in extension, carrying hose well with cover, receiver with 9,000 lb portable winch and bumper monitor, remote.',
      pump: 'The pump shall be a midship 1,500 gpm, side panel.',
      tank: 'The tank shall hold 1,000 gal of water, be T-shaped and stand 0 in behind the front of the body.',
      foam: 'Foam shall be made by a direct injection, class A, 2.5 gpm, with 30 gal of concentrate.',
      hose: expect.stringMatching(/^Hose beds shall take 100 ft of 1¾ in attack in the bumper well, 200 ft .* and 500 ft of 3 in supply in the hose bed, officer’s side\.$/),
      ladders: 'Ground ladders shall be one 24 ft two-section, one 14 ft roof and one 10 ft attic, riding flat on the officer’s side.',
      body: 'The body shall be an aluminium body, 150 in long, with 7 compartments behind roll-up doors.',
      equipment: 'Space and mounting shall be provided for 48 pieces of loose equipment weighing 1,693 lb.',
      fittings: 'There shall be a warning light bar, a deck monitor, 1,000 gpm and an inverter, 3 kW.',
    });
  });

  it('says what is on the aerial and the brush truck', () => {
    expect(linesOf(aerial)).toMatchObject({
      device: 'The aerial device shall be one 100 ft ladder, rear mount, standing on two pairs of outriggers.', foam: 'There shall be no foam system.',
      ladders: expect.stringContaining('riding on the tunnel through the body.'), cab: 'The cab shall seat 5 under a flat roof.',
    });
    expect(linesOf(brush)).toMatchObject({ tank: 'The tank shall hold 300 gal of water, be upright skid tank and stand 34 in behind the front of the body.', ladders: 'No ground ladders shall be carried.' });
  });

  it('says so where there is nothing', () => {
    expect(linesOf(bare)).toMatchObject({
      pump: 'There shall be no pump.', tank: 'There shall be no water tank.', foam: 'There shall be no foam system.', hose: 'No hose shall be carried.',
      ladders: 'No ground ladders shall be carried.', equipment: 'No loose equipment is listed yet.', fittings: 'No further lights or fittings shall be furnished.',
    });
  });
});

describe('how each step stands', () => {
  it('is the worst of the findings that speak of it', () => {
    const states = stepStates(bare, evaluate(bare));
    const status = (id: string) => states.find((state) => state.id === id)!.status;
    expect({ pump: status('pump'), tank: status('tank'), hose: status('hose'), ladders: status('ladders'), chassis: status('chassis'), fittings: status('fittings') }).toEqual({
      pump: 'fails', tank: 'fails', hose: 'fails', ladders: 'fails', chassis: 'holds', fittings: 'holds',
    });
  });

  it('puts the worst finding first', () => {
    const bumper = stepStates(pumper, evaluate(pumper)).find((state) => state.id === 'bumper')!;
    expect(bumper.findings[0]).toMatchObject({ id: 'frontAxle', status: 'fails' });
  });

  it('has a title for every step of every type', () => {
    for (const spec of [pumper, aerial, brush]) for (const step of stepsFor(spec)) expect(stepTitle(step)).toMatch(/^[A-Z][a-z ]+$/);
  });
});

describe('equipment by group', () => {
  it('has every line once, and weighs what the list weighs', () => {
    const groups = equipmentByGroup(pumper);
    expect(groups.flatMap(({ indexes }) => indexes).sort((a, b) => a - b)).toEqual(pumper.equipment.map((_, index) => index));
    expect(groups.reduce((sum, { weightLb }) => sum + weightLb, 0)).toBe(1693);
    expect(groups.find(({ group }) => group === 'rescue')?.weightLb).toBe(399);
    expect(equipmentByGroup(bare)).toEqual([]);
  });

  it('leaves of the allowance what the list does not fill', () => {
    expect(allowanceLeftLb(evaluate(pumper).rig)).toBeCloseTo(2000 - 1693, 6);
    expect(allowanceLeftLb(evaluate(bare).rig)).toBeCloseTo(2500, 6);
  });

  it('reckons with the larger allowance from roomy compartments on, and with none where the profile has none', () => {
    const { rig } = evaluate(bare);
    expect(rig.layout.compartments.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0)).toBeGreaterThan(250);
    expect(allowanceLeftLb(evaluate(withProfile(bare, 'us-water-supply')).rig)).toBeCloseTo(1000, 6);
    expect(allowanceLeftLb(evaluate(withProfile(bare, 'ratings-only')).rig)).toBe(0);
  });
});

describe('cautions', () => {
  it('stand beside every step, and say what is not judged where it could hurt someone', () => {
    for (const step of stepsFor(aerial)) expect(cautionsFor(step).at(-1)).toMatch(/ratings.*authority having jurisdiction/);
    expect(cautionsFor('device')[0]).toMatch(/certified load chart/);
    expect(cautionsFor('tank')[0]).toMatch(/rolling over/);
    expect(cautionsFor('fittings')[0]).toMatch(/licensed/);
  });
});

describe('contributors', () => {
  const { rig, states } = evaluate(pumper);
  const [inService] = states as [(typeof states)[number]];
  const empty = states.find((state) => state.id === 'returningEmpty')!;
  const shareOf = (id: string, share: (x: number) => number) => {
    const c = rig.components.find((component) => component.id === id)!;
    return c.weightLb * share(c.xIn / rearReactionIn(rig.axles));
  };

  it.each([
    ['front', onFront, (x: number) => 1 - x], ['rear', onRear, (x: number) => x], ['gross', ofGross, () => 1],
  ] as const)('of the %s carry what statics gives each of them', (_, contributors, share) => {
    for (const { componentId, amountLb } of contributors(rig, inService)) expect(amountLb).toBeCloseTo(shareOf(componentId, share), 9);
  });

  it('are at most six, largest first, none of them negative', () => {
    for (const list of [onFront(rig, inService), onRear(rig, inService), liftingFront(rig, inService), toSide(rig, inService, 1, 73), raising(rig, inService)]) {
      expect(list.length).toBeLessThanOrEqual(6);
      expect(list.map((c) => c.amountLb)).toEqual(list.map((c) => c.amountLb).sort((a, b) => b - a));
      expect(list.every((c) => c.amountLb > 0)).toBe(true);
    }
  });

  it('leave out what is not aboard', () => {
    expect(onRear(rig, inService).map((c) => c.componentId)).toContain('water');
    expect(onRear(rig, empty).map((c) => c.componentId)).not.toContain('water');
  });

  it('of a side are on that side', () => {
    for (const { componentId } of toSide(rig, inService, 1, 73)) expect(rig.components.find((c) => c.id === componentId)!.yIn).toBeGreaterThan(0);
    for (const { componentId } of toSide(rig, inService, -1, 73)) expect(rig.components.find((c) => c.id === componentId)!.yIn).toBeLessThan(0);
  });

  it('that lift the front axle stand behind the rear one', () => {
    for (const { componentId } of liftingFront(rig, inService)) expect(rig.components.find((c) => c.id === componentId)!.xIn).toBeGreaterThan(rearReactionIn(rig.axles));
  });
});

describe('a change', () => {
  it('is after less before, and nothing from a build to itself', () => {
    const before = measure(pumper);
    const after = measureOf(evaluate(withTank(pumper, { gallons: 900 })));
    const change = changeOf(before, after);
    expect(change.frontLb + change.rearLb).toBeCloseTo(change.grossLb, 6);
    expect(change.grossLb).toBeLessThan(-834);
    expect(change.priceCents).toBe(-190_000);
    expect(Object.values(changeOf(before, before)).every((figure) => figure === 0)).toBe(true);
  });
});
