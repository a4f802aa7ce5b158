import { describe, expect, it } from 'vitest';
import { copiesIn } from '../build/index.js';
import type { Build, PartCopy } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { withProfile } from '../subjects/limits/index.js';
import { withPump } from '../subjects/pump/index.js';
import { newsOf, reckonedOtherwise, standingIn } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const json = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** The build as an edition of 2020 had one of its parts. */
const ofOldEdition = (kind: string, change: (part: PartCopy['part']) => object, build = plain): Build =>
  house.parse({
    ...json(build),
    catalogue: {
      parts: copiesIn(json(build)).map((copy) =>
        copy.kind === kind ? { ...copy, edition: '2020-01', part: change(copy.part) } : copy,
      ),
    },
  });
const oldPump = ofOldEdition('pump', (part) => ({ ...part, weightLb: 3_310, priceCents: 9_000_000 }));

describe('newer figures of a part', () => {
  it('are told with what they would change, and taken when a person says so', () => {
    expect(newsOf(house.evaluate(plain))).toEqual([]);
    const [news, ...more] = newsOf(house.evaluate(oldPump));
    expect(more).toEqual([]);
    expect(news).toMatchObject({
      kind: 'pump',
      id: plain.pump.partId,
      edition: '2020-01',
      now: house.edition,
    });
    expect(news!.differences).toEqual([
      { title: 'Weight', before: '{3310 lb}', after: expect.stringMatching(/^\{\d+ lb\}$/) },
      { title: 'Price', before: '$90,000', after: '$88,000' },
    ]);
    expect(news!.moves).toMatch(/gross .*price −\$2,0\d\d/);
    const taken = house.withNewest(oldPump, [news!]);
    expect(house.measure(taken)).toEqual(house.measure(plain));
    expect(newsOf(house.evaluate(taken))).toEqual([]);
    // Until then nothing is taken.
    expect(house.measure(house.carrying(oldPump))).toEqual(house.measure(oldPump));
  });

  it('say which check would stand otherwise', () => {
    type Axle = { ratings: { axleLb: number } };
    const heavy = ofOldEdition('chassis', (part) => ({
      ...part,
      frontAxles: (part['frontAxles'] as Axle[]).map((axle) => ({
        ...axle,
        ratings: { ...axle.ratings, axleLb: 15_000 },
      })),
    }));
    expect(newsOf(house.evaluate(heavy))[0]!.stands).toContainEqual({
      title: 'Front axle',
      before: 'over a limit',
      after: 'holds',
    });
  });

  it('are none of what the newest catalog no longer has, or of what is chosen anew', () => {
    const gone = ofOldEdition('pump', (part) => ({ ...part, id: 'gone-pump' }), {
      ...plain,
      pump: { ...plain.pump, partId: 'gone-pump' },
      catalogue: {
        parts: copiesIn(plain).map((copy) =>
          copy.kind === 'pump' ? { ...copy, part: { ...copy.part, id: 'gone-pump' } } : copy,
        ),
      },
    });
    expect(newsOf(house.evaluate(gone))).toEqual([]);
    expect(newsOf(house.evaluate(house.carrying(withPump(oldPump, 'pto-1000'))))).toEqual([]);
  });
});

describe('the limits that a build is held against', () => {
  const stricter = ofOldEdition('profile', (part) => ({
    ...part,
    limits: { ...(part['limits'] as object), sideImbalancePct: { value: 4, basis: 'An older edition' } },
  }));

  it('stay as they were when they were chosen, under any later edition', () => {
    expect(house.evaluate(stricter).limit('sideImbalancePct')).toEqual({
      value: 4,
      basis: 'An older edition',
    });
    expect(house.evaluate(plain).limit('sideImbalancePct')!.value).toBe(7);
    const other = house.carrying(withProfile(stricter, 'ratings-only'));
    expect(
      house.evaluate(house.carrying(withProfile(other, plain.limits.profileId))).limit('sideImbalancePct')!
        .value,
    ).toBe(7);
  });

  it('are offered anew, limit by limit', () => {
    expect(newsOf(house.evaluate(stricter))[0]).toMatchObject({
      kind: 'profile',
      differences: [{ title: 'Side to side, share of the axle’s load', before: '4 %, An older edition' }],
    });
  });
});

describe('what an older Baros saved', () => {
  const asSaved = { figures: house.measure(plain), standing: standingIn(house.evaluate(plain)) };

  it('is reckoned as it was, where nothing is otherwise', () => {
    expect(reckonedOtherwise(json(asSaved), house.evaluate(plain))).toEqual([]);
    expect(reckonedOtherwise({ figures: asSaved.figures }, house.evaluate(plain))).toEqual([]);
  });

  it('is told with before and after, where it is placed or judged otherwise now', () => {
    const figures = {
      ...asSaved.figures,
      front: asSaved.figures['front']! - 40,
      price: asSaved.figures['price']! + 20,
    };
    const standing = { ...asSaved.standing, frontAxle: 'fails' as const };
    expect(reckonedOtherwise({ figures, standing }, house.evaluate(plain))).toEqual([
      { title: 'Front axle', before: expect.stringMatching(/lb\}$/), after: expect.stringMatching(/lb\}$/) },
      { title: 'Front axle', before: 'over a limit', after: 'holds' },
    ]);
    const { frontAxle: _gone, ...without } = asSaved.standing;
    expect(reckonedOtherwise({ figures: asSaved.figures, standing: without }, house.evaluate(plain))).toEqual(
      [],
    );
  });
});
