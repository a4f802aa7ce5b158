import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import {
  starterBuild, withBody, withBumper, withBumperItem, withChassis, withChassisSetting, withDevice, withFitting, withHose, withLadderMount, withOutriggers, withPump, withTank,
} from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { assemble, envelopeOf } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const plain = starterBuild('pumper', 'Plain', 'D');
const layout = (spec: BuildSpec) => assemble(spec).layout;
const part = (spec: BuildSpec, id: string) => assemble(spec).components.find((component) => component.id === id)!;
const box = (spec: BuildSpec, id: string) => part(spec, id).shapes[0]!.box;

describe('along the truck', () => {
  it.each([['pumper', pumper], ['aerial', aerial], ['brush', brush]] as const)('a %s: bumper, cab, pump, body, in this order and apart', (_, build) => {
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
    expect(layout(withPump(plain, undefined))).toMatchObject({ pumpHouse: null, bodyFront: layout(plain).cabBack + 4 });
  });

  it('a bumper extension lengthens the truck by as much, whatever stands on it', () => {
    const length = (spec: BuildSpec) => envelopeOf(assemble(spec)).lengthIn;
    const short = withBumper(plain, 'plain');
    for (const [id, by] of [['steel-12', 12], ['aluminium-18', 18], ['steel-24', 24]] as const) {
      const long = ['hose-well', 'winch-receiver', 'bumper-monitor', 'front-suction'].reduce((spec, item) => withBumperItem(spec, item, true), withBumper(plain, id));
      expect(length(long) - length(short), id).toBeCloseTo(by, 9);
    }
  });
});

describe('compartments', () => {
  const sideOf = (spec: BuildSpec, letter: string) => layout(spec).compartments.filter((c) => c.id.startsWith(letter));

  it.each([['pumper', pumper, 3], ['aerial', aerial, 3], ['brush', brush, 3]] as const)('of a %s are numbered from the front, mirrored, and clear of the wheels', (_, build, count) => {
    for (const letter of ['L', 'R']) {
      const side = sideOf(build, letter);
      expect(side.map((c) => c.id)).toEqual(Array.from({ length: count }, (_, i) => `${letter}${i + 1}`));
      expect(side.every((c) => (letter === 'L' ? c.centre.yIn < -20 : c.centre.yIn > 20))).toBe(true);
    }
    const wheels = assemble(build).components.flatMap((c) => c.shapes).filter((s) => s.kind === 'wheel' && s.box.x0 > 60);
    for (const compartment of layout(build).compartments) {
      for (const { box: wheel } of wheels) {
        const apart = compartment.x1 <= wheel.x0 || compartment.x0 >= wheel.x1 || compartment.z0 >= wheel.z1;
        expect(apart, compartment.id).toBe(true);
      }
    }
  });

  it('the one ahead of the wheels grows with the wheelbase, the one behind shrinks', () => {
    const size = (spec: BuildSpec, id: string) => {
      const c = layout(spec).compartments.find((candidate) => candidate.id === id)!;
      return c.x1 - c.x0;
    };
    const longer = withChassisSetting(plain, { wheelbaseIn: 200 });
    expect(size(longer, 'L1') - size(plain, 'L1')).toBeCloseTo(10, 9);
    expect(size(longer, 'L3') - size(plain, 'L3')).toBeCloseTo(-10, 9);
    expect(size(longer, 'L2')).toBeCloseTo(size(plain, 'L2'), 9);
  });

  it('a tandem takes more of the body than one axle', () => {
    const single = withChassis(aerial, 'custom-long');
    const width = (spec: BuildSpec) => layout(spec).compartments.filter((c) => c.id === 'L2').map((c) => c.x1 - c.x0)[0]!;
    expect(width(aerial) - width(single)).toBeCloseTo(54, 9);
  });

  it('the rear one is as deep as the tank leaves it, and gone when the tank fills the body', () => {
    const rear = (spec: BuildSpec) => layout(spec).compartments.find((c) => c.id === 'B1');
    expect(rear(plain)?.lowerDepthIn).toBe(28);
    expect(rear(withTank(plain, { aftIn: 40 }))?.lowerDepthIn).toBeLessThan(28);
    expect(rear(withTank(plain, { aftIn: 60 }))).toBeUndefined();
  });

  it('a ladder tunnel takes its slice from the officer’s side alone', () => {
    const depth = (spec: BuildSpec, id: string) => layout(spec).compartments.find((c) => c.id === id)!.lowerDepthIn;
    const tunnel = withLadderMount(plain, 'tunnel');
    expect(depth(tunnel, 'R1')).toBe(depth(withLadderMount(plain, 'top'), 'R1') - 11);
    expect(depth(tunnel, 'L1')).toBe(depth(plain, 'L1'));
  });

  it('hinged doors weigh on every compartment', () => {
    const count = layout(plain).compartments.length;
    expect(part(withBody(plain, { doors: 'hinged' }), 'doors').weightLb).toBe(14 * count);
    expect(part(plain, 'doors').weightLb).toBe(0);
  });
});

