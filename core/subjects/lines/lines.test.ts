import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { copiesIn } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { hoseSize } from '../../units/index.js';
import { house } from '../index.js';
import { withConnection } from '../plumbing/index.js';
import { remediesFor } from '../../advice/index.js';
import { withPump } from '../pump/index.js';
import { withPumping } from '../pumping/index.js';
import { withLoad } from '../hose/index.js';
import { components } from '../../truck/index.js';
import { withBrief } from '../brief/index.js';
import {
  feeding,
  fromTheSupply,
  fromTheTank,
  linesTable,
  pumpChart,
  running,
  runTime,
  stagesInWords,
  timeChart,
  truckLines,
  withLineSaid,
  withoutLine,
  withOwnLine,
  withSupply,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const evaluate = (build: Build) => house.evaluate(build);
const linesOf = (build: Build) => evaluate(build).read(truckLines);
const named = (build: Build, name: string) => linesOf(build).find((line) => line.name === name)!;

describe('the lines of a truck', () => {
  it('are its loads of attack hose and its monitors, the first two hand lines running', () => {
    expect(linesOf(plain).map(({ name, runs }) => [name, runs])).toEqual([
      ['Crosslay 1', true],
      ['Crosslay 2', true],
      ['Hose bed, officer’s side', false],
      ['Deck monitor', false],
    ]);
  });

  it('say nothing any more once all of it is as usual', () => {
    const other = withLineSaid(plain, 'h1', { nozzleId: 'bore-15-16' });
    expect(named(other, 'Crosslay 1').asked.flowGpm).toBeCloseTo(184.58, 2);
    expect(withLineSaid(other, 'h1', { nozzleId: undefined })).toEqual(plain);
  });

  it('go with their hose, and come back with it', () => {
    const said = withLineSaid(plain, 'h1', { crew: 3 });
    const gone = house.settle(withLoad(said, 'h1', null), said);
    expect(gone.lines.lines).toEqual([]);
    const back = house.settle({ ...gone, hose: said.hose }, gone);
    expect(back.lines.lines).toEqual(said.lines.lines);
  });

  it('can be taken off and laid by hand', () => {
    expect(named(withoutLine(plain, 'h2'), 'Crosslay 2')).toBeUndefined();
    const own = withOwnLine(
      plain,
      { name: 'Standpipe', nozzleId: 'fog-150-50', sizeIn: 2.5, lengthFt: 150 },
      'own',
    );
    // 50 psi and 2 × 2.25 × 1.5 in hose.
    expect(named(own, 'Standpipe').asked.pumpPressurePsi).toBeCloseTo(56.75, 6);
    expect(withoutLine(own, 'own')).toEqual(plain);
  });

  it('lose in hose what the department has measured', () => {
    const own = withBrief(plain, {
      coefficients: [{ id: 'c', wish: 'must', known: 'measured', sizeIn: 1.75, coefficient: 12 }],
    });
    // 75 + 12 × 2.25 × 2.
    expect(named(own, 'Crosslay 1').asked.pumpPressurePsi).toBeCloseTo(129, 9);
  });

  it('are told in a table, each with its pressures', () => {
    const { columns, rows } = evaluate(plain).read(linesTable);
    for (const { cells } of rows) expect(cells).toHaveLength(columns.length);
  });

  it('are refused in a file where one of its own says too little', () => {
    const file = JSON.parse(JSON.stringify(plain));
    file.lines.lines = [{ id: 'x', name: 'No nozzle' }];
    expect(() => house.parse(file)).toThrow(/lines\.lines\.0\.nozzleId must be given/);
    file.lines.lines = [{ id: 'x', sourceId: 'h99' }];
    expect(() => house.parse(file)).toThrow(/lines\.lines\.0\.sourceId must be a hose load or a monitor/);
  });
});

describe('what feeds them', () => {
  const high = withPumping(withConnection(evaluate(plain), 'to-crosslay-1', { fedFrom: 'high' }), {
    highStage: 'yes',
  });
  const fast = withLineSaid(high, 'h1', { nozzleId: 'fog-30-100', nozzlePsi: 400 });

  it('is the high-pressure stage where their discharge is on it', () => {
    const of = evaluate(fast).read(fromTheTank)!;
    // 30 gpm at 100 psi are 60 at 400; the line loses 15.5 × 0.36 × 2.
    expect(of.others).toEqual([
      { from: 'high', flowGpm: expect.closeTo(60, 6), dischargePsi: expect.closeTo(411.16, 6) },
    ]);
    expect(of.dischargePsi).toBeCloseTo(144.75, 6);
    expect(of.stop).toBeNull();
  });

  it('is nothing where the stage is not there, and that is told', () => {
    const without = withPumping(fast, { highStage: undefined });
    expect(evaluate(without).read(fromTheTank)!.stop).toBe('nothing');
    expect(evaluate(without).finding('together')!.status).toBe('fails');
  });

  it('may be a second pump, which lengthens the row and weighs', () => {
    const second = house.settle(withPumping(plain, { secondId: 'skid-250' }), plain);
    const [before, after] = [plain, second].map((build) => evaluate(build).figures());
    expect(after!['length']! - before!['length']!).toBeGreaterThan(0);
    expect(
      evaluate(second)
        .read(components)
        .find(({ id }) => id === 'pumping.second')!.weightLb,
    ).toBe(540);
  });

  it('is a hydrant of the brief, by its flow test and the lay to it', () => {
    const hydrant = {
      id: 'y',
      wish: 'must' as const,
      known: 'told' as const,
      name: 'Y',
      staticPsi: 60,
      residualPsi: 40,
      flowGpm: 500,
    };
    const on = withSupply(withBrief(plain, { hydrants: [hydrant] }), { supply: 'hydrant' });
    const of = evaluate(on).read(fromTheSupply)!;
    // 300 gpm: 60 − 20 × (300/500)^(1/0.54) − 0.08 × 9 × 3.
    expect(of.intakePsi).toBeCloseTo(60 - 20 * 0.6 ** (1 / 0.54) - 2.16, 6);
    expect(evaluate(withSupply(plain, { supply: 'hydrant' })).read(fromTheSupply)).toBeNull();
  });
});

describe('lines that a supply can’t feed', () => {
  const hydrant = {
    id: 'y',
    wish: 'must' as const,
    known: 'told' as const,
    name: 'Y',
    staticPsi: 70,
    residualPsi: 60,
    flowGpm: 1_000,
  };
  // 600 ft of 2½ in lose 2 × 9 × 6 psi at 300 gpm, more than the main has.
  const far = withSupply(withBrief(plain, { hydrants: [hydrant] }), {
    supply: 'hydrant',
    layIn: 2.5,
    layFt: 600,
  });

  it('are told, with what mends them: a larger supply line, more beside it, or a line less', () => {
    const evaluation = evaluate(far);
    const finding = evaluation.finding('together')!;
    expect(finding.status).toBe('fails');
    expect(finding.words).toContain('From Y 2 lines get');
    const remedies = remediesFor(evaluation, 'together');
    const labels = remedies.map(({ label }) => label);
    expect(labels).toContain('2 supply lines side by side');
    expect(labels).toContain(`A supply line of ${hoseSize(3)} instead of ${hoseSize(2.5)}`);
    for (const { build, mends } of remedies)
      expect(evaluate(build).finding('together')!.status !== 'fails').toBe(mends);
  });

  it('hold where the supply line is laid twice', () => {
    const twice = evaluate(withSupply(far, { lays: 2 }));
    expect(twice.finding('together')!.status).toBe('holds');
    // Half the flow in each: 2 × 1.5² × 6 psi.
    expect(twice.read(fromTheSupply)!.intakePsi).toBeCloseTo(
      70 - 10 * 0.3 ** (1 / 0.54) - 2 * 1.5 ** 2 * 6,
      6,
    );
  });
});

it('a pump of an older catalog that does not say what its engine gives fails the check of its power', () => {
  const skid = starterBuild('brush', 'Old skid', 'D');
  const parts = copiesIn(skid).map((copy) => {
    const { driveHp: _unknown, ...part } = copy.part;
    return copy.kind === 'pump' ? { ...copy, edition: '2020-01', part } : { ...copy, part: copy.part };
  });
  expect(evaluate(skid).finding('pumpPower')!.status).toBe('holds');
  const finding = evaluate({ ...skid, catalogue: { parts } } as Build).finding('pumpPower')!;
  expect(finding.status).toBe('fails');
  expect(finding.words).toContain('nobody says what its own engine gives');
});

describe('two stages', () => {
  it('work in pressure up to half the rating, in volume above', () => {
    const pump = { stages: 2 as const, ratedGpm: 1_500 };
    expect(stagesInWords(pump, 750)).toMatch(/in pressure; change over near {750 gpm}/);
    expect(stagesInWords(pump, 751)).toMatch(/in volume/);
    expect(stagesInWords({ ratedGpm: 1_500 }, 300)).toBe('');
    const two = house.settle(withPump(plain, 'midship-1500-two-stage'));
    expect(evaluate(two).finding('together')!.words).toContain('Of its two stages it works in pressure');
  });
});

describe('the pictures of the water', () => {
  it.each(DEMONSTRATION.flatMap((d) => d.builds).map((build) => [build.name, build] as const))(
    '%s: every line of the chart is as long as its axis, and it works on or under the curve',
    (_, build) => {
      const evaluation = evaluate(build);
      const of = evaluation.read(fromTheTank)!;
      const { x, series } = pumpChart(evaluation.read(feeding)!, evaluation.read(running), of);
      for (const { values } of series) expect(values).toHaveLength(x.at.length);
      const [curve, works] = [series[0]!, series.at(-1)!];
      const at = works.mark!;
      expect(works.values[at]).toBeLessThanOrEqual(curve.values[at]!);
    },
  );

  it('shows the tank run down, and a supply that comes before it is empty', () => {
    const { x, series } = timeChart(runTime(1_000, 750, 300), 2, 500, 1);
    const at = (x.at as number[]).indexOf(2);
    expect(series[0]!.values[at]).toBeCloseTo(400, 6);
    expect(series[1]!.values.at(-1)).toBe(500);
    expect(series.at(-1)!.label).toBe('Supply established');
  });
});
