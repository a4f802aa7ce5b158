import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import { boxAt, boxOfTank, grown, overlapIn, volumeOf } from '../kernel/index.js';
import type { Component } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import { withTank } from '../subjects/tank/index.js';
import {
  clashes,
  clashesOf,
  clashIn,
  compartments,
  components,
  envelope,
  JOUNCE_IN,
  solidsOf,
  tankBoxes,
} from '../truck/index.js';
import type { Clash } from '../truck/index.js';
import { IN3_PER_FT3 } from '../units/index.js';
import { itemAt } from './item.js';
import { often } from './often.js';
import { generator, randomBuild } from './random.js';

/** Builds as anybody could make them; a thousand of them in the fuzz. */
const BUILDS = Array.from({ length: often(150, 0.05) }, (_, i) => {
  const build = randomBuild(i + 1);
  return { seed: i + 1, build, evaluation: house.evaluate(build) };
});

/** Every two components with each other: slow, and nothing left out. */
function allPairs(all: readonly Component[]): Clash[] {
  const found: Clash[] = [];
  all.forEach((a, i) => {
    for (const b of all.slice(i + 1)) {
      const byIn = Math.max(
        0,
        ...solidsOf(a).flatMap((one) => solidsOf(b).map((other) => clashIn(one, other))),
      );
      if (byIn > 0) found.push({ a, b, byIn });
    }
  });
  return found;
}
const told = (all: readonly Clash[]) =>
  all.map(({ a, b, byIn }) => `${a.id} ${b.id} ${byIn.toFixed(6)}`).sort();

describe('what runs into what, over many builds', () => {
  it('is what a slow check of all pairs finds', () => {
    let count = 0;
    for (const { seed, evaluation } of BUILDS) {
      const found = evaluation.read(clashes);
      expect(told(found), `build ${seed}`).toEqual(told(allPairs(evaluation.read(components))));
      count += found.length;
    }
    // Builds by chance do run into themselves: a check that never finds anything would be none.
    expect(count).toBeGreaterThan(BUILDS.length / 10);
  });

  it('reports an overlap that was planted', () => {
    for (const { seed, evaluation } of BUILDS) {
      const next = generator(seed);
      const solids = evaluation
        .read(components)
        .flatMap(solidsOf)
        .filter(({ kind }) => kind !== 'compartment');
      const { component, box } = solids[Math.floor(next() * solids.length)]!;
      const size = 8;
      const item = {
        ...itemAt('Planted', 10, (box.x0 + box.x1) / 2),
        yIn: (box.y0 + box.y1) / 2,
        zIn: (box.z0 + box.z1) / 2,
        lengthIn: size,
        widthIn: size,
        heightIn: size,
      };
      const planted = house
        .evaluate(withItem(evaluation.build, item.id, item))
        .read(clashes)
        .filter(({ a, b }) => [a.id, b.id].includes(`items.${item.id}`))
        .flatMap(({ a, b }) => [a.id, b.id]);
      expect(planted, `build ${seed}: planted in ${component.name}`).toContain(component.id);
    }
  });

  it('says of it in the finding: it fails with the sum of the inches, or holds with none', () => {
    for (const { seed, evaluation } of BUILDS) {
      const found = evaluation.read(clashes);
      const finding = evaluation.finding('clash')!;
      expect(finding.status, `build ${seed}`).toBe(found.length > 0 ? 'fails' : 'holds');
      expect(finding.actual).toBeCloseTo(
        found.reduce((sum, { byIn }) => sum + byIn, 0),
        9,
      );
    }
  });
});

