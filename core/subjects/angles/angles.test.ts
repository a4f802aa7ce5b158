import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { components, lastAxleIn } from '../../truck/index.js';
import { withBody } from '../body/index.js';
import { withBumper } from '../bumper/index.js';
import { axles } from '../chassis/index.js';
import { house } from '../index.js';
import { anglesCalculation as angles, approachOf, departureOf } from './index.js';

const builds = DEMONSTRATION.flatMap((d) => d.builds);
const [pumper] = builds as [Build];
const INPUT = {
  wheelbaseIn: 192,
  front: { overhangIn: 86, heightIn: 17.5 },
  rear: { overhangIn: 112, heightIn: 20 },
  lowPoint: { xIn: 100, heightIn: 15 },
};
const radians = (deg: number) => (deg * Math.PI) / 180;

describe('angles by the tape', () => {
  it('a low point in the middle breaks over at twice its angle', () => {
    expect(angles({ ...INPUT, lowPoint: { xIn: 96, heightIn: 96 } }).breakoverDeg).toBeCloseTo(90, 9);
  });

  it('grow with height and fall with overhang', () => {
    const { approachDeg, departureDeg } = angles(INPUT);
    expect(angles({ ...INPUT, front: { overhangIn: 86, heightIn: 18 } }).approachDeg).toBeGreaterThan(
      approachDeg,
    );
    expect(angles({ ...INPUT, rear: { overhangIn: 120, heightIn: 20 } }).departureDeg).toBeLessThan(
      departureDeg,
    );
  });

  it('refuse a low point that is not between the axles', () => {
    expect(() => angles({ ...INPUT, lowPoint: { xIn: 192, heightIn: 15 } })).toThrow(
      /lowPoint.xIn must be less than the wheelbase of 192/,
    );
  });
});

describe.each(builds.map((build) => [build.name, build] as const))('the angles of %s', (_, build) => {
  const evaluation = house.evaluate(build);
  const [all, on] = [evaluation.read(components), evaluation.read(axles)];
  const last = lastAxleIn(on);

  it('are those of the part that is named, and no other part strikes first', () => {
    for (const [governed, beyond] of [
      [approachOf(all)!, (x: { x0: number }) => -x.x0],
      [departureOf(all, on)!, (x: { x1: number }) => x.x1 - last],
    ] as const) {
      expect(Math.tan(radians(governed.deg)) * governed.overhangIn).toBeCloseTo(governed.heightIn, 6);
      for (const { shapes } of all) {
        for (const { kind, box } of shapes) {
          if (['wheel', 'axle', 'stowed', 'seat', 'mark'].includes(kind) || beyond(box as never) <= 0)
            continue;
          expect(box.z0 + 1e-9).toBeGreaterThanOrEqual(
            Math.tan(radians(governed.deg)) * beyond(box as never),
          );
        }
      }
    }
  });
});

it('a shorter bumper approaches better, a longer body and a shorter wheelbase depart worse', () => {
  const approach = (build: Build) => approachOf(house.evaluate(build).read(components))!.deg;
  const departure = (build: Build) => {
    const evaluation = house.evaluate(build);
    return departureOf(evaluation.read(components), evaluation.read(axles))!.deg;
  };
  expect(approach(withBumper(pumper, 'plain'))).toBeGreaterThan(approach(pumper));
  expect(departure(withBody(pumper, { lengthIn: pumper.body.lengthIn + 20 }))).toBeLessThan(
    departure(pumper),
  );
  expect(
    departure(withBlock(pumper, 'chassis', { wheelbaseIn: pumper.chassis.wheelbaseIn - 10 })),
  ).toBeLessThan(departure(pumper));
});
