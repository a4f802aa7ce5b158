import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lineAtNozzle, lineAtPump, reactionLbf, USUAL_COEFFICIENTS } from './hydraulics.js';
import type { Lay, Line, Nozzle } from './hydraulics.js';

const lay = (sizeIn: number, lengthFt: number, parallel = 1): Lay => ({
  lengthFt,
  parallel,
  coefficient: USUAL_COEFFICIENTS[sizeIn]!,
});
const fog = (ratedGpm: number, ratedPsi: number): Nozzle => ({
  type: 'fog',
  ratedGpm,
  ratedPsi,
  pressurePsi: ratedPsi,
});
const bore = (tipIn: number, pressurePsi: number): Nozzle => ({ type: 'smoothBore', tipIn, pressurePsi });
const line = (nozzle: Nozzle, ...lays: Lay[]): Line => ({
  lays,
  nozzle,
  elevationFt: 0,
  applianceLossPsi: 0,
});

describe('a line that its nozzle asks of', () => {
  // Worked by hand: C (Q/100/n)² ft/100, 29.7 d² √NP, 0.434 psi a foot.
  it.each<[string, Line, { flowGpm: number; pumpPressurePsi: number }]>([
    [
      '200 ft of 1¾, fog 150 at 75',
      line(fog(150, 75), lay(1.75, 200)),
      { flowGpm: 150, pumpPressurePsi: 144.75 },
    ],
    [
      '150 ft of 2½, 1⅛ at 50',
      line(bore(1.125, 50), lay(2.5, 150)),
      { flowGpm: 265.79, pumpPressurePsi: 71.19 },
    ],
    [
      '100 ft of booster, 30 at 100',
      line(fog(30, 100), lay(1, 100)),
      { flowGpm: 30, pumpPressurePsi: 113.5 },
    ],
    [
      'a standpipe: 100 ft of 3 in, 150 ft of 2½ eight floors up',
      { ...line(fog(150, 75), lay(3, 100), lay(2.5, 150)), elevationFt: 80, applianceLossPsi: 25 },
      { flowGpm: 150, pumpPressurePsi: 75 + 1.8 + 6.75 + 34.72 + 25 },
    ],
    ['no hose: a deck monitor, 1½ at 80', line(bore(1.5, 80)), { flowGpm: 597.701, pumpPressurePsi: 80 }],
  ])('%s', (_, of, expected) => {
    const at = lineAtNozzle(of);
    expect(at.flowGpm).toBeCloseTo(expected.flowGpm, 1);
    expect(at.pumpPressurePsi).toBeCloseTo(expected.pumpPressurePsi, 1);
  });

  it('pushes back by its bore or by its flow', () => {
    expect(reactionLbf(bore(0.9375, 50), 0, 50)).toBeCloseTo(68.99, 2);
    expect(reactionLbf(fog(150, 100), 150, 100)).toBeCloseTo(75.75, 2);
  });
});

describe('an automatic nozzle', () => {
  const automatic: Nozzle = { type: 'automatic', fromGpm: 60, toGpm: 200, pressurePsi: 100, flowGpm: 150 };
  const of = line(automatic, lay(1.75, 200));

  it('keeps its pressure within its range', () => {
    // At 150 gpm 100 + 15.5 × 1.5² × 2 = 169.75 psi.
    expect(lineAtNozzle(of).pumpPressurePsi).toBeCloseTo(169.75, 6);
    expect(lineAtPump(of, 169.75)).toMatchObject({ nozzlePressurePsi: 100 });
    expect(lineAtPump(of, 169.75).flowGpm).toBeCloseTo(150, 6);
  });

  it('is an opening of its nearer end outside it', () => {
    // 200 gpm at 100 psi is an opening of 20; 15.5 × 2 / 100² = 0.0031 a gpm²: 300 / (1 + 0.0031 × 400) = 133.93 psi.
    expect(lineAtPump(of, 300).nozzlePressurePsi).toBeCloseTo(133.93, 2);
    expect(lineAtPump(of, 60).nozzlePressurePsi).toBeLessThan(100);
  });
});

