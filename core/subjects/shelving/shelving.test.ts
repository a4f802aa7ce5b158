import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import { overlapIn, volumeOf, without } from '../../kernel/index.js';
import { compartments, insideOf, onTruck, surfaces } from '../../truck/index.js';
import { house } from '../index.js';
import {
  areaFt2,
  fittedAsUsual,
  fittedComponents,
  openedBox,
  placedAll,
  whenOut,
  withFittedIn,
  withFittedLine,
  withNewFitted,
} from './index.js';

/** L1 is 44 in long, 27 deep and 57 in high to the drum of its door; R1 44 in, its drum at 35 of 44 in. */
const plain = starterBuild('pumper', 'Plain', 'D');
const fit = (partId: string, compartmentId: string, said = {}) =>
  withNewFitted(plain, { partId, compartmentId, upIn: 0, ...said }, 'one');
const placedOf = (build: typeof plain) => house.evaluate(build).read(placedAll)[0]!;
const surfacesOf = (build: typeof plain, id: string) =>
  house
    .evaluate(build)
    .read(surfaces)
    .filter((surface) => surface.fittingId === id);

describe('a fitting in its compartment', () => {
  it('is told inside as its door sees it, on both sides and at the rear, and back again', () => {
    for (const compartment of house.evaluate(plain).read(compartments))
      for (const box of compartment.room) {
        const inside = insideOf(compartment, box);
        expect(inside.y0, compartment.id).toBeGreaterThanOrEqual(0);
        expect(volumeOf(inside)).toBeCloseTo(volumeOf(box), 6);
        const back = onTruck(compartment, inside);
        for (const key of ['x0', 'x1', 'y0', 'y1', 'z0', 'z1'] as const)
          expect(back[key]).toBeCloseTo(box[key], 9);
      }
  });

  it.each<[string, string, object, [number, number, number, number, number, number]]>([
    ['shelf', 'L1', { upIn: 20 }, [0, 44, 0, 27, 20, 21.5]],
    // What comes out goes through the doorway: an inch and a half at each side.
    ['tray', 'L1', {}, [1.5, 42.5, 0, 27, 0, 3]],
    ['shelf', 'L1', { upIn: 20, alongIn: 10, lengthIn: 20 }, [10, 30, 0, 27, 20, 21.5]],
    // A board is as long as its plate and the room for tools on its faces, and stands to the drum.
    ['slide-board', 'R1', {}, [1.5, 17, 0, 27, 0, 34.5]],
    ['swing-board', 'R1', { inIn: 0 }, [1.5, 42.5, 0, 13.5, 0, 34.5]],
    // On the back wall.
    ['outlet', 'L1', { upIn: 30 }, [0, 6, 24, 27, 30, 35]],
    ['divider', 'L1', { alongIn: 20 }, [20, 20.25, 0, 27, 0, 14]],
    ['drawer', 'L1', { upIn: 10 }, [1.5, 42.5, 0, 27, 10, 16]],
  ])('%s in %s', (partId, compartmentId, said, [x0, x1, y0, y1, z0, z1]) =>
    expect(placedOf(fit(partId, compartmentId, said)).takes).toEqual({ x0, x1, y0, y1, z0, z1 }),
  );

  it('weighs and costs by its area', () => {
    // A tray of 41 by 27 in: 7.6875 ft² of 5 lb, and 34 lb of slides.
    const build = fit('tray', 'L1');
    expect(areaFt2(placedOf(build))).toBeCloseTo(7.6875, 6);
    const [component] = house.evaluate(build).read(fittedComponents);
    expect(component!.weightLb).toBeCloseTo(34 + 5 * 7.6875, 6);
    expect(component!.priceCents).toBe(Math.round(98_000 + 7_000 * 7.6875));
    expect(house.measure(build)['gross']! - house.measure(plain)['gross']!).toBeCloseTo(
      component!.weightLb,
      6,
    );
    // A board by its face: 27 by 34.5 in.
    expect(areaFt2(placedOf(fit('slide-board', 'R1')))).toBeCloseTo((27 * 34.5) / 144, 6);
  });

  it('stays in the nearest compartment where its own is gone, and says so', () => {
    const gone = fit('shelf', 'L9', { upIn: 10 });
    expect(house.evaluate(gone).finding('shelvingFits')).toMatchObject({ status: 'fails', actual: 1 });
    expect(house.evaluate(gone).finding('shelvingFits')!.words).toContain('no L9');
  });
});

