import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { starterBuild, withChassisSetting, withPump, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { rearReactionIn } from '../weights/index.js';
import { liftingFront, ofGross, onFront, onRear, raising, toSide } from './contributors.js';
import { allowanceLeftLb, cautionsFor, equipmentByGroup, changeOf, evaluate, measure, measureOf, stepStates, stepTitle, stepsFor } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const bare: BuildSpec = { ...withPump(withTank(starterBuild('pumper', 'Bare', 'D'), { gallons: 0 }), undefined), hose: [], ladders: { mountId: 'flat', partIds: [] }, fittingIds: [] };

const linesOf = (spec: BuildSpec) => Object.fromEntries(stepStates(spec, evaluate(spec)).map(({ id, line }) => [id, line]));

describe('the line of each step', () => {
  it('says what is chosen on the pumper', () => {
    expect(linesOf(pumper)).toEqual({
      chassis: 'Custom chassis, medium four-door cab, 200 in wheelbase',
      cab: 'Roof raised 10 in, 6 seats',
      bumper: 'Steel bumper, 24 in extension, hose well with cover, receiver with 9,000 lb portable winch, bumper monitor, remote',
      pump: 'Midship 1,500 gpm, side panel',
      tank: '1,000 gal, T-shaped, 0 in aft',
      foam: 'Direct injection, class A, 2.5 gpm, 30 gal',
      hose: '2,200 ft in 6 beds of 6',
      ladders: '3 ladders, flat on the officer’s side',
      body: 'Aluminium body, 150 in, 7 compartments',
      equipment: '48 pieces, 1,693 lb',
      fittings: 'Warning light bar, Deck monitor, 1,000 gpm, Inverter, 3 kW',
    });
  });

  it('says what is on the aerial and the brush truck', () => {
    expect(linesOf(aerial)).toMatchObject({ device: '100 ft ladder, rear mount', foam: 'No foam', ladders: '5 ladders, tunnel through the body', cab: 'Flat roof, 5 seats' });
    expect(linesOf(brush)).toMatchObject({ tank: '300 gal, Upright skid tank, 34 in aft', ladders: 'No ladders', body: 'Aluminium flatbed with boxes, 114 in, 6 compartments' });
  });

  it('says so where there is nothing', () => {
    expect(linesOf(bare)).toMatchObject({ pump: 'No pump', tank: 'No tank', foam: 'No foam', hose: 'No hose', ladders: 'No ladders', equipment: 'Nothing listed yet', fittings: 'None' });
  });

  it('counts one of a thing as one', () => {
    expect(linesOf(withChassisSetting(pumper, { crew: 1 }))).toMatchObject({ cab: 'Roof raised 10 in, 1 seat' });
    expect(linesOf({ ...pumper, ladders: { mountId: 'flat', partIds: ['roof-14'] } })).toMatchObject({ ladders: '1 ladder, flat on the officer’s side' });
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
    expect(allowanceLeftLb(evaluate(bare).rig)).toBeCloseTo(2000, 6);
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
