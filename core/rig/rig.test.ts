import { SHIPPED } from '../catalogue/index.js';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { starterBuild, withBody, withChassisSetting, withLadderMount, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { assemble, envelopeOf } from './index.js';
import { emptyLbPerGal } from './tank.js';
import { packedHeightIn } from './hose.js';

const builds: BuildSpec[] = [...DEMONSTRATION.flatMap((d) => d.builds), ...(['pumper', 'aerial', 'brush'] as const).map((type) => starterBuild(type, `Plain ${type}`, 'Department'))];
const pumper = builds[0]!;
const named = (spec: BuildSpec, id: string) => assemble(spec).components.find((component) => component.id === id)!;

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  const rig = assemble(build);
  it('has nothing without weight, place and tolerance, and no name twice', () => {
    for (const c of rig.components) {
      for (const figure of [c.weightLb, c.xIn, c.yIn, c.zIn, c.tolerancePct, c.priceCents]) expect(Number.isFinite(figure), c.id).toBe(true);
      expect(c.weightLb, c.id).toBeGreaterThanOrEqual(0);
      expect(c.zIn, c.id).toBeGreaterThan(0);
    }
    expect(new Set(rig.components.map((c) => c.id)).size).toBe(rig.components.length);
  });

  it('draws nothing inside out or under the ground, and stands on its wheels', () => {
    const shapes = rig.components.flatMap((c) => c.shapes);
    for (const { box, kind } of shapes) {
      expect(box.x1 - box.x0, kind).toBeGreaterThan(0);
      expect(box.y1 - box.y0, kind).toBeGreaterThan(0);
      expect(box.z1 - box.z0, kind).toBeGreaterThan(0);
      expect(box.z0, kind).toBeGreaterThanOrEqual(0);
    }
    const wheels = shapes.filter((shape) => shape.kind === 'wheel');
    expect(wheels.length).toBe(build.type === 'aerial' ? 6 : 4);
    expect(wheels.every((wheel) => wheel.box.z0 === 0)).toBe(true);
  });

  it('has a believable outside', () => {
    const { lengthIn, widthIn, heightIn } = envelopeOf(rig);
    expect(lengthIn).toBeGreaterThan(230);
    expect(lengthIn).toBeLessThan(520);
    expect(widthIn).toBeLessThanOrEqual(106);
    expect(heightIn).toBeGreaterThan(80);
    expect(heightIn).toBeLessThan(150);
  });
});

describe('the chassis', () => {
  it.each(CATALOGUE.chassis.map((chassis) => [chassis.name, chassis] as const))('%s stands on its published curb loads', (_, chassis) => {
    const spec = { ...starterBuild(chassis.types[0]!, 'Bare', 'D') };
    const bare = { ...spec, chassis: { partId: chassis.id, wheelbaseIn: chassis.baseWheelbaseIn, frontAxleId: chassis.frontAxles[0]!.id, rearAxleId: chassis.rearAxles[0]!.id, roofId: 'flat', crew: 2 } };
    const wet = assemble(bare).components.filter((c) => c.id === 'chassis' || c.id === 'fuel');
    const weight = wet.reduce((sum, c) => sum + c.weightLb, 0);
    expect(weight).toBeCloseTo(chassis.curb.frontLb + chassis.curb.rearLb, 6);
    expect(wet.reduce((sum, c) => sum + c.weightLb * c.xIn, 0) / chassis.baseWheelbaseIn).toBeCloseTo(chassis.curb.rearLb, 6);
    expect(wet.reduce((sum, c) => sum + c.weightLb * c.zIn, 0) / weight).toBeCloseTo(chassis.cgZIn, 6);
    expect(wet.reduce((sum, c) => sum + c.weightLb * c.yIn, 0)).toBeCloseTo(0, 6);
  });

  it('grows with its wheelbase', () => {
    const longer = named(withChassisSetting(pumper, { wheelbaseIn: 210 }), 'chassis').weightLb - named(pumper, 'chassis').weightLb;
    expect(longer).toBeCloseTo(10 * SHIPPED.part('chassis', 'custom-medium').lbPerWheelbaseIn, 6);
  });
});

