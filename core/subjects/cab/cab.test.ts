import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { withBlock } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { alongFrame, components } from '../../truck/index.js';
import { house } from '../index.js';
import { seatsFitted, withCrew, withSeat } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const seated = (build: Build) =>
  house
    .evaluate(build)
    .read(components)
    .filter(({ seat }) => seat !== undefined);
const read = (build: Build) => house.parse(JSON.parse(JSON.stringify(build)));
const twoDoor = house.settle(
  withBlock(withBlock(plain, 'cab', { crew: 2 }), 'chassis', {
    partId: 'commercial-2door',
    wheelbaseIn: 230,
    frontAxleId: 'front-16000',
    rearAxleId: 'rear-31000',
  }),
);

describe('seats', () => {
  it('are the first ones, facing forward, with packs behind all but the driver', () => {
    expect(seatsFitted(plain.cab).map(({ seat, facing, pack }) => [seat, facing, pack])).toEqual([
      [1, 'forward', 'plain'],
      ...[2, 3, 4, 5, 6].map((seat) => [seat, 'forward', 'holder']),
    ]);
  });

  it('can be left out one by one: who sat there is gone from that very place', () => {
    const without = withSeat(plain, 4, null);
    expect(read(without)).toEqual(without);
    expect(without.cab.crew).toBe(5);
    expect(seated(without).map(({ id }) => id)).toEqual(['seat.1', 'seat.2', 'seat.3', 'seat.5', 'seat.6']);
    const [before, after] = [house.measure(plain), house.measure(without)];
    // 250 lb behind the officer at x 16 of a wheelbase of 190.
    expect(before['gross']! - after['gross']!).toBeCloseTo(250, 9);
    expect(before['rear']! - after['rear']!).toBeCloseTo((250 * 16) / 190, 9);
    expect(withSeat(without, 4, {}).cab.crew).toBe(6);
  });

  it('look forward or aft, with or without a pack, and say so', () => {
    const turned = withSeat(withSeat(plain, 3, { facing: 'rearward' }), 3, { pack: 'plain' });
    expect(read(turned)).toEqual(turned);
    expect(seated(turned).find(({ id }) => id === 'seat.3')!.name).toBe('Crew: behind driver, facing aft');
    expect(seatsFitted(turned.cab)[2]).toMatchObject({ facing: 'rearward', pack: 'plain' });
  });

  it('more of them are the next free ones, fewer leave from the back', () => {
    const without = withSeat(plain, 2, null);
    expect(withCrew(without, 4).cab.seats!.map(({ seat }) => seat)).toEqual([1, 3, 4, 5]);
    expect(withCrew(withCrew(without, 4), 5).cab.seats!.map(({ seat }) => seat)).toEqual([1, 3, 4, 5, 2]);
  });

  it.each([
    [
      'a seat that the cab lacks',
      [{ id: 'a', seat: 9, facing: 'forward', pack: 'plain' }],
      /seat must be at most 6/,
    ],
    [
      'one twice',
      [
        { id: 'a', seat: 2, facing: 'forward', pack: 'plain' },
        { id: 'b', seat: 2, facing: 'forward', pack: 'plain' },
      ],
      /is fitted twice/,
    ],
  ])('are refused with %s', (_, seats, message) => {
    const broken = withBlock(plain, 'cab', { seats: seats as never, crew: seats.length });
    expect(() => read(broken)).toThrow(message);
  });
});

describe('a crew module', () => {
  it.each([
    ['module-60', 60, 2],
    ['module-72', 72, 3],
    ['module-84', 84, 4],
  ])('%s joins a two-door cab, is %d in long and seats %d more', (moduleId, lengthIn, more) => {
    const joined = house.carrying(house.settle(withCrew(withBlock(twoDoor, 'cab', { moduleId }), 2 + more)));
    expect(read(joined)).toEqual(joined);
    expect(joined.cab.crew).toBe(2 + more);
    const along = house.evaluate(joined).read(alongFrame);
    expect(along['crewModule']).toEqual({ x0: 69, x1: 69 + lengthIn });
    const [before, after] = [house.evaluate(twoDoor).read(alongFrame), along];
    // No gap before what joins the cab, none behind it: the frame flexes behind the module no more than there.
    expect(after['body']!.x0 - before['body']!.x0).toBeCloseTo(lengthIn - 5, 9);
    expect(house.measure(joined)['gross']! - house.measure(twoDoor)['gross']!).toBeGreaterThan(
      1_000 + 250 * more,
    );
  });

  it('is left behind by a cab that takes none, and its seats with it', () => {
    const joined = withCrew(withBlock(twoDoor, 'cab', { moduleId: 'module-84' }), 6);
    const other = house.settle(
      withBlock(joined, 'chassis', {
        partId: 'medium-4x4',
        wheelbaseIn: 210,
        frontAxleId: 'front-14000',
        rearAxleId: 'rear-23000',
      }),
    );
    expect(other.cab).toMatchObject({ crew: 3 });
    expect(other.cab.moduleId).toBeUndefined();
  });
});