describe('hose beds', () => {
  it('there is a crosslay for each that the pump has, over the pump house', () => {
    for (const [pump, count] of [['midship-1250-side', 2], ['midship-1500-side', 3]] as const) {
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
    const bed = (shape: BuildSpec['tank']['shape']) => layout(withTank(plain, { shape })).beds.find((b) => b.id === 'main-left')!;
    expect(bed('lowWide').floorIn).toBeLessThan(bed('rectangular').floorIn);
    expect(bed('lShape').floorIn).toBeLessThan(bed('rectangular').floorIn);
    expect(bed('lShape').x0).toBeGreaterThan(bed('rectangular').x0);
  });

  it('hose stands on what lies under it and weighs by the foot', () => {
    const well = part(pumper, 'hose-1');
    expect(well).toMatchObject({ name: '{100 ft} of {1.75 size} attack, bumper well', weightLb: 34, role: 'hose' });
    expect(well.xIn).toBeLessThan(-70);
    const more = part(withHose(plain, 'main-left', { hoseId: 'supply-5', lengthFt: 1000 }), 'hose-3');
    const less = part(withHose(plain, 'main-left', { hoseId: 'supply-5', lengthFt: 500 }), 'hose-3');
    expect(more.weightLb).toBeCloseTo(1080, 9);
    expect(more.zIn).toBeGreaterThan(less.zIn);
  });

  it('a reel stands on a skid pump, or on the deck where none is', () => {
    expect(box(brush, 'reel').z0).toBe(box(brush, 'pump').z1);
    expect(box(withPump(brush, 'pto-500'), 'reel').z0).toBe(layout(brush).deckIn);
  });
});

describe('what is set on top or in front', () => {
  it('a raised roof raises what makes the truck high, and the light bar stays on the front of it', () => {
    const tall = withChassisSetting(plain, { roofId: 'raised-24' });
    expect(envelopeOf(assemble(tall)).highest).toEqual({ name: 'Cab roof', heightIn: 125 });
    expect(part(tall, 'fitting-light-bar').zIn).toBe(part(plain, 'fitting-light-bar').zIn);
  });

  it('ladders ride where they are told, and the rack with them', () => {
    const mean = (mount: BuildSpec['ladders']['mountId']) => part(withLadderMount(plain, mount), 'ladder-1');
    expect(mean('rack').yIn).toBeGreaterThan(40);
    expect(mean('tunnel').yIn).toBeGreaterThan(20);
    expect(mean('top').yIn).toBe(0);
    expect(mean('top').zIn).toBeGreaterThan(mean('rack').zIn);
    expect(mean('tunnel').zIn).toBeLessThan(mean('rack').zIn);
    expect(part(withLadderMount(plain, 'rack'), 'ladder-mount').weightLb).toBe(370);
  });

  it('a generator rides on the driver’s side, an inverter out of sight', () => {
    expect(part(withFitting(plain, 'generator-8', true), 'fitting-generator-8').yIn).toBeLessThan(0);
    expect(part(withFitting(plain, 'inverter-3', true), 'fitting-inverter-3').shapes).toEqual([]);
  });
});

describe('an aerial device', () => {
  it('rides forward over the cab from behind the rear axles', () => {
    const at = layout(aerial);
    expect(at.turntable!.xIn).toBeGreaterThan(aerial.chassis.wheelbaseIn);
    expect(box(aerial, 'section-1').z0).toBeGreaterThan(at.cabTop);
    const tips = [1, 2, 3, 4].map((n) => box(aerial, `section-${n}`).x0);
    expect(tips).toEqual([...tips].sort((a, b) => b - a));
    expect(part(aerial, 'section-1').xIn).toBeLessThan(aerial.chassis.wheelbaseIn);
  });

  it('of a mid mount rides rearward from behind the cab, its platform last', () => {
    const mid = withDevice(aerial, 'platform-100-mid');
    const at = layout(mid);
    expect(at.turntable!.xIn).toBeLessThan(at.bodyFront);
    expect(box(mid, 'platform').x0).toBeGreaterThanOrEqual(box(mid, 'section-5').x1);
    expect(envelopeOf(assemble(mid)).rearIn).toBe(box(mid, 'platform').x1);
  });

  it('has its outriggers folded at both sides, within the body', () => {
    const light = withDevice(withChassis(aerial, 'custom-long'), 'ladder-75-rear');
    for (const [spec, count] of [[light, 2], [withOutriggers(light, 'two-pairs'), 4]] as const) {
      const shapes = part(spec, 'outriggers').shapes;
      expect(shapes).toHaveLength(count);
      const half = layout(spec).bodyWidth / 2 + 1;
      for (const { box: folded } of shapes) expect(Math.max(Math.abs(folded.y0), Math.abs(folded.y1))).toBeLessThanOrEqual(half);
      expect(shapes.filter((s) => s.box.y1 < 0)).toHaveLength(count / 2);
    }
  });
});
