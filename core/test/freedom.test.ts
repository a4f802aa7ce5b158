import { describe, expect, it } from 'vitest';
import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { withBody } from '../subjects/body/index.js';
import { withBumper, withBumperItem } from '../subjects/bumper/index.js';
import { chassisShelf, withChassis } from '../subjects/chassis/index.js';
import { withFitting, withFittingAt } from '../subjects/fittings/index.js';
import { bedsIn, withNewLoad, withReel } from '../subjects/hose/index.js';
import { withPump } from '../subjects/pump/index.js';
import { withEquipment } from '../subjects/equipment/index.js';
import { beds, bodyPlace, clashes, compartments, components, tankBoxes } from '../truck/index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const plain = starterBuild('pumper', 'Plain', 'D');
const whole = (build: Build) => house.parse(JSON.parse(JSON.stringify(house.settle(build))));
const named = (build: Build, id: string) =>
  house
    .evaluate(build)
    .read(components)
    .find((one) => one.id === id)!;

describe('a type is where a truck begins, and no fence', () => {
  it.each([
    ['a reel on a pumper', withReel(pumper, 'rear', true), 'reel'],
    ['a reel on an aerial', withReel(aerial, 'front', true), 'reel-front'],
    ['a deck monitor on a brush truck', withFitting(brush, 'deck-monitor', true), null],
    ['a skid pump on a pumper', withPump(plain, 'skid-250'), 'pump'],
    [
      'compressed air on a brush truck',
      withBlock(brush, 'foam', { partId: 'compressed-air-140', gallons: 20 }),
      null,
    ],
    [
      'a rack on a brush truck',
      withBlock(brush, 'ladders', { mountId: 'rack', lines: [{ id: 'l1', partId: 'roof-12' }] }),
      null,
    ],
    ['packs of a brush truck on an aerial', withEquipment(aerial, 'wildland-hose-pack', 'L1'), null],
    ['a hooded light chassis under a pumper', withChassis(plain, 'light-4x4'), 'chassis'],
  ])('%s', (_, build, id) => {
    const made = whole(build);
    expect(house.measured(made)['gross']).toBeGreaterThan(0);
    if (id) expect(named(made, id)).toBeDefined();
  });

  it('offers every chassis to every type, those that are usual first', () => {
    for (const build of [plain, brush]) {
      const offered = house
        .choicesOf(house.subject('chassis'), house.evaluate(build))
        .find(({ id }) => id === 'chassis')!;
      if (offered.kind !== 'pick') throw new Error('the chassis is picked');
      expect(offered.options.length).toBe(chassisShelf.shipped.all().length);
      const seldom = offered.options.map(({ seldom }) => seldom === true);
      expect([...seldom].sort()).toEqual(seldom);
      expect(seldom).toContain(true);
    }
  });

  it('several wells in one bumper each take hose', () => {
    const wells = whole(
      withBumperItem(
        withBumperItem(withBumper(plain, 'steel-18'), 'hose-well', true),
        'hose-well-narrow',
        true,
      ),
    );
    const ids = bedsIn(wells).filter(({ kind }) => kind === 'well');
    expect(ids.map(({ name }) => name)).toEqual(['Bumper well 1', 'Bumper well 2']);
    const places = house.evaluate(wells).read(beds);
    expect(places.slice(0, 2).map(({ widthIn }) => widthIn)).toEqual([34, 20]);
  });
});

describe('reels', () => {
  it('take hose and room where they stand, and run into what is there', () => {
    const reeled = withReel(plain, 'rear', true);
    const rear = (build: Build) =>
      house
        .evaluate(build)
        .read(compartments)
        .find(({ id }) => id === 'B1');
    expect(rear(reeled)?.volumeFt3 ?? 0).toBeLessThan(rear(plain)!.volumeFt3);
    const loaded = whole(withNewLoad(reeled, 'reel', 'booster-1', 150));
    expect(
      named(loaded, 'reel').weightLb + named(loaded, `hose.${loaded.hose.loads.at(-1)!.id}`).weightLb,
    ).toBe(140 + 150 * 0.6);
    expect(whole(withReel(loaded, 'rear', false)).hose.loads.map(({ bedId }) => bedId)).not.toContain('reel');
  });
});