describe('the room of a surface', () => {
  const highOf = (build: typeof plain, id: string) =>
    surfacesOf(build, id).map(({ room }) => room.map(({ z0, z1 }) => z1 - z0));

  it('goes up to what is over it', () => {
    const two = withNewFitted(
      fit('shelf', 'R1', { upIn: 10 }),
      { partId: 'shelf', compartmentId: 'R1', upIn: 30 },
      'two',
    );
    expect(highOf(two, 'one')).toEqual([[30 - 11.5]]);
  });

  it('is less where something hangs into it', () => {
    const charger = withNewFitted(
      fit('shelf', 'R1', { upIn: 10 }),
      { partId: 'charger', compartmentId: 'R1', upIn: 20 },
      'two',
    );
    const [[...cells] = []] = [surfacesOf(charger, 'one')[0]!.room];
    expect(cells.filter(({ z1 }) => z1 === 20).map(({ x0, x1, y0, y1 }) => [x0, x1, y0, y1])).toEqual([
      [0, 22, 22, 27],
    ]);
  });

  it('of the faces of a board is as deep as they are', () => {
    const board = surfacesOf(fit('slide-board', 'R1'), 'one');
    expect(board.map(({ faces, room }) => [faces, room.length, room[0]!.x1 - room[0]!.x0])).toEqual([
      ['front', 1, 7],
      ['back', 1, 7],
    ]);
  });

  it('no two of them share any room, and all of it is in the compartment', () => {
    const full = ['L1', 'R1', 'R3', 'B1'].reduce(
      (on, id) =>
        ['slide-board', 'tray', 'shelf', 'charger', 'drawer'].reduce(
          (build, partId, i) => withFittedIn(house.evaluate(build), partId, id, `${id}${i}`),
          on,
        ),
      plain,
    );
    const evaluation = house.evaluate(full);
    const all = evaluation.read(surfaces);
    for (const compartment of evaluation.read(compartments)) {
      const cells = compartment.room.map((box) => insideOf(compartment, box));
      const rooms = all
        .filter(({ compartmentId }) => compartmentId === compartment.id)
        .flatMap(({ room }) => room);
      for (const [i, one] of rooms.entries()) {
        expect(without(one, cells), compartment.id).toEqual([]);
        for (const other of rooms.slice(i + 1)) expect(overlapIn(one, other), compartment.id).toBe(0);
      }
    }
    expect(evaluation.finding('shelvingFits')!.status).toBe('holds');
    expect(evaluation.finding('comesOut')!.status).toBe('holds');
  });
});

describe('what comes out', () => {
  it('a tray by its share, a tip-down one lower too', () => {
    expect(openedBox(placedOf(fit('tray', 'L1')))).toMatchObject({ x0: 1.5, x1: 42.5, y1: 27 - 0.7 * 27 });
    const tip = placedOf(fit('tip-down', 'L1', { upIn: 20 }));
    expect(openedBox(tip)).toMatchObject({ z0: 20 - 14, z1: 24 });
    expect(whenOut(tip, tip.takes)).toMatchObject({ z0: 6, z1: 10 });
  });

  it('a board a quarter turn about its hinge', () => {
    const front = placedOf(fit('swing-board', 'R1', { inIn: 0 }));
    expect(whenOut(front, front.takes)).toEqual({ x0: 1.5, x1: 15, y0: -41, y1: 0, z0: 0, z1: 34.5 });
    const rear = placedOf(fit('swing-board', 'R1', { inIn: 0, hinge: 'rear' }));
    expect(whenOut(rear, rear.takes)).toEqual({ x0: 29, x1: 42.5, y0: -41, y1: 0, z0: 0, z1: 34.5 });
  });

  it('a tray that is drawn out into a board that has swung out is told', () => {
    // L1 ends where L2 begins. One hangs at the rear end of L1, the other in L2 as far out and across it.
    const low = { inIn: 0, heightIn: 20 };
    const one = fit('swing-board', 'L1', { ...low, upIn: 26, hinge: 'rear' });
    const tray = withNewFitted(one, { partId: 'tray', compartmentId: 'L1', upIn: 30 }, 'two');
    const finding = house.evaluate(tray).finding('comesOut')!;
    expect([finding.status, finding.actual]).toEqual(['fails', 1]);
    // At the other hinge it would stand in the tray's way as well; without the tray it is clear.
    expect(house.evaluate(withFittedLine(tray, 'two', null)).finding('comesOut')!.status).toBe('holds');
  });

  it('is fitted as usual in every compartment, once', () => {
    let count = 0;
    const build = fittedAsUsual(house.evaluate(plain), () => `n${++count}`);
    expect(new Set(build.shelving.lines.map(({ compartmentId }) => compartmentId)).size).toBe(7);
    const evaluation = house.evaluate(build);
    expect(evaluation.finding('shelvingFits')!.status).toBe('holds');
    expect(evaluation.finding('comesOut')!.status).toBe('holds');
    expect(fittedAsUsual(evaluation)).toBe(build);
  });
});
