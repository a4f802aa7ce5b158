import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { compartments, components, envelope, tankBoxes } from '../truck/index.js';
import { withBody } from './body/index.js';
import { chassisShelf } from './chassis/index.js';
import { moved } from './equipment/place.js';
import { house } from './index.js';
import { withMount } from './ladders/index.js';
import { emptyLbPerGal } from './tank/place.js';

const builds: Build[] = [
  ...DEMONSTRATION.flatMap((d) => d.builds),
  ...(['pumper', 'aerial', 'brush'] as const).map((type) =>
    starterBuild(type, `Plain ${type}`, 'Department'),
  ),
];
const [pumper, aerial] = builds as [Build, Build];
const all = (build: Build) => house.evaluate(build).read(components);
const named = (build: Build, id: string) => all(build).find((component) => component.id === id)!;
const place = (build: Build, id: string) =>
  house
    .evaluate(build)
    .read(compartments)
    .find((compartment) => compartment.id === id)!;

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  it('stands on its wheels', () => {
    const wheels = all(build)
      .flatMap((c) => c.shapes)
      .filter((shape) => shape.kind === 'wheel');
    expect(wheels.length).toBe(build.type === 'aerial' ? 6 : 4);
    expect(wheels.every((wheel) => wheel.box.z0 === 0)).toBe(true);
  });

  it('has a believable outside', () => {
    const { lengthIn, widthIn, heightIn } = house.evaluate(build).read(envelope);
    expect(lengthIn).toBeGreaterThan(230);
    expect(lengthIn).toBeLessThan(520);
    expect(widthIn).toBeLessThanOrEqual(106);
    expect(heightIn).toBeGreaterThan(80);
    expect(heightIn).toBeLessThan(150);
  });
});

describe('the chassis', () => {
  it.each(chassisShelf.shipped.all().map((chassis) => [chassis.name, chassis] as const))(
    '%s stands on its published curb loads',
    (_, chassis) => {
      const bare = withBlock(
        withBlock(starterBuild(chassis.types[0]!, 'Bare', 'D'), 'cab', { roofId: 'flat', crew: 2 }),
        'chassis',
        {
          partId: chassis.id,
          wheelbaseIn: chassis.baseWheelbaseIn,
          frontAxleId: chassis.frontAxles[0]!.id,
          rearAxleId: chassis.rearAxles[0]!.id,
        },
      );
      const wet = all(bare).filter(({ id }) => id === 'chassis' || id === 'fuel');
      const sum = (of: (c: (typeof wet)[number]) => number) => wet.reduce((total, c) => total + of(c), 0);
      const weight = sum((c) => c.weightLb);
      expect(wet).toHaveLength(2);
      expect(weight).toBeCloseTo(chassis.curb.frontLb + chassis.curb.rearLb, 6);
      expect(sum((c) => c.weightLb * c.xIn) / chassis.baseWheelbaseIn).toBeCloseTo(chassis.curb.rearLb, 6);
      expect(sum((c) => c.weightLb * c.zIn) / weight).toBeCloseTo(chassis.cgZIn, 6);
      expect(sum((c) => c.weightLb * c.yIn)).toBeCloseTo(0, 6);
    },
  );

  it('grows with its wheelbase', () => {
    const longer = withBlock(pumper, 'chassis', { wheelbaseIn: 210 });
    expect(named(longer, 'chassis').weightLb - named(pumper, 'chassis').weightLb).toBeCloseTo(
      10 * chassisShelf.shipped.part('custom-medium').lbPerWheelbaseIn,
      6,
    );
  });
});

describe('choices move the weights in the right place', () => {
  const withTank = (build: Build, tank: Partial<Build['tank']>) => withBlock(build, 'tank', tank);

  it.each(['rectangular', 'tShape', 'lShape', 'lowWide'])(
    'a tank that is %s holds the water that was asked for, and the concentrate in its cell',
    (shapeId) => {
      const boxes = house.evaluate(withTank(pumper, { shapeId })).read(tankBoxes);
      const in3 = boxes.reduce((sum, b) => sum + b.lengthIn * b.widthIn * b.heightIn, 0);
      expect((in3 * 0.97) / 231).toBeCloseTo(1000 + 30, 6);
    },
  );

  it('a tank set back moves aft by as much', () => {
    const by = named(withTank(pumper, { aftIn: 17 }), 'water').xIn - named(pumper, 'water').xIn;
    expect(by).toBeCloseTo(17, 9);
  });

  it('a raised roof raises an aerial’s ladder and nothing else its axles', () => {
    const raised = withBlock(aerial, 'cab', { roofId: 'raised-10' });
    const section = 'device.section-1';
    expect(named(raised, section).zIn - named(aerial, section).zIn).toBe(10);
    expect(named(raised, section).xIn).toBe(named(aerial, section).xIn);
  });

  it('ladders on the side ride on the officer’s side and lower the compartments there', () => {
    const ladder = all(pumper).find(({ role }) => role === 'ladder')!;
    expect(ladder.yIn).toBeGreaterThan(40);
    const height = (build: Build) => place(build, 'R1').z1 - place(build, 'R1').z0;
    expect(height(withMount(pumper, 'top'))).toBeGreaterThan(height(pumper));
  });

  it('a wide tank takes depth from the compartments beside it', () => {
    const volume = (shapeId: string) => place(withTank(pumper, { shapeId }), 'L1').volumeFt3;
    expect(volume('tShape')).toBeLessThan(volume('rectangular'));
  });

  it('equipment whose compartment is gone rides in the nearest and is named', () => {
    const short = withBody(withBlock(pumper, 'chassis', { wheelbaseIn: 210 }), { lengthIn: 122 });
    expect(place(short, 'L3')).toBeUndefined();
    expect(house.evaluate(short).read(moved)).toContainEqual(
      expect.objectContaining({ name: 'Portable pump', asked: 'L3', rides: 'L2' }),
    );
  });

  it('the allowance fills up what the list lacks, and no more', () => {
    const loose = (build: Build) =>
      all(build)
        .filter(({ role }) => role === 'equipment' || role === 'allowance')
        .reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(loose(withBlock(pumper, 'equipment', { lines: [] }))).toBeCloseTo(2000, 6);
    expect(loose(pumper)).toBeCloseTo(2000, 6);
    const heavy = withBlock(pumper, 'equipment', {
      lines: [...pumper.equipment.lines, { id: 'more', partId: 'cribbing', count: 10, compartmentId: 'L1' }],
    });
    expect(all(heavy).some(({ role }) => role === 'allowance')).toBe(false);
  });
});

describe('small formulas', () => {
  it.each([
    [150, 1.6],
    [300, 1.6],
    [400, 1.5],
    [500, 1.4],
    [750, 1.25],
    [1000, 1.1],
    [1500, 1.025],
    [3000, 0.95],
  ])('an empty tank for %d gal weighs %d lb a gallon', (gallons, lb) => {
    expect(emptyLbPerGal(gallons)).toBeCloseTo(lb, 9);
  });
});
