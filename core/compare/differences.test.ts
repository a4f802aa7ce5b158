import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { withBody, withDivider } from '../subjects/body/index.js';
import { withBumper, withBumperItem } from '../subjects/bumper/index.js';
import { withChassis } from '../subjects/chassis/index.js';
import { withDevice } from '../subjects/device/index.js';
import { withEquipment, withEquipmentLine } from '../subjects/equipment/index.js';
import { withFitting } from '../subjects/fittings/index.js';
import { withFoam } from '../subjects/foam/index.js';
import {
  loadsIn,
  withCrosslaysAt,
  withDividerAt,
  withLoad,
  withNewLoad,
  withSections,
} from '../subjects/hose/index.js';
import { withPumpAt } from '../subjects/pump/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import { withLadder } from '../subjects/ladders/index.js';
import { copiedProfile, withLimit, withOwnProfile, withProfile } from '../subjects/limits/index.js';
import { withMoney } from '../subjects/money/index.js';
import { withPump } from '../subjects/pump/index.js';
import { withTank } from '../subjects/tank/index.js';
import { withWeighed } from '../subjects/weights/index.js';
import { inUnits } from '../units/index.js';
import { differencesOf, mergeBuilds } from './index.js';

const [shown, aerial] = DEMONSTRATION.flatMap(({ builds }) => builds) as [Build, Build];
/** Without its list of hose: each section that leaves a bed is a difference. */
const pumper = withSections(shown, []);
const ITEM = {
  id: 'own-1',
  name: 'Trunk',
  weightLb: 80,
  xIn: 120,
  yIn: 0,
  zIn: 60,
  basis: 'estimated' as const,
  priceCents: 0,
};
const said = (before: Build, after: Build) =>
  differencesOf(before, after).map(({ title, before: was, after: is }) =>
    inUnits(`${title}: ${was} → ${is}`, 'us'),
  );

/** A change as a person makes it: what no longer fits goes with it. */
const made = (change: (build: Build) => Build): Build => house.settle(change(pumper));

/** One change of each kind, and how it reads. */
const CHANGES: [string, (build: Build) => Build, RegExp[]][] = [
  ['the tank', (s) => withTank(s, { gallons: 750 }), [/^Water: 1,000 gal → 750 gal$/]],
  [
    'its shape and place',
    (s) => withBlock(s, 'tank', { shapeId: 'lowWide', aftIn: 8 }),
    [
      /^Shape of the tank: T-shaped → Low and wide$/,
      /^Tank set back from the front of the body: 0 in → 8 in$/,
    ],
  ],
  [
    'a pump less',
    (s) => withPump(s, undefined),
    [
      /^Pump: Midship 1,500 gpm, side panel → none$/,
      /^Crosslay 1: 200 ft of 1¾ in attack → none$/,
      /^Crosslay 2/,
      /^Crosslay 3/,
      /^Discharge: Crosslay 1, 2 in, on top of the pump → none$/,
      /^Discharge: Crosslay 2/,
      /^Discharge: Crosslay 3/,
      /^Line: as it usually is → none$/,
      /^Line: smooth bore, 1⅛ in tip → none$/,
    ],
  ],
  [
    'a bumper item',
    (s) => withBumperItem(s, 'bumper-monitor', false),
    [
      /^On the bumper: Bumper monitor, remote → none$/,
      /^Discharge: Bumper monitor, 2 in, at the front bumper → none$/,
    ],
  ],
  [
    'an arrangement',
    (s) => withCrosslaysAt(withPumpAt(s, 'crewModule'), 'ahead'),
    [
      /^Where the pump stands: none → in a crew module that joins the cab$/,
      /^Where the crosslays lie: none → in a module ahead of the pump$/,
    ],
  ],
  [
    'a divider of the hose bed',
    (s) => withDividerAt(s, 'middle', 8),
    [/^Hose bed divider: none → 8 in to the officer’s side$/],
  ],
  ['foam', (s) => withFoam(s, undefined), [/^Foam: .*, 30 gal · 0\.3 % → none$/]],
  [
    'hose in a bed',
    (s) => withLoad(s, loadsIn(s, 'main-left')[0]!.id, { partId: 'supply-4', lengthFt: 800 }),
    [/^Hose bed, driver’s side: 1,000 ft of 5 in supply → 800 ft of 4 in supply$/],
  ],
  ['a ladder', (s) => withLadder(s, 'roof-16', true), [/^Ladder carried: none → 16 ft roof$/]],
  [
    'a body',
    (s) => withBody(s, { partId: 'body-poly', lengthIn: 156 }),
    [/^Body: Aluminum body → Poly body$/, /^Body length: 164 in → 156 in$/],
  ],
  [
    'a bulkhead',
    (s) => withDivider(s, 'frontDividerIn', 6),
    [/^Bulkhead ahead of the wheels, forward by: none → 6 in$/],
  ],
  ['a fitting', (s) => withFitting(s, 'light-mast', true), [/Light mast, folded$/]],
  ['a piece of equipment', (s) => withEquipment(s, 'cribbing', 'L1'), [/^Cribbing set, L1: none → 1$/]],
  [
    'an item of its own',
    (s) => withItem(s, 'own-1', ITEM),
    [/^Trunk: none → Trunk, 80 lb at 120 in, 0 in, 60 in$/],
  ],
  [
    'a weight',
    (s) => withWeighed(s, 'body', { id: 'body', name: 'Body', weightLb: 3_900, basis: 'weighed' }),
    [/^Weight of Body: none → 3,900 lb, weighed$/],
  ],
  [
    'a budget',
    (s) => withMoney(s, { budgetCents: 90_000_000 }),
    [/^Budget: .* → \$900,000, 3 % not itemized$/],
  ],
];

