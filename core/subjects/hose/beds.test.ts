import { describe, expect, it } from 'vitest';
import { remediesFor } from '../../advice/index.js';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { randomBuild } from '../../test/random.js';
import { beds, clashes, compartments, components, envelope, pumpHouse } from '../../truck/index.js';
import { house } from '../index.js';
import {
  bedded,
  bedsIn,
  bedsTable,
  bedViews,
  fillingTable,
  hoseShelf,
  loadNames,
  loadsIn,
  withDividers,
  withFinish,
  withLoad,
  withLying,
  withNewLoad,
  withOwnBed,
  withOwnBedSaid,
  withReel,
  withReelSaid,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const ladder = DEMONSTRATION.flatMap(({ builds }) => builds).find(({ name }) => name === 'Mill ladder')!;
const read = (build: Build) => house.evaluate(build).read(bedded);
const load = (build: Build, id: string) => read(build).find((one) => one.id === id)!;
const main = (build: Build) => loadsIn(build, 'main-left')[0]!.id;

describe('loads of one bed', () => {
  const two = withNewLoad(plain, 'crosslay-1', 'attack-1.75', 100, 'second');

  it('lie on each other: the second begins where the first ends', () => {
    const [first, second] = read(two).filter(({ bedId }) => bedId === 'crosslay-1');
    // 200 ft in 41 lays, two by two: 21 layers of 0.31 in.
    expect(first!.packed.box!.z1).toBeCloseTo(21 * 0.31, 9);
    expect([second!.nth, second!.baseIn, second!.room.depthIn]).toEqual([1, 21 * 0.31, 14 - 21 * 0.31]);
    expect(second!.box!.z0).toBeCloseTo(first!.box!.z1, 9);
  });

  it('or beside each other, each with its share of the width', () => {
    const beside = withLying(two, 'second', 'beside');
    const widths = (build: Build) =>
      read(build)
        .filter(({ bedId }) => bedId === 'crosslay-1')
        .map(({ room, acrossIn }) => [acrossIn, room.widthIn]);
    expect(widths(beside)).toEqual([
      [0, 4],
      [4, 4],
    ]);
    expect(widths(withLoad(beside, 'second', { wideIn: 3.5 }))).toEqual([
      [0, 4.5],
      [4.5, 3.5],
    ]);
  });

  it('change places', () => {
    const swapped = withLying(two, 'second', 'under');
    expect(loadsIn(swapped, 'crosslay-1').map(({ id }) => id)).toEqual([
      'second',
      loadsIn(plain, 'crosslay-1')[0]!.id,
    ]);
    expect(withLying(swapped, loadsIn(plain, 'crosslay-1')[0]!.id, 'under').hose.loads).toEqual(
      two.hose.loads,
    );
  });

  it('five lines in three beds, each drawn with all its lays and couplings', () => {
    const three = withDividers(plain, 2, 42);
    const [, middle] = bedsIn(three).filter(({ kind }) => kind === 'main');
    const five = ['a', 'b', 'c'].reduce(
      (on, id, i) => {
        const laid = withNewLoad(on, middle!.id, 'attack-1.75', 100, id);
        return i > 0 ? withLying(laid, id, 'beside') : laid;
      },
      withLoad(withLoad(three, main(three), { partId: 'attack-2.5', lengthFt: 300 }), 'x', null),
    );
    const views = house.evaluate(five).read(bedViews);
    expect(views.filter(({ bed }) => bed.kind === 'main').flatMap(({ loads }) => loads).length).toBe(5);
    for (const { loads, views: sides } of views)
      for (const side of sides)
        side.loads.forEach((view, i) => {
          const { lays, couplings } = loads[i]!.packed;
          expect(view.couplings.length).toBe(couplings.length);
          if (side.id === 'section') expect(view.cut.length).toBe(lays.length);
          if (side.id === 'along') expect(view.hose[0]!.length).toBe(2 * lays.length);
        });
  });
});

describe('what does not fit', () => {
  const over = withLoad(withLoad(ladder, loadsIn(ladder, 'main-right')[0]!.id, null), main(ladder), {
    lengthFt: 900,
  });

  it('is told in feet, and lies in another bed or packed otherwise', () => {
    const evaluation = house.evaluate(over);
    const finding = evaluation.finding('hoseFits')!;
    expect(finding.words).toMatch(
      /\{800 ft\} of \{900 ft\} of \{4 size\} supply fit, \{100 ft\} are left over/,
    );
    const labels = remediesFor(evaluation, 'hoseFits').map(({ label }) => label);
    expect(labels.some((label) => /in hose bed, officer’s side/.test(label))).toBe(true);
  });

  it('still weighs what it weighs', () => {
    const part = hoseShelf.shipped.part('supply-4');
    const component = house
      .evaluate(over)
      .read(components)
      .find(({ id }) => id === `hose.${main(ladder)}`)!;
    expect(component.weightLb).toBeCloseTo(900 * part.lbPerFt, 9);
  });

  it('has its row, with what an inch more would gain', () => {
    const rows = house.evaluate(over).read(bedsTable).rows;
    const row = rows.find(({ id }) => id === main(ladder))!;
    expect(row.cells[5]).toBe('{100 ft}');
    // 24 in are three columns of 6.6 in; 1 in more depth is 2.63 layers, of which floor(19 / 0.38) − floor(18 / 0.38) count.
    const columns = 3;
    const layFt = (load(over, main(ladder)).room.lengthIn - 3) / 12;
    expect(row.cells.at(-2)).toBe('+ {0 ft}');
    const gains = Number(/\{([\d.]+) ft\}/.exec(row.cells.at(-1)!)![1]);
    expect(gains).toBeCloseTo(columns * (50 - 47) * layFt * 0.85, 0);
  });
});

describe('a bed of the department’s own', () => {
  const chute = withOwnBed(plain, 'chute', 'lh');

  it('weighs its sheet, takes the room that it stands in, and runs into nothing', () => {
    const before = house.evaluate(plain);
    const after = house.evaluate(chute);
    const component = after.read(components).find(({ id }) => id === 'hose.bed-lh')!;
    // A floor of 36 by 18 in and four walls 36 in high.
    expect(component.weightLb).toBeCloseTo((36 * 18 + 2 * 36 * (36 + 18)) * 0.0123, 9);
    const room = (of: typeof before) =>
      of.read(compartments).reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
    expect(room(after)).toBeLessThan(room(before));
    expect(after.read(clashes)).toEqual([]);
  });

  it('takes hose, as wide as it is made; and what lies in it goes with it', () => {
    const filled = withNewLoad(chute, 'lh', 'supply-5', 200, 'h');
    expect(load(filled, 'h').packed.across).toBe(2);
    const narrow = withOwnBedSaid(filled, 'lh', { wideIn: 6 });
    expect(load(narrow, 'h').packed).toMatchObject({ takesCoupling: false, fitFt: 0 });
    expect(house.evaluate(narrow).finding('hoseFits')!.words).toMatch(/couplings are \{7 in\} across/);
    expect(house.settle(withOwnBedSaid(filled, 'lh', null)).hose).toEqual(plain.hose);
  });

  it('is refused with a field out of its bounds', () => {
    const file = JSON.parse(JSON.stringify(chute));
    file.hose.beds[0].wideIn = 0;
    expect(() => house.parse(file)).toThrow(/hose\.beds\.0\.wideIn must be .*3/);
  });
});

describe('whatever the truck', () => {
  it('hose weighs its feet in the rig, and what fits and what is left over are all of it', () => {
    for (let i = 0; i < 40; i++) {
      const build = randomBuild(i);
      const evaluation = house.evaluate(build);
      const all = evaluation.read(components);
      for (const { id, hose, lengthFt, packed } of evaluation.read(bedded)) {
        expect(all.find((one) => one.id === `hose.${id}`)!.weightLb).toBeCloseTo(lengthFt * hose.lbPerFt, 6);
        expect(packed.fitFt + packed.leftFt).toBeCloseTo(lengthFt, 6);
      }
    }
  });

  it('a finish is no more than how hose lies', () => {
    const edge = withFinish(plain, main(plain), 'edge');
    expect(load(edge, main(plain)).finish).toBe('edge');
    expect(withFinish(edge, main(plain), 'flat')).toEqual(plain);
  });
});

describe('what covers the main bed', () => {
  const part = (build: Build, id: string) =>
    house
      .evaluate(build)
      .read(components)
      .find((one) => one.id === id);
  const main = house
    .evaluate(plain)
    .read(beds)
    .filter(({ kind }) => kind === 'main');
  // With walls of an inch around them: two beds of 20.5 in and a divider of 2 in between them.
  const lengthIn = main[0]!.x1 - main[0]!.x0 + 2;
  const widthIn = 20.5 + 2 + 20.5 + 2;

  it.each([
    ['tarp', 0.003, 1],
    ['hinged', 0.0125, 2],
    ['walked', 0.016, 3],
  ] as const)(
    '%s weighs by its area, and raises the truck by what it is thick',
    (cover, lbPerIn2, thickIn) => {
      const covered = withBlock(plain, 'hose', { cover });
      expect(part(covered, 'hose.cover')!.weightLb).toBeCloseTo(lengthIn * widthIn * lbPerIn2, 6);
      const highIn = (build: Build) => house.evaluate(build).read(envelope).heightIn;
      expect(highIn(covered)).toBeCloseTo(main[0]!.floorIn + main[0]!.depthIn + thickIn, 9);
      expect(house.evaluate(covered).read(clashes)).toEqual([]);
      expect(withBlock(covered, 'hose', { cover: undefined })).toEqual(plain);
    },
  );

  it('lies in two over beds on both sides of a ladder', () => {
    const both = withBlock(ladder, 'hose', { cover: 'tarp' });
    expect(part(both, 'hose.cover')).toBeDefined();
    expect(part(both, 'hose.cover-2')).toBeDefined();
  });

  it('a walkway beside two beds keeps outside of both', () => {
    const walkway = part(withBlock(ladder, 'hose', { walkway: 'right' }), 'hose.walkway')!.shapes[0]!.box;
    const outermost = Math.max(
      ...house
        .evaluate(ladder)
        .read(beds)
        .filter(({ kind }) => kind === 'main')
        .map(({ yCenter, widthIn: wide }) => yCenter + wide / 2),
    );
    expect(walkway.y0).toBeGreaterThanOrEqual(outermost);
  });

  it('an end tarp hangs behind the bed, and a walkway lies beside it on the compartments', () => {
    const build = withBlock(plain, 'hose', { endTarp: 'yes', walkway: 'left' });
    expect(part(build, 'hose.end-tarp')!.xIn).toBeCloseTo(main[0]!.x1 + 1.5, 9);
    const walkway = part(build, 'hose.walkway')!.shapes[0]!.box;
    expect(walkway.y1).toBeCloseTo(-widthIn / 2, 6);
    expect(walkway.y1 - walkway.y0).toBeLessThanOrEqual(16);
    expect(house.evaluate(build).read(clashes)).toEqual([]);
  });
});

it('steps at the pump house weigh by its length, on both sides', () => {
  const build = withBlock(plain, 'hose', { boards: 'yes' });
  const { x0, x1 } = house.evaluate(build).read(pumpHouse)!;
  // The pump house of a side panel is 48 in long; 1.1 lb for an inch.
  expect(x1 - x0).toBe(48);
  const boards = house
    .evaluate(build)
    .read(components)
    .find(({ id }) => id === 'hose.boards')!;
  expect(boards.weightLb).toBeCloseTo(2 * 1.1 * 48, 6);
  expect([boards.xIn, boards.yIn]).toEqual([(x0 + x1) / 2, 0]);
});

describe('a bed that slides out', () => {
  const fixed = withOwnBed(plain, 'left', 'tray');
  const slides = withOwnBedSaid(fixed, 'tray', { slides: 'yes' });
  const place = (build: Build) =>
    house
      .evaluate(build)
      .read(beds)
      .find(({ id }) => id === 'tray')!;

  it('does so by its width, on what slides and weighs more', () => {
    expect(place(fixed).slides).toBeUndefined();
    expect(place(slides).slides).toEqual({ byIn: 10, to: 'to the driver’s side' });
    const lb = (build: Build) =>
      house
        .evaluate(build)
        .read(components)
        .find(({ id }) => id === 'hose.bed-tray')!.weightLb;
    expect(lb(slides) - lb(fixed)).toBeCloseTo(38, 9);
  });

  it('but a chute stays where it is, whatever is said of it', () => {
    const chute = withOwnBedSaid(withOwnBed(plain, 'chute', 'chute'), 'chute', { slides: 'yes' });
    expect(
      house
        .evaluate(chute)
        .read(beds)
        .find(({ id }) => id === 'chute')!.slides,
    ).toBeUndefined();
  });
});

describe('reels', () => {
  const wound = withNewLoad(withReel(plain, 'rear', true), 'reel', 'booster-1', 150, 'wound');
  const part = (build: Build) =>
    house
      .evaluate(build)
      .read(components)
      .find(({ id }) => id === 'reel')!;

  it('are lighter with a crank and heavier with rollers', () => {
    expect(part(wound).weightLb).toBe(140);
    expect(part(withReelSaid(wound, 'reel', { rewind: 'hand' })).weightLb).toBe(140 - 18);
    expect(part(withReelSaid(wound, 'reel', { roller: 'yes' })).weightLb).toBe(140 + 9);
    expect(
      withReelSaid(withReelSaid(wound, 'reel', { rewind: 'hand' }), 'reel', { rewind: undefined }),
    ).toEqual(wound);
  });

  it('hold less on a thicker drum, and keep what is said of them beside another', () => {
    const all = withLoad(wound, 'wound', { lengthFt: 600 });
    const thick = withReelSaid(all, 'reel', { drumIn: 14 });
    expect(load(thick, 'wound').packed.fitFt).toBeLessThan(load(all, 'wound').packed.fitFt);
    expect(withReel(thick, 'rearLeft', true).hose.reels![0]).toEqual({ id: 'reel', at: 'rear', drumIn: 14 });
  });
});

it('a bed that fills has its hose higher and heavier, and ends as it is packed', () => {
  const [row] = house
    .evaluate(plain)
    .read(fillingTable)
    .rows.filter(({ id }) => id === main(plain));
  const upIn = row!.cells.slice(1).map((cell) => Number(/\{([\d.]+) in\}/.exec(cell)![1]));
  expect(upIn).toEqual([...upIn].sort((a, b) => a - b));
  expect(upIn.at(-1)).toBeCloseTo(load(plain, main(plain)).center.zIn, 6);
});

it('a load is named by its bed, and by its number where there are several', () => {
  const two = withNewLoad(plain, 'crosslay-1', 'attack-1.75', 100, 'second');
  expect(loadNames(two).get(loadsIn(two, 'crosslay-1')[0]!.id)).toBe('Crosslay 1');
  expect(loadNames(two).get('second')).toBe('Crosslay 1, load 2');
});
