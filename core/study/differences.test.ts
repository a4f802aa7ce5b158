import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { evaluate, measure } from '../review/index.js';
import { copiedProfile, withBody, withBumper, withBumperItem, withChassis, withCorrection, withDevice, withDivider, withEquipment, withEquipmentLine, withFitting, withFoam, withHose, withItem, withLadder, withLimit, withMoney, withOwnProfile, withProfile, withPump, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { inUnits } from '../units/index.js';
import { differencesOf, mergeBuilds } from './index.js';

const [pumper, aerial] = DEMONSTRATION.flatMap(({ builds }) => builds) as [BuildSpec, BuildSpec];
const ITEM = { id: 'own-1', name: 'Trunk', weightLb: 80, xIn: 120, yIn: 0, zIn: 60, basis: 'estimated' as const, priceCents: 0 };
const said = (before: BuildSpec, after: BuildSpec) => differencesOf(before, after).map(({ title, before: was, after: is }) => inUnits(`${title}: ${was} → ${is}`, 'us'));

/** One change of each kind, and how it reads. */
const CHANGES: [string, (spec: BuildSpec) => BuildSpec, RegExp[]][] = [
  ['the tank', (s) => withTank(s, { gallons: 750 }), [/^Water: 1,000 gal → 750 gal$/]],
  ['its shape and place', (s) => withTank(s, { shape: 'lowWide', aftIn: 8 }), [/^Shape of the tank: T-shaped → Low and wide$/, /^Tank set back: 0 in → 8 in$/]],
  ['a pump less', (s) => withPump(s, undefined), [/^Pump: Midship 1,500 gpm, side panel → none$/, /^Crosslay 1: 200 ft of 1¾ in attack → none$/, /^Crosslay 2/, /^Crosslay 3/]],
  ['a bumper item', (s) => withBumperItem(s, 'bumper-monitor', false), [/^On the bumper: Hose well with cover, Receiver with 9,000 lb portable winch, Bumper monitor, remote → Hose well with cover, Receiver/]],
  ['foam', (s) => withFoam(s, undefined), [/^Foam: .*, 30 gal → none$/]],
  ['hose in a bed', (s) => withHose(s, 'main-left', { hoseId: 'supply-4', lengthFt: 800 }), [/^Hose bed, driver’s side: 1,000 ft of 5 in supply → 800 ft of 4 in supply$/]],
  ['a ladder', (s) => withLadder(s, 'roof-16', true), [/^Ladders: .* → .*16 ft roof$/]],
  ['a body', (s) => withBody(s, { partId: 'body-poly', lengthIn: 156 }), [/^Body: Aluminium body → Poly body$/, /^Body length: 150 in → 156 in$/]],
  ['a bulkhead', (s) => withDivider(s, 'frontDividerIn', 6), [/^Bulkhead ahead of the wheels: forward by 0 in → forward by 6 in$/]],
  ['a fitting', (s) => withFitting(s, 'light-mast', true), [/Light mast, folded$/]],
  ['a piece of equipment', (s) => withEquipment(s, 'cribbing', 'L1'), [/^Cribbing set, L1: none → 1$/]],
  ['an item of its own', (s) => withItem(s, 'own-1', ITEM), [/^Trunk: none → Trunk, 80 lb at 120 in, 0 in, 60 in$/]],
  ['a weight', (s) => withCorrection(s, 'body', { weightLb: 3_900, basis: 'weighed' }), [/^Weight of body: none → 3,900 lb, weighed$/]],
  ['a budget', (s) => withMoney(s, { budgetCents: 90_000_000 }), [/^Budget: .* → \$900,000, 3 % not itemised$/]],
];

describe('what differs, choice by choice', () => {
  it.each(CHANGES)('%s', (_, change, expected) => {
    const lines = said(pumper, change(pumper));
    expect(lines).toHaveLength(expected.length);
    for (const line of expected) expect(lines).toContainEqual(expect.stringMatching(line));
  });

  it('nothing where nothing differs, and both ways alike', () => {
    expect(differencesOf(pumper, structuredClone(pumper))).toEqual([]);
    for (const [, change] of CHANGES) expect(differencesOf(change(pumper), pumper).map(({ id }) => id)).toEqual(differencesOf(pumper, change(pumper)).map(({ id }) => id));
  });

  it('nothing where only the order of fields differs, as a database may leave them', () => {
    const turned = <T,>(value: T): T => (Array.isArray(value) ? value.map(turned) : typeof value === 'object' && value !== null ? Object.fromEntries(Object.entries(value).reverse().map(([key, inner]) => [key, turned(inner)])) : value) as T;
    expect(differencesOf(pumper, turned(pumper))).toEqual([]);
    expect(mergeBuilds(pumper, withTank(pumper, { gallons: 500 }), turned(withFitting(pumper, 'light-mast', true))).collisions).toEqual([]);
  });

  it('an aerial’s device', () => {
    expect(said(aerial, withDevice(aerial, 'ladder-107-rear'))).toContainEqual(expect.stringMatching(/^Aerial device: 100 ft ladder, rear mount, two pairs of outriggers → 107 ft ladder/));
  });
});

describe('two builds out of one, as one', () => {
  const pairs = CHANGES.flatMap(([a, mine], i) => CHANGES.slice(i + 1).map(([b, theirs]) => [a, b, mine, theirs] as const));

  it.each(pairs)('%s here, %s there: both are in it, whichever comes first', (_a, _b, mine, theirs) => {
    const merged = mergeBuilds(pumper, mine(pumper), theirs(pumper));
    const other = mergeBuilds(pumper, theirs(pumper), mine(pumper));
    if (merged.collisions.length) return expect(other.collisions.map(({ id }) => id)).toEqual(merged.collisions.map(({ id }) => id));
    expect(merged.problems).toEqual([]);
    expect(measure(merged.spec!).grossLb).toBeCloseTo(measure(other.spec!).grossLb, 6);
    const changed = new Set([...differencesOf(pumper, mine(pumper)), ...differencesOf(pumper, theirs(pumper))].map(({ id }) => id));
    expect(new Set(differencesOf(pumper, merged.spec!).map(({ id }) => id))).toEqual(changed);
  });

  it('what both changed is told, and theirs stands until a person says otherwise', () => {
    const merged = mergeBuilds(pumper, withFitting(withTank(pumper, { gallons: 500 }), 'light-mast', true), withTank(pumper, { gallons: 750 }));
    expect(merged.collisions.map(({ id, before, after }) => [id, inUnits(before, 'us'), inUnits(after, 'us')])).toEqual([['tank.gallons', '750 gal', '500 gal']]);
    expect(merged.spec).toMatchObject({ tank: { gallons: 750 }, fittingIds: expect.arrayContaining(['light-mast']) });
  });

  it('alike on both sides is no collision', () => {
    const both = withTank(pumper, { gallons: 500 });
    expect(mergeBuilds(pumper, both, structuredClone(both))).toMatchObject({ mine: [], collisions: [] });
  });

  it('pieces of equipment are merged one by one', () => {
    const mine = withEquipment(withEquipment(pumper, 'irons', 'R3'), 'cribbing', 'L1');
    const theirs = withEquipmentLine(withEquipment(pumper, 'drone', 'L2'), 0, null);
    const { spec, collisions } = mergeBuilds(pumper, mine, theirs);
    expect(collisions).toEqual([]);
    expect(spec!.equipment).toHaveLength(pumper.equipment.length + 3 - 1);
  });

  it('what either has confirmed is confirmed', () => {
    const base = { ...pumper, assumed: ['gallons', 'mount', 'pump'] };
    const merged = mergeBuilds(base, { ...base, assumed: ['mount', 'pump'] }, { ...base, assumed: ['gallons', 'pump'] });
    expect(merged).toMatchObject({ collisions: [], spec: { assumed: ['pump'] } });
  });

  it('limits of one’s own are one choice: they come along whole, and two sets of them collide', () => {
    const own = (value: number) => withLimit(withOwnProfile(pumper, copiedProfile(pumper, 'ours', 'Ours')), 'sideImbalancePct', { value });
    const { spec, mine, collisions } = mergeBuilds(pumper, own(5), withTank(pumper, { gallons: 750 }));
    expect(spec).toEqual({ ...own(5), tank: { ...pumper.tank, gallons: 750 } });
    expect([mine.map(({ title }) => title), collisions]).toEqual([['Limits held against'], []]);
    expect(mergeBuilds(pumper, own(5), own(6)).collisions.map(({ title }) => title)).toEqual(['Limits held against']);
    expect(mergeBuilds(own(5), withProfile(own(5), 'us-2016-pumper'), own(5)).spec).toEqual(withProfile(pumper, 'us-2016-pumper'));
  });

  it('says why what no longer goes together is no whole build', () => {
    const { spec, problems } = mergeBuilds(pumper, withBumperItem(withBumper(pumper, 'steel-24'), 'front-suction', true), withChassis(withBumper(pumper, 'plain'), 'commercial-hood'));
    expect(spec === null ? problems[0]?.message : evaluate(spec).findings.length).toBeTruthy();
  });
});
