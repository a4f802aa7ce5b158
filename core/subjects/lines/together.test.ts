import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netPsiAt, testedCurve } from '../pump/index.js';
import { lineAtNozzle } from './hydraulics.js';
import type { Nozzle } from './hydraulics.js';
import { draftGpm, fromDraft, fromHydrant, fromRelay, fromTank, hydrantGpm, hydrantPsi } from './supply.js';
import type { Supply } from './supply.js';
import { together } from './together.js';
import type { Feeding, From, Running } from './together.js';

const fog = (ratedGpm: number, ratedPsi = 75): Nozzle => ({
  type: 'fog',
  ratedGpm,
  ratedPsi,
  pressurePsi: ratedPsi,
});
const running = (
  id: string,
  nozzle: Nozzle,
  lengthFt: number,
  coefficient = 15.5,
  from: From = 'pump',
): Running => {
  const line = { lays: [{ lengthFt, coefficient }], nozzle, elevationFt: 0, applianceLossPsi: 0 };
  return { ...line, id, from, asked: lineAtNozzle(line) };
};
const pumper: Feeding = { curve: testedCurve(1_250), hp: 400, efficiency: 0.62 };
const plenty = fromTank(5_000);

describe('lines that run together', () => {
  // 200 ft of 1¾ at 150 gpm asks for 75 + 15.5 × 2.25 × 2 = 144.75 psi, 100 ft for 109.875.
  const long = running('long', fog(150), 200);
  const short = running('short', fog(150), 100);

  it('are fed for the one that asks for most, the rest held back by their valves', () => {
    const of = together([long, short], pumper, plenty);
    expect(of).toMatchObject({ flowGpm: 300, governingId: 'long', stop: null });
    expect(of.dischargePsi).toBeCloseTo(144.75, 9);
    expect(of.lines.map(({ gatePsi }) => gatePsi)).toEqual([0, expect.closeTo(34.875, 6)]);
  });

  it('get what the way from the tank carries, the one that asks for less first', () => {
    // 250 gpm: the short one its 150, the long one the 100 that are left; it then asks for 33.3 + 31 = 64.3 psi, less than
    // the short one does, so that both come down together: Q √(1/300 + …) by halves.
    const of = together([long, short], pumper, fromTank(250));
    expect(of.flowGpm).toBeCloseTo(250, 3);
    expect(of.stop).toBe('supply');
    const [a, b] = of.lines;
    expect(a!.given.pumpPressurePsi).toBeCloseTo(b!.given.pumpPressurePsi, 3);
    expect(b!.given.flowGpm).toBeGreaterThan(a!.given.flowGpm);
  });

  it('stop at the power of what drives the pump', () => {
    // 300 gpm at 144.75 psi take 300 × 144.75 / 1714 / 0.62 = 40.9 hp.
    const of = together([long, short], { ...pumper, hp: 30 }, plenty);
    expect(of.stop).toBe('power');
    expect(of.shaftHp).toBeCloseTo(30, 3);
  });

  it('stop where a hydrant falls to what must be left in it', () => {
    // Static 60, residual 40 at 500 gpm: 20 psi are left at 500 × (40/20)^0.54 = 727 gpm.
    const test = { staticPsi: 60, residualPsi: 40, flowGpm: 500 };
    expect(hydrantGpm(test, 20)).toBeCloseTo(726.99, 1);
    const many = Array.from({ length: 6 }, (_, i) => running(String(i), fog(150), 100));
    const none = { lengthFt: 0, parallel: 1, coefficient: 0.08 };
    const of = together(many, pumper, fromHydrant('H', test, none));
    expect(of.stop).toBe('intake');
    expect(of.flowGpm).toBeCloseTo(726.99, 1);
    expect(of.intakePsi).toBeCloseTo(20, 3);
  });

  it('of two stages share the intake: what the one draws is gone for the other', () => {
    // 60 psi less 0.0001 of the flow squared: 35 are left at 500 gpm, 59 at 100, so that 250 net are 285 or 309.
    const supply: Supply = { ...plenty, kind: 'relay', intakePsi: (gpm) => 60 - gpm ** 2 / 10_000 };
    const high = [
      { gpm: 400, psi: 400 },
      { gpm: 100, psi: 600 },
    ];
    const steep = running('steep', { type: 'fog', ratedGpm: 100, ratedPsi: 295, pressurePsi: 295 }, 0);
    const other = running('other', fog(400, 300), 0, 15.5, 'high');
    const strong = { ...pumper, hp: 4_000, high };
    expect(together([steep], strong, supply)).toMatchObject({ stop: null, flowGpm: 100 });
    const both = together([steep, other], strong, supply);
    expect(both.stop).toBe('curve');
    expect(both.dischargePsi).toBeCloseTo(285, 0);
    expect(both.others).toEqual([{ from: 'high', flowGpm: 400, dischargePsi: 300 }]);
  });

  it('are nothing where none runs', () => {
    expect(together([], pumper, plenty)).toMatchObject({
      flowGpm: 0,
      dischargePsi: 0,
      stop: null,
      lines: [],
    });
  });
});