describe('room, over many builds', () => {
  it('of a compartment is never less than nothing, is the sum of its pieces, and nothing stands in it', () => {
    for (const { seed, evaluation } of BUILDS) {
      const tank = evaluation.read(tankBoxes).map(boxOfTank);
      for (const { id, room, volumeFt3 } of evaluation.read(compartments)) {
        expect(volumeFt3, `build ${seed}, ${id}`).toBeGreaterThan(0);
        expect(volumeFt3).toBeCloseTo(room.reduce((sum, box) => sum + volumeOf(box), 0) / IN3_PER_FT3, 6);
        room.forEach((box, i) => {
          for (const other of room.slice(i + 1)) expect(overlapIn(box, other)).toBe(0);
          for (const other of tank) expect(overlapIn(box, other), `build ${seed}, ${id}`).toBe(0);
        });
      }
    }
  });

  it('is enclosed by the outside of the truck, wherever a solid is', () => {
    for (const { seed, evaluation } of BUILDS) {
      const { frontIn, rearIn, widthIn, heightIn } = evaluation.read(envelope);
      const hull = grown(
        boxAt(
          (frontIn + rearIn) / 2,
          0,
          heightIn / 2,
          rearIn - frontIn,
          2 * widthIn,
          heightIn + 2 * JOUNCE_IN,
        ),
        0.001,
      );
      for (const { component, box } of evaluation.read(components).flatMap(solidsOf)) {
        const inside =
          box.x0 >= hull.x0 &&
          box.x1 <= hull.x1 &&
          box.z0 >= hull.z0 - JOUNCE_IN &&
          box.z1 <= heightIn + 0.001;
        expect(inside, `build ${seed}, ${component.name}`).toBe(true);
      }
    }
  });

  it('does not change what the truck weighs when the tank is moved, but by what the roomier profile asks for', () => {
    const weigh = (all: readonly Component[]) =>
      all.filter(({ role }) => role !== 'allowance').reduce((sum, { weightLb }) => sum + weightLb, 0);
    for (const { seed, build, evaluation } of BUILDS) {
      if (build.tank.gallons === 0 || build.weights.growth) continue;
      const moved = house.evaluate(withTank(build, { aftIn: build.tank.aftIn + 7 }));
      // Hinged doors weigh on each compartment that is left.
      const doors = evaluation.read(components).find(({ id }) => id === 'doors')!.weightLb;
      const then = moved.read(components).find(({ id }) => id === 'doors')!.weightLb;
      expect(weigh(moved.read(components)) - then, `build ${seed}`).toBeCloseTo(
        weigh(evaluation.read(components)) - doors,
        6,
      );
    }
  });
});

describe('a wheel', () => {
  it('is a cylinder that springs up: what is over it by less than its travel runs into it, what is past its round is not', () => {
    const { build } = BUILDS[0]!;
    const bare = house.evaluate(withBlock(build, 'items', { lines: [] }));
    const wheel = bare
      .read(components)
      .flatMap(solidsOf)
      .find(({ kind, box }) => kind === 'wheel' && box.x0 > 100 && box.y0 > 0)!;
    const { x0, x1, y0, y1, z1 } = wheel.box;
    const at = (xIn: number, bottomIn: number) => {
      const box = boxAt(xIn, (y0 + y1) / 2, bottomIn + 2, 4, 4, 4);
      return clashIn(wheel, {
        ...wheel,
        component: { ...wheel.component },
        kind: 'ownItem',
        box,
        travelIn: undefined as never,
      });
    };
    const middle = (x0 + x1) / 2;
    expect(at(middle, z1 + JOUNCE_IN + 0.5)).toBe(0);
    expect(at(middle, z1 + JOUNCE_IN - 1)).toBeCloseTo(1, 6);
    // At the height of the tire's top, but past where its round has fallen away.
    expect(at(x1 - 2, z1 + JOUNCE_IN - 1)).toBe(0);
  });

  it('clashes are told worst first', () => {
    for (const { evaluation } of BUILDS.slice(0, 50)) {
      const found = clashesOf(evaluation.read(components)).map(({ byIn }) => byIn);
      expect(found).toEqual([...found].sort((a, b) => b - a));
    }
  });
});
