import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { bodyPlace, compartments, components } from '../../truck/index.js';
import { house } from '../index.js';
import { withTank } from '../tank/index.js';
import {
  COMPARTMENT_KINDS,
  compartmentLines,
  withBody,
  withCompartment,
  withCompartmentLength,
  withCompartments,
  withNewCompartment,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const at = (build: Build) => house.evaluate(build);
const all = (build: Build) => at(build).read(compartments);
const named = (build: Build, id: string) => all(build).find((one) => one.id === id)!;
const read = (build: Build) => house.parse(JSON.parse(JSON.stringify(house.settle(build))));

/** The family's compartments as the build's own. */
const own = withCompartments(plain, compartmentLines(at(plain)));

describe('compartments as data', () => {
  it('are at first those of the family, each with the room that it had', () => {
    expect(read(own)).toEqual(own);
    expect(all(own).map(({ id, name }) => [id, name])).toEqual(all(plain).map(({ id, name }) => [id, name]));
    for (const { id, volumeFt3, center } of all(plain)) {
      expect(named(own, id).volumeFt3, id).toBeCloseTo(volumeFt3, 6);
      expect(named(own, id).center.xIn, id).toBeCloseTo(center.xIn, 6);
    }
    expect(house.measure(own)).toEqual(house.measure(plain));
  });

  it('are renamed, resized, removed, and made by the family again', () => {
    const renamed = withCompartment(at(own), 'L1', { name: 'Pump' });
    expect(named(renamed, 'L1').name).toBe('Pump');
    // L1 is 44 in long from 23 in up, 27 in deep: ten inches less of it are ten inches of its section.
    const shorter = withCompartmentLength(at(own), 'L1', 'lengthIn', 34);
    expect(named(own, 'L1').volumeFt3 - named(shorter, 'L1').volumeFt3).toBeCloseTo(
      (10 * (57 * 27 + 9 * 18)) / 1728,
      6,
    );
    const without = withCompartment(at(own), 'L1', null);
    expect(all(without).map(({ id }) => id)).not.toContain('L1');
    expect(house.measure(withCompartments(shorter, undefined))).toEqual(house.measure(plain));
  });

  it('weigh and cost by their sheet: what is added comes on where it stands, what is taken off comes off', () => {
    const body = (build: Build) =>
      at(build)
        .read(components)
        .find(({ id }) => id === 'body')!;
    const surface = (l: number, h: number, d: number) => 2 * (l * h + l * d + h * d);
    const usual = compartmentLines(at(plain)).reduce(
      (sum, { lengthIn, heightIn, depthIn }) => sum + surface(lengthIn, heightIn, depthIn),
      0,
    );
    // 164 in of 24.5 lb and $720 each, of which the compartments are 37 %.
    const [lb, cents] = [164 * 24.5 * 0.37, 164 * 72_000 * 0.37].map((all) => all / usual);
    expect(body(own)).toEqual(body(plain));

    // The box on top is 80 by 20 by 22 in and begins 10 in behind the body's front.
    const topBox = body(withNewCompartment(at(plain), 'topBox', 'mine'));
    const box = surface(80, 20, 22);
    expect(topBox.weightLb - body(plain).weightLb).toBeCloseTo(box * lb!, 6);
    expect(topBox.weightLb - body(plain).weightLb).toBeGreaterThan(80);
    expect(topBox.priceCents - body(plain).priceCents).toBeCloseTo(box * cents!, -0.5);
    const { frontIn } = at(plain).read(bodyPlace);
    expect(topBox.weightLb * topBox.xIn).toBeCloseTo(
      body(plain).weightLb * body(plain).xIn + box * lb! * (frontIn + 10 + 40),
      3,
    );
    expect(topBox.yIn).toBeLessThan(0);

    const { lengthIn, heightIn, depthIn } = compartmentLines(at(plain)).find(({ id }) => id === 'L1')!;
    const without = body(withCompartment(at(plain), 'L1', null));
    expect(body(plain).weightLb - without.weightLb).toBeCloseTo(
      surface(lengthIn, heightIn, depthIn) * lb!,
      6,
    );
    expect(without.yIn).toBeGreaterThan(0);
    expect(body(withCompartments(plain, [])).weightLb).toBeCloseTo(164 * 24.5 * 0.63, 6);
    // A name, doors and a divided inside are no sheet.
    expect(body(withCompartment(at(plain), 'L1', { name: 'Pump', upperDepthIn: 12 })).weightLb).toBe(
      body(plain).weightLb,
    );
  });

  it('are said by what closes them', () => {
    const { sentence } = house.subject('body');
    const said = (build: Build) => /with (.*)\./.exec(sentence!(at(build)))![1];
    expect(said(plain)).toBe('7 compartments behind roll-up doors');
    const hinged = withCompartment(at(plain), 'L1', { doorsId: 'hinged' });
    // A hatch has a lid and no door: seven hinged doors of 14 lb each, with or without one.
    const doorsLb = (build: Build) =>
      at(build)
        .read(components)
        .find(({ id }) => id === 'doors')?.weightLb;
    const allHinged = withBody(withNewCompartment(at(plain), 'topBox', 'mine'), { doorsId: 'hinged' });
    expect([doorsLb(withBody(plain, { doorsId: 'hinged' })), doorsLb(allHinged)]).toEqual([98, 98]);
    expect(said(withNewCompartment(at(hinged), 'topBox', 'mine'))).toBe(
      '8 compartments: 1 behind hinged doors, 6 behind roll-up doors and 1 opening upward',
    );
    expect(said(withCompartments(plain, []))).toBe('no compartments');
  });

  it('have an upper half of another depth, and doors of their own that weigh and take what they do', () => {
    const shallow = withCompartment(at(own), 'L1', { upperDepthIn: 12 });
    // 66 in high: the upper half is 33 in, of which the drum takes 9 in of height 9 in deep.
    expect(named(shallow, 'L1').upperDepthIn).toBeCloseTo(12 - 9, 6);
    expect(named(shallow, 'L1').volumeFt3).toBeCloseTo((44 * (33 * 27 + 24 * 12 + 9 * 3)) / 1728, 6);
    const hinged = withCompartment(at(own), 'L1', { doorsId: 'hinged' });
    expect(named(hinged, 'L1').volumeFt3).toBeCloseTo((44 * 66 * 27) / 1728, 6);
    const doors = at(hinged)
      .read(components)
      .filter(({ id }) => id.startsWith('doors'));
    expect(doors.map(({ name, weightLb }) => [name, weightLb])).toEqual([
      ['Roll-up doors', 0],
      ['Hinged doors', 14],
    ]);
  });

  it.each(COMPARTMENT_KINDS.map(({ id, title }) => [id, title]))(
    '%s can be added (%s), and comes to some room',
    (kind) => {
      const added = withNewCompartment(at(plain), kind, 'mine');
      expect(read(added)).toEqual(house.settle(added));
      const mine = all(added).find(({ id }) => id === 'mine');
      // What the family or the tank has already taken is gone from it; in a body without them it is there.
      const alone = withCompartments(
        added,
        added.body.compartments!.filter(({ id }) => id === 'mine'),
      );
      const empty = withTank(house.settle(alone), { gallons: 0 });
      const there = mine ?? named(empty, 'mine');
      expect(there.volumeFt3).toBeGreaterThan(0);
      expect(there.volumeFt3).toBeLessThan(200);
      expect(at(added).finding('clash')?.status).toBe('holds');
    },
  );

  it('in the cab is a part of the cab; of the body it stands in the cab’s way there', () => {
    const locker = withNewCompartment(at(plain), 'cabLocker', 'c1');
    expect(named(locker, 'c1').inCab).toBe(true);
    expect(at(locker).finding('clash')?.status).toBe('holds');
    const { x0, x1 } = named(locker, 'c1');
    const { frontIn } = at(plain).read(bodyPlace);
    const ofBody = withCompartment(at(locker), 'c1', { of: 'body', startIn: x0 - frontIn });
    expect(named(ofBody, 'c1')).toMatchObject({ x0, x1 });
    // It is 20 in deep, of which 1 in stands out where the body is wider than the cab.
    expect(at(ofBody).finding('clash')).toMatchObject({ status: 'fails', actual: 19 });
  });

  it('through the body opens on both sides, unless the tank is in the way', () => {
    const lines = compartmentLines(at(plain)).filter(({ id }) => !['L3', 'R3', 'B1'].includes(id));
    const through = {
      id: 't1',
      name: 'T1',
      face: 'through' as const,
      startIn: 120,
      lengthIn: 30,
      floorIn: 4,
      heightIn: 30,
      depthIn: 99,
    };
    const behind = named(withCompartments(plain, [...lines, through]), 't1');
    expect(behind.through).toBe(true);
    expect(behind.lowerDepthIn).toBeCloseTo(99, 6);
    // Beside the tank, 42 in wide about the middle, it ends at its wall.
    const beside = named(
      withCompartments(plain, [
        ...lines.filter(({ id }) => id !== 'L1' && id !== 'R1'),
        { ...through, startIn: 10 },
      ]),
      't1',
    );
    expect(beside.lowerDepthIn).toBeCloseTo(49.5 - 21 - 1.5, 6);
  });

  it('a smaller one takes its room from the one around it, and never twice', () => {
    const pocket = withNewCompartment(at(own), 'pocket', 'p1');
    const [before, after] = [named(own, 'L1').volumeFt3, named(pocket, 'L1').volumeFt3];
    expect(after).toBeLessThan(before);
    expect(before - after).toBeGreaterThanOrEqual(named(pocket, 'p1').volumeFt3 - 1e-6);
  });

  it('what was in one that is gone rides in the first, and a place that nobody has is refused', () => {
    const carrying: Build = {
      ...own,
      equipment: {
        ...own.equipment,
        lines: [{ id: 'e1', partId: 'irons', count: 1, compartmentId: 'L1' }],
      },
    };
    const mine = withNewCompartment(at(carrying), 'side', 'mine');
    const inMine: Build = {
      ...mine,
      equipment: { ...mine.equipment, lines: [{ ...mine.equipment.lines[0]!, compartmentId: 'mine' }] },
    };
    expect(read(inMine).equipment.lines[0]!.compartmentId).toBe('mine');
    expect(house.settle(withCompartment(at(inMine), 'mine', null)).equipment.lines[0]!.compartmentId).toBe(
      'L1',
    );
    expect(() => house.parse(JSON.parse(JSON.stringify(withCompartment(at(inMine), 'mine', null))))).toThrow(
      /equipment.lines.0.compartmentId must be one of cab, way, yet, L1.* \(was "mine"\)/,
    );
  });

  it.each([
    ['a length beyond belief', { lengthIn: 900 }, /compartments.0.lengthIn must be at most 400/],
    ['a face that is none', { face: 'inside' }, /compartments.0.face must be one of left, right, through/],
    ['doors that are none', { doorsId: 'curtain' }, /doorsId must be a doors of the catalog/],
    ['no name', { name: '' }, /name must have 1 to 20 characters/],
  ])('are refused with %s', (_, change, message) => {
    const broken = withCompartments(own, [{ ...own.body.compartments![0]!, ...change } as never]);
    expect(() => house.parse(JSON.parse(JSON.stringify(broken)))).toThrow(message);
  });
});
