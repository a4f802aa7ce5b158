import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { contributorsOf, evaluate, measure } from '../review/index.js';
import { copiedProfile, withChassis, withChassisSetting, withCorrection, withGrowth, withItem, withLimit, withOwnProfile, withState } from '../spec/index.js';
import type { BuildSpec, OwnState } from '../spec/index.js';
import { fillingSweep, frameLoads, mostBent } from '../weights/index.js';
import { certaintyOf, NEW_ROW, pasteBlock, sheetOf, whyFixed, writeCell } from './index.js';

const builds = DEMONSTRATION.flatMap(({ builds: all }) => all) as [BuildSpec, BuildSpec, BuildSpec];
const [pumper] = builds;
const named = builds.map((spec) => [spec.name, spec] as const);
const FULL: OwnState = { id: 'own', name: 'Own', waterPct: 100, foamPct: 100, fuelPct: 100, crew: 12, off: [] };
const stateOf = (spec: BuildSpec, state: OwnState) => evaluate(withState(spec, state.id, state)).states.at(-1)!;

describe('load states of the department’s own', () => {
  it.each(named)('%s: with everything aboard it is in service', (_, spec) => {
    const { weights, name, id } = stateOf(spec, FULL);
    expect({ name, id }).toEqual({ name: 'Own', id: 'own:own' });
    expect(weights.front.loadLb).toBeCloseTo(evaluate(spec).states[0]!.weights.front.loadLb, 6);
    expect(weights.totalLb).toBeCloseTo(evaluate(spec).states[0]!.weights.totalLb, 6);
  });

  it.each(named)('%s: water at 0 %% is no water, and what is left off weighs nothing', (_, spec) => {
    const usual = evaluate(spec).states;
    expect(stateOf(spec, { ...FULL, waterPct: 0 }).weights.totalLb).toBeCloseTo(usual.find(({ id }) => id === 'returningEmpty')!.weights.totalLb, 6);
    expect(stateOf(spec, { ...FULL, crew: 2 }).weights.totalLb).toBeCloseTo(usual.find(({ id }) => id === 'respondingShort')!.weights.totalLb, 6);
    const laidOut = stateOf(spec, { ...FULL, waterPct: 0, crew: 0, off: ['Hose', 'Equipment', 'Allowance'] }).weights.totalLb;
    const reel = evaluate(spec).rig.components.find(({ id }) => id === 'reel')?.weightLb ?? 0;
    expect(laidOut).toBeCloseTo(usual.find(({ id }) => id === 'hoseLaidOut')!.weights.totalLb - reel, 6);
  });

  it('are held against every limit, and named with their causes where they are worst', () => {
    const light = withState(pumper, 'bare', { ...FULL, id: 'bare', name: 'Bare', waterPct: 0, crew: 0, fuelPct: 0, foamPct: 0, off: ['Hose', 'Ladders', 'Equipment', 'Allowance', 'Own items'] });
    const evaluation = evaluate(light);
    const least = evaluation.findings.find(({ id }) => id === 'frontLeast')!;
    expect(least.state).toEqual({ id: 'own:bare', name: 'Bare' });
    const gross = evaluation.findings.find(({ id }) => id === 'gross')!;
    expect(contributorsOf(evaluation, gross)[0]!.name).toContain('chassis');
  });

  it('a middle filling weighs half', () => {
    expect(stateOf(pumper, { ...FULL, foamPct: 50 }).weights.totalLb).toBeCloseTo(evaluate(pumper).states[0]!.weights.totalLb - 30 * 8.6 / 2, 6);
  });
});

describe('the growth reserve', () => {
  it.each(named)('%s: counts in every state, as components of its own', (_, spec) => {
    const before = evaluate(spec);
    const after = evaluate(withGrowth(spec, { unit: 'lb', value: 700 }));
    for (const [i, state] of before.states.entries()) if (state.id !== 'worstFilling') expect(after.states[i]!.weights.totalLb - state.weights.totalLb).toBeCloseTo(700, 6);
    expect(after.rig.components.filter(({ group }) => group === 'Growth reserve').reduce((sum, c) => sum + c.weightLb, 0)).toBeCloseTo(700, 9);
  });

  it('in percent is of the truck in service; none is none', () => {
    expect(measure(withGrowth(pumper, { unit: 'pct', value: 5 })).grossLb).toBeCloseTo(measure(pumper).grossLb * 1.05, 6);
    expect(withGrowth(withGrowth(pumper, { unit: 'pct', value: 5 }), { unit: 'pct', value: 0 })).toEqual(pumper);
  });
});

