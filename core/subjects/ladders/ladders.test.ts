import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { clashes, compartments, components } from '../../truck/index.js';
import { withEquipment } from '../equipment/index.js';
import { house } from '../index.js';
import { withPump } from '../pump/index.js';
import {
  ladderWays,
  laddersTable,
  toHand,
  waysTable,
  wayViews,
  withLadder,
  withLadderOn,
  withMount,
} from './index.js';

/** 24 ft, 14 ft and 10 ft ladders flat on the officer's side. */
const plain = starterBuild('pumper', 'Plain', 'D');
const ways = (build: Build) => house.evaluate(build).read(ladderWays);
const line = (build: Build, partId: string) => build.ladders.lines.find((one) => one.partId === partId)!.id;
const apart = withLadderOn(plain, line(plain, 'attic-10'), 'top');

describe('ladders ride in more than one way', () => {
  it('each with what carries it, and without running into anything', () => {
    expect(ways(apart).map(({ mount, laid }) => [mount.id, laid.map(({ ladder }) => ladder?.id)])).toEqual([
      ['flat', ['extension-24', 'roof-14']],
      ['top', ['attic-10']],
    ]);
    const all = house.evaluate(apart).read(components);
    const carriers = all
      .filter(({ id }) => id.startsWith('ladder-mount'))
      .map(({ id, weightLb }) => [id, weightLb]);
    expect(carriers).toEqual([
      ['ladder-mount', 85],
      ['ladder-mount-top', 60],
    ]);
    expect(house.evaluate(apart).read(clashes)).toEqual([]);
  });

  it('and back among the others nothing is said of it', () =>
    expect(withLadderOn(apart, line(apart, 'attic-10'), 'flat')).toEqual(plain));

  it('the worst of the ways is told', () => {
    const folding = withLadder(plain, 'articulating-22', true);
    const under = (id: string) => withLadderOn(folding, line(folding, id), 'under-bed');
    expect(house.evaluate(under('articulating-22')).finding('laddersFit')!.status).toBe('holds');
    // From the tail at 282 in to the tank, 85 in long from 123 in on.
    const long = house.evaluate(under('extension-24')).finding('laddersFit')!;
    expect(long.status).toBe('fails');
    expect(long.words).toMatch(/needs \{178 in\}; from the tail to the (tank|front of the body)/);
  });
});

describe('how far a way reaches', () => {
  const aerial = starterBuild('aerial', 'Tall', 'D');
  const reach = (build: Build, id: string) => ways(build).find(({ mount }) => mount.id === id)!.reach;
  const suction = withEquipment(plain, 'hard-suction-1', 'trough');
  const pumped = (id: string) => withMount(withPump(plain, id), 'tunnel');

  it.each<[string, Build, string, string]>([
    ['beside a body', plain, 'flat', 'from the tail to the cab'],
    [
      'a tunnel past a pump that leaves room beside it',
      withMount(plain, 'tunnel'),
      'tunnel',
      'from the tail to the cab',
    ],
    [
      'a tunnel as far as one that leaves none',
      pumped('pto-1000'),
      'tunnel',
      'from the tail to the pump house',
    ],
    ['a trough over a pump house that stands no higher', suction, 'trough', 'from the tail to the cab'],
    ['on a fly section along it', withMount(aerial, 'fly'), 'fly', 'along the fly section'],
    ['on a fly section that is not there', withMount(plain, 'fly'), 'fly', 'without a device to carry them'],
  ])('%s', (_, build, id, words) => expect(reach(build, id)).toBe(words));
});

describe('ladders come to hand', () => {
  const rack = house.evaluate(withMount(plain, 'rack')).read(toHand)[0]!;

  it('a rack swings out as far as its arms, and holds them at the hands', () => {
    // Carried 40 in over a frame of 40 in, the tallest 22 in on edge: arms of half of 80 less 36 in.
    expect(rack.swing!.besideIn).toBeCloseTo((80 - 36) / 2 + 11, 6);
    expect([rack.swing!.z0, rack.swing!.z1, rack.swing!.aboutIn]).toEqual([25, 47, 58]);
    // Outside the body, as far from its side as they were inside.
    expect(Math.min(...rack.swing!.lowered.map(({ y0 }) => y0))).toBeCloseTo(rack.way.box.y1, 6);
    // Each as high as it is, about where hands take it.
    expect(rack.swing!.lowered.map(({ z0, z1 }) => [z0, z1])).toEqual(
      rack.way.laid.map(({ box }) => [36 - (box.z1 - box.z0) / 2, 36 + (box.z1 - box.z0) / 2]),
    );
    expect(rack.moves.length).toBe(3);
  });

  it.each([
    ['flat', 30, 0, 2],
    // The longest is 174 in; the tailboard reaches 12 in behind the door; 24 in to stand in.
    ['tunnel', 0, 174 - 12 + 24, 2],
    ['top', 0, 0, 4],
  ])('%s: room beside and behind, and moves', (mount, besideIn, behindIn, moves) => {
    const [way] = house.evaluate(withMount(plain, mount)).read(toHand);
    expect([way!.besideIn, way!.behindIn, way!.moves.length]).toEqual([besideIn, behindIn, moves]);
  });

  it('a folding tank is let down before it is lifted', () => {
    const tank = withEquipment(plain, 'folding-tank', 'tank-rack');
    const rackOf = house
      .evaluate(tank)
      .read(toHand)
      .find(({ way }) => way.mount.id === 'tank-rack');
    expect(rackOf!.moves[0]).toBe('let the rack down');
    // 32 in high under the body's top at 92 in; let down, its middle is at 36 in.
    expect([rackOf!.takenFromIn, rackOf!.takenToIn]).toEqual([20, 52]);
    const [down] = rackOf!.swing!.lowered;
    expect(down!.y1).toBeCloseTo(rackOf!.way.box.y0, 6);
    expect(down!.y1 - down!.y0).toBeCloseTo(10, 6);
  });

  it('reads so in the tables, with what all of them come to', () => {
    const evaluation = house.evaluate(apart);
    expect(evaluation.read(waysTable).rows.map(({ id }) => id)).toEqual(['flat', 'top']);
    expect(evaluation.read(laddersTable).rows.at(-1)!.cells[1]).toBe('{48 ft}');
  });
});

