import { describe, expect, it } from 'vitest';
import { netPsiAt, pumpAtFlow, testedCurve } from './curve.js';

const rated = testedCurve(1_500);
/** A skid pump whose largest flow and largest pressure never go together. */
const skid = [
  { gpm: 250, psi: 60 },
  { gpm: 130, psi: 140 },
  { gpm: 30, psi: 220 },
];

describe('the curve of a pump', () => {
  it.each([
    ['its rating', rated, 1_500, 150],
    ['seven tenths of it', rated, 1_050, 200],
    ['half of it', rated, 750, 250],
    ['between them', rated, 1_275, 175],
    ['below half of it', rated, 200, 250],
    ['beyond it', rated, 1_501, null],
    ['between the points of a skid', skid, 190, 100],
    ['no flow', skid, 0, 220],
    ['no points', [], 10, null],
  ] as const)('at %s', (_, curve, gpm, psi) => {
    expect(netPsiAt(curve, gpm)).toBe(psi);
  });

  it('adds to the pressure at its intake, and takes power by what it adds alone', () => {
    // 750 gpm at 250 psi: 750 × 250 / 1714 hp in the water, over 0.6 at the shaft.
    const of = pumpAtFlow({ ratedGpm: 1_500, flowGpm: 750, intakePsi: 40, efficiency: 0.6 });
    expect(of.netPressurePsi).toBe(250);
    expect(of.dischargePressurePsi).toBe(290);
    expect(of.waterHp).toBeCloseTo(109.393, 3);
    expect(of.shaftHp).toBeCloseTo(182.322, 3);
  });

  it('is not counted on beyond its flow', () => {
    expect(pumpAtFlow({ ratedGpm: 500, flowGpm: 501, intakePsi: 80, efficiency: 0.6 })).toEqual({
      netPressurePsi: null,
      dischargePressurePsi: null,
      waterHp: null,
      shaftHp: null,
    });
  });
});
