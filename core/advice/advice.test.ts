import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { rank } from '../kernel/index.js';
import { withEquipment } from '../subjects/equipment/index.js';
import { withFoam } from '../subjects/foam/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import { copiedProfile, withLimit, withOwnProfile } from '../subjects/limits/index.js';
import { withTank } from '../subjects/tank/index.js';
import { inService, worseModel } from '../subjects/weights/index.js';
import { envelope } from '../truck/index.js';
import { adviceFor as adviceOf, advise, levelingOf, remediesFor } from './index.js';
import { harmOf, judgeChange } from './judged.js';
import type { Advice, AdviceAsked } from './index.js';
import { evaluated } from '../test/evaluated.js';
import { itemAt } from '../test/item.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const adviceFor = (build: Build, asked?: AdviceAsked) => adviceOf(evaluated(build), asked);
const forPumper = adviceFor(pumper);
const troubled = (spec: Build) =>
  evaluated(spec)
    .findings.filter(({ status }) => status !== 'holds')
    .map(({ id }) => id);
const levels = ({ effects }: Advice) => effects.reduce((sum, { after }) => sum + 2 - rank(after.status), 0);

/** A pumper of which much is wrong at once: over in front, leaning, and short of hose. */
const wrong = Array.from({ length: 4 }).reduce<Build>(
  (spec) => withEquipment(spec, 'cribbing', 'R3'),
  house.settle(withBlock(pumper, 'hose', { loads: pumper.hose.loads.slice(0, 2) })),
);

