import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { generator } from '../../test/random.js';
import { withFoam } from '../foam/index.js';
import {
  CFM_PER_GPM,
  CONSISTENCIES,
  lineInWords,
  linesTable,
  truckLines,
  withLineSaid,
} from '../lines/index.js';
import { connections } from '../plumbing/index.js';
import { house } from '../index.js';
import { airLines, airTable, airTogether, atOnceInWords, solutionShare } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(house.settle(build));
const compressed = (cfm: 60 | 140 | 240) => withFoam(plain, `compressed-air-${cfm}`);
const set = (build: Build, ...all: [string, Parameters<typeof withLineSaid>[2]][]) =>
  all.reduce((on, [id, change]) => withLineSaid(on, id, change), build);

describe('a compressor and its lines', () => {
  it('feeds the lines that hands hold, with foam, a check valve and a flow meter; none without it', () => {
    const aired = of(compressed(140))
      .read(connections)
      .filter(({ air }) => air);
    expect(aired.map(({ label, foam, check, gauge }) => [label, foam, check, gauge])).toEqual([
      ['Crosslay 1', 'yes', 'yes', 'both'],
      ['Crosslay 2', 'yes', 'yes', 'both'],
      ['Hose bed, officer’s side', 'yes', 'yes', 'both'],
    ]);
    expect(of(plain).read(airTogether)).toBeNull();
    expect(
      of(plain)
        .read(truckLines)
        .every(({ air }) => air === null),
    ).toBe(true);
  });

  it.each([
    [60, 0, [], 0],
    [140, 2, ['Crosslay 1', 'Crosslay 2'], 140],
    [240, 2, ['Crosslay 1', 'Crosslay 2'], 140],
  ] as const)('%d cfm feed so many at once, and which', (cfm, count, names, asked) => {
    const together = of(compressed(cfm)).read(airTogether)!;
    expect(together.outlets).toBe(3);
    expect(together.atOnce.map(({ line }) => line.name)).toEqual(names);
    expect(atOnceInWords(together)).toContain(count ? `${count} of 3 lines` : 'none of 3 lines');
    if (asked) expect(together.askedCfm).toBe(asked);
  });

  it.each([
    ['wet', 0.75],
    ['medium', 1],
    ['dry', 2.5],
  ] as const)('%s foam has %d ft³ of air for each gallon', (air, each) => {
    const [line] = of(set(compressed(240), ['h1', { air, airGpm: 60 }])).read(airLines);
    expect(line!.air).toEqual({ consistency: air, gpm: 60, cfm: each * 60 });
    expect(line!.expansion).toBeCloseTo(1 + 7.48 * each, 9);
  });

  it('the line flows its solution at the pressure of the compressor, and pushes back by that', () => {
    const line = of(compressed(140)).read(truckLines)[0]!;
    expect(line.asked).toMatchObject({ flowGpm: 70, pumpPressurePsi: 100, frictionLossPsi: 0 });
    expect(line.asked.nozzleReactionLbf).toBeCloseTo(0.0505 * 70 * 10, 9);
    const without = of(set(compressed(140), ['h1', { air: 'none' }])).read(truckLines)[0]!;
    expect([without.air, without.asked.flowGpm]).toEqual([null, 150]);
  });

  it('says nothing of what it loses in hose, which nobody’s formula tells', () => {
    const evaluation = of(compressed(140));
    const row = evaluation.read(linesTable).rows[0]!;
    expect(row.cells.slice(5, 8)).toEqual(['with air', 'with air', '{100 psi}']);
    const words = lineInWords(evaluation.read(truckLines)[0]!);
    expect(words).toBe(
      'On Crosslay 1. {100 psi} at the pump with {70 cfm} of air; what is lost in hose is not computed.',
    );
  });

  it('a hose full of foam is lighter than one full of water: its air is squeezed at 100 psi', () => {
    const [line] = of(compressed(140)).read(airLines);
    // 200 ft of 1¾ in hold 3.34 ft³ of water.
    expect(line!.waterLb).toBeCloseTo((Math.PI / 4) * (1.75 / 12) ** 2 * 200 * 62.4, 6);
    expect(line!.foamLb / line!.waterLb).toBeCloseTo(1 / (1 + (7.48 * 14.7) / 114.7), 9);
    expect(solutionShare({ cfm: 0, gpm: 70 }, 100)).toBe(1);
    expect(of(compressed(140)).read(airTable).rows[0]!.cells.slice(2, 6)).toEqual([
      'medium',
      '{70 gpm}',
      '{70 cfm}',
      '8.5 : 1',
    ]);
  });

  it('for any settings: more air asked than there is never is reported as met', () => {
    const random = generator(41);
    for (let i = 0; i < 60; i++) {
      const pick = () => ({
        air: CONSISTENCIES[Math.floor(random() * 3)]!,
        airGpm: 10 + Math.round(random() * 150),
        runs: random() < 0.7 ? ('yes' as const) : ('no' as const),
      });
      const build = set(
        compressed(([60, 140, 240] as const)[Math.floor(random() * 3)]!),
        ['h1', pick()],
        ['h2', pick()],
        ['h4', pick()],
      );
      const evaluation = of(build);
      const together = evaluation.read(airTogether)!;
      const asked = together.running.reduce(
        (sum, { air }) => sum + CFM_PER_GPM[air.consistency] * air.gpm,
        0,
      );
      expect(together.askedCfm).toBeCloseTo(asked, 9);
      expect(evaluation.finding('airTogether')!.status).toBe(
        asked > together.compressorCfm ? 'fails' : 'holds',
      );
      const fed = together.atOnce.reduce((sum, { air }) => sum + air.cfm, 0);
      expect(fed).toBeLessThanOrEqual(together.compressorCfm);
    }
  });
});
