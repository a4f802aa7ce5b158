import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import {
  bedsFor, parseBuild, starterBuild, suitsBed, withBody, withBumperItem, withChassis, withChassisSetting, withDevice, withEquipmentLine, withFitting, withFoam, withHose, withLadder,
  withOutriggers, withPump, withTank,
} from './index.js';
import type { BuildSpec } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [BuildSpec, BuildSpec, BuildSpec];
const frozen = (spec: BuildSpec) => JSON.stringify(spec);

describe('an edit', () => {
  const edits: [string, BuildSpec, (spec: BuildSpec) => BuildSpec][] = [
    ['another chassis', pumper, (s) => withChassis(s, 'commercial-hood')],
    ['another wheelbase', pumper, (s) => withChassisSetting(s, { wheelbaseIn: 180 })],
    ['a bumper item off', pumper, (s) => withBumperItem(s, 'bumper-monitor', false)],
    ['no pump', pumper, (s) => withPump(s, undefined)],
    ['another tank', pumper, (s) => withTank(s, { gallons: 500, shape: 'lShape' })],
    ['no foam', pumper, (s) => withFoam(s, undefined)],
    ['foam', aerial, (s) => withFoam(s, { partId: 'injection-a-large', gallons: 30 })],
    ['other hose', pumper, (s) => withHose(s, 'main-left', { hoseId: 'supply-4', lengthFt: 600 })],
    ['an empty bed', pumper, (s) => withHose(s, 'main-left', null)],
    ['one more ladder', pumper, (s) => withLadder(s, 'articulating-22', true)],
    ['another body', pumper, (s) => withBody(s, { partId: 'body-stainless', doors: 'hinged' })],
    ['another device', aerial, (s) => withDevice(s, 'platform-100-mid')],
    ['a fitting', pumper, (s) => withFitting(s, 'light-mast', true)],
    ['equipment elsewhere', brush, (s) => withEquipmentLine(s, 0, { compartmentId: 'R2' })],
    ['equipment gone', brush, (s) => withEquipmentLine(s, 0, null)],
  ];

  it.each(edits)('%s leaves what was there before, and a whole build after', (_, before, edit) => {
    const text = frozen(before);
    const after = edit(before);
    expect(frozen(before)).toBe(text);
    expect(frozen(after)).not.toBe(text);
    expect(() => parseBuild(JSON.parse(frozen(after)))).not.toThrow();
  });

  it('done twice is the same as once', () => {
    for (const [name, before, edit] of edits.filter(([name]) => !name.startsWith('equipment'))) expect(edit(edit(before)), name).toEqual(edit(before));
  });
});

describe('what an edit fits to its chassis', () => {
  it.each([[161, 162], [181.4, 182], [9999, 210], [-5, 160], [200, 200]])('a wheelbase of %d in becomes %d in', (asked, had) => {
    expect(withChassisSetting(pumper, { wheelbaseIn: asked }).chassis.wheelbaseIn).toBe(had);
  });

  it.each([[0, 1], [9, 6], [4, 4]])('%d seats become %d', (asked, had) => {
    expect(withChassisSetting(pumper, { crew: asked }).chassis.crew).toBe(had);
  });

  it.each([[20, 110], [400, 260], [155, 155]])('a body of %d in becomes %d in', (asked, had) => {
    expect(withBody(pumper, { lengthIn: asked }).body.lengthIn).toBe(had);
  });

  it('a raised roof is lost on a chassis without one', () => {
    expect(withChassis(pumper, 'commercial-hood').chassis.roofId).toBe('flat');
  });

  it('the highest rating on offer stands in for one that is higher still', () => {
    expect(withChassis(withChassisSetting(pumper, { frontAxleId: 'front-22800' }), 'commercial-hood').chassis.frontAxleId).toBe('front-16000');
  });
});

describe('lists keep their order', () => {
  it('hose stays in its bed’s place, new hose comes last', () => {
    const changed = withHose(pumper, 'crosslay-1', { hoseId: 'attack-2', lengthFt: 150 });
    expect(changed.hose.map((load) => load.bedId)).toEqual(pumper.hose.map((load) => load.bedId));
    const emptied = withHose(pumper, 'crosslay-1', null);
    expect(withHose(emptied, 'crosslay-1', { hoseId: 'attack-2', lengthFt: 150 }).hose.at(-1)).toMatchObject({ bedId: 'crosslay-1' });
  });

  it('what is turned off and on again comes last, once', () => {
    const again = withFitting(withFitting(pumper, 'light-bar', false), 'light-bar', true);
    expect(again.fittingIds).toEqual(['deck-monitor', 'inverter-3', 'light-bar']);
    expect(withFitting(again, 'light-bar', true).fittingIds).toEqual(again.fittingIds);
  });

  it('outriggers change on an aerial only', () => {
    expect(withOutriggers(pumper, 'two-pairs')).toBe(pumper);
    expect(withOutriggers(aerial, 'one-pair').device).toEqual({ partId: 'ladder-100-rear', outriggersId: 'one-pair' });
  });
});

describe('beds', () => {
  it.each([
    ['pumper', pumper, ['bumper-well', 'crosslay-1', 'crosslay-2', 'crosslay-3', 'main-left', 'main-right']],
    ['pumper without a pump', withPump(pumper, undefined), ['bumper-well', 'main-left', 'main-right']],
    ['brush truck', brush, ['reel', 'tray-left', 'tray-right']],
  ] as const)('of a %s', (_, spec, ids) => expect(bedsFor(spec).map((bed) => bed.id)).toEqual(ids));

  it.each([
    ['reel', 'booster', true], ['reel', 'attack', false], ['tray', 'forestry', true], ['tray', 'supply', false], ['crosslay', 'attack', true], ['main', 'supply', true], ['main', 'booster', false],
  ] as const)('a %s and %s hose: %s', (kind, use, suits) => expect(suitsBed({ kind }, { use })).toBe(suits));
});

describe('a new build', () => {
  it.each(['pumper', 'aerial', 'brush'] as const)('of a %s is whole and its own', (type) => {
    const one = starterBuild(type, 'One', 'D');
    expect(() => parseBuild(JSON.parse(frozen(one)))).not.toThrow();
    one.hose.push({ bedId: 'main-left', hoseId: 'supply-5', lengthFt: 100 });
    one.chassis.crew = 1;
    expect(starterBuild(type, 'Two', 'D').chassis.crew).toBeGreaterThan(1);
    expect(starterBuild(type, 'Two', 'D').hose.length).toBe(one.hose.length - 1);
  });
});
