import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import {
  beds,
  bodyPlace,
  bumperFront,
  cabPlace,
  compartments,
  components,
  envelope,
  pumpHouse,
  turntable,
} from '../truck/index.js';
import { withBody } from './body/index.js';
import { withBumper, withBumperItem } from './bumper/index.js';
import { withChassis } from './chassis/index.js';
import { withDevice } from './device/index.js';
import { withFitting } from './fittings/index.js';
import { loadsIn, withLoad } from './hose/index.js';
import { house } from './index.js';
import { withMount } from './ladders/index.js';
import { withPump } from './pump/index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const plain = starterBuild('pumper', 'Plain', 'D');
const evaluated = (build: Build) => house.evaluate(house.settle(build));
/** Where everything stands, as every subject gives its own place. */
const layout = (build: Build) => {
  const evaluation = evaluated(build);
  const [cab, body] = [evaluation.read(cabPlace), evaluation.read(bodyPlace)];
  return {
    bumperFront: evaluation.read(bumperFront),
    cabFront: cab.frontIn,
    cabBack: cab.backIn,
    cabTop: cab.topIn,
    bodyFront: body.frontIn,
    bodyEnd: body.endIn,
    rearEnd: body.rearEndIn,
    bodyWidth: body.widthIn,
    deckIn: body.deckIn,
    pumpHouse: evaluation.read(pumpHouse),
    turntable: evaluation.read(turntable),
    compartments: evaluation.read(compartments),
    beds: evaluation.read(beds),
  };
};
const part = (build: Build, id: string) =>
  evaluated(build)
    .read(components)
    .find((component) => component.id === id)!;
const box = (build: Build, id: string) => part(build, id).shapes[0]!.box;
/** The first of the lines of a kind. */
const first = (build: Build, prefix: string) =>
  evaluated(build)
    .read(components)
    .find(({ id }) => id.startsWith(prefix))!;
const withTank = (build: Build, tank: Partial<Build['tank']>) => withBlock(build, 'tank', tank);
const withChassisSetting = (build: Build, change: Partial<Build['chassis']>) =>
  withBlock(build, 'chassis', change);

describe('along the truck', () => {
  it.each([
    ['pumper', pumper],
    ['aerial', aerial],
    ['brush', brush],
  ] as const)('a %s: bumper, cab, pump, body, in this order and apart', (_, build) => {
    const at = layout(build);
    expect(at.bumperFront).toBeLessThanOrEqual(at.cabFront);
    expect(at.cabFront).toBeLessThan(0);
    expect(at.cabBack).toBeLessThan(at.pumpHouse?.x0 ?? at.bodyFront);
    if (at.pumpHouse) expect(at.pumpHouse.x1).toBeLessThan(at.bodyFront);
    expect(at.bodyEnd - at.bodyFront).toBeCloseTo(build.body.lengthIn, 9);
    expect(at.rearEnd).toBeGreaterThanOrEqual(at.bodyEnd);
  });

  it('a longer pump house pushes the body back by as much', () => {
    const by = layout(withPump(plain, 'midship-1500-top')).bodyFront - layout(plain).bodyFront;
    expect(by).toBe(78 - 48);
  });

  it('without a pump the body stands behind the cab', () => {
    expect(layout(withPump(plain, undefined))).toMatchObject({
      pumpHouse: null,
      bodyFront: layout(plain).cabBack + 4,
    });
  });

  it('a bumper extension lengthens the truck by as much, whatever stands on it', () => {
    const length = (build: Build) => evaluated(build).read(envelope).lengthIn;
    const short = withBumper(plain, 'plain');
    for (const [id, by] of [
      ['steel-12', 12],
      ['aluminum-18', 18],
      ['steel-24', 24],
    ] as const) {
      const long = ['hose-well', 'winch-receiver', 'bumper-monitor', 'front-suction'].reduce(
        (build, item) => withBumperItem(build, item, true),
        withBumper(plain, id),
      );
      expect(length(long) - length(short), id).toBeCloseTo(by, 9);
    }
  });
});

