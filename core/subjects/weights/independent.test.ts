import { describe, expect, it } from 'vitest';
import type { TankBox } from '../../kernel/index.js';
import type { Axles } from '../../truck/index.js';
import { capacityGal, fillTank } from '../tank/index.js';
import { weigh } from './index.js';
import type { WeightsInput } from './index.js';

/**
 * The same arithmetic written out the long way, item by item and slice by slice, as the formulas state it:
 * a second opinion on the sums of `mass.ts` and the layers of `tank.ts`.
 */

function generator(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

function truck(seed: number): { chassis: Axles; items: WeightsInput['items'] } {
  const next = generator(seed);
  const tandem = next() > 0.5;
  return {
    chassis: {
      wheelbaseIn: 160 + 100 * next(),
      front: { gawrLb: 18_000 + 6000 * next(), trackIn: 75 + 10 * next() },
      rear: {
        gawrLb: 24_000 + 30_000 * next(),
        trackIn: 72 + 3 * next(),
        axles: tandem ? 2 : 1,
        spreadIn: tandem ? 54 : 0,
        frontShare: 0.46 + 0.08 * next(),
      },
      gvwrLb: 40_000 + 40_000 * next(),
      frontRollShare: 0.3 + 0.2 * next(),
    },
    items: Array.from({ length: 5 + Math.floor(20 * next()) }, () => ({
      weightLb: 20 + 5000 * next(),
      xIn: -95 + 400 * next(),
      yIn: -48 + 96 * next(),
      zIn: 18 + 100 * next(),
      tolerancePct: 1 + 14 * next(),
    })),
  };
}

function longhand({ chassis, items }: ReturnType<typeof truck>) {
  const { wheelbaseIn, front, rear, frontRollShare } = chassis;
  const xRear = wheelbaseIn + (0.5 - rear.frontShare) * rear.spreadIn;
  let total = 0;
  let rearLoad = 0;
  let height = 0;
  let side = 0;
  let rearMoment = 0;
  let varianceFront = 0;
  let varianceRear = 0;
  for (const { weightLb, xIn, yIn, zIn, tolerancePct } of items) {
    const rearShare = xIn / xRear;
    total += weightLb;
    rearLoad += weightLb * rearShare;
    height += weightLb * zIn;
    side += weightLb * yIn;
    rearMoment += weightLb * yIn * rearShare;
    varianceRear += (rearShare * weightLb * (tolerancePct / 100 / 2)) ** 2;
    varianceFront += ((1 - rearShare) * weightLb * (tolerancePct / 100 / 2)) ** 2;
  }
  const frontLoad = total - rearLoad;
  const h = height / total;
  const imbalance = (load: number, moment: number, track: number) => {
    const left = load / 2 - moment / track;
    const right = load / 2 + moment / track;
    return (Math.abs(right - left) / load) * 100;
  };
  return {
    frontLoad,
    rearLoad,
    tilt: (Math.atan((rear.trackIn / 2 - Math.abs(side / total)) / h) * 180) / Math.PI,
    sigmaFront: Math.sqrt(varianceFront),
    sigmaRear: Math.sqrt(varianceRear),
    flexibleFront: imbalance(frontLoad, side - rearMoment, front.trackIn),
    flexibleRear: imbalance(rearLoad, rearMoment, rear.trackIn),
    rigidFront: imbalance(frontLoad, side * frontRollShare, front.trackIn),
    rigidRear: imbalance(rearLoad, side * (1 - frontRollShare), rear.trackIn),
  };
}

describe('weights, the long way', () => {
  it.each(Array.from({ length: 25 }, (_, i) => i + 1))('truck %d', (seed) => {
    const given = truck(seed);
    const w = weigh(given);
    const long = longhand(given);
    expect(w.front.loadLb).toBeCloseTo(long.frontLoad, 6);
    expect(w.rear.loadLb).toBeCloseTo(long.rearLoad, 6);
    expect(w.tiltAngleDeg).toBeCloseTo(long.tilt, 9);
    expect(w.sigma.frontLb).toBeCloseTo(long.sigmaFront, 6);
    expect(w.sigma.rearLb).toBeCloseTo(long.sigmaRear, 6);
    expect(w.front.flexible.imbalancePct).toBeCloseTo(Math.abs(long.flexibleFront), 6);
    expect(w.rear.flexible.imbalancePct).toBeCloseTo(Math.abs(long.flexibleRear), 6);
    expect(w.front.rigid.imbalancePct).toBeCloseTo(Math.abs(long.rigidFront), 6);
    expect(w.rear.rigid.imbalancePct).toBeCloseTo(Math.abs(long.rigidRear), 6);
  });
});

const SLICE_IN = 0.01;
const USABLE = 0.97;

/** Fills boxes slice by slice until the volume is used up. */
function slices(boxes: TankBox[], gallons: number) {
  let left = (gallons * 231) / USABLE;
  const bottom = Math.min(...boxes.map((b) => b.bottomIn));
  let volume = 0;
  let x = 0;
  let y = 0;
  let z = 0;
  let surface = bottom;
  for (let height = bottom; left > 0; height += SLICE_IN) {
    const mid = height + SLICE_IN / 2;
    for (const box of boxes.filter((b) => mid > b.bottomIn && mid < b.bottomIn + b.heightIn)) {
      const v = Math.min(left, box.lengthIn * box.widthIn * SLICE_IN);
      left -= v;
      volume += v;
      x += v * (box.frontIn + box.lengthIn / 2);
      y += v * box.centerIn;
      z += v * mid;
    }
    surface = height + SLICE_IN;
  }
  return { surface, x: x / volume, y: y / volume, z: z / volume };
}

describe('a tank, slice by slice', () => {
  it.each(Array.from({ length: 12 }, (_, i) => i + 1))('tank %d', (seed) => {
    const next = generator(seed * 7919);
    let bottom = 40;
    const boxes = Array.from({ length: 1 + Math.floor(3 * next()) }, (): TankBox => {
      const box = {
        frontIn: 100 + 20 * next(),
        centerIn: -6 + 12 * next(),
        bottomIn: bottom,
        lengthIn: 40 + 60 * next(),
        widthIn: 30 + 40 * next(),
        heightIn: 10 + 20 * next(),
        lateralCells: 1 + Math.floor(3 * next()),
      };
      bottom += box.heightIn;
      return box;
    });
    const gallons = capacityGal(boxes, USABLE) * (0.1 + 0.8 * next());
    const filled = fillTank({ boxes, usableFraction: USABLE, liquidLbPerGal: 8.34, gallons });
    const sliced = slices(boxes, gallons);
    expect(Math.abs(filled.surfaceIn - sliced.surface)).toBeLessThan(0.05);
    expect(Math.abs(filled.cg.xIn - sliced.x)).toBeLessThan(0.02);
    expect(Math.abs(filled.cg.yIn - sliced.y)).toBeLessThan(0.02);
    expect(Math.abs(filled.cg.zIn - sliced.z)).toBeLessThan(0.05);
    const cut = boxes.find(
      (b) => filled.surfaceIn > b.bottomIn && filled.surfaceIn < b.bottomIn + b.heightIn,
    )!;
    const rise = (cut.lengthIn * cut.widthIn ** 3) / 12 / cut.lateralCells ** 2 / ((gallons * 231) / USABLE);
    expect(filled.freeSurfaceRiseIn).toBeCloseTo(rise, 6);
  });
});