const nozzles: fc.Arbitrary<Nozzle> = fc.oneof(
  fc.record({
    type: fc.constant('smoothBore' as const),
    tipIn: fc.double({ min: 0.25, max: 2.5, noNaN: true }),
    pressurePsi: fc.double({ min: 20, max: 120, noNaN: true }),
  }),
  fc.record({
    type: fc.constant('fog' as const),
    ratedGpm: fc.double({ min: 10, max: 1250, noNaN: true }),
    ratedPsi: fc.double({ min: 40, max: 120, noNaN: true }),
    pressurePsi: fc.double({ min: 40, max: 120, noNaN: true }),
  }),
  fc
    .record({
      fromGpm: fc.double({ min: 20, max: 200, noNaN: true }),
      more: fc.double({ min: 1, max: 500, noNaN: true }),
      part: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      pressurePsi: fc.double({ min: 40, max: 120, noNaN: true }),
    })
    .map(({ fromGpm, more, part, pressurePsi }) => ({
      type: 'automatic' as const,
      fromGpm,
      toGpm: fromGpm + more,
      flowGpm: fromGpm + more * part,
      pressurePsi,
    })),
);
const lays = fc.array(
  fc.record({
    lengthFt: fc.double({ min: 1, max: 800, noNaN: true }),
    parallel: fc.integer({ min: 1, max: 4 }),
    coefficient: fc.constantFrom(...Object.values(USUAL_COEFFICIENTS)),
  }),
  { minLength: 1, maxLength: 3 },
);
const lines: fc.Arbitrary<Line> = fc.record({
  lays,
  nozzle: nozzles,
  elevationFt: fc.double({ min: -50, max: 200, noNaN: true }),
  applianceLossPsi: fc.double({ min: 0, max: 40, noNaN: true }),
});
const pressures = fc.double({ min: 0, max: 600, noNaN: true });
const withFirst = (of: Line, change: Partial<Lay>): Line => ({
  ...of,
  lays: of.lays.map((lay, i) => (i === 0 ? { ...lay, ...change } : lay)),
});

describe('any line', () => {
  it('comes back from its pressure to its flow', () =>
    fc.assert(
      fc.property(lines, (of) => {
        const asked = lineAtNozzle(of);
        fc.pre(asked.pumpPressurePsi > 0);
        const given = lineAtPump(of, asked.pumpPressurePsi);
        expect(given.flowGpm).toBeCloseTo(asked.flowGpm, 4);
        expect(given.nozzlePressurePsi).toBeCloseTo(asked.nozzlePressurePsi, 4);
      }),
    ));

  it('never flows more through more hose at the same pressure', () =>
    fc.assert(
      fc.property(lines, pressures, fc.double({ min: 1, max: 500, noNaN: true }), (of, psi, moreFt) => {
        const longer = withFirst(of, { lengthFt: of.lays[0]!.lengthFt + moreFt });
        expect(lineAtPump(longer, psi).flowGpm).toBeLessThanOrEqual(lineAtPump(of, psi).flowGpm + 1e-9);
      }),
    ));

  it('never flows less through one lay more beside the others', () =>
    fc.assert(
      fc.property(lines, pressures, (of, psi) => {
        const beside = withFirst(of, { parallel: of.lays[0]!.parallel! + 1 });
        expect(lineAtPump(beside, psi).flowGpm).toBeGreaterThanOrEqual(lineAtPump(of, psi).flowGpm - 1e-9);
      }),
    ));

  it('accounts for all of the pressure that it is given', () =>
    fc.assert(
      fc.property(lines, pressures, (of, psi) => {
        const at = lineAtPump(of, psi);
        fc.pre(at.flowGpm > 0);
        expect(at.nozzlePressurePsi + at.frictionLossPsi + at.elevationPsi + of.applianceLossPsi).toBeCloseTo(
          psi,
          6,
        );
      }),
    ));
});