/** 24 ft, 14 ft and 10 ft ladders on the officer's side, with some pieces in ways. */
const withLong = (...pieces: [partId: string, place: string][]): Build =>
  pieces.reduce((on, [partId, place]) => withEquipment(on, partId, place), plain);
const boxes = (build: Build, mount: string) =>
  ways(build)
    .find((way) => way.mount.id === mount)!
    .laid.filter(({ ladder }) => ladder === null)
    .map(({ box }) => box);

describe('long pieces ride in ways', () => {
  it('poles share a column with what is low, and take no more depth', () => {
    const alone = ways(plain)[0]!.box;
    const poles = withLong(['pike-pole-8', 'way'], ['pike-pole-8', 'way']);
    expect(ways(poles)[0]!.box).toEqual(alone);
    const [low, high] = boxes(poles, 'flat');
    // The attic ladder is 6 in high on edge, each pole 4 in, an inch between them.
    expect(high!.z0 - low!.z1).toBeCloseTo(1, 9);
    expect(low!.y1 - low!.y0).toBe(3);
  });

  it('what is too tall for a column stands in one of its own', () => {
    const suction = withLong(['hard-suction-2', 'way']);
    // 9 in thick and an inch to the ladder beside it.
    expect(ways(suction)[0]!.box.y0).toBeCloseTo(ways(plain)[0]!.box.y0 - 10, 9);
    expect(house.evaluate(suction).finding('goesIn')!.status).toBe('holds');
  });

  it.each([
    ['tank-rack', 'folding-tank'],
    ['trough', 'hard-suction-2'],
    ['sleeve', 'backboard'],
    ['tubes', 'pike-pole-12'],
    ['under-bed', 'struts'],
  ])('%s carries a %s on its own side, with what it weighs, and runs into nothing', (mount, partId) => {
    const build = withLong([partId, mount]);
    const [box] = boxes(build, mount);
    const left = ['tank-rack', 'trough', 'sleeve'].includes(mount);
    if (mount !== 'under-bed') expect((box!.y0 + box!.y1) / 2 < 0).toBe(left);
    const all = house.evaluate(build).read(components);
    expect(all.find(({ id }) => id === `ladder-mount-${mount}`)!.weightLb).toBeGreaterThan(0);
    const piece = all.find(({ shapes }) => shapes.some(({ kind }) => kind === 'longPiece'))!;
    expect([piece.xIn, piece.yIn, piece.zIn]).toEqual([
      (box!.x0 + box!.x1) / 2,
      (box!.y0 + box!.y1) / 2,
      (box!.z0 + box!.z1) / 2,
    ]);
    expect(house.evaluate(build).read(clashes)).toEqual([]);
    expect(house.evaluate(build).finding('laddersFit')!.status).toBe('holds');
  });

  it('a rack takes the upper part of the compartments behind it', () => {
    const ft3 = (build: Build) =>
      house
        .evaluate(build)
        .read(compartments)
        .filter(({ side }) => side === 'left')
        .reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    expect(ft3(withLong(['folding-tank', 'tank-rack']))).toBeLessThan(ft3(plain) - 10);
    expect(ft3(withLong(['hard-suction-2', 'trough']))).toBe(ft3(plain));
  });

  it('what is too long for its way is told, and where it would go', () => {
    const build = withLong(['pike-pole-12', 'under-bed']);
    const finding = house.evaluate(build).finding('goesIn')!;
    expect(finding.status).toBe('fails');
    expect(finding.words).toContain('tubes for poles');
  });

  it('the same way is one way, whether asked for by name or as that of the ladders', () => {
    const build = withLong(['pike-pole-8', 'way'], ['pike-pole-6', 'flat']);
    expect(ways(build)).toHaveLength(1);
    expect(boxes(build, 'flat')).toHaveLength(2);
  });

  it('on the rungs of a fly section, and nowhere without a device', () => {
    const onFly = withEquipment(starterBuild('aerial', 'Tall', 'D'), 'pike-pole-8', 'fly');
    const [box] = boxes(onFly, 'fly');
    const device = house.evaluate(onFly).read(components);
    const sections = device.filter(({ id }) => id.startsWith('device.section'));
    const fly = sections.at(-1)!.shapes[0]!.box;
    expect(box!.x1).toBeLessThan(fly.x1);
    expect(box!.y1).toBeLessThan(fly.y1);
    expect(house.evaluate(onFly).read(clashes)).toEqual([]);
    const none = house.evaluate(withLong(['pike-pole-8', 'fly'])).finding('goesIn')!;
    expect(none.status).toBe('fails');
  });

  it('their pictures show each of them to scale', () => {
    const [view] = house.evaluate(withLong(['pike-pole-8', 'way'])).read(wayViews);
    expect(view!.section).toHaveLength(4);
    for (const [u0, v0, u1, v1] of [...view!.section, ...view!.along]) {
      expect(Math.min(u0, v0)).toBeGreaterThanOrEqual(-1e-9);
      expect(u1).toBeLessThanOrEqual(view!.longIn + 1e-9);
      expect(v1).toBeLessThanOrEqual(view!.highIn + 1e-9);
    }
    expect(view!.words).toContain('Pike pole');
  });
});
