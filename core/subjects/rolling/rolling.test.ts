import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { withLineSaid, withOwnLine } from '../lines/index.js';
import { withPump } from '../pump/index.js';
import { withPumping } from '../pumping/index.js';
import { house } from '../index.js';
import {
  burns,
  depthIn,
  engineTypes,
  metAndNext,
  paceFor,
  rollingChart,
  rollingInWords,
  rollingLines,
  rollingTable,
  rollsWith,
  typesTable,
  withRolling,
} from './index.js';

const [pumper, , grass] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(house.settle(build));
const sweeping = (build: Build) => withOwnLine(build, { name: 'Sweep', nozzleId: 'sweep-25' }, 'sweep');

describe('water on a strip', () => {
  it('60 gpm at 2 mph leave 0.18 in on 3 ft, and a tenth of an inch at 3.65 mph', () => {
    // 176 ft a minute; 3 ft × 1 ft × 1 in hold 1.87 gal.
    expect(depthIn(60, 2, 3)).toBeCloseTo(60 / 176 / 1.87, 9);
    expect(paceFor(60, 3, 0.1)).toBeCloseTo(60 / 0.187 / 88, 9);
  });

  it.each([
    [10, 2, 3, 0.05],
    [90, 4, 6, 0.2],
  ])('%d gpm: the pace for the depth that is left at a pace is that pace', (gpm, pace, wide) => {
    expect(paceFor(gpm, wide, depthIn(gpm, pace, wide))).toBeCloseTo(pace, 9);
  });
});

describe('pumping while it rolls', () => {
  it('the brush truck of the demonstration: two sweeps and its monitor, at 2 mph', () => {
    const truck = of(grass);
    expect(truck.read(rollingLines).map(({ name }) => name)).toEqual([
      'Bumper monitor',
      'Ground sweep, driver’s side',
      'Ground sweep, officer’s side',
    ]);
    const rolls = truck.read(rollsWith)!;
    expect(rolls.of.flowGpm).toBeCloseTo(60, 6);
    expect(rolls.walkedFt).toBeCloseTo(rolls.time.emptyMin * 176, 9);
    expect(rolls.wettedFt).toBeCloseTo(300 / 0.187, 6);
    expect(truck.read(rollingTable)!.rows).toHaveLength(9);
    expect(truck.read(rollingInWords)).toContain('{60 gpm} while the truck rolls at {2 mph}');
    const chart = truck.read(rollingChart)!;
    expect(chart.series.map(({ values }) => values.at(-1))).toEqual([0, expect.closeTo(rolls.walkedFt, 6)]);
  });

  it('twice as deep is half as far; slower leaves more', () => {
    const [once, twice] = [0.1, 0.2].map((deepIn) => of(withRolling(grass, { deepIn })).read(rollsWith)!);
    expect(twice!.wettedFt).toBeCloseTo(once!.wettedFt / 2, 9);
    const slow = of(withRolling(grass, { paceMph: 1 })).read(rollsWith)!;
    expect(slow.deepIn).toBeCloseTo(2 * once!.deepIn, 9);
    expect(slow.walkedFt).toBeCloseTo(once!.walkedFt / 2, 9);
  });

  it('a line can be told to work then, or to be shut', () => {
    const shut = withLineSaid(grass, 'b2', { rolls: 'no' });
    expect(of(shut).read(rollsWith)!.of.flowGpm).toBeCloseTo(30, 6);
  });

  it('not behind a split shaft; on a power take-off by the slower engine; with a second pump of its own engine', () => {
    expect(of(sweeping(plain)).read(rollsWith)).toBeNull();
    expect(of(plain).read(rollingInWords)).toBe('');
    const pto = of(sweeping(withPump(plain, 'pto-1000'))).read(rollsWith)!;
    expect([pto.of.flowGpm, pto.of.stop]).toEqual([expect.closeTo(25, 6), null]);
    const second = of(sweeping(withPumping(plain, { secondId: 'skid-150' }))).read(rollsWith)!;
    // Its sweep is on no discharge of the second pump, and the first gives nothing while it rolls.
    expect([second.of.flowGpm, second.of.stop]).toEqual([0, 'nothing']);
  });

  it.each([
    [8, 18, 0.72],
    [1, 18, 0.09 * 4.5],
  ])('an engine at %d of %d hp burns %d gal an hour', (hp, of18, galPerHour) => {
    expect(burns(hp, of18)).toBeCloseTo(galPerHour, 9);
  });
});

describe('engine types', () => {
  const lacking = (build: Build) => {
    const { met, next } = metAndNext(engineTypes(of(build)));
    return [met?.type ?? null, next?.type ?? null, next?.lacks.map(({ id }) => id) ?? []];
  };
  it('the brush truck meets type 6, and lacks water for type 5', () => {
    expect(lacking(grass)).toEqual([6, 5, ['tankLeast']]);
  });

  it('the pumper meets type 1, beyond which there is none', () => {
    expect(lacking(pumper)).toEqual([1, null, []]);
    expect(typesTable(engineTypes(of(pumper))).rows.map(({ cells }) => cells[1])).toEqual([
      'meets it',
      'meets it',
      ...Array.from({ length: 5 }, () => 'does not meet it'),
    ]);
  });

  it('each lack is told with its figures, and is gone when it is mended', () => {
    const large = withBlock(grass, 'tank', { gallons: 400 });
    expect(lacking(large)[0]).toBe(5);
    const [three] = engineTypes(of(grass)).filter(({ type }) => type === 3);
    expect(three!.lacks.map(({ words }) => words).join(' ')).toMatch(
      /\{150 gpm\} it gives \{40 psi\}, of at least \{250 psi\}/,
    );
  });
});
