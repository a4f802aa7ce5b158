import { describe, expect, it } from 'vitest';
import { LIMIT_IDS, SHIPPED } from '../catalogue/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { adviceFor } from '../mending/index.js';
import { evaluate, rank, STATUS_WORDS, worseModel } from '../review/index.js';
import { copiedProfile, profileOf, withGrowth, withItem, withLimit, withOwnProfile, withProfile, withState, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { certaintyOf, sheetOf } from '../study/index.js';
import { inUnits, sayAll, UNIT_SYSTEMS } from '../units/index.js';
import { frameLoads } from '../weights/index.js';
import {
  certaintyTable, componentsTable, contributionChart, doubtsTable, figureOf, fillingReport, findingsTable, frameReport, grandTotal, groupTotals, limitsTable, obstaclesTable, reserveTable, sidesTable, statesChart, statesTable, weightPaper,
} from './index.js';
import type { Block, ChartOf, TableOf } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const OWN_STATE = { id: 'own', name: 'Foam run', waterPct: 40, foamPct: 50, fuelPct: 30, crew: 2, off: ['Hose' as const] };
const noted = withLimit(withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours')), 'tiltDeg', { value: 30, basis: 'Chief’s letter', note: 'Steep lanes' });
const VARIED: [string, BuildSpec][] = [
  ['the pumper', pumper], ['the aerial', aerial], ['the brush truck', brush],
  ['a pumper with a state, a reserve and an item of its own', withItem(withGrowth(withState(pumper, 'own', OWN_STATE), { unit: 'pct', value: 3 }), 'box', { id: 'box', name: 'Box', weightLb: 200, xIn: 300, yIn: 20, zIn: 40, basis: 'weighed', priceCents: 0 })],
  ['an aerial without water', withTank(aerial, { gallons: 0 })],
  ['a pumper against limits of its own', noted],
  ['a brush truck against nothing but its ratings', withProfile(brush, 'ratings-only')],
];

const row = (table: TableOf, id: string) => table.rows.find((one) => one.id === id)!;
const said = (text: string | undefined) => inUnits(text ?? '', 'us');

describe.each(VARIED)('%s, as tables', (_, spec) => {
  const evaluation = evaluate(spec);
  const tables = [
    statesTable(evaluation), sidesTable(evaluation), certaintyTable(evaluation), doubtsTable(certaintyOf(evaluation, 'rear')), componentsTable(evaluation), findingsTable(evaluation.findings), limitsTable(profileOf(spec)), reserveTable(evaluation),
  ];

  it.each(tables.map((table) => [table.title, table] as const))('%s: as many cells as columns, each row once, every figure a figure', (_title, table) => {
    expect(new Set(table.rows.map(({ id }) => id)).size).toBe(table.rows.length);
    for (const { cells, over = [] } of table.rows) {
      expect(cells).toHaveLength(table.columns.length);
      for (const at of over) expect(at).toBeLessThan(cells.length);
      expect(cells.join(' ')).not.toMatch(/NaN|Infinity|undefined|null/);
    }
  });

  it('the load states are those of the evaluation, marked over where a rating is passed', () => {
    const table = statesTable(evaluation);
    expect(table.rows.map(({ id }) => id)).toEqual(evaluation.states.map(({ id }) => id));
    for (const { id, weights } of evaluation.states) {
      const { cells, over = [] } = row(table, id);
      expect(said(cells[2])).toBe(Math.round(weights.front.loadLb).toLocaleString('en-US'));
      expect(said(cells[6])).toBe(Math.round(weights.totalLb).toLocaleString('en-US'));
      expect(over.includes(3)).toBe(weights.front.marginLb < 0);
      expect(over.includes(5)).toBe(weights.rear.marginLb < 0);
    }
    // Every check that has a worst state is named beside exactly that one.
    for (const { title, state } of evaluation.findings) if (state) expect(row(table, state.id).cells.at(-1)).toContain(title.toLowerCase());
  });

  it('sides mark the worse model of each axle, and both ends add up to the axle', () => {
    const { front, rear } = evaluation.states[0]!.weights;
    const marked = sidesTable(evaluation).rows.filter(({ cells }) => cells.at(-1) !== '');
    expect(marked).toHaveLength(2);
    expect(marked.map(({ cells }) => cells[1])).toEqual([front, rear].map((axle) => (worseModel(axle) === axle.flexible ? 'flexible' : 'stiff')));
  });

  it('the sheet has every component under its group, and totals that add up', () => {
    const rows = sheetOf(evaluation);
    const totals = groupTotals(rows);
    const table = componentsTable(evaluation);
    expect(table.rows.filter(({ strong }) => !strong).map(({ id }) => id).sort()).toEqual(rows.map(({ id }) => id).sort());
    expect(table.rows.filter(({ strong }) => strong)).toHaveLength(totals.length + 1);
    const whole = grandTotal(rows);
    for (const key of ['weightLb', 'frontLb', 'rearLb'] as const) expect(totals.reduce((sum, total) => sum + total[key], 0)).toBeCloseTo(whole[key], 6);
    expect(whole.weightLb).toBeCloseTo(evaluation.states[0]!.weights.totalLb, 6);
    expect(whole.frontLb).toBeCloseTo(evaluation.states[0]!.weights.front.loadLb, 6);
  });

  it('the reserve goes, group by group, from the truck as delivered to what is left', () => {
    const { rows } = reserveTable(evaluation);
    const figure = (cells: string[], at: number) => Number(/\{#(-?[\d.e+-]+) lb\}/.exec(cells[at]!)![1]);
    for (const at of [1, 3, 5]) {
      const [rating, ...taken] = rows.map(({ cells }) => figure(cells, at));
      const left = taken.pop()!;
      expect(rating! - taken.reduce((sum, lb) => sum + lb, 0)).toBeCloseTo(left, 6);
    }
    expect(figure(rows.at(-1)!.cells, 1)).toBeCloseTo(evaluation.states[0]!.weights.front.marginLb, 6);
    const growth = evaluation.rig.components.filter(({ role }) => role === 'growth').reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(figure(rows[1]!.cells, 5)).toBeCloseTo(evaluation.states.find(({ id }) => id === 'delivery')!.weights.totalLb - growth, 6);
  });

  it('findings come worst first, each with its word', () => {
    const table = findingsTable(evaluation.findings);
    const order = table.rows.map(({ id }) => rank(evaluation.findings.find((finding) => finding.id === id)!.status));
    expect(order).toEqual([...order].sort((a, b) => b - a));
    for (const finding of evaluation.findings) expect(row(table, finding.id).cells.slice(0, 3)).toEqual([STATUS_WORDS[finding.status], finding.title, figureOf(finding.actual, finding)]);
  });

  it('is certain of nothing', () => {
    for (const { cells } of certaintyTable(evaluation).rows) expect(cells.at(-1)).not.toMatch(/^(100|0)(\.0)? %$/);
  });
});

describe.each(VARIED)('%s, as charts', (_, spec) => {
  const { rig, states } = evaluate(spec);
  const filling = fillingReport(rig);
  const frame = frameReport(rig, states[0]!);
  const charts: [string, ChartOf][] = [['states', statesChart(evaluate(spec))], ['contributions', contributionChart(evaluate(spec))], ['load', frame.load], ['shear', frame.shear], ['bending', frame.bending], ...(filling ? [['loads', filling.loads], ['roll', filling.roll]] as [string, ChartOf][] : [])];

  it.each(charts)('%s: a value for every place, all of them numbers, told apart without colour', (_name, { x, series, right, words }) => {
    for (const { values, mark = 0, ...one } of series) {
      expect(values).toHaveLength(x.at.length);
      expect(values.every(Number.isFinite)).toBe(true);
      expect(values[mark]).toBeDefined();
      if (one.right) expect(right).toBeDefined();
    }
    const looks = series.map(({ dash, limit }) => `${dash?.join() ?? 'solid'} ${limit ?? false}`);
    expect(new Set(looks).size).toBe(series.length);
    expect(words.length).toBeGreaterThan(10);
  });

  it('the groups together make up each axle', () => {
    const [front, rear] = contributionChart(evaluate(spec)).series.map(({ values }) => values.reduce((sum, value) => sum + value, 0));
    expect(front).toBeCloseTo(states[0]!.weights.front.loadLb, 6);
    expect(rear).toBeCloseTo(states[0]!.weights.rear.loadLb, 6);
  });

  it('the worst filling is where the roll threshold is lowest; none without a tank', () => {
    if (spec.tank.gallons === 0) return expect(filling).toBeNull();
    const lowest = Math.min(...filling!.sweep.map(({ weights }) => weights.staticRollThresholdG));
    expect(filling!.worst.weights.staticRollThresholdG).toBe(lowest);
    expect(filling!.sweep[filling!.roll.series[0]!.mark!]).toBe(filling!.worst);
    expect(said(filling!.words)).toContain(`${filling!.worst.weights.tiltAngleDeg.toFixed(1)}°`);
  });

  it('the frame’s picture is of the state that is asked for', () => {
    const empty = states.find(({ id }) => id === 'delivery')!;
    expect(frameReport(rig, empty).bending.series[0]!.values).toEqual(frameLoads(rig, empty).stations.map(({ momentLbIn }) => momentLbIn));
    expect(Math.max(...frameReport(rig, empty).load.series[0]!.values)).toBeLessThanOrEqual(Math.max(...frame.load.series[0]!.values));
  });
});

it('says when a chassis maker does not state what the rails resist', () => {
  const { rig, states } = evaluate(brush);
  expect(frameReport(rig, states[0]!).words).toContain('Both rails together resist');
  expect(frameReport({ ...rig, frameResistingLbIn: null }, states[0]!).words).toContain('nothing is checked against it');
});

describe('limits', () => {
  it.each(SHIPPED.all('profile').map((profile) => [profile.name, profile] as const))('%s: every limit that it sets, and no other', (_, profile) => {
    expect(limitsTable(profile).rows.map(({ id }) => id)).toEqual(LIMIT_IDS.filter((id) => profile.limits[id]));
  });

  it('stand with their own basis and note', () => {
    expect(row(limitsTable(profileOf(noted)), 'tiltDeg').cells.slice(1)).toEqual(['at least', '30°', 'Chief’s letter. Steep lanes']);
  });

  it.each(LIMIT_IDS)('%s at either end of what is believable leaves a truck that is reviewed and printed', (id) => {
    const own = withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours'));
    for (const value of [0.0001, 1e6]) {
      const paper = JSON.stringify(weightPaper(withLimit(own, id, { value }), evaluate(withLimit(own, id, { value }))));
      expect(paper).not.toMatch(/NaN|Infinity|undefined/);
    }
    const without = withLimit(own, id, null);
    expect(evaluate(without).findings.map((finding) => finding.id)).toContain('frontAxle');
    expect(limitsTable(profileOf(without)).rows.some((one) => one.id === id)).toBe(false);
  });

  it('none at all leaves the makers’ ratings', () => {
    const free = withOwnProfile(pumper, { id: 'none', name: 'None', limits: [] });
    expect(evaluate(free).findings.map(({ id }) => id)).toEqual(expect.arrayContaining(['frontAxle', 'rearAxle', 'gross', 'frontLeast']));
    expect(evaluate(free).findings.some(({ id }) => ['sideRear', 'roll', 'pumpLeast', 'approach', 'frameMoment'].includes(id))).toBe(false);
  });
});

describe('what stands in the way of mending', () => {
  const hopeless = withItem(pumper, 'anvil', { id: 'anvil', name: 'Anvil', weightLb: 15_000, xIn: -60, yIn: 0, zIn: 40, basis: 'weighed', priceCents: 0 });
  const [obstacle] = adviceFor(hopeless, { checks: ['frontAxle'] }).obstacles;

  it('two changes together stand first, then each kind by how near it comes', () => {
    const table = obstaclesTable(obstacle!);
    expect(table.rows[0]!.id).toBe('pair');
    expect(table.rows.slice(1).map(({ id }) => id)).toEqual(obstacle!.nearest.map(({ kind }) => kind));
    for (const { cells } of table.rows) expect(said(cells[4])).toBe('over a limit');
    expect(said(table.rows[0]!.cells[1])).toMatch(/, and [a-z0-9]/);
  });
});

describe.each(VARIED)('the paper of %s', (_, spec) => {
  const evaluation = evaluate(spec);
  const paper = weightPaper(spec, evaluation);
  const kinds = (kind: Block['kind']) => paper.blocks.filter((block) => block.kind === kind);

  it('has the drawing, tables, charts, the state of certainty and the cautions', () => {
    expect(kinds('drawing')).toHaveLength(1);
    const titles = paper.blocks.flatMap((block) => (block.kind === 'table' ? [block.table.title] : []));
    expect(titles).toEqual(expect.arrayContaining(['In service', 'Findings', 'Load states', 'Sides by both models of the frame', 'Certainty in service', 'Weight sheet', 'Limits held against']));
    expect(kinds('chart')).toHaveLength(spec.tank.gallons > 0 ? 7 : 5);
    const cautions = paper.blocks.flatMap((block) => (block.kind === 'caution' ? [block.text] : [])).join(' ');
    expect(cautions).toContain('not a certification');
    expect(cautions).toContain('no rating is a target');
    expect(cautions.includes('power lines')).toBe(spec.type === 'aerial');
  });

  it('every table has a width for every column', () => {
    for (const block of paper.blocks) if (block.kind === 'table' && block.widths) expect(block.widths).toHaveLength(block.table.columns.length);
  });

  it.each(UNIT_SYSTEMS)('leaves no figure unsaid in %s', (system) => {
    const text = JSON.stringify(sayAll(paper.blocks.filter(({ kind }) => kind !== 'chart'), system));
    expect(text).not.toMatch(/\{[±#]*-?\d/);
    if (system === 'metric') expect(text).not.toMatch(/\d (lb|in|gal|gpm|ft)\b(?!·)/);
  });
});