describe('choices move the weights in the right place', () => {
  it('a tank holds what was asked for, whatever its shape', () => {
    for (const shape of ['rectangular', 'tShape', 'lShape', 'lowWide'] as const) {
      const boxes = assemble(withTank(pumper, { shape })).layout.tankBoxes;
      const gallons = (boxes.reduce((sum, b) => sum + b.lengthIn * b.widthIn * b.heightIn, 0) * 0.97) / 231;
      expect(gallons, shape).toBeCloseTo(1000, 6);
    }
  });
  it('a tank set back moves aft by as much', () => {
    expect(named(withTank(pumper, { aftIn: 17 }), 'water').xIn - named(pumper, 'water').xIn).toBeCloseTo(17, 9);
  });
  it('a raised roof raises an aerial’s ladder and nothing else its axles', () => {
    const aerial = builds[1]!;
    const raised = withChassisSetting(aerial, { roofId: 'raised-10' });
    expect(named(raised, 'section-1').zIn - named(aerial, 'section-1').zIn).toBe(10);
    expect(named(raised, 'section-1').xIn).toBe(named(aerial, 'section-1').xIn);
  });
  it('ladders on the side ride on the officer’s side and lower the compartments there', () => {
    expect(named(pumper, 'ladder-1').yIn).toBeGreaterThan(40);
    const heights = (spec: BuildSpec) => assemble(spec).layout.compartments.filter((c) => c.id === 'R1').map((c) => c.z1 - c.z0);
    expect(heights(withLadderMount(pumper, 'top'))[0]!).toBeGreaterThan(heights(pumper)[0]!);
  });
  it('a wide tank takes depth from the compartments beside it', () => {
    const depth = (shape: 'rectangular' | 'tShape') => assemble(withTank(pumper, { shape })).layout.compartments.find((c) => c.id === 'L1')!.upperDepthIn;
    expect(depth('tShape')).toBeLessThan(depth('rectangular'));
  });
  it('equipment whose compartment is gone rides in the nearest and is named', () => {
    const { moved, layout } = assemble(withBody(withChassisSetting(pumper, { wheelbaseIn: 210 }), { lengthIn: 122 }));
    expect(layout.compartments.map((c) => c.id)).not.toContain('L3');
    expect(moved).toContainEqual({ name: 'Portable pump', asked: 'L3', rides: 'L2' });
  });
  it('the allowance fills up what the list lacks, and no more', () => {
    const total = (spec: BuildSpec) => assemble(spec).components.filter((c) => c.role === 'equipment' || c.role === 'allowance').reduce((sum, c) => sum + c.weightLb, 0);
    expect(total({ ...pumper, equipment: [] })).toBeCloseTo(2000, 6);
    expect(total(pumper)).toBeCloseTo(2000, 6);
    const heavy = { ...pumper, equipment: [...pumper.equipment, { partId: 'cribbing', count: 10, compartmentId: 'L1' }] };
    expect(assemble(heavy).components.some((c) => c.role === 'allowance')).toBe(false);
  });
});

describe('small formulas', () => {
  it.each([[150, 1.6], [300, 1.6], [400, 1.5], [500, 1.4], [750, 1.25], [1000, 1.1], [1500, 1.025], [3000, 0.95]])('an empty tank for %d gal weighs %d lb a gallon', (gallons, lb) => {
    expect(emptyLbPerGal(gallons)).toBeCloseTo(lb, 9);
  });
  it('1,000 ft of 5 in stands 12 in high in a bed of 120 by 33 in', () => {
    expect(packedHeightIn(SHIPPED.part('hose', 'supply-5'), 1000, { x0: 0, x1: 120, widthIn: 33 })).toBeCloseTo((12_000 * 8.2 * 0.42) / 0.85 / (120 * 33), 9);
  });
});
