import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { evaluate, rank, worseModel } from '../review/index.js';
import type { CheckId } from '../review/index.js';
import { parseBuild, withChassisSetting, withEquipment, withFoam, withItem, withLimit, withOwnProfile, copiedProfile, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { adviceFor, advise, CHANGE_KINDS, levellingOf } from './index.js';
import type { Advice, ChangeKind } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const find = (spec: BuildSpec, id: CheckId) => evaluate(spec).findings.find((finding) => finding.id === id);
const troubled = (spec: BuildSpec) => evaluate(spec).findings.filter(({ status }) => status !== 'holds').map(({ id }) => id);
const levels = ({ effects }: Advice) => effects.reduce((sum, { after }) => sum + 2 - rank(after.status), 0);

/** A pumper of which much is wrong at once: over in front, leaning, and short of hose. */
const wrong = Array.from({ length: 4 }).reduce<BuildSpec>((spec) => withEquipment(spec, 'cribbing', 'R3'), { ...pumper, hose: pumper.hose.slice(0, 2) });

describe.each([['the pumper', pumper], ['the aerial', aerial], ['a pumper of which much is wrong', wrong]] as const)('advice on %s', (_, spec) => {
  const result = adviceFor(spec);

  it('is asked of everything that fails or is close, and finds something', () => {
    expect(result.advice.length).toBeGreaterThan(0);
    for (const { effects } of result.advice) expect(effects.map(({ id }) => id)).toEqual(troubled(spec));
  });

  it('does what it says: every figure is that of the build with the change made, and the build is whole', () => {
    for (const { spec: changed, effects, worse, change } of result.advice) {
      const read = parseBuild(JSON.parse(JSON.stringify(changed)));
      const after = evaluate(read);
      for (const { id, after: then } of effects) {
        const { actual, limit, status } = after.findings.find((finding) => finding.id === id)!;
        expect(then).toEqual({ actual, limit, status });
      }
      const was = evaluate(spec);
      expect(change.frontLb).toBeCloseTo(after.states[0]!.weights.front.loadLb - was.states[0]!.weights.front.loadLb, 6);
      const worsened = after.findings.filter((finding) => rank(finding.status) > rank(was.findings.find((old) => old.id === finding.id)?.status ?? 'holds'));
      expect(worse).toEqual(worsened.map(({ title }) => title));
    }
  });

  it('comes best first: by what it mends, then by what it harms', () => {
    for (let i = 1; i < result.advice.length; i++) {
      const [a, b] = [result.advice[i - 1]!, result.advice[i]!];
      expect(levels(a)).toBeGreaterThanOrEqual(levels(b));
      if (levels(a) === levels(b)) expect(a.worse.length).toBeLessThanOrEqual(b.worse.length);
    }
  });

  it('names what is mended, or why it is not', () => {
    const mended = (id: CheckId) => result.advice.some(({ effects }) => effects.some((effect) => effect.id === id && rank(effect.after.status) < rank(effect.before.status)));
    for (const id of troubled(spec)) expect(mended(id)).not.toBe(result.obstacles.some((obstacle) => obstacle.id === id));
  });
});

describe('pairs of changes', () => {
  const { advice, looked, weighed } = adviceFor(pumper);
  const pairs = advice.filter(({ changes }) => changes.length === 2);

  it('are among the advice, of two different things each, and mend what neither mends alone as well', () => {
    expect(pairs.length).toBeGreaterThan(2);
    for (const pair of pairs) {
      expect(new Set(pair.changes.map(({ label }) => label)).size).toBe(2);
      for (const { label } of pair.changes) {
        const alone = adviceFor(pumper, { keep: (Object.keys(CHANGE_KINDS) as ChangeKind[]).filter((kind) => !pair.changes.some((change) => change.kind === kind)) })
          .advice.find(({ changes }) => changes.length === 1 && changes[0]!.label === label);
        if (alone) expect(levels(alone) < levels(pair) || alone.worse.length > pair.worse.length).toBe(true);
      }
    }
  });

  it('thousands are looked at, and few of them weighed as whole builds', () => {
    expect(looked).toBeGreaterThan(8_000);
    expect(weighed).toBeLessThan(looked / 10);
  });
});

describe('what is asked of it', () => {
  it('nothing where nothing is wrong', () => {
    expect(troubled(brush)).toEqual([]);
    expect(adviceFor(brush)).toEqual({ looked: 0, weighed: 0, advice: [], obstacles: [] });
  });

  it('only the checks that are named', () => {
    const { advice } = adviceFor(wrong, { checks: ['supplyHose'] });
    expect(advice[0]!.effects.map(({ id, after }) => [id, after.status])).toEqual([['supplyHose', 'holds']]);
    expect(advice[0]!.changes.map(({ kind }) => kind)).toEqual(['hose']);
  });

  it.each(['tankPlace', 'wheelbase', 'move', 'axle'] as const)('%s stays as it is where that is asked', (kind) => {
    const { advice } = adviceFor(pumper, { keep: [kind] });
    expect(advice.length).toBeGreaterThan(0);
    expect(advice.flatMap(({ changes }) => changes.map((change) => change.kind))).not.toContain(kind);
  });

  it('reports its progress, forward only, and can be left at any step', () => {
    const search = advise(pumper);
    const reports: number[] = [];
    let step = search.next();
    for (; !step.done; step = search.next()) reports.push(step.value.done);
    expect(reports.length).toBeGreaterThan(10);
    expect([...reports].sort((a, b) => a - b)).toEqual(reports);
    expect(Math.max(...reports)).toBeLessThan(1);
    const left = advise(pumper);
    left.next();
    expect(left.return(undefined as never).done).toBe(true);
  });
});

describe('where nothing helps', () => {
  // A front axle that an anvil overloads whatever is changed.
  const hopeless = withItem(pumper, 'anvil', { id: 'anvil', name: 'Anvil', weightLb: 15_000, xIn: -60, yIn: 0, zIn: 40, basis: 'weighed', priceCents: 0 });

  it('says how near each kind of change comes and what the best two do, all of it still over', () => {
    const { advice, obstacles } = adviceFor(hopeless, { checks: ['frontAxle'] });
    expect(advice).toEqual([]);
    const [front] = obstacles;
    expect(front!.nearest.length).toBeGreaterThan(3);
    for (const { after } of front!.nearest) expect(after.status).toBe('fails');
    const over = front!.nearest.map(({ after }) => after.actual - after.limit);
    expect([...over].sort((a, b) => a - b)).toEqual(over);
    expect(front!.nearestPair!.after.actual - front!.nearestPair!.after.limit).toBeLessThan(over[0]!);
  });

  it('says so where the catalogue offers nothing at all', () => {
    const asked = withLimit(withOwnProfile(brush, copiedProfile(brush, 'ours', 'Ours')), 'seats', { value: 12 });
    const { advice, obstacles } = adviceFor(withChassisSetting(asked, { crew: 5 }), { checks: ['seats'] });
    expect({ advice, obstacles: obstacles.map(({ id, nearest, nearestPair }) => ({ id, nearest, nearestPair })) }).toEqual({ advice: [], obstacles: [{ id: 'seats', nearest: [], nearestPair: null }] });
  });
});

it('every candidate edit leaves a build that it does not suit alone or whole', () => {
  const other = withTank(withFoam(aerial, undefined), { gallons: 0 });
  expect(find(other, 'tankLeast')?.status).toBe('fails');
  for (const { spec } of adviceFor(other).advice) expect(() => parseBuild(JSON.parse(JSON.stringify(spec)))).not.toThrow();
});

describe('levelling', () => {
  const lean = (spec: BuildSpec) => {
    const { front, rear } = evaluate(spec).states[0]!.weights;
    return { frontPct: worseModel(front).imbalancePct, rearPct: worseModel(rear).imbalancePct };
  };

  it.each([['the pumper', pumper], ['the aerial', aerial], ['the brush truck', brush], ['a leaning pumper', wrong]] as const)('makes %s more level by just as much as it says', (_, spec) => {
    const moves = levellingOf(spec);
    const before = lean(spec);
    for (const move of moves) {
      expect(move.before).toEqual(before);
      expect(move.after).toEqual(lean(parseBuild(JSON.parse(JSON.stringify(move.spec)))));
      expect(Math.max(move.after.frontPct, move.after.rearPct)).toBeLessThan(Math.max(before.frontPct, before.rearPct));
    }
  });

  it('moves what is heavy away from the side that leans', () => {
    const [first] = levellingOf(wrong);
    expect(first!.label).toMatch(/^Move cribbing set .* from R3 to (L\d|B1)$/);
  });

  it('has nothing to say where nothing can be moved', () => {
    expect(levellingOf({ ...pumper, equipment: [], ladders: { ...pumper.ladders, partIds: [] } })).toEqual([]);
  });
});
