import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { components } from '../../truck/index.js';
import { generator } from '../../test/random.js';
import { house } from '../index.js';
import {
  cornerLeft,
  findLongest,
  laidAt,
  laidBest,
  placeOf,
  posesOf,
  sweptBy,
  tailSwingIn,
  turn,
  turning,
} from './index.js';
import type { Corner, Turn } from './index.js';

const PUMPER = {
  wheelbaseIn: 192,
  tandemSpreadIn: 0,
  crampAngleDeg: 45,
  kingpinSpacingIn: 70,
  frontTrackIn: 83.5,
  tireWidthIn: 12.4,
  frontOverhangIn: 86,
  bodyWidthIn: 100,
};
const CORNER: Corner = { approachWidthFt: 24, exitWidthFt: 22, insideRadiusFt: 8 };
const box = (x0: number, x1: number, half: number) => [
  { xIn: x0, yIn: -half },
  { xIn: x1, yIn: -half },
  { xIn: x1, yIn: half },
  { xIn: x0, yIn: half },
];
const TURN: Turn = { wheelbaseIn: 192, radiusIn: 227, steerIn: 144, outline: box(-86, 300, 50) };

describe('turning', () => {
  it.each(['wheelbaseIn', 'frontOverhangIn', 'bodyWidthIn'] as const)(
    'more %s never turns tighter',
    (key) => {
      let [wall, clear] = [0, Infinity];
      for (let by = 0; by <= 80; by += 8) {
        const of = turning({ ...PUMPER, [key]: PUMPER[key] + by, corner: CORNER });
        expect(of.wallToWallRadiusFt).toBeGreaterThan(wall);
        expect(of.cornerClearanceFt!).toBeLessThan(clear);
        [wall, clear] = [of.wallToWallRadiusFt, of.cornerClearanceFt!];
      }
    },
  );

  it('a tandem turns as one axle farther behind', () => {
    const tandem = turning({ ...PUMPER, tandemSpreadIn: 54 });
    const single = turning({ ...PUMPER, wheelbaseIn: 192 + 27 ** 2 / 192 });
    expect(tandem.curbToCurbRadiusFt).toBeCloseTo(single.curbToCurbRadiusFt, 9);
  });
});

describe('a way through a corner', () => {
  it('goes in straight, turns by a right angle, and comes out straight', () => {
    for (const steerIn of [0, 60, 144, 600]) {
      const poses = posesOf({ ...TURN, steerIn });
      expect(poses[0]!.heading).toBe(0);
      expect(poses.at(-1)!.heading).toBeCloseTo(Math.PI / 2, 9);
      for (let i = 1; i < poses.length; i++) {
        const turned = poses[i]!.heading - poses[i - 1]!.heading;
        const went = Math.hypot(poses[i]!.e - poses[i - 1]!.e, poses[i]!.n - poses[i - 1]!.n);
        // Never rotated about a point, and never tighter than at full lock.
        expect(turned).toBeGreaterThanOrEqual(0);
        expect(turned / went).toBeLessThanOrEqual(1.001 / TURN.radiusIn);
      }
    }
  });

  it('at full lock all through is a quarter of a circle about the turn’s center', () => {
    const poses = posesOf({ ...TURN, steerIn: 0 });
    const { e, n } = poses.at(-1)!;
    const straight = TURN.wheelbaseIn + 120;
    expect(e).toBeCloseTo(TURN.radiusIn + straight, 0);
    expect(n).toBeCloseTo(TURN.radiusIn, 0);
  });

  it('encloses every position of body, tail and device', () => {
    for (const build of DEMONSTRATION.flatMap(({ builds }) => builds)) {
      const evaluation = house.evaluate(build);
      const of = evaluation.read(turn);
      const swept = sweptBy(of);
      const pose = swept.poses[Math.floor(swept.poses.length / 2)]!;
      const outline = swept.outlines[Math.floor(swept.poses.length / 2)]!;
      const isInside = ([e, n]: readonly [number, number]) =>
        outline.every(([ae, an], i) => {
          const [be, bn] = outline[(i + 1) % outline.length]!;
          return (be - ae) * (n - an) - (bn - an) * (e - ae) >= -1e-6;
        });
      for (const { shapes } of evaluation.read(components))
        for (const { kind, box: at } of shapes) {
          if (['stowed', 'seat', 'mark'].includes(kind)) continue;
          for (const xIn of [at.x0, at.x1])
            for (const yIn of [at.y0, at.y1])
              expect(isInside(placeOf(pose, { xIn, yIn }, of.wheelbaseIn))).toBe(true);
        }
      for (const [e, n] of swept.outlines.flat()) {
        expect(e).toBeGreaterThanOrEqual(swept.west);
        expect(n).toBeLessThanOrEqual(swept.north);
      }
    }
  });

  it('leaves as much as a finer search finds, on any corner', () => {
    const next = generator(12);
    for (let i = 0; i < 60; i++) {
      const corner = {
        approachWidthFt: 10 + next() * 30,
        exitWidthFt: 10 + next() * 30,
        insideRadiusFt: next() * 20,
      };
      const swept = sweptBy({ ...TURN, steerIn: next() * 300 });
      const best = laidBest(swept, corner);
      expect(best.insideIn).toBeCloseTo(best.outsideIn, 2);
      // Farther from the outside walls there is less at the inside.
      const [near, far] = [
        laidAt(swept, corner, best.outsideIn - 3),
        laidAt(swept, corner, best.outsideIn + 3),
      ];
      expect(near.insideIn).toBeGreaterThanOrEqual(best.insideIn);
      expect(far.insideIn).toBeLessThanOrEqual(best.insideIn);
    }
  });

  it('a longer wheelbase, a longer bumper and a wider body never leave more of a corner', () => {
    const left = (of: Partial<Turn>) => laidAt(sweptBy({ ...TURN, ...of }), CORNER, 0).insideIn;
    let before = Infinity;
    for (let by = 0; by <= 60; by += 10) {
      const wheelbaseIn = 192 + by;
      const now = left({ wheelbaseIn, radiusIn: wheelbaseIn + 35, outline: box(-86, 300 + by, 50) });
      expect(now).toBeLessThan(before);
      before = now;
    }
    expect(left({ outline: box(-110, 300, 50) })).toBeLessThan(left({}));
    expect(left({ outline: box(-86, 300, 53) })).toBeLessThan(left({}));
  });

  it('swings the tail out by what hangs behind the axle', () => {
    // The outer rear corner 108 in behind: √((227 + 50)² + 108²) − (227 + 50).
    expect(tailSwingIn(TURN)).toBeCloseTo(Math.hypot(277, 108) - 277, 9);
    expect(tailSwingIn({ ...TURN, outline: box(-86, 192, 50) })).toBe(0);
  });
});