describe('the filling sweep', () => {
  it.each(named)('%s: goes from empty to full, and its worst is the state of that name', (_, spec) => {
    const { rig, states } = evaluate(spec);
    const sweep = fillingSweep(rig);
    expect(sweep[0]!.weights.totalLb).toBeCloseTo(states.find(({ id }) => id === 'returningEmpty')!.weights.totalLb, 6);
    expect(sweep.at(-1)!.weights.totalLb).toBeCloseTo(states[0]!.weights.totalLb, 6);
    expect(Math.min(...sweep.map(({ weights }) => weights.staticRollThresholdG))).toBeCloseTo(states.find(({ id }) => id === 'worstFilling')!.weights.staticRollThresholdG, 12);
    for (let i = 1; i < sweep.length; i++) expect(sweep[i]!.weights.totalLb).toBeGreaterThanOrEqual(sweep[i - 1]!.weights.totalLb);
  });
});

describe('how sure', () => {
  it.each(named.flatMap(([name, spec]) => (['front', 'rear', 'gross'] as const).map((of) => [name, of, spec] as const)))('%s, %s: the band is that of the weights, and weighing narrows it by as much as it says', (_, of, spec) => {
    const evaluation = evaluate(spec);
    const certainty = certaintyOf(evaluation, of);
    const { sigma } = evaluation.states[0]!.weights;
    expect(certainty.bandLb).toBeCloseTo(2 * { front: sigma.frontLb, rear: sigma.rearLb, gross: sigma.totalLb }[of], 6);
    expect(certainty.doubts.reduce((sum, { sharePct }) => sum + sharePct, 0)).toBeLessThanOrEqual(100.000001);
    const doubt = certainty.doubts.find(({ componentId }) => !/^(water|allowance)/.test(componentId))!;
    expect(doubt.afterBandLb).toBeLessThan(certainty.bandLb);
    const weighed = evaluate(withCorrection(spec, doubt.componentId, { weightLb: doubt.weightLb, basis: 'weighed' }));
    expect(certaintyOf(weighed, of).bandLb).toBeCloseTo(doubt.afterBandLb, 6);
  });

  it('never grows surer when an item is added', () => {
    const more = withItem(pumper, 'own-1', { id: 'own-1', name: 'More', weightLb: 300, xIn: 100, yIn: 0, zIn: 50, basis: 'estimated', priceCents: 0 });
    for (const of of ['front', 'rear', 'gross'] as const) expect(certaintyOf(evaluate(more), of).bandLb).toBeGreaterThanOrEqual(certaintyOf(evaluate(pumper), of).bandLb);
  });
});

