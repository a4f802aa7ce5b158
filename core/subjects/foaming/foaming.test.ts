import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { generator } from '../../test/random.js';
import { withCell, withFoam, withMoreCell } from '../foam/index.js';
import { withLineSaid } from '../lines/index.js';
import { connections, withConnections } from '../plumbing/index.js';
import { house } from '../index.js';
import {
  atEductor,
  cellsLast,
  cellsTable,
  foamCharts,
  foamInWords,
  foamLines,
  foamLinesTable,
  mixing,
  proportioned,
  refillMin,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(house.settle(build));
const foamed = (partId: string, gallons = 20) => withCell(withFoam(plain, partId), 'foam', { gallons });

describe('mixing', () => {
  it('for any flow and percentage: concentrate ÷ solution is the percentage, and both tanks end as they must', () => {
    const random = generator(14);
    for (let i = 0; i < 500; i++) {
      const flowGpm = 5 + random() * 2_000;
      const percent = 0.1 + random() * 6;
      const foamTankGal = random() * 200;
      const waterTankGal = 50 + random() * 3_000;
      const proportionerGpm = 0.5 + random() * 60;
      const got = mixing({ flowGpm, percent, foamTankGal, waterTankGal, proportionerGpm });
      expect((100 * got.concentrateGpm) / flowGpm).toBeCloseTo(percent, 9);
      expect(got.concentrateGpm * got.enduranceMin).toBeCloseTo(foamTankGal, 6);
      expect((flowGpm - got.concentrateGpm) * got.waterMin).toBeCloseTo(waterTankGal, 6);
      expect((got.solutionGal * percent) / 100).toBeCloseTo(foamTankGal, 9);
      expect(got.withinProportioner).toBe(got.concentrateGpm <= proportionerGpm);
    }
  });
});

describe('an eductor', () => {
  it.each([
    ['its flow at what it leaves', 95, 130, true, true],
    ['five percent more', 99, 130, true, true],
    ['more than that', 101, 130, true, false],
    ['a psi more than it leaves', 95, 131, false, true],
  ])('%s', (_, flowGpm, pumpPressurePsi, reaches, matches) => {
    expect(atEductor({ flowGpm, pumpPressurePsi }, 95)).toMatchObject({ leftPsi: 130, reaches, matches });
  });
});

describe('foam in the lines of a truck', () => {
  const truck = of(foamed('injection-a-small'));

  it('flows where its discharge carries it, and not where it is set to none', () => {
    expect(truck.read(foamLines).map(({ line }) => line.id)).toEqual(['h1', 'h2', 'h4']);
    const none = of(withLineSaid(foamed('injection-a-small'), 'h1', { foamPct: 0 }));
    expect(none.read(foamLines).map(({ line }) => line.id)).toEqual(['h2', 'h4']);
    expect(of(plain).read(foamLines)).toEqual([]);
  });

  it('the lines that run share one proportioner: 150 gpm twice at 0.5 and 1 percent', () => {
    const thick = of(withLineSaid(foamed('injection-a-small'), 'h1', { foamPct: 1 }));
    expect(thick.read(proportioned)).toMatchObject([{ concentrateGpm: 0.75 + 1.5 }]);
    expect(thick.read(cellsLast)).toMatchObject([{ enduranceMin: 20 / 2.25, solutionGal: 4_000 }]);
  });

  it('two systems are reckoned apart, each with the lines of its cell', () => {
    const two = withMoreCell(foamed('injection-a-small'), { partId: 'injection-b', gallons: 30 }, 'b');
    const own = withConnections(
      two,
      of(two)
        .read(connections)
        .map((one) => (one.label === 'Crosslay 2' ? { ...one, foamFrom: 'b' } : one)),
    );
    expect(
      of(own)
        .read(proportioned)
        .map(({ concentrateGpm, lines }) => [lines.length, concentrateGpm]),
    ).toEqual([
      [1, 0.75],
      [1, 4.5],
    ]);
    // Without its cell the discharge takes the first again.
    const gone = of({ ...own, foam: { ...own.foam, more: [] } });
    expect(gone.read(connections).every(({ foamFrom }) => foamFrom === undefined)).toBe(true);
    expect(gone.read(proportioned)).toMatchObject([{ concentrateGpm: 1.5 }]);
  });

  it('more concentrate never lasts shorter, a higher percentage never longer', () => {
    let last = 0;
    for (const gallons of [5, 20, 60, 200]) {
      const [cell] = of(foamed('injection-a-small', gallons)).read(cellsLast);
      expect(cell!.enduranceMin).toBeGreaterThan(last);
      last = cell!.enduranceMin;
    }
    for (const percent of [0.6, 0.8, 1]) {
      const [cell] = of(withCell(foamed('injection-a-small', 200), 'foam', { percent })).read(cellsLast);
      expect(cell!.enduranceMin).toBeLessThan(last);
      last = cell!.enduranceMin;
    }
  });

  it('is told in a table of cells, one of lines, a chart and a sentence', () => {
    expect(truck.read(cellsTable).rows[0]!.cells.slice(3, 9)).toEqual([
      '{20 gal}',
      '{172 lb}',
      '0.5 %',
      '{4000 gal}',
      '5.3',
      '13 min',
    ]);
    expect(truck.read(foamLinesTable).rows.map(({ cells }) => cells[5])).toEqual([
      '{0.75 gpm}',
      '{0.75 gpm}',
      expect.stringMatching(/^\{1\.3\d+ gpm\}$/),
    ]);
    const [chart] = truck.read(foamCharts);
    const { values } = chart!.series[0]!;
    expect([values[0], values.at(-1)]).toEqual([20, 0]);
    expect(truck.read(foamInWords)).toContain('take {1.5 gpm}; {20 gal} last 13 min');
    expect(of(plain).read(foamCharts)).toEqual([]);
  });

  it.each([
    ['top', 20, 6],
    ['ground', 20, 4],
    ['both', 20, 4],
    ['top', 21, 7.5],
  ] as const)('an empty cell is filled again from the %s: %d gal in %d min', (refill, gallons, minutes) => {
    expect(refillMin({ refill, gallons })).toBe(minutes);
  });
});
