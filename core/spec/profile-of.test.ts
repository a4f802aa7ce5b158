import { describe, expect, it } from 'vitest';
import { LIMIT_IDS, LIMIT_KINDS, SHIPPED } from '../catalogue/index.js';
import { copiedProfile, parseBuild, profileOf, starterBuild, withLimit, withOwnProfile, withProfile } from './index.js';
import type { BuildSpec, OwnLimit } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const own = withOwnProfile(plain, copiedProfile(plain, 'ours', 'Ours'));
const read = (spec: BuildSpec) => parseBuild(JSON.parse(JSON.stringify(spec)));

describe('a profile of the department’s own', () => {
  it('is at first the very limits that it was copied from, and travels with the build', () => {
    expect(profileOf(own).limits).toEqual(SHIPPED.part('profile', 'us-pumper').limits);
    expect(read(own)).toEqual(own);
    expect(profileOf(own)).toMatchObject({ id: 'ours', name: 'Ours', own: true });
  });

  it('takes a value, a basis and a note, loses a limit and takes one on', () => {
    const changed = withLimit(withLimit(own, 'sideImbalancePct', { value: 5, basis: 'Chief’s letter', note: 'Steep roads' }), 'attackHoseFt', null);
    expect(profileOf(changed).limits.sideImbalancePct).toEqual({ value: 5, basis: 'Chief’s letter', note: 'Steep roads' });
    expect(profileOf(changed).limits.attackHoseFt).toBeUndefined();
    expect(profileOf(withLimit(changed, 'attackHoseFt', { value: 600 })).limits.attackHoseFt).toEqual({ ...SHIPPED.part('profile', 'us-pumper').limits.attackHoseFt, value: 600 });
    expect(profileOf(withLimit(changed, 'sideImbalancePct', { note: '' })).limits.sideImbalancePct).toEqual({ value: 5, basis: 'Chief’s letter' });
    expect(read(changed)).toEqual(changed);
    // What it was copied from is as it was.
    expect(profileOf(plain).limits.sideImbalancePct?.value).toBe(7);
  });

  it('is gone where a shipped one is chosen again', () => {
    expect(withProfile(own, 'us-pumper')).toEqual(plain);
    expect(withLimit(plain, 'tankGal', { value: 500 })).toEqual(plain);
  });

  it.each<[string, (spec: BuildSpec) => unknown, RegExp]>([
    ['an unknown profile', (s) => ({ ...s, ownProfile: undefined, profileId: 'gone' }), /profileId must be a profile of the catalogue/],
    ['one for another type', (s) => ({ ...s, ownProfile: undefined, profileId: 'us-quint' }), /profileId must suit a build of type pumper/],
    ['limits that are not the ones named', (s) => ({ ...s, profileId: 'us-pumper' }), /ownProfile.id must be the profileId "us-pumper"/],
    ['the id of a shipped profile', (s) => ({ ...s, profileId: 'us-pumper', ownProfile: { ...s.ownProfile, id: 'us-pumper' } }), /ownProfile.id is that of a shipped profile/],
    ['a value beyond belief', (s) => withLimit(s, 'sideImbalancePct', { value: 80 }), /ownProfile.limits.\d+.value must be from 0.5 to 50 % for sideImbalancePct \(was 80\)/],
    ['a value that is no number', (s) => withLimit(s, 'tiltDeg', { value: 'steep' as never }), /ownProfile.limits.\d+.value/],
    ['a limit without its basis', (s) => withLimit(s, 'tiltDeg', { basis: '' }), /ownProfile.limits.\d+.basis must have 1 to 120 characters/],
    ['an unknown limit', (s) => ({ ...s, ownProfile: { ...s.ownProfile!, limits: [{ id: 'colour' as OwnLimit['id'], value: 1, basis: 'x' }] } }), /ownProfile.limits.0.id/],
    ['a limit twice', (s) => ({ ...s, ownProfile: { ...s.ownProfile!, limits: [...s.ownProfile!.limits, s.ownProfile!.limits[0]!] } }), /is given twice/],
  ])('is refused with %s', (_, change, message) => {
    expect(() => parseBuild(JSON.parse(JSON.stringify(change(own))))).toThrow(message);
  });

  it('every limit can be written at both ends of what is believable', () => {
    for (const id of LIMIT_IDS) for (const end of ['min', 'max'] as const) expect(() => read(withLimit(own, id, { value: LIMIT_KINDS[id][end] }))).not.toThrow();
  });
});