describe('compartments', () => {
  const sideOf = (build: Build, letter: string) =>
    layout(build).compartments.filter((c) => c.id.startsWith(letter));

  it.each([
    ['pumper', pumper, 3],
    ['aerial', aerial, 3],
    ['brush', brush, 3],
  ] as const)('of a %s are numbered from the front, mirrored, and clear of the wheels', (_, build, count) => {
    for (const letter of ['L', 'R']) {
      const side = sideOf(build, letter);
      expect(side.map((c) => c.id)).toEqual(Array.from({ length: count }, (_, i) => `${letter}${i + 1}`));
      expect(side.every((c) => (letter === 'L' ? c.center.yIn < -20 : c.center.yIn > 20))).toBe(true);
    }
    const wheels = evaluated(build)
      .read(components)
      .flatMap((c) => c.shapes)
      .filter((s) => s.kind === 'wheel' && s.box.x0 > 60);
    for (const compartment of layout(build).compartments) {
      for (const { box: wheel } of wheels) {
        const apart = compartment.x1 <= wheel.x0 || compartment.x0 >= wheel.x1 || compartment.z0 >= wheel.z1;
        expect(apart, compartment.id).toBe(true);
      }
    }
  });

  it('the one ahead of the wheels grows with the wheelbase, the one behind shrinks', () => {
    const size = (build: Build, id: string) => {
      const c = layout(build).compartments.find((candidate) => candidate.id === id)!;
      return c.x1 - c.x0;
    };
    const longer = withChassisSetting(plain, { wheelbaseIn: 200 });
    expect(size(longer, 'L1') - size(plain, 'L1')).toBeCloseTo(10, 9);
    expect(size(longer, 'L3') - size(plain, 'L3')).toBeCloseTo(-10, 9);
    expect(size(longer, 'L2')).toBeCloseTo(size(plain, 'L2'), 9);
  });

  it('a tandem takes more of the body than one axle', () => {
    const single = withChassis(aerial, 'custom-long');
    const width = (build: Build) =>
      layout(build)
        .compartments.filter((c) => c.id === 'L2')
        .map((c) => c.x1 - c.x0)[0]!;
    expect(width(aerial) - width(single)).toBeCloseTo(54, 9);
  });

  it('the rear one is as deep as the tank leaves it, and gone when the tank fills the body', () => {
    const rear = (build: Build) => layout(build).compartments.find((c) => c.id === 'B1');
    expect(rear(plain)?.lowerDepthIn).toBe(28);
    // Under the tank it stays as deep, behind it less is left.
    expect(rear(withTank(plain, { aftIn: 50 }))!.volumeFt3).toBeLessThan(rear(plain)!.volumeFt3);
    expect(rear(withTank(plain, { aftIn: 70 }))).toBeUndefined();
  });

  it('a ladder tunnel takes its slice from the officer’s side alone', () => {
    const volume = (build: Build, id: string) =>
      layout(build).compartments.find((c) => c.id === id)!.volumeFt3;
    const tunnel = withMount(plain, 'tunnel');
    expect(volume(tunnel, 'R1')).toBeLessThan(volume(withMount(plain, 'top'), 'R1'));
    expect(volume(tunnel, 'L1')).toBe(volume(withMount(plain, 'top'), 'L1'));
  });

  it('hinged doors weigh on every compartment', () => {
    const count = layout(plain).compartments.length;
    expect(part(withBody(plain, { doorsId: 'hinged' }), 'doors').weightLb).toBe(14 * count);
    expect(part(plain, 'doors').weightLb).toBe(0);
  });
});

describe('hose beds', () => {
  it('there is a crosslay for each that the pump has, over the pump house', () => {
    for (const [pump, count] of [
      ['midship-1250-side', 2],
      ['midship-1500-side', 3],
    ] as const) {
      const at = layout(withPump(plain, pump));
      const crosslays = at.beds.filter((bed) => bed.kind === 'crosslay');
      expect(crosslays).toHaveLength(count);
      for (const bed of crosslays) {
        expect(bed.x0).toBeGreaterThan(at.pumpHouse!.x0);
        expect(bed.x1).toBeLessThan(at.pumpHouse!.x1);
        expect(bed.floorIn + bed.depthIn).toBeLessThanOrEqual(at.pumpHouse!.z1);
      }
    }
  });

  it('a lower tank lowers the bed, an L-shaped one its rear part', () => {
    const bed = (shape: Build['tank']['shapeId']) =>
      layout(withTank(plain, { shapeId: shape })).beds.find((b) => b.id === 'main-left')!;
    expect(bed('lowWide').floorIn).toBeLessThan(bed('rectangular').floorIn);
    expect(bed('lShape').floorIn).toBeLessThan(bed('rectangular').floorIn);
    expect(bed('lShape').x0).toBeGreaterThan(bed('rectangular').x0);
  });

  it('hose stands on what lies under it and weighs by the foot', () => {
    const well = first(pumper, 'hose.');
    expect(well).toMatchObject({
      name: '{100 ft} of {1.75 size} attack, bumper well',
      weightLb: 34,
      role: 'hose',
    });
    expect(well.xIn).toBeLessThan(-70);
    const { id } = loadsIn(plain, 'main-left')[0]!;
    const laid = (lengthFt: number) =>
      part(withLoad(plain, id, { partId: 'supply-5', lengthFt }), `hose.${id}`);
    const more = laid(1000);
    const less = laid(500);
    expect(more.weightLb).toBeCloseTo(1080, 9);
    expect(more.zIn).toBeGreaterThan(less.zIn);
  });

  it('a reel stands on a skid pump, or on the deck where none is', () => {
    expect(box(brush, 'reel').z0).toBe(box(brush, 'pump').z1);
    expect(box(withPump(brush, 'pto-500'), 'reel').z0).toBe(layout(brush).deckIn);
  });
});