describe('a supply', () => {
  it.each([
    [1_500, 10, 0, 1_500],
    [1_500, 4, 0, 1_500],
    // 25.4 − 20 = 5.4 ft are left of 15.4: √0.35065 of the rating.
    [1_500, 20, 0, 888.24],
    [1_500, 10, 5_000, 1_232.67],
    [2_000, 10, 0, 1_782.3],
    [1_000, 26, 0, 0],
  ])('drawn by a pump of %s gpm over %s ft at %s ft above the sea gives %s gpm', (rated, lift, high, gpm) => {
    expect(draftGpm(rated, lift, high)).toBeCloseTo(gpm, 0);
  });

  it('of a hydrant reads the same by flow and by pressure', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 120, noNaN: true }),
        fc.double({ min: 0.2, max: 0.9, noNaN: true }),
        fc.double({ min: 200, max: 2_500, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (staticPsi, share, flowGpm, at) => {
          const test = { staticPsi, residualPsi: staticPsi * share, flowGpm };
          expect(hydrantPsi(test, hydrantGpm(test, staticPsi * at))).toBeCloseTo(staticPsi * at, 6);
        },
      ),
    ));

  it('that was tested without any drop gives nothing to reckon with', () => {
    expect(hydrantGpm({ staticPsi: 60, residualPsi: 60, flowGpm: 500 }, 20)).toBe(0);
    expect(hydrantPsi({ staticPsi: 60, residualPsi: 40, flowGpm: 0 }, 10)).toBe(-Infinity);
  });
});

const lines = fc
  .array(
    fc.record({
      flow: fc.double({ min: 20, max: 500, noNaN: true }),
      psi: fc.constantFrom(50, 75, 100),
      lengthFt: fc.integer({ min: 0, max: 600 }),
      coefficient: fc.constantFrom(15.5, 8, 2, 0.8),
      elevationFt: fc.integer({ min: -20, max: 80 }),
      from: fc.constantFrom<From>('pump', 'pump', 'pump', 'high', 'second'),
    }),
    { minLength: 1, maxLength: 15 },
  )
  .map((all) =>
    all.map(({ flow, psi, lengthFt, coefficient, elevationFt, from }, i): Running => {
      const line = {
        lays: [{ lengthFt, coefficient }],
        nozzle: fog(flow, psi),
        elevationFt,
        applianceLossPsi: 0,
      };
      return { ...line, id: String(i), from, asked: lineAtNozzle(line) };
    }),
  );