describe('what differs, choice by choice', () => {
  it.each(CHANGES)('%s', (_, change, expected) => {
    const lines = said(pumper, made(change));
    expect(lines).toHaveLength(expected.length);
    for (const line of expected) expect(lines).toContainEqual(expect.stringMatching(line));
  });

  it('nothing where nothing differs, and both ways alike', () => {
    expect(differencesOf(pumper, structuredClone(pumper))).toEqual([]);
    for (const [, change] of CHANGES) {
      const changed = made(change);
      expect(differencesOf(changed, pumper).map(({ id }) => id)).toEqual(
        differencesOf(pumper, changed).map(({ id }) => id),
      );
    }
  });

  it('nothing where only the order of fields differs, as a database may leave them', () => {
    const turned = <T>(value: T): T =>
      (Array.isArray(value)
        ? value.map(turned)
        : typeof value === 'object' && value !== null
          ? Object.fromEntries(
              Object.entries(value)
                .reverse()
                .map(([key, inner]) => [key, turned(inner)]),
            )
          : value) as T;
    expect(differencesOf(pumper, turned(pumper))).toEqual([]);
    expect(
      mergeBuilds(pumper, withTank(pumper, { gallons: 500 }), turned(withFitting(pumper, 'light-mast', true)))
        .collisions,
    ).toEqual([]);
  });

  it('an aerial’s device', () => {
    expect(said(aerial, withDevice(aerial, 'ladder-107-rear'))).toContainEqual(
      expect.stringMatching(
        /^Aerial device: 100 ft ladder, rear mount, two pairs of outriggers → 107 ft ladder/,
      ),
    );
  });
});

