import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { components } from '../../truck/index.js';
import { house } from '../index.js';
import { SIZES_IN } from './fields.js';
import { connections, panelSheets, passes, withConnection, withNewConnections } from './index.js';
import { credits, supplies } from './limits.js';
import { suppliedGpm } from './rating-checks.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const evaluate = (build: Build) => house.evaluate(build);

describe('by its size', () => {
  const credit = evaluate(plain).read(credits)!;
  const supply = evaluate(plain).read(supplies)!;

  // Of a size between two the smaller counts; below the smallest nothing does.
  it.each([
    [2, 0],
    [2.5, 250],
    [3, 375],
    [3.5, 500],
    [4, 625],
    [4.5, 750],
    [5, 1_000],
    [6, 1_440],
    [8, 1_440],
  ])('a discharge of %s in counts for %s gpm', (sizeIn, gpm) => expect(credit.of(sizeIn)).toBe(gpm));

  it.each([
    [2.5, 0],
    [3, 300],
    [4, 500],
    [4.5, 750],
    [5, 1_000],
    [6, 1_500],
    [8, 2_000],
  ])('a suction of %s in supplies %s gpm', (sizeIn, gpm) => expect(supply.of(sizeIn)).toBe(gpm));

  it('each further suction of a side supplies its share', () => {
    const intakes = evaluate(plain)
      .read(connections)
      .filter(({ kind }) => kind === 'intake');
    const large = intakes.find(({ sizeIn }) => sizeIn === 6)!;
    // The largest in full, whatever the order: 1,500 and 34 % of 1,500, of 1,000 and of nothing.
    const side = [{ ...large, sizeIn: 5 as const }, large, { ...large, sizeIn: 2.5 as const }, large];
    expect(suppliedGpm(side, supply.of, 34)).toBeCloseTo(1_500 + 0.34 * (1_500 + 1_000), 9);
    expect(suppliedGpm([], supply.of, 34)).toBe(0);
  });

  it('a way from the tank passes what is usual, or what its maker says', () => {
    const [way] = evaluate(plain)
      .read(connections)
      .filter(({ kind }) => kind === 'tankToPump');
    expect([2, 2.5, 3, 4].map((sizeIn) => passes({ ...way!, sizeIn } as typeof way & object))).toEqual([
      150, 250, 500, 750,
    ]);
    expect(passes({ ...way!, gpm: 640 })).toBe(640);
    expect(passes({ ...way!, sizeIn: 7 } as typeof way & object)).toBeNaN();
  });

  // Fittings, and the pipe full of water for each foot to the rear: lb.
  const WEIGHS: Readonly<Record<number, readonly [number, number]>> = {
    0.75: [6, 0.9],
    1: [10, 1.2],
    1.5: [22, 2.2],
    2: [35, 3.4],
    2.5: [45, 4.6],
    3: [55, 6.2],
    3.5: [62, 7.6],
    4: [70, 9.2],
    4.5: [75, 11],
    5: [82, 13],
    6: [90, 17],
    8: [130, 28],
  };
  const beyond = (build: Build) =>
    evaluate(build)
      .read(components)
      .filter(({ id }) => id.startsWith('plumbing.'));
  const added = (sizeIn: number) =>
    beyond(
      withNewConnections(evaluate(plain), { kind: 'discharge', label: 'More', at: 'rear', sizeIn } as never),
    );

  it('a discharge at the rear weighs its fittings and its pipe', () => {
    const pipeFt = (added(2.5)[0]!.weightLb - 45) / 4.6;
    expect(pipeFt).toBeGreaterThan(5);
    for (const sizeIn of SIZES_IN) {
      const weighs = WEIGHS[sizeIn];
      if (!weighs) continue;
      const [one, ...others] = added(sizeIn);
      expect(others).toEqual([]);
      expect(one!.weightLb, `${sizeIn} in`).toBeCloseTo(weighs[0] + weighs[1] * pipeFt, 6);
    }
  });

  it('what drives a valve and primes an intake weighs beside the usual set', () => {
    const on = (id: string, change: object) =>
      beyond(withConnection(evaluate(plain), id, change)).reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(on('left-1', { valve: 'electric' })).toBeCloseTo(12, 9);
    expect(on('left-1', { valve: 'air' })).toBeCloseTo(8, 9);
    expect(on('suction-left-1', { primer: 'yes' })).toBeCloseTo(7, 9);
    expect(on('left-1', { color: 'pink' })).toBe(0);
  });
});

describe('what stands on a panel', () => {
  const words = (build: Build) =>
    evaluate(build)
      .read(panelSheets)
      .flatMap(({ objects }) => objects.map((one) => one.words));

  it('says what it is to who can’t see it', () => {
    const electric = withConnection(evaluate(plain), 'left-1', {
      valve: 'electric',
      gauge: 'both',
      color: 'tan',
    });
    expect(words(electric)).toEqual(
      expect.arrayContaining([
        'Driver’s 1: discharge of {2.5 size}, tan',
        'Driver’s 1: electric valve, pressure gauge and flow meter, tan',
        'Driver’s suction: intake of {6 size}',
        'Tank-to-pump: manual valve',
      ]),
    );
    const bare = withConnection(evaluate(plain), 'left-1', { gauge: 'none', color: undefined });
    expect(words(bare)).toContain('Driver’s 1: manual valve');
    const pressure = withConnection(evaluate(plain), 'left-1', { gauge: 'pressure', color: 'red' });
    expect(words(pressure)).toContain('Driver’s 1: manual valve, pressure gauge, red');
  });
});
