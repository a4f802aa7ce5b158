import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flowFor, runTime, tankAt } from './run-time.js';

describe('a tank', () => {
  it.each([
    // At what its way carries: 80 % at full flow, the rest twice as slowly.
    ['500 gal at all that the way carries', 500, 250, 250, 1.6, 2.4],
    // 300 of 750 gpm: the way carries that down to 0.2 × 0.16 = 3.2 % of it.
    ['1,000 gal, two lines', 1_000, 750, 300, 3.2267, 3.44],
    ['more asked than the way carries', 500, 250, 900, 1.6, 2.4],
  ])('%s', (_, gallons, path, gpm, fullMin, emptyMin) => {
    const of = runTime(gallons, path, gpm);
    expect(of.fullMin).toBeCloseTo(fullMin, 3);
    expect(of.emptyMin).toBeCloseTo(emptyMin, 3);
  });

  it('lasts without end where nothing flows', () => {
    expect(runTime(500, 250, 0)).toMatchObject({ fullMin: Infinity, emptyMin: Infinity });
    expect(tankAt(runTime(500, 250, 0), 60)).toEqual({ gallons: 500, gpm: 0 });
    expect(runTime(500, 0, 100).emptyMin).toBe(Infinity);
  });

  const any = fc.record({
    gallons: fc.double({ min: 50, max: 3_000, noNaN: true }),
    path: fc.double({ min: 50, max: 1_500, noNaN: true }),
    gpm: fc.double({ min: 5, max: 2_000, noNaN: true }),
  });

  it('gives as much water as it loses: flow times time is what is gone', () =>
    fc.assert(
      fc.property(any, ({ gallons, path, gpm }) => {
        const of = runTime(gallons, path, gpm);
        const steps = 4_000;
        const dt = of.emptyMin / steps;
        let used = 0;
        for (let i = 0; i < steps; i++) used += tankAt(of, (i + 0.5) * dt).gpm * dt;
        expect(used).toBeCloseTo(gallons, -Math.log10(gallons * 1e-3));
      }),
    ));

  it('never fills by itself, and is empty at its end', () =>
    fc.assert(
      fc.property(
        any,
        fc.array(fc.double({ min: 0, max: 2, noNaN: true }), { minLength: 2 }),
        (of, shares) => {
          const time = runTime(of.gallons, of.path, of.gpm);
          const left = [...shares]
            .sort((a, b) => a - b)
            .map((share) => tankAt(time, share * time.emptyMin).gallons);
          left.reduce((before, now) => {
            expect(now).toBeLessThanOrEqual(before + 1e-9);
            return now;
          });
          expect(tankAt(time, time.emptyMin).gallons).toBeCloseTo(0, 6);
        },
      ),
    ));

  it('lasts as long as it is asked to by the flow that is said to last', () =>
    fc.assert(
      fc.property(any, fc.double({ min: 0.5, max: 60, noNaN: true }), ({ gallons, path }, minutes) => {
        const flow = flowFor(gallons, path, minutes);
        expect(runTime(gallons, path, flow).emptyMin).toBeGreaterThanOrEqual(minutes - 1e-6);
        if (flow < path - 1e-6) expect(runTime(gallons, path, flow * 1.01).emptyMin).toBeLessThan(minutes);
      }),
    ));
});