describe('what is set on top or in front', () => {
  const fitted = (build: Build, partId: string) =>
    part(build, `fittings.${build.fittings.lines.find((line) => line.partId === partId)!.id}`);

  it('a raised roof raises what makes the truck high, and the light bar stays on the front of it', () => {
    const tall = withBlock(plain, 'cab', { roofId: 'raised-24' });
    expect(evaluated(tall).read(envelope).highest).toEqual({ name: 'Cab roof', heightIn: 125 });
    expect(fitted(tall, 'light-bar').zIn).toBe(fitted(plain, 'light-bar').zIn);
  });

  it('ladders ride where they are told, and the rack with them', () => {
    const mean = (mount: string) => first(withMount(plain, mount), 'ladders.');
    expect(mean('rack').yIn).toBeGreaterThan(40);
    expect(mean('tunnel').yIn).toBeGreaterThan(20);
    expect(Math.abs(mean('top').yIn)).toBeLessThan(15);
    expect(mean('top').zIn).toBeGreaterThan(mean('rack').zIn);
    expect(mean('tunnel').zIn).toBeLessThan(mean('rack').zIn);
    expect(part(withMount(plain, 'rack'), 'ladder-mount').weightLb).toBe(370);
  });

  it('a generator rides on the driver’s side, an inverter out of sight', () => {
    expect(fitted(withFitting(plain, 'generator-8', true), 'generator-8').yIn).toBeLessThan(0);
    expect(fitted(withFitting(plain, 'inverter-3', true), 'inverter-3').shapes).toEqual([]);
  });
});

describe('an aerial device', () => {
  it('rides forward over the cab from behind the rear axles', () => {
    const at = layout(aerial);
    expect(at.turntable!.xIn).toBeGreaterThan(aerial.chassis.wheelbaseIn);
    expect(box(aerial, 'device.section-1').z0).toBeGreaterThan(at.cabTop);
    const tips = [1, 2, 3, 4].map((n) => box(aerial, `device.section-${n}`).x0);
    expect(tips).toEqual([...tips].sort((a, b) => b - a));
    expect(part(aerial, 'device.section-1').xIn).toBeLessThan(aerial.chassis.wheelbaseIn);
  });

  it('of a mid mount rides rearward from behind the cab, its platform last', () => {
    const mid = withDevice(aerial, 'platform-100-mid');
    const at = layout(mid);
    expect(at.turntable!.xIn).toBeLessThan(at.bodyFront);
    expect(box(mid, 'device.platform').x0).toBeGreaterThanOrEqual(box(mid, 'device.section-5').x1);
    expect(evaluated(mid).read(envelope).rearIn).toBe(box(mid, 'device.platform').x1);
  });

  it('has its outriggers folded at both sides, within the body', () => {
    const light = withDevice(withChassis(aerial, 'custom-long'), 'ladder-75-rear');
    for (const [build, count] of [
      [light, 2],
      [withBlock(light, 'device', { outriggersId: 'two-pairs' }), 4],
    ] as const) {
      const shapes = part(build, 'device.outriggers').shapes;
      expect(shapes).toHaveLength(count);
      const half = layout(build).bodyWidth / 2 + 1;
      for (const { box: folded } of shapes)
        expect(Math.max(Math.abs(folded.y0), Math.abs(folded.y1))).toBeLessThanOrEqual(half);
      expect(shapes.filter((s) => s.box.y1 < 0)).toHaveLength(count / 2);
    }
  });
});
