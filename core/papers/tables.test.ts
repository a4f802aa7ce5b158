import { describe, expect, it } from 'vitest';
import { adviceFor, obstaclesTable } from '../advice/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { figureOf, rank, STATUS_WORDS } from '../kernel/index.js';
import type { ChartOf, TableOf } from '../kernel/index.js';
import { axles } from '../subjects/chassis/index.js';
import { frameLoads, frameReport, reach } from '../subjects/frame/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import {
  copiedProfile as copied,
  limitsTable as tableOfLimits,
  profileOf,
  profileShelf,
  withLimit as limited,
  withOwnProfile,
  withProfile,
} from '../subjects/limits/index.js';
import type { OwnLimit } from '../subjects/limits/index.js';
import { withTank } from '../subjects/tank/index.js';
import {
  certaintyOf,
  certaintyTable,
  componentsTable,
  contributionChart,
  fillingReport,
  grandTotal,
  groupTotals,
  inService,
  loadStates,
  reserveTable,
  sheetRows,
  sidesTable,
  statesChart,
  statesTable,
  uncertainTable,
  weighedStates,
  withGrowth,
  withState,
  worseModel,
} from '../subjects/weights/index.js';
import { components } from '../truck/index.js';
import { inUnits, sayAll, UNIT_SYSTEMS } from '../units/index.js';
import { findingsTable } from './findings-table.js';
import { itemAt } from '../test/item.js';
import type { Block } from './index.js';
import { weightPaper } from './weight-paper.js';

const LIMIT_IDS = Object.keys(house.limits);
const evaluate = (build: Build) => house.evaluate(build);
const copiedProfile = (build: Build, id: string, name: string) => copied(house.limits, build, id, name);
const withLimit = (build: Build, id: string, change: Partial<OwnLimit> | null) =>
  limited(house.limits, build, id, change);
const limitsTable = (profile: Parameters<typeof tableOfLimits>[1]) => tableOfLimits(house.limits, profile);

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const OWN_STATE = {
  id: 'own',
  name: 'Foam run',
  waterPct: 40,
  foamPct: 50,
  fuelPct: 30,
  crew: 2,
  off: ['Hose' as const],
};
const noted = withLimit(withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours')), 'tiltDeg', {
  value: 30,
  basis: 'Chief’s letter',
  note: 'Steep lanes',
});
const VARIED: [string, Build][] = [
  ['the pumper', pumper],
  ['the aerial', aerial],
  ['the brush truck', brush],
  [
    'a pumper with a state, a reserve and an item of its own',
    withItem(withGrowth(withState(pumper, 'own', OWN_STATE), { unit: 'pct', value: 3 }), 'box', {
      id: 'box',
      name: 'Box',
      weightLb: 200,
      xIn: 300,
      yIn: 20,
      zIn: 40,
      basis: 'weighed',
      priceCents: 0,
    }),
  ],
  ['an aerial without water', withTank(aerial, { gallons: 0 })],
  ['a pumper against limits of its own', noted],
  ['a brush truck against nothing but its ratings', withProfile(brush, 'ratings-only')],
];

const row = (table: TableOf, id: string) => table.rows.find((one) => one.id === id)!;
const said = (text: string | undefined) => inUnits(text ?? '', 'us');