describe('fittings', () => {
  const mast = withFitting(plain, 'light-mast', true);
  const { id } = mast.fittings.lines.at(-1)!;

  it('stand where a person puts them, within the places that they may have', () => {
    const roof = whole(withFittingAt(mast, id, { at: 'cabRoof' }));
    expect(named(roof, `fittings.${id}`).zIn).toBe(101 + 14 / 2);
    const moved = whole(withFittingAt(roof, id, { aftIn: 10, yIn: -20 }));
    expect(named(moved, `fittings.${id}`).xIn - named(roof, `fittings.${id}`).xIn).toBe(10);
    expect(named(moved, `fittings.${id}`).yIn).toBe(-20);
    expect(house.measure(moved)['gross']).toBe(house.measure(mast)['gross']);
    expect(() =>
      house.parse(
        JSON.parse(
          JSON.stringify(
            withBlock(mast, 'fittings', {
              lines: [{ id: 'f9', partId: 'light-mast', at: 'mirror' as never }],
            }),
          ),
        ),
      ),
    ).toThrow(/fittings.lines.0.at/);
  });

  it('two in one place run into each other, with a place to go', () => {
    const conditioner = withFitting(withFittingAt(mast, id, { at: 'cabRoof' }), 'air-conditioner', true);
    const found = house.evaluate(conditioner).read(clashes);
    expect(found.map(({ a, b }) => [a.name, b.name])).toContainEqual([
      'Light mast, folded',
      'Roof air conditioner',
    ]);
  });
});

describe('foam', () => {
  it('takes its room from the tank, which grows by it; in a tank of its own the water tank is as long as before', () => {
    const length = (build: Build) => house.evaluate(build).read(tankBoxes)[0]!.lengthIn;
    const none = withBlock(plain, 'foam', { partId: undefined, gallons: 0 });
    const within = withBlock(plain, 'foam', { partId: 'injection-a-small', gallons: 30 });
    const own = withBlock(within, 'foam', { cell: 'own' });
    expect(length(within) / length(none)).toBeCloseTo((750 + 30) / 750, 9);
    expect(length(own)).toBe(length(none));
    expect(whole(own)).toMatchObject({ foam: { cell: 'own' } });
    // The cell is at the front: the water stands behind it.
    expect(named(within, 'water').xIn).toBeGreaterThan(named(within, 'foam').xIn);
    expect(named(own, 'foam').xIn).toBeGreaterThan(named(own, 'water').xIn);
    expect(named(own, 'foam-tank').weightLb).toBeCloseTo(30 * 1.6, 9);
  });
});

describe('own parts', () => {
  it('have every figure that places, weighs or draws them: larger tires lift all that rides on the frame', () => {
    const own = house.withOwnPart(brush, {
      id: 'light-4x4',
      kind: 'chassis',
      likeId: 'light-4x4',
      name: 'On tires of 38 in',
      figures: [
        { field: 'tireIn', value: 38.5, source: 'plate' },
        { field: 'liftIn', value: 2, source: 'plate' },
      ],
    });
    // Half of six inches, and two of lift.
    for (const id of ['bumper', 'tank', 'pump', 'body'])
      expect(named(own, id).zIn - named(brush, id).zIn, id).toBeCloseTo(3 + 2, 9);
    expect(house.measure(own)['height']! - house.measure(brush)['height']!).toBeCloseTo(5, 9);
  });

  it('a cab of another length pushes all that follows aft by as much', () => {
    const own = house.withOwnPart(plain, {
      id: 'custom-medium',
      kind: 'chassis',
      likeId: 'custom-medium',
      name: 'Longer cab',
      figures: [{ field: 'cabBackIn', value: 78, source: 'drawing' }],
    });
    for (const id of ['pump', 'tank', 'body'])
      expect(named(own, id).xIn - named(plain, id).xIn, id).toBeCloseTo(10, 9);
  });

  it('a figure that the part it is like does not have is refused by name', () => {
    expect(() =>
      house.parse(
        JSON.parse(
          JSON.stringify({
            ...plain,
            parts: {
              ...plain.parts,
              own: [
                {
                  id: 'rectangular',
                  kind: 'tankShape',
                  likeId: 'rectangular',
                  name: 'With a top',
                  figures: [{ field: 'upperWidthIn', value: 60, source: 'drawing' }],
                },
              ],
            },
          }),
        ),
      ),
    ).toThrow(/figures.0.field must be a figure that "rectangular" has \(was "upperWidthIn"\)/);
  });
});

it('a compact body stands lower on a light frame', () => {
  const compact = house.settle(
    withBody(withChassis(plain, 'light-4x4'), { partId: 'compact-aluminum', lengthIn: 102 }),
  );
  expect(house.evaluate(compact).read(bodyPlace).topIn).toBe(79);
});
