import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { rank } from '../../kernel/index.js';
import { house } from '../index.js';
import {
  copiedProfile as copied,
  profileOf,
  profileShelf,
  withAlso,
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

  it('is held against beside a second one: of each limit the harder, of what is reckoned with the heavier', () => {
    const both = withAlso(withProfile(plain, 'us-pumper'), 'us-wildland-3');
    expect(read(both)).toMatchObject({ limits: { profileId: 'us-pumper', alsoId: 'us-wildland-3' } });
    const limit = (id: string) => house.evaluate(both).limit(id)?.value;
    const of = (profile: string, id: string) => profileShelf.shipped.part(profile).limits[id]?.value;
    // 500 gal of the one against 300 of the other; 750 gpm against 150.
    expect([limit('tankGal'), of('us-wildland-3', 'tankGal'), of('us-pumper', 'tankGal')]).toEqual([
      500, 500, 300,
    ]);
    expect([limit('pumpGpm'), of('us-wildland-3', 'pumpGpm')]).toEqual([750, 150]);
    // What only one of them sets counts as it is; the heavier allowance is loaded.
    expect(limit('hose1Ft')).toBe(500);
    expect(limit('supplyHoseFt')).toBe(800);
    expect(limit('allowanceLb')).toBe(2000);
    const gvwr = withAlso(withProfile(plain, 'us-wildland-5'), 'us-wildland-6');
    expect(house.evaluate(gvwr).limit('gvwrLb')?.value).toBe(19_500);
    expect(house.evaluate(gvwr).finding('typeGvwr')?.status).toBe('fails');
    expect(withAlso(both, undefined)).toEqual(withProfile(plain, 'us-pumper'));
  });

  it('beside a second one loads what the heavier of the two asks for, each by its own figures', () => {
    const beyondList = (build: Build) => house.evaluate(build).figures(house.figures)['allowanceLeft']!;
    const roomyFrom = (ft3: number, lb: number) =>
      withLimit(withLimit(own, 'roomyFt3', { value: ft3 }), 'roomyAllowanceLb', { value: lb });
    // Nothing is listed yet. Some 260 ft³ are roomy where 250 are asked for, and not by our 1,000.
    expect(beyondList(plain)).toBe(2500);
    expect(beyondList(roomyFrom(1000, 4000))).toBe(2000);
    expect(beyondList(withAlso(roomyFrom(1000, 4000), 'us-pumper'))).toBe(2500);
    expect(beyondList(withAlso(roomyFrom(200, 4000), 'us-pumper'))).toBe(4000);
  });

  it('beside a second one judges as both do, the worse of the two: each two of the shipped ones', () => {
    const judged = (build: Build) =>
      new Map(house.evaluate(build).findings.map((finding) => [finding.id, finding]));
    const ids = profileShelf.shipped.all().map(({ id }) => id);
    // What is reckoned with tells how heavy the truck is: where the two differ in it, the heavier counts for both.
    const loaded = (id: string) =>
      JSON.stringify(
        Object.entries(profileShelf.shipped.part(id).limits)
          .filter(([limit]) => house.limits[limit]!.sense === 'reckon')
          .map(([limit, { value }]) => [limit, value]),
      );
    const alone = new Map(ids.map((id) => [id, judged(withProfile(plain, id))]));
    let alike = 0;
    for (const one of ids)
      for (const other of ids.slice(ids.indexOf(one) + 1)) {
        const both = judged(withAlso(withProfile(plain, one), other));
        const each = [alone.get(one)!, alone.get(other)!];
        if (loaded(one) === loaded(other)) alike += 1;
        const judgedOtherwise = [...both].filter(([id, { status, margin }]) => {
          const apart = each.flatMap((of) => of.get(id) ?? []);
          const worst = Math.max(...apart.map((finding) => rank(finding.status)));
          if (loaded(one) !== loaded(other)) return rank(status) < worst;
          const least = Math.min(...apart.map((finding) => finding.margin));
          return rank(status) !== worst || Math.abs(margin - least) > 1e-6;
        });
        expect(judgedOtherwise, `${one} and ${other}`).toEqual([]);
        expect(
          each.flatMap((of) => [...of.keys()]).filter((id) => !both.has(id)),
          `${one} and ${other}`,
        ).toEqual([]);
      }
    expect(alike).toBeGreaterThan(3);
  });

  it('is gone where a shipped one is chosen again', () => {
    expect(house.carrying(withProfile(own, 'us-pumper'))).toEqual(plain);
    expect(withLimit(plain, 'tankGal', { value: 500 })).toEqual(plain);
  });

  it.each<[string, (build: Build) => unknown, RegExp]>([
    [
      'an unknown profile',
      (s) => withOwn(s, undefined as never, 'gone'),
      /limits.profileId must be a profile of the catalog/,
    ],
    [
      'an unknown second profile',
      (s) => withAlso(s, 'gone'),
      /limits.alsoId must be a profile of the catalog/,
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