describe.each(VARIED)('%s, as tables', (_, build) => {
  const evaluation = evaluate(build);
  const tables = [
    statesTable(evaluation),
    evaluation.read(sidesTable),
    certaintyTable(evaluation),
    uncertainTable(certaintyOf(evaluation, 'rear')),
    evaluation.read(componentsTable),
    findingsTable(evaluation.findings),
    limitsTable(profileOf(build)),
    evaluation.read(reserveTable),
  ];

  it.each(tables.map((table) => [table.title, table] as const))(
    '%s: as many cells as columns, each row once, every figure a figure',
    (_title, table) => {
      expect(new Set(table.rows.map(({ id }) => id)).size).toBe(table.rows.length);
      for (const { cells, over = [] } of table.rows) {
        expect(cells).toHaveLength(table.columns.length);
        for (const at of over) expect(at).toBeLessThan(cells.length);
        expect(cells.join(' ')).not.toMatch(/NaN|Infinity|undefined|null/);
      }
    },
  );

  it('the load states are those of the evaluation, marked over where a rating is passed', () => {
    const table = statesTable(evaluation);
    expect(table.rows.map(({ id }) => id)).toEqual(evaluation.read(weighedStates).map(({ id }) => id));
    for (const { id, weights } of evaluation.read(weighedStates)) {
      const { cells, over = [] } = row(table, id);
      expect(said(cells[2])).toBe(Math.round(weights.front.loadLb).toLocaleString('en-US'));
      expect(said(cells[6])).toBe(Math.round(weights.totalLb).toLocaleString('en-US'));
      expect(over.includes(3)).toBe(weights.front.marginLb < 0);
      expect(over.includes(5)).toBe(weights.rear.marginLb < 0);
    }
    // Every check that has a worst state is named beside exactly that one.
    for (const { title, state } of evaluation.findings)
      if (state) expect(row(table, state.id).cells.at(-1)).toContain(title.toLowerCase());
  });

  it('sides mark the worse model of each axle, and both ends add up to the axle', () => {
    const { front, rear } = evaluation.read(inService).weights;
    const marked = evaluation.read(sidesTable).rows.filter(({ cells }) => cells.at(-1) !== '');
    expect(marked).toHaveLength(2);
    expect(marked.map(({ cells }) => cells[1])).toEqual(
      [front, rear].map((axle) => (worseModel(axle) === axle.flexible ? 'flexible' : 'stiff')),
    );
  });

  it('the sheet has every component under its group, and totals that add up', () => {
    const rows = evaluation.read(sheetRows);
    const totals = groupTotals(rows);
    const table = evaluation.read(componentsTable);
    expect(
      table.rows
        .filter(({ strong }) => !strong)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(rows.map(({ id }) => id).sort());
    expect(table.rows.filter(({ strong }) => strong)).toHaveLength(totals.length + 1);
    const whole = grandTotal(rows);
    for (const key of ['weightLb', 'frontLb', 'rearLb'] as const)
      expect(totals.reduce((sum, total) => sum + total[key], 0)).toBeCloseTo(whole[key], 6);
    expect(whole.weightLb).toBeCloseTo(evaluation.read(inService).weights.totalLb, 6);
    expect(whole.frontLb).toBeCloseTo(evaluation.read(inService).weights.front.loadLb, 6);
  });

  it('the reserve goes, group by group, from the truck as delivered to what is left', () => {
    const { rows } = evaluation.read(reserveTable);
    const figure = (cells: string[], at: number) => Number(/\{#(-?[\d.e+-]+) lb\}/.exec(cells[at]!)![1]);
    for (const at of [1, 3, 5]) {
      const [rating, ...taken] = rows.map(({ cells }) => figure(cells, at));
      const left = taken.pop()!;
      expect(rating! - taken.reduce((sum, lb) => sum + lb, 0)).toBeCloseTo(left, 6);
    }
    expect(figure(rows.at(-1)!.cells, 1)).toBeCloseTo(evaluation.read(inService).weights.front.marginLb, 6);
    const growth = evaluation
      .read(components)
      .filter(({ role }) => role === 'growth')
      .reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(figure(rows[1]!.cells, 5)).toBeCloseTo(
      evaluation.read(weighedStates).find(({ id }) => id === 'delivery')!.weights.totalLb - growth,
      6,
    );
  });

  it('findings come worst first, each with its word', () => {
    const table = findingsTable(evaluation.findings);
    const order = table.rows.map(({ id }) =>
      rank(evaluation.findings.find((finding) => finding.id === id)!.status),
    );
    expect(order).toEqual([...order].sort((a, b) => b - a));
    for (const finding of evaluation.findings)
      expect(row(table, finding.id).cells.slice(0, 3)).toEqual([
        STATUS_WORDS[finding.status],
        finding.title,
        figureOf(finding.actual, finding),
      ]);
  });

  it('is certain of nothing', () => {
    for (const { cells } of certaintyTable(evaluation).rows)
      expect(cells.at(-1)).not.toMatch(/^(100|0)(\.0)? %$/);
  });
});

describe.each(VARIED)('%s, as charts', (_, build) => {
  const evaluation = evaluate(build);
  const filling = evaluation.read(fillingReport);
  const frame = frameReport(evaluation, 'inService');
  const charts: [string, ChartOf][] = [
    ['states', evaluation.read(statesChart)],
    ['contributions', evaluation.read(contributionChart)],
    ['load', frame.load],
    ['shear', frame.shear],
    ['bending', frame.bending],
    ...(filling
      ? ([
          ['loads', filling.loads],
          ['roll', filling.roll],
        ] as [string, ChartOf][])
      : []),
  ];

  it.each(charts)(
    '%s: a value for every place, all of them numbers, told apart without color',
    (_name, { x, series, right, words }) => {
      for (const { values, mark = 0, ...one } of series) {
        expect(values).toHaveLength(x.at.length);
        expect(values.every(Number.isFinite)).toBe(true);
        expect(values[mark]).toBeDefined();
        if (one.right) expect(right).toBeDefined();
      }
      const looks = series.map(({ dash, limit }) => `${dash?.join() ?? 'solid'} ${limit ?? false}`);
      expect(new Set(looks).size).toBe(series.length);
      expect(words.length).toBeGreaterThan(10);
    },
  );

  it('the groups together make up each axle', () => {
    const [front, rear] = evaluation
      .read(contributionChart)
      .series.map(({ values }) => values.reduce((sum, value) => sum + value, 0));
    expect(front).toBeCloseTo(evaluation.read(inService).weights.front.loadLb, 6);
    expect(rear).toBeCloseTo(evaluation.read(inService).weights.rear.loadLb, 6);
  });

  it('the worst filling is where the roll threshold is lowest; none without a tank', () => {
    if (build.tank.gallons === 0) return expect(filling).toBeNull();
    const lowest = Math.min(...filling!.sweep.map(({ weights }) => weights.staticRollThresholdG));
    expect(filling!.worst.weights.staticRollThresholdG).toBe(lowest);
    expect(filling!.sweep[filling!.roll.series[0]!.mark!]).toBe(filling!.worst);
    expect(said(filling!.words)).toContain(`${filling!.worst.weights.tiltAngleDeg.toFixed(1)}°`);
  });

  it('the frame’s picture is of the state that is asked for', () => {
    const at = evaluation.read(weighedStates).findIndex(({ id }) => id === 'delivery');
    const { stations } = frameLoads(
      evaluation.read(components),
      evaluation.read(reach),
      evaluation.read(axles),
      evaluation.read(loadStates)[at]!,
      evaluation.read(weighedStates)[at]!,
    );
    const empty = frameReport(evaluation, 'delivery');
    expect(empty.bending.series[0]!.values).toEqual(stations.map(({ momentLbIn }) => momentLbIn));
    expect(Math.max(...empty.load.series[0]!.values)).toBeLessThanOrEqual(
      Math.max(...frame.load.series[0]!.values),
    );
  });
});

it('says what the rails resist, and when a chassis maker does not state it', () => {
  expect(frameReport(evaluate(brush), 'inService').words).toContain('Both rails together resist');
  const silent = house.withOwnPart(brush, {
    id: 'light-4x4',
    kind: 'chassis',
    likeId: 'light-4x4',
    name: 'Rails not stated',
    figures: [{ field: 'frameResistingLbIn', value: 0, source: 'plate' }],
  });
  expect(frameReport(evaluate(silent), 'inService').words).toContain('nothing is checked against it');
});

describe('limits', () => {
  it.each(profileShelf.shipped.all().map((profile) => [profile.name, profile] as const))(
    '%s: every limit that it sets, and no other',
    (_, profile) => {
      expect(limitsTable(profile).rows.map(({ id }) => id)).toEqual(
        LIMIT_IDS.filter((id) => profile.limits[id]),
      );
    },
  );

  it('stand with their own basis and note', () => {
    expect(row(limitsTable(profileOf(noted)), 'tiltDeg').cells.slice(1)).toEqual([
      'at least',
      '{30 deg}',
      'Chief’s letter. Steep lanes',
    ]);
  });

  it.each(LIMIT_IDS)(
    '%s at either end of what is believable leaves a truck that is reviewed and printed',
    (id) => {
      const own = withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours'));
      for (const value of [0.0001, 1e6]) {
        const paper = JSON.stringify(weightPaper(evaluate(withLimit(own, id, { value }))));
        expect(paper).not.toMatch(/NaN|Infinity|undefined/);
      }
      const without = withLimit(own, id, null);
      expect(evaluate(without).findings.map((finding) => finding.id)).toContain('frontAxle');
      expect(limitsTable(profileOf(without)).rows.some((one) => one.id === id)).toBe(false);
    },
  );

  it('none at all leaves the makers’ ratings', () => {
    const free = withOwnProfile(pumper, { id: 'none', name: 'None', limits: [] });
    expect(evaluate(free).findings.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['frontAxle', 'rearAxle', 'gross', 'frontLeast']),
    );
    expect(
      evaluate(free).findings.some(({ id }) =>
        ['sideRear', 'roll', 'pumpLeast', 'approach', 'frameMoment'].includes(id),
      ),
    ).toBe(false);
  });
});

describe('what stands in the way of mending', () => {
  const hopeless = withItem(pumper, 'anvil', itemAt('Anvil', 15_000, -60));
  const [obstacle] = adviceFor(evaluate(hopeless), { checks: ['frontAxle'] }).obstacles;

  it('two changes together stand first, then each kind by how near it comes', () => {
    const table = obstaclesTable(obstacle!);
    expect(table.rows[0]!.id).toBe('pair');
    expect(table.rows.slice(1).map(({ id }) => id)).toEqual(obstacle!.nearest.map(({ kind }) => kind.id));
    for (const { cells } of table.rows) expect(said(cells[4])).toBe('over a limit');
    expect(said(table.rows[0]!.cells[1])).toMatch(/, and (L-|[a-z0-9])/);
  });
});

describe.each(VARIED)('the paper of %s', (_, build) => {
  const evaluation = evaluate(build);
  const paper = weightPaper(evaluation);
  const kinds = (kind: Block['kind']) => paper.blocks.filter((block) => block.kind === kind);

  it('has the drawing, tables, charts, the state of certainty and the cautions', () => {
    expect(kinds('drawing')).toHaveLength(1);
    const titles = paper.blocks.flatMap((block) => (block.kind === 'table' ? [block.table.title] : []));
    expect(titles).toEqual(
      expect.arrayContaining([
        'In service',
        'Checks',
        'Load states',
        'Sides by both models of the frame',
        'Certainty in service',
        'Weight sheet',
        'Limits checked against',
      ]),
    );
    expect(kinds('chart')).toHaveLength(build.tank.gallons > 0 ? 7 : 5);
    const cautions = paper.blocks
      .flatMap((block) => (block.kind === 'caution' ? [block.text] : []))
      .join(' ');
    expect(cautions).toContain('not a certification');
    expect(cautions).toContain('no rating is a target');
    expect(cautions.includes('power lines')).toBe(build.type === 'aerial');
  });

  it('every table has a width for every column', () => {
    for (const block of paper.blocks)
      if (block.kind === 'table' && block.widths)
        expect(block.widths).toHaveLength(block.table.columns.length);
  });

  it.each(UNIT_SYSTEMS)('leaves no figure unsaid in %s', (system) => {
    const text = JSON.stringify(
      sayAll(
        paper.blocks.filter(({ kind }) => kind !== 'chart'),
        system,
      ),
    );
    expect(text).not.toMatch(/\{[±#]*-?\d/);
    if (system === 'metric') expect(text).not.toMatch(/\d (lb|in|gal|gpm|ft)\b(?!·)/);
  });
});