describe('two builds out of one, as one', () => {
  const pairs = CHANGES.flatMap(([a, mine], i) =>
    CHANGES.slice(i + 1).map(([b, theirs]) => [a, b, mine, theirs] as const),
  );

  it.each(pairs)('%s here, %s there: both are in it, whichever comes first', (_a, _b, mine, theirs) => {
    // Made once: a new line has another id each time.
    const [here, there] = [made(mine), made(theirs)];
    const merged = mergeBuilds(pumper, here, there);
    const other = mergeBuilds(pumper, there, here);
    if (merged.collisions.length)
      return expect(other.collisions.map(({ id }) => id)).toEqual(merged.collisions.map(({ id }) => id));
    expect(merged.problems).toEqual([]);
    expect(house.measure(merged.build!)['gross']!).toBeCloseTo(house.measure(other.build!)['gross']!, 6);
    const changed = new Set(
      [...differencesOf(pumper, here), ...differencesOf(pumper, there)].map(({ id }) => id),
    );
    expect(new Set(differencesOf(pumper, merged.build!).map(({ id }) => id))).toEqual(changed);
  });

  it('what both changed is told, and theirs stands until a person says otherwise', () => {
    const merged = mergeBuilds(
      pumper,
      withFitting(withTank(pumper, { gallons: 500 }), 'light-mast', true),
      withTank(pumper, { gallons: 750 }),
    );
    expect(
      merged.collisions.map(({ id, before, after }) => [id, inUnits(before, 'us'), inUnits(after, 'us')]),
    ).toEqual([['tank.gallons', '750 gal', '500 gal']]);
    expect(merged.build).toMatchObject({
      tank: { gallons: 750 },
      fittings: { lines: expect.arrayContaining([expect.objectContaining({ partId: 'light-mast' })]) },
    });
  });

  it('alike on both sides is no collision', () => {
    const both = withTank(pumper, { gallons: 500 });
    expect(mergeBuilds(pumper, both, structuredClone(both))).toMatchObject({ mine: [], collisions: [] });
  });

  it('pieces of equipment are merged one by one', () => {
    const mine = withEquipment(withEquipment(pumper, 'irons', 'R3'), 'cribbing', 'L1');
    const theirs = withEquipmentLine(
      withEquipment(pumper, 'drone', 'L2'),
      pumper.equipment.lines[0]!.id,
      null,
    );
    const { build, collisions } = mergeBuilds(pumper, mine, theirs);
    expect(collisions).toEqual([]);
    expect(build!.equipment.lines).toHaveLength(pumper.equipment.lines.length + 3 - 1);
  });

  it('what was added on both sides to one bed is both there', () => {
    const mine = withNewLoad(pumper, 'main-right', 'attack-2.5', 200);
    const theirs = withNewLoad(pumper, 'main-right', 'attack-2', 150);
    const { build, collisions, problems } = mergeBuilds(pumper, mine, theirs);
    expect([collisions, problems]).toEqual([[], []]);
    expect(loadsIn(build!, 'main-right').map(({ lengthFt }) => lengthFt)).toEqual(
      expect.arrayContaining([200, 150]),
    );
  });

  it('one line changed here and taken away there is told, not lost', () => {
    const { id } = loadsIn(pumper, 'main-left')[0]!;
    const { collisions } = mergeBuilds(
      pumper,
      withLoad(pumper, id, { lengthFt: 650 }),
      withLoad(pumper, id, null),
    );
    expect(collisions.map((one) => one.id)).toEqual([`hose.loads.${id}`]);
  });

  it('what either has confirmed is confirmed', () => {
    const base = { ...pumper, assumed: ['gallons', 'mount', 'pump'] };
    const merged = mergeBuilds(
      base,
      { ...base, assumed: ['mount', 'pump'] },
      { ...base, assumed: ['gallons', 'pump'] },
    );
    expect(merged).toMatchObject({ collisions: [], build: { assumed: ['pump'] } });
  });

  it('limits of one’s own are one choice: they come along whole, and two sets of them collide', () => {
    const own = (value: number) =>
      house.carrying(
        withLimit(
          house.limits,
          withOwnProfile(pumper, copiedProfile(house.limits, pumper, 'ours', 'Ours')),
          'sideImbalancePct',
          { value },
        ),
      );
    const { build, mine, collisions } = mergeBuilds(pumper, own(5), withTank(pumper, { gallons: 750 }));
    expect(build).toEqual({ ...own(5), tank: { ...pumper.tank, gallons: 750 } });
    expect([mine.map(({ title }) => title), collisions]).toEqual([['Limit profile'], []]);
    expect(mergeBuilds(pumper, own(5), own(6)).collisions.map(({ title }) => title)).toEqual([
      'Limit profile',
    ]);
    expect(mergeBuilds(own(5), withProfile(own(5), 'us-2016-pumper'), own(5)).build).toEqual(
      house.carrying(withProfile(pumper, 'us-2016-pumper')),
    );
  });

  it('says why what no longer goes together is no whole build', () => {
    const { build, problems } = mergeBuilds(
      pumper,
      withBumperItem(withBumper(pumper, 'steel-24'), 'front-suction', true),
      withChassis(withBumper(pumper, 'plain'), 'commercial-hood'),
    );
    expect(build === null ? problems[0]?.message : house.evaluate(build).findings.length).toBeTruthy();
  });
});