describe.each([
  ['the pumper', pumper, forPumper],
  ['the aerial', aerial, adviceFor(aerial)],
  ['a pumper of which much is wrong', wrong, adviceFor(wrong)],
] as const)('advice on %s', (_, spec, result) => {
  it('is asked of everything that fails or is close, and finds something', () => {
    expect(result.advice.length).toBeGreaterThan(0);
    for (const { effects } of result.advice) expect(effects.map(({ id }) => id)).toEqual(troubled(spec));
  });

  it('does what it says: every figure is that of the build with the change made, and the build is whole', () => {
    for (const { build: changed, effects, worse, change } of result.advice) {
      const read = house.parse(JSON.parse(JSON.stringify(changed)));
      const after = evaluated(read);
      for (const { id, after: then } of effects) {
        const { actual, limit, status } = after.findings.find((finding) => finding.id === id)!;
        expect(then).toEqual({ actual, limit, status });
      }
      const was = evaluated(spec);
      expect(change['front']).toBeCloseTo(after.figures()['front']! - was.figures()['front']!, 6);
      // Of another status, or further over what it was over.
      const worsened = after.findings.filter((finding) => {
        const old = was.finding(finding.id);
        return (
          rank(finding.status) > rank(old?.status ?? 'holds') ||
          (finding.status === 'fails' && old?.status === 'fails' && finding.margin < old.margin - 1e-6)
        );
      });
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
    const mended = (id: string) =>
      result.advice.some(({ effects }) =>
        effects.some((effect) => effect.id === id && rank(effect.after.status) < rank(effect.before.status)),
      );
    for (const id of troubled(spec))
      expect(mended(id)).not.toBe(result.obstacles.some((obstacle) => obstacle.id === id));
  });
});

describe('pairs of changes', () => {
  const { advice, looked, weighed } = forPumper;
  const pairs = advice.filter(({ changes }) => changes.length === 2);

  it('are among the advice, of two different things each, and mend what neither mends alone as well', () => {
    expect(pairs.length).toBeGreaterThan(2);
    for (const pair of pairs.slice(0, 1)) {
      expect(new Set(pair.changes.map(({ label }) => label)).size).toBe(2);
      for (const { label } of pair.changes) {
        const alone = adviceFor(pumper, {
          keep: house.changes
            .map(({ kind }) => kind.id)
            .filter((kind) => !pair.changes.some((change) => change.kind.id === kind)),
        }).advice.find(({ changes }) => changes.length === 1 && changes[0]!.label === label);
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
    // Its hose lies over the tank, higher than a hand reaches from the ground.
    const within = withLimit(
      house.limits,
      withOwnProfile(brush, copiedProfile(house.limits, brush, 'ours', 'Ours')),
      'gripIn',
      { value: 100 },
    );
    expect(troubled(within)).toEqual([]);
    expect(adviceFor(within)).toEqual({ looked: 0, weighed: 0, advice: [], obstacles: [] });
  });

  it('only the checks that are named', () => {
    const { advice } = adviceFor(wrong, { checks: ['supplyHose'] });
    expect(advice[0]!.effects.map(({ id, after }) => [id, after.status])).toEqual([['supplyHose', 'holds']]);
    expect(advice[0]!.changes.map(({ kind }) => kind.id)).toEqual(['hose']);
  });

  it.each([['tankPlace', 'move'] as const, ['wheelbase', 'axle'] as const])(
    '%s and %s stay as they are where that is asked',
    (...keep) => {
      const { advice } = adviceFor(pumper, { checks: ['frontAxle'], keep });
      expect(advice.length).toBeGreaterThan(0);
      const changed = advice.flatMap(({ changes }) => changes.map(({ kind }) => kind.id));
      for (const kind of keep) expect(changed).not.toContain(kind);
    },
  );

  it('reports its progress, forward only, and can be left at any step', () => {
    const search = advise(evaluated(pumper), {
      checks: ['frontAxle'],
      keep: ['equipment', 'hose', 'chassis'],
    });
    const reports: number[] = [];
    let step = search.next();
    for (; !step.done; step = search.next()) reports.push(step.value.done);
    expect(reports.length).toBeGreaterThan(10);
    expect([...reports].sort((a, b) => a - b)).toEqual(reports);
    expect(Math.max(...reports)).toBeLessThan(1);
    const left = advise(evaluated(pumper));
    left.next();
    expect(left.return(undefined as never).done).toBe(true);
  });
});

describe('where nothing helps', () => {
  // A front axle that an anvil overloads whatever is changed.
  const hopeless = withItem(pumper, 'anvil', itemAt('Anvil', 15_000, -60));

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

  it('says so where the catalog offers nothing at all', () => {
    const asked = withLimit(
      house.limits,
      withOwnProfile(brush, copiedProfile(house.limits, brush, 'ours', 'Ours')),
      'seats',
      { value: 12 },
    );
    const { advice, obstacles } = adviceFor(withBlock(asked, 'cab', { crew: 5 }), { checks: ['seats'] });
    expect({
      advice,
      obstacles: obstacles.map(({ id, nearest, nearestPair }) => ({ id, nearest, nearestPair })),
    }).toEqual({ advice: [], obstacles: [{ id: 'seats', nearest: [], nearestPair: null }] });
  });
});

it('every candidate edit leaves a build that it does not suit alone or whole', () => {
  const other = withTank(withFoam(aerial, undefined), { gallons: 0 });
  expect(evaluated(other).finding('tankLeast')?.status).toBe('fails');
  for (const { build } of adviceFor(other).advice)
    expect(() => house.parse(JSON.parse(JSON.stringify(build)))).not.toThrow();
});

describe('leveling', () => {
  const lean = (spec: Build) => {
    const { front, rear } = evaluated(spec).read(inService).weights;
    return { frontPct: worseModel(front).imbalancePct, rearPct: worseModel(rear).imbalancePct };
  };

  it.each([
    ['the pumper', pumper],
    ['the aerial', aerial],
    ['the brush truck', brush],
    ['a leaning pumper', wrong],
  ] as const)('makes %s more level by just as much as it says', (_, spec) => {
    const moves = levelingOf(evaluated(spec));
    const before = lean(spec);
    for (const move of moves) {
      expect(move.before).toEqual(before);
      expect(move.after).toEqual(lean(house.parse(JSON.parse(JSON.stringify(move.build)))));
      expect(Math.max(move.after.frontPct, move.after.rearPct)).toBeLessThan(
        Math.max(before.frontPct, before.rearPct),
      );
    }
  });

  it('moves what is heavy away from the side that leans', () => {
    const [first] = levelingOf(evaluated(wrong));
    expect(first!.label).toMatch(/^Move .* from R3 to (L\d|B1)$/);
  });

  it('has nothing to say where nothing can be moved', () => {
    const bare = withBlock(withBlock(pumper, 'equipment', { lines: [] }), 'ladders', { lines: [] });
    expect(levelingOf(evaluated(bare))).toEqual([]);
  });
});

describe('what a remedy does besides', () => {
  const base = evaluated(pumper);
  const all = remediesFor(base, 'frontAxle');

  it('restores the reserve before it clears the limit by a hair, and eases last', () => {
    const grades = all.map(({ restores, mends }) => Number(restores) + Number(mends));
    expect(grades).toEqual([...grades].sort((a, b) => b - a));
    expect(all.filter(({ restores }) => restores).length).toBeGreaterThanOrEqual(1);
    for (const { restores, after } of all) if (restores) expect(after.status).toBe('holds');
  });

  it('never replaces a choice that it does not name', () => {
    for (const { label, build } of all)
      for (const list of ['bumper', 'hose', 'equipment', 'fittings', 'ladders'] as const) {
        const count = (of: Build) => JSON.stringify(of[list]).split('"id"').length;
        if (!/Leave off|instead of|ladder/i.test(label)) expect(count(build), label).toBe(count(pumper));
      }
  });

  it('never takes what rides with the crew out of the cab', () => {
    const moves = all.concat(remediesFor(evaluated(aerial), 'frontAxle')).map(({ label }) => label);
    const advised = forPumper.advice.flatMap(({ changes }) => changes.map(({ label }) => label));
    for (const label of [...moves, ...advised]) expect(label).not.toMatch(/from cab/);
  });

  it('never hangs more of the truck behind the rear axle than a builder would', () => {
    const short = house.settle(withBlock(pumper, 'chassis', { wheelbaseIn: 160 }));
    for (const id of ['frontAxle', 'rearAxle', 'wheelsFit', 'clash'])
      for (const { build, label } of remediesFor(evaluated(short), id)) {
        const then = evaluated(build);
        const share = (of: typeof then) =>
          (of.read(envelope).rearIn - of.build.chassis.wheelbaseIn) / of.build.chassis.wheelbaseIn;
        expect(share(then) <= 0.6 || share(then) <= share(evaluated(short)), label).toBe(true);
      }
  });

  it('is told where what was over goes further over', () => {
    const both = house.settle(
      withBlock(withBlock(pumper, 'chassis', { rearAxleId: 'rear-24000' }), 'tank', { aftIn: 10 }),
    );
    const evaluation = evaluated(both);
    expect(evaluation.finding('rearAxle')?.status).toBe('fails');
    const aft = judgeChange(evaluation, (on) => withBlock(on, 'tank', { aftIn: 30 }))!;
    expect(aft.worse).toContain('Rear axle');
  });

  it('counts what is lost in amounts: water, hose, seats, compartment volume, bed height, length, money', () => {
    const { harm } = judgeChange(base, (on) => withBlock(on, 'tank', { shapeId: 'tall' }))!;
    expect(harm['hoseBed']).toBeGreaterThan(0);
    expect(Object.keys(harm).sort()).toEqual([
      'compartments',
      'discharges',
      'foamGal',
      'foldingGal',
      'gross',
      'height',
      'hoseBed',
      'hoseCarried',
      'length',
      'price',
      'rollFt',
      'seats',
      'shuttleGpm',
      'tankLasts',
      'tankPath',
      'togetherGpm',
      'water',
    ]);
    const none = Object.fromEntries(Object.keys(harm).map((id) => [id, 0]));
    const cost = (by: typeof harm) => harmOf(house, [], 0, { ...none, ...by });
    expect(cost({ compartments: -20 })).toBeGreaterThan(cost({ compartments: 20 }));
    expect(cost({ hoseBed: 6 })).toBeGreaterThan(0);
  });

  it('offers another chassis beside small moves where much is over, and names all that it brings', () => {
    const heavy = house.settle(withTank(pumper, { gallons: 1500 }));
    const remedies = remediesFor(evaluated(heavy), 'rearAxle');
    expect(remedies.some(({ kind, mends }) => kind.id !== 'chassis' && mends)).toBe(true);
    const other = remedies.find(({ kind, mends }) => kind.id === 'chassis' && mends)!;
    const { wheelbaseIn, frontAxleId, rearAxleId } = other.build.chassis;
    if (wheelbaseIn !== heavy.chassis.wheelbaseIn)
      expect(other.label).toContain(`wheelbase {${wheelbaseIn} in}`);
    // What the label names is what stands there: the ratings are those of the axles chosen.
    for (const id of [frontAxleId, rearAxleId])
      expect(other.label.replaceAll(/[{}]/g, '')).toContain(`${id.split('-')[1]} lb`);
    expect(other.build.tank).toEqual(heavy.tank);
  });
});