describe('the corner finder', () => {
  const evaluation = house.evaluate(starterBuild('pumper', 'Plain', 'D'));
  const line = {
    id: 'c',
    name: 'Gateway',
    wish: 'must',
    known: 'told',
    fromFt: 26,
    intoFt: 19,
    insideFt: 6,
  } as const;
  const found = findLongest(evaluation, { corners: [line], stations: [] });

  it('names every chassis that suits, with each bumper, and what stops a longer one', () => {
    expect(new Set(found.map(({ chassisId }) => chassisId)).size).toBeGreaterThan(3);
    expect(found.some(({ wheelbaseIn }) => wheelbaseIn !== null)).toBe(true);
    for (const { wheelbaseIn, limitedBy } of found)
      if (wheelbaseIn === null) expect(limitedBy).toBe('Gateway');
  });

  it('never finds more with a longer bumper, a smaller cramp or a shorter bay', () => {
    const of = (chassisId: string) => found.filter((one) => one.chassisId === chassisId);
    const lengths = of('custom-medium').map(({ wheelbaseIn }) => wheelbaseIn ?? 0);
    expect([...lengths].sort((a, b) => b - a)).toEqual(lengths);
    const bay = {
      id: 's',
      name: 'Bay',
      wish: 'must',
      known: 'told',
      doorHighIn: 150,
      doorWideIn: 150,
      aboveIn: 4,
      besideIn: 6,
      bayLongIn: 360,
      enters: 'backs',
    } as const;
    const both = findLongest(evaluation, { corners: [line], stations: [bay] });
    both.forEach((one, i) => {
      expect(one.wheelbaseIn ?? 0).toBeLessThanOrEqual(found[i]!.wheelbaseIn ?? 0);
      if (one.lengthIn !== null) expect(one.lengthIn).toBeLessThanOrEqual(360);
    });
  });

  it('the longest gets through, as the check of a truck of that wheelbase says', () => {
    const plain = starterBuild('pumper', 'Plain', 'D');
    const longest = found.find(({ chassisId }) => chassisId === 'custom-medium')!.wheelbaseIn!;
    const leaves = (wheelbaseIn: number) =>
      house.evaluate(withBlock(plain, 'chassis', { wheelbaseIn })).read(cornerLeft)({
        approachWidthFt: 26,
        exitWidthFt: 19,
        insideRadiusFt: 6,
      }).drivenFt;
    expect(leaves(longest)).toBeGreaterThan(0);
  });
});