describe('along the frame', () => {
  it.each(named)('%s: reactions are the axle loads; shear and moment end at nothing', (_, spec) => {
    const { rig, states } = evaluate(spec);
    const { stations, reactions, sagging, hogging } = frameLoads(rig, states[0]!);
    const { front, rear, totalLb } = states[0]!.weights;
    expect(reactions[0]!.lb).toBeCloseTo(front.loadLb, 6);
    expect(reactions.slice(1).map(({ lb }) => lb)).toEqual(rear.axleLoadsLb.map((load) => expect.closeTo(load, 6)));
    const last = stations.at(-1)!;
    expect(last.shearLb).toBeCloseTo(0, 4);
    expect(Math.abs(last.momentLbIn)).toBeLessThan(totalLb * 0.01);
    expect(stations.reduce((sum, { loadLbPerIn }) => sum + loadLbPerIn, 0)).toBeCloseTo(totalLb, -3);
    expect(sagging.momentLbIn).toBeGreaterThanOrEqual(0);
    expect(hogging.momentLbIn).toBeLessThanOrEqual(0);
  });

  it.each(named)('%s: at every station the moment is that of what lies ahead of it, load by load', (_, spec) => {
    const { rig, states } = evaluate(spec);
    for (const state of [states[0]!, states.find(({ id }) => id === 'hoseLaidOut')!]) {
      const { stations, reactions } = frameLoads(rig, state);
      const aboard = (c: (typeof rig.components)[number]) => (state.id === 'inService' || !['water', 'seatFront', 'seatRear', 'hose', 'equipment', 'allowance'].includes(c.role) ? c.weightLb : 0);
      const ends = (c: (typeof rig.components)[number]) => {
        const boxes = c.filling ? c.filling.boxes.map((b) => [b.frontIn, b.frontIn + b.lengthIn] as const) : c.shapes.map(({ box }) => [box.x0, box.x1] as const);
        const reach = boxes.length ? Math.min(c.xIn - Math.min(...boxes.map(([x]) => x)), Math.max(...boxes.map(([, x]) => x)) - c.xIn) : 0;
        return [c.xIn - Math.max(6, reach), c.xIn + Math.max(6, reach)] as const;
      };
      for (const station of [stations[20]!, stations[Math.floor(stations.length / 2)]!, stations.at(-9)!]) {
        const loads = rig.components.reduce((sum, c) => {
          const [from, to] = ends(c);
          const reached = Math.min(Math.max(station.xIn, from), to);
          return sum - (aboard(c) * (reached - from) / (to - from)) * (station.xIn - (from + reached) / 2);
        }, 0);
        const moment = reactions.reduce((sum, { xIn, lb }) => sum + (xIn <= station.xIn ? lb * (station.xIn - xIn) : 0), loads);
        expect(station.momentLbIn).toBeCloseTo(moment, 3);
      }
    }
  });

  it('is held against what the rails resist, where the maker states it; a longer wheelbase bends them more', () => {
    const bend = (spec: BuildSpec) => evaluate(spec).findings.find(({ id }) => id === 'frameMoment')!;
    const { rig, states } = evaluate(pumper);
    const { momentLbIn } = mostBent(rig, states);
    expect(bend(pumper).actual).toBeCloseTo((Math.abs(momentLbIn) / 4_300_000) * 100, 9);
    expect(momentLbIn).toBeCloseTo(Math.max(...states.map((state) => frameLoads(rig, state).sagging.momentLbIn)), 6);
    expect(bend(withChassisSetting(pumper, { wheelbaseIn: 210 })).actual).toBeGreaterThan(bend(pumper).actual);
    const strict = withLimit(withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours')), 'frameMomentPct', { value: 5 });
    expect(bend(strict).status).toBe('fails');
    expect(contributorsOf(evaluate(strict), bend(strict))[0]!.amountLb).toBeGreaterThan(1000);
    expect(evaluate(withChassis(builds[2], 'medium-4x4')).findings.some(({ id }) => id === 'frameMoment')).toBe(false);
  });

  it('the moment’s slope is the shear', () => {
    const { rig, states } = evaluate(pumper);
    const { stations, reactions } = frameLoads(rig, states[0]!);
    for (let i = 1; i < stations.length; i++) {
      // Over an axle the shear jumps.
      if (reactions.some(({ xIn }) => Math.ceil(xIn) === stations[i]!.xIn)) continue;
      const slope = stations[i]!.momentLbIn - stations[i - 1]!.momentLbIn;
      expect(Math.abs(slope - (stations[i]!.shearLb + stations[i - 1]!.shearLb) / 2)).toBeLessThan(100);
    }
  });
});

describe('writing in the weight sheet', () => {
  const evaluation = evaluate(pumper);
  const write = (rowId: string, column: Parameters<typeof writeCell>[3], text: string, system: 'us' | 'metric' = 'us', spec = pumper) => writeCell(spec, evaluation, rowId, column, text, system);
  const specOf = (edit: ReturnType<typeof write>) => ('spec' in edit ? edit.spec : expect.fail(edit.problem));

  it('a weight stands in place of the catalogue’s, estimated until its basis is said', () => {
    const once = specOf(write('pump', 'weightLb', '3,500'));
    expect(once.corrections).toEqual([{ componentId: 'pump', weightLb: 3_500, basis: 'estimated' }]);
    const weighed = specOf(writeCell(once, evaluate(once), 'pump', 'basis', 'Weighed', 'us'));
    expect(weighed.corrections).toEqual([{ componentId: 'pump', weightLb: 3_500, basis: 'weighed' }]);
    expect(specOf(write('pump', 'weightLb', '1587.573295', 'metric')).corrections![0]!.weightLb).toBeCloseTo(3_500, 6);
  });

  it('the row below the last becomes an item, and everything of it can be written', () => {
    const made = write(NEW_ROW, 'name', 'Trunk');
    expect(made).toMatchObject({ rowId: 'item-own-1', spec: { items: [{ name: 'Trunk', weightLb: 0 }] } });
    const placed = specOf(writeCell(specOf(made), evaluation, 'item-own-1', 'xIn', '-40', 'us'));
    expect(placed.items![0]!.xIn).toBe(-40);
  });

  it.each<[string, string, Parameters<typeof writeCell>[3], string, RegExp]>([
    ['words for a weight', 'pump', 'weightLb', 'heavy', /must be a number/], ['a weight beyond belief', 'pump', 'weightLb', '99999', /from 0 to 60000 lb/], ['an item heavier than any', NEW_ROW, 'weightLb', '30000', /from 0 to 20000 lb/], ['a place of what was chosen', 'pump', 'xIn', '10', /follow from what was chosen/],
    ['the weight of water', 'water', 'weightLb', '10', /follows from its gallons/], ['a basis that is none', 'pump', 'basis', 'rumour', /basis must be one of/], ['an empty name', NEW_ROW, 'name', ' ', /1 to 80/], ['a row that is gone', 'nothing', 'weightLb', '3', /no component/],
  ])('refuses %s', (_, row, column, text, problem) => {
    expect(write(row, column, text)).toEqual({ problem: expect.stringMatching(problem) });
  });

  it('says of each cell whether it can be written', () => {
    const rows = sheetOf(evaluation);
    expect(whyFixed(rows.find(({ id }) => id === 'pump')!, 'weightLb')).toBeNull();
    expect(whyFixed(rows.find(({ id }) => id === 'pump')!, 'zIn')).toMatch(/follow/);
    expect(whyFixed(rows.find(({ id }) => id === 'water')!, 'weightLb')).toMatch(/gallons/);
  });

  it('a block from a spreadsheet: twenty rows become twenty items, the bad ones are told', () => {
    const block = Array.from({ length: 20 }, (_, i) => `Item ${i + 1}\t${10 + i}\t${100 + i}\t0\t50\testimated`).join('\r\n');
    const { spec, written, refused } = pasteBlock(pumper, evaluation, sheetOf(evaluation).map(({ id }) => id), { rowId: NEW_ROW, column: 'name' }, block, 'us');
    expect({ written, refused, items: spec.items!.length }).toEqual({ written: 120, refused: [], items: 20 });
    expect(measure(spec).grossLb - measure(pumper).grossLb).toBeCloseTo(20 * 10 + 190, 9);
    const bad = pasteBlock(pumper, evaluation, [], { rowId: NEW_ROW, column: 'name' }, 'Good\t10\nBad\theavy\nAlso good\t20', 'us');
    expect(bad).toMatchObject({ written: 4, refused: [{ row: 2, reason: expect.stringMatching(/must be a number/) }] });
  });

  it('a column pasted over what was chosen corrects it, row by row as they are shown', () => {
    const { spec, refused } = pasteBlock(pumper, evaluation, ['pump', 'water', 'body'], { rowId: 'pump', column: 'weightLb' }, '3400\n8000\n3800', 'us');
    expect(spec.corrections!.map(({ componentId, weightLb }) => [componentId, weightLb])).toEqual([['pump', 3_400], ['body', 3_800]]);
    expect(refused).toMatchObject([{ row: 2 }]);
  });
});
