import { inUnits } from '../units/index.js';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { parseBuild, starterBuild, withBody, withChassisSetting, withHose, withLadder, withPump, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { CHECKS, contributorsOf, evaluate, governing, rank, stepStates } from './index.js';
import { remediesFor } from '../mending/index.js';
import { report } from '../study/index.js';
import type { CheckId, Status } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const plain = starterBuild('pumper', 'Plain', 'D');
const find = (spec: BuildSpec, id: CheckId) => evaluate(spec).findings.find((finding) => finding.id === id);

describe('the demonstration', () => {
  it('has a pumper over on its front axle, and nothing else failing anywhere', () => {
    const failing = [pumper, aerial, brush].flatMap((build) => evaluate(build).findings.filter((f) => f.status === 'fails').map((f) => `${build.name}: ${f.id}`));
    expect(failing).toEqual(['River pumper: frontAxle']);
  });
  it('is over by what was added to the bumper', () => {
    const items = evaluate(pumper).rig.components.filter((c) => c.group === 'Front bumper' || c.id === 'hose-1');
    expect(items).toHaveLength(5);
    expect(find({ ...pumper, bumper: { partId: 'plain', itemIds: [] }, hose: pumper.hose.slice(1) }, 'frontAxle')?.status).toBe('holds');
  });
  it('has at least two computed remedies that mend it with no other harm', () => {
    const mending = remediesFor(pumper, 'frontAxle').filter((remedy) => remedy.mends && remedy.worse.length === 0);
    expect(mending.length).toBeGreaterThanOrEqual(2);
    expect(new Set(mending.map((remedy) => remedy.kind)).size).toBeGreaterThanOrEqual(2);
  });
});

describe('a remedy', () => {
  const remedies = remediesFor(pumper, 'frontAxle');
  it.each(remedies.map((remedy) => [remedy.label, remedy] as const))('%s does what it says', (_, remedy) => {
    const before = evaluate(pumper);
    const after = evaluate(parseBuild(JSON.parse(JSON.stringify(remedy.spec))));
    const finding = after.findings.find((f) => f.id === 'frontAxle')!;
    expect(finding.actual).toBeCloseTo(remedy.after.actual, 9);
    expect(finding.status).toBe(remedy.after.status);
    expect(remedy.change.frontLb).toBeCloseTo(after.states[0]!.weights.front.loadLb - before.states[0]!.weights.front.loadLb, 9);
    for (const title of remedy.worse) expect(rank(after.findings.find((f) => f.title === title)!.status)).toBeGreaterThan(0);
  });
  it('is not offered where all is well, and not claimed where nothing mends', () => {
    expect(remediesFor(plain, 'frontAxle')).toEqual([]);
    const hopeless = { ...pumper, chassis: { ...pumper.chassis, wheelbaseIn: 210, crew: 6 }, equipment: Array.from({ length: 40 }, () => ({ partId: 'cribbing', count: 10, compartmentId: 'cab' })) };
    expect(remediesFor(hopeless, 'frontAxle').every((remedy) => !remedy.mends && remedy.after.actual !== remedy.before.actual)).toBe(true);
  });
  it('moves a named heavy item to level the sides', () => {
    const leaning = { ...plain, equipment: [{ partId: 'cribbing', count: 12, compartmentId: 'R3' }] };
    expect(find(leaning, 'sideRear')?.status).toBe('fails');
    const moves = remediesFor(leaning, 'sideRear').filter((remedy) => remedy.kind === 'move');
    expect(moves[0]).toMatchObject({ mends: true, label: expect.stringMatching(/^Move cribbing set \(\{1680 lb\}\) from R3 to (L\d|B1)$/) });
  });
});

/** A chassis without stability control, rated too high for a type 6. */
const MEDIUM: BuildSpec['chassis'] = { partId: 'medium-4x4', wheelbaseIn: 170, frontAxleId: 'front-14000', rearAxleId: 'rear-23000', roofId: 'flat', crew: 2 };

/** For every check, a build that it passes and one that it does not. */
const CASES: [CheckId, BuildSpec, BuildSpec, Status][] = [
  ['frontAxle', plain, pumper, 'fails'],
  ['rearAxle', plain, withChassisSetting(withTank(plain, { gallons: 1500 }), { rearAxleId: 'rear-24000' }), 'fails'],
  ['gross', plain, withChassisSetting(withTank(plain, { gallons: 1500, aftIn: 0 }), { rearAxleId: 'rear-24000', frontAxleId: 'front-18000' }), 'fails'],
  ['frontShare', plain, withBody(withTank(withChassisSetting(plain, { wheelbaseIn: 160 }), { gallons: 1500, aftIn: 60, shape: 'tShape' }), { lengthIn: 260 }), 'fails'],
  ['frontLeast', plain, withBody(withTank(withChassisSetting(plain, { wheelbaseIn: 160, crew: 2 }), { gallons: 1500, aftIn: 100 }), { lengthIn: 260 }), 'fails'],
  ['sideRear', plain, { ...plain, equipment: [{ partId: 'cribbing', count: 12, compartmentId: 'R3' }] }, 'fails'],
  ['sideFront', plain, { ...plain, equipment: [{ partId: 'cribbing', count: 60, compartmentId: 'L1' }] }, 'fails'],
  ['roll', plain, { ...starterBuild('brush', 'Tall and leaning', 'D'), chassis: MEDIUM, tank: { gallons: 1000, shape: 'skid', aftIn: 0 }, ladders: { mountId: 'top', partIds: Array.from({ length: 12 }, () => 'extension-35-3') }, equipment: [{ partId: 'recovery-kit', count: 66, compartmentId: 'R2' }], hose: [{ bedId: 'tray-right', hoseId: 'attack-2.5', lengthFt: 3000 }] }, 'fails'],
  ['typeGvwr', brush, { ...brush, chassis: MEDIUM }, 'fails'],
  ['pumpLeast', plain, withPump(plain, undefined), 'fails'],
  ['tankLeast', plain, withTank(plain, { gallons: 290 }), 'fails'],
  ['seats', brush, withChassisSetting(brush, { crew: 1 }), 'fails'],
  ['supplyHose', plain, withHose(plain, 'main-left', null), 'fails'],
  ['attackHose', plain, withHose(plain, 'crosslay-1', null), 'fails'],
  ['hose15', brush, withHose(brush, 'tray-left', null), 'fails'],
  ['hose1', brush, withHose(withHose(brush, 'reel', null), 'tray-right', null), 'fails'],
  ['groundLadders', aerial, withLadder(aerial, 'extension-35-3', false), 'fails'],
  ['roofLadder', plain, withLadder(plain, 'roof-14', false), 'fails'],
  ['extensionLadder', plain, withLadder(plain, 'extension-24', false), 'fails'],
  ['atticLadder', plain, withLadder(plain, 'attic-10', false), 'fails'],
  ['tankFits', plain, withTank(plain, { aftIn: 110 }), 'fails'],
  ['hoseFits', plain, withHose(plain, 'crosslay-1', { hoseId: 'supply-5', lengthFt: 400 }), 'fails'],
  ['laddersFit', plain, withLadder(plain, 'extension-35', true), 'fails'],
  ['wheelsFit', plain, withBody(withChassisSetting(plain, { wheelbaseIn: 210 }), { lengthIn: 110 }), 'fails'],
];

describe('each check', () => {
  it.each(CASES)('%s tells a build that it passes from one that it does not', (id, good, bad, status) => {
    expect(find(good, id)?.status).toBe('holds');
    const finding = find(bad, id)!;
    expect(finding.status, finding.words).toBe(status);
    expect(Math.sign(finding.margin)).toBe(status === 'fails' ? -1 : 1);
    expect(finding.words).toMatch(/\d/);
    expect(finding.basis.length).toBeGreaterThan(5);
  });

  it.each(CASES.filter(([, , , status]) => status === 'fails').map(([id, , bad]) => [id, bad] as const))('%s, failing, has a change to offer, and what is said to mend does', (id, bad) => {
    const remedies = remediesFor(bad, id);
    expect(remedies.length).toBeGreaterThan(0);
    for (const remedy of remedies) {
      parseBuild(JSON.parse(JSON.stringify(remedy.spec)));
      if (remedy.mends) expect(find(remedy.spec, id)?.status ?? 'holds', remedy.label).not.toBe('fails');
    }
  });

  it.each<[CheckId, BuildSpec, RegExp]>([
    ['pumpLeast', withPump(plain, undefined), /^PTO 1,000 gpm/],
    ['tankLeast', withTank(plain, { gallons: 290 }), /^Tank of 300 gal instead of 290 gal/],
    ['seats', withChassisSetting(brush, { crew: 1 }), /^2 seats instead of 1/],
    ['supplyHose', withHose(plain, 'main-left', null), /ft of .* in hose bed/],
    ['roofLadder', withLadder(plain, 'roof-14', false), /^Carry a 1[46] ft roof ladder/],
    ['tankFits', withTank(plain, { aftIn: 110 }), /^Move the tank .* forward/],
    ['laddersFit', withLadder(plain, 'extension-35', true), /^Leave off the 35 ft two-section ladder/],
    ['typeGvwr', { ...brush, chassis: MEDIUM }, /^Light 4x4 crew cab/],
  ])('%s is mended by what a fire officer would do', (id, bad, label) => {
    expect(remediesFor(bad, id).filter((remedy) => remedy.mends).map((remedy) => inUnits(remedy.label, 'us'))).toContainEqual(expect.stringMatching(label));
  });

  it('equipment without its compartment may stay where it is weighed', () => {
    const short = withBody(withChassisSetting(pumper, { wheelbaseIn: 210 }), { lengthIn: 122 });
    const [first] = remediesFor(short, 'equipmentPlace');
    expect(first).toMatchObject({ kind: 'move', mends: true, label: expect.stringContaining('L3 in L2') });
    expect(find(first!.spec, 'equipmentPlace')?.status).toBe('holds');
  });

  it('compartments: enough, or too little on the smallest flatbed', () => {
    expect(find(plain, 'compartments')?.status).toBe('holds');
    expect(find({ ...brush, profileId: 'us-pumper' }, 'compartments')?.actual).toBeGreaterThan(20);
  });

  it('is named in the order of the list, once', () => {
    const ids = evaluate(aerial).findings.map((finding) => finding.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.length).toBeLessThanOrEqual(CHECKS.length);
  });

  it('cautions when the mean is within and the 95 % load is over', () => {
    const finding = find(aerial, 'frontAxle')!;
    expect(finding.margin).toBeGreaterThan(0);
    expect(finding).toMatchObject({ status: 'caution', words: expect.stringContaining('95 % confidence') });
  });

  it('says by what the roll check holds although the centre of gravity is high', () => {
    expect(find(aerial, 'roll')).toMatchObject({ status: 'holds', by: 'by tilt', margin: expect.any(Number) });
    expect(find(aerial, 'roll')!.margin).toBeLessThan(0);
  });

  it('names the lowest of the ratings', () => {
    const { frontAxle } = evaluate(brush).rig;
    expect(governing({ ...frontAxle, ratings: { axleLb: 7500, tyresLb: 7100, wheelsLb: 7600, suspensionLb: 7500 } })).toEqual({ limitLb: 7100, name: 'tyre rating' });
    expect(governing(frontAxle)).toEqual({ limitLb: 7500, name: 'axle rating' });
  });

  it('has causes where it is a matter of weight, on the side that is heavier', () => {
    const leaning = evaluate({ ...plain, equipment: [{ partId: 'cribbing', count: 12, compartmentId: 'R3' }] });
    const causes = contributorsOf(leaning, leaning.findings.find((finding) => finding.id === 'sideRear')!);
    expect(causes[0]!.name).toBe('Cribbing set × 12');
    for (const finding of leaning.findings) expect(contributorsOf(leaning, finding).length > 0, finding.id).toBe(finding.state !== null);
  });

  it('lists contributors that amount to most of the load', () => {
    const finding = find(pumper, 'frontAxle')!;
    const contributors = contributorsOf(evaluate(pumper), finding);
    expect(contributors[0]!.componentId).toBe('chassis');
    const amounts = contributors.map((c) => c.amountLb);
    expect(amounts).toEqual([...amounts].sort((a, b) => b - a));
    expect(amounts.reduce((a, b) => a + b, 0)).toBeGreaterThan(finding.actual * 0.6);
  });
});

describe('the steps', () => {
  it('are in working order, with a line each and the worst of what speaks of them', () => {
    const states = stepStates(aerial, evaluate(aerial));
    expect(states.map((state) => state.id)).toEqual(['chassis', 'cab', 'bumper', 'device', 'pump', 'tank', 'foam', 'hose', 'ladders', 'body', 'equipment', 'fittings']);
    expect(stepStates(pumper, evaluate(pumper)).map((state) => state.id)).not.toContain('device');
    for (const state of states) expect(state.line.length).toBeGreaterThan(3);
    expect(stepStates(pumper, evaluate(pumper)).find((state) => state.id === 'bumper')?.status).toBe('fails');
  });
});

describe('the report of the contract', () => {
  it('is plain JSON with the findings, remedies and loads that the screens show', () => {
    const result = report(pumper);
    expect(JSON.parse(JSON.stringify(result))).toEqual(result);
    expect(result.findings.find((f) => f.id === 'frontAxle')!.remedies.length).toBeGreaterThanOrEqual(2);
    expect(result.summary.frontLb).toBe(result.states[0]!.weights.front.loadLb);
    expect(result.components.reduce((sum, c) => sum + c.weightLb, 0)).toBeCloseTo(result.summary.grossLb, 6);
  });
});