const pumps = fc.record({
  curve: fc.integer({ min: 250, max: 2_000 }).map(testedCurve),
  hp: fc.option(fc.integer({ min: 20, max: 500 })),
  efficiency: fc.constantFrom(0.55, 0.62, 0.7),
  high: fc.constant([
    { gpm: 120, psi: 400 },
    { gpm: 75, psi: 550 },
  ]),
  second: fc.record({
    curve: fc.integer({ min: 60, max: 300 }).map(testedCurve),
    sharesEngine: fc.boolean(),
  }),
});
const supplies: fc.Arbitrary<Supply> = fc.oneof(
  fc.integer({ min: 40, max: 1_500 }).map(fromTank),
  fc.integer({ min: 100, max: 2_000 }).map((gpm) => fromDraft('D', gpm)),
  fc
    .record({ psi: fc.integer({ min: 40, max: 200 }), lengthFt: fc.integer({ min: 0, max: 1_500 }) })
    .map(({ psi, lengthFt }) => fromRelay(psi, { lengthFt, parallel: 1, coefficient: 0.2 })),
  fc
    .record({
      staticPsi: fc.integer({ min: 45, max: 120 }),
      drop: fc.integer({ min: 5, max: 20 }),
      flowGpm: fc.integer({ min: 200, max: 1_500 }),
    })
    .map(({ staticPsi, drop, flowGpm }) =>
      fromHydrant(
        'H',
        { staticPsi, residualPsi: staticPsi - drop, flowGpm },
        { lengthFt: 200, parallel: 1, coefficient: 0.08 },
      ),
    ),
);

describe('whatever runs', () => {
  it('nothing is counted on above the curve, the power or the supply', () =>
    fc.assert(
      fc.property(lines, pumps, supplies, (all, pump, supply) => {
        const of = together(all, pump, supply);
        expect(of.flowGpm).toBeLessThanOrEqual(of.askedGpm + 1e-6);
        expect(of.flowGpm).toBeLessThanOrEqual(supply.mostGpm + 1e-3);
        if (of.flowGpm < 1e-6) return;
        const curves = { pump: pump.curve, high: pump.high, second: pump.second.curve };
        for (const of1 of [{ from: 'pump' as const, dischargePsi: of.dischargePsi }, ...of.others]) {
          const its = of.lines.filter((line) => line.from === of1.from);
          const flow = its.reduce((sum, line) => sum + line.given.flowGpm, 0);
          if (flow < 1e-6) continue;
          const counted = netPsiAt(curves[of1.from], flow);
          expect(counted).not.toBeNull();
          expect(of1.dischargePsi - of.intakePsi).toBeLessThanOrEqual(counted! + 1e-3);
        }
        if (pump.hp !== null) expect(of.shaftHp).toBeLessThanOrEqual(pump.hp + 1e-3);
        if (supply.kind === 'hydrant' || supply.kind === 'relay')
          expect(of.intakePsi).toBeGreaterThanOrEqual(20 - 1e-3);
        expect(of.lines.reduce((sum, { given }) => sum + given.flowGpm, 0)).toBeCloseTo(of.flowGpm, 6);
      }),
    ));

  it('closing a line never lowers another’s pressure', () =>
    fc.assert(
      fc.property(lines, pumps, supplies, fc.nat(14), (all, pump, from, which) => {
        // Two pumps on one engine may take power from each other.
        fc.pre(all.length > 1 && (pump.hp === null || all.every(({ from: of }) => of === 'pump')));
        const closed = all[which % all.length]!;
        const before = together(all, pump, from);
        const after = together(
          all.filter((line) => line !== closed),
          pump,
          from,
        );
        for (const { id, given } of after.lines)
          expect(given.nozzlePressurePsi).toBeGreaterThanOrEqual(
            before.lines.find((line) => line.id === id)!.given.nozzlePressurePsi - 1e-4,
          );
      }),
    ));

  it('says why wherever a line gets less than it asks for', () =>
    fc.assert(
      fc.property(lines, pumps, supplies, (all, pump, from) => {
        const of = together(all, pump, from);
        expect(of.stop === null).toBe(
          of.flowGpm >= of.askedGpm - 1e-6 && of.lines.every(({ asked, given }) => given === asked),
        );
      }),
    ));
});
