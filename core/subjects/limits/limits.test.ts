import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { house } from '../index.js';
import {
  copiedProfile as copied,
  profileOf,
  profileShelf,
  withLimit as limited,
  withOwnProfile,
  withProfile,
} from './index.js';
import type { OwnLimit } from './index.js';

const copiedProfile = (build: Build, id: string, name: string) => copied(house.limits, build, id, name);
const withLimit = (build: Build, id: string, change: Partial<OwnLimit> | null) =>
  limited(house.limits, build, id, change);
const withOwn = (build: Build, own: object, profileId = build.limits['profileId']) => ({
  ...build,
  limits: { ...build.limits, profileId, own },
});
const plain = starterBuild('pumper', 'Plain', 'D');
const own = house.carrying(withOwnProfile(plain, copiedProfile(plain, 'ours', 'Ours')));
const read = (build: Build) => house.parse(JSON.parse(JSON.stringify(build)));

describe('a profile of the department’s own', () => {
  it('is at first the very limits that it was copied from, and travels with the build', () => {
    expect(profileOf(own).limits).toEqual(profileShelf.shipped.part('us-pumper').limits);
    expect(read(own)).toEqual(own);
    expect(profileOf(own)).toMatchObject({ id: 'ours', name: 'Ours', own: true });
  });

  it('takes a value, a basis and a note, loses a limit and takes one on', () => {
    const changed = withLimit(
      withLimit(own, 'sideImbalancePct', { value: 5, basis: 'Chief’s letter', note: 'Steep roads' }),
      'attackHoseFt',
      null,
    );
    expect(profileOf(changed).limits['sideImbalancePct']).toEqual({
      value: 5,
      basis: 'Chief’s letter',
      note: 'Steep roads',
    });
    expect(profileOf(changed).limits['attackHoseFt']).toBeUndefined();
    expect(profileOf(withLimit(changed, 'attackHoseFt', { value: 600 })).limits['attackHoseFt']).toEqual({
      ...profileShelf.shipped.part('us-pumper').limits['attackHoseFt'],
      value: 600,
    });
    expect(
      profileOf(withLimit(changed, 'sideImbalancePct', { note: '' })).limits['sideImbalancePct'],
    ).toEqual({
      value: 5,
      basis: 'Chief’s letter',
    });
    expect(read(changed)).toEqual(changed);
    // What it was copied from is as it was.
    expect(profileOf(plain).limits['sideImbalancePct']?.value).toBe(7);
  });

  it('is gone where a shipped one is chosen again', () => {
    expect(house.carrying(withProfile(own, 'us-pumper'))).toEqual(plain);
    expect(withLimit(plain, 'tankGal', { value: 500 })).toEqual(plain);
  });

  it.each<[string, (build: Build) => unknown, RegExp]>([
    [
      'an unknown profile',
      (s) => withOwn(s, undefined as never, 'gone'),
      /limits.profileId must be a profile of the catalogue/,
    ],
    [
      'one for another type',
      (s) => withOwn(s, undefined as never, 'us-quint'),
      /limits.profileId must suit a build of type pumper/,
    ],
    [
      'limits that are not the ones named',
      (s) => withOwn(s, s.limits.own!, 'us-pumper'),
      /limits.own.id must be the profileId "us-pumper"/,
    ],
    [
      'the id of a shipped profile',
      (s) => withOwn(s, { ...s.limits.own, id: 'us-pumper' }, 'us-pumper'),
      /limits.own.id is that of a shipped profile/,
    ],
    [
      'a value beyond belief',
      (s) => withLimit(s, 'sideImbalancePct', { value: 80 }),
      /limits.own.limits.\d+.value must be from 0.5 to 50 % for sideImbalancePct \(was 80\)/,
    ],
    [
      'a value that is no number',
      (s) => withLimit(s, 'tiltDeg', { value: 'steep' as never }),
      /limits.own.limits.\d+.value/,
    ],
    [
      'a limit without its basis',
      (s) => withLimit(s, 'tiltDeg', { basis: '' }),
      /limits.own.limits.\d+.basis must have 1 to 120 characters/,
    ],
    [
      'an unknown limit',
      (s) => withOwn(s, { ...s.limits.own!, limits: [{ id: 'paint', value: 1, basis: 'x' }] }),
      /limits.own.limits.0.id/,
    ],
    [
      'a limit twice',
      (s) => withOwn(s, { ...s.limits.own!, limits: [...s.limits.own!.limits, s.limits.own!.limits[0]!] }),
      /is given twice/,
    ],
  ])('is refused with %s', (_, change, message) => {
    expect(() => house.parse(JSON.parse(JSON.stringify(change(own))))).toThrow(message);
  });

  it('every limit can be written at both ends of what is believable', () => {
    for (const id of Object.keys(house.limits))
      for (const end of ['min', 'max'] as const)
        expect(() => read(withLimit(own, id, { value: house.limits[id]![end] }))).not.toThrow();
  });
});
