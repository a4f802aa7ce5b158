import { describe, expect, it } from 'vitest';
import { beddedOn } from './index.js';

/** A turntable at 200 in, 20 in about, and a cradle ahead of it or behind it. */
const on = (cradleIn: number) => ({ tableIn: 200, radiusIn: 20, cradleIn });
/** Where rests hold a weight up, taken together. */
const centerOf = (rests: ReturnType<typeof beddedOn>) =>
  rests.reduce((sum, { share, fromIn, toIn }) => sum + (share * (fromIn + toIn)) / 2, 0);

describe('a bedded weight rests on turntable and cradle', () => {
  it.each([
    // At a quarter of the way to the cradle a quarter rests there.
    ['between them', 100, 175, [0.75, 0.25]],
    ['on the cradle', 100, 100, [0, 1]],
    // A tenth beyond: the turntable holds a tenth down.
    ['beyond the cradle', 100, 90, [-0.1, 1.1]],
    ['toward a cradle behind', 300, 250, [0.5, 0.5]],
    ['on the turntable', 100, 200, [1]],
    ['behind the turntable', 100, 230, [1]],
  ] as const)('%s', (_, cradleIn, xIn, shares) => {
    const rests = beddedOn(on(cradleIn), xIn);
    expect(rests.length).toBe(shares.length);
    for (const [i, share] of shares.entries()) expect(rests[i]!.share).toBeCloseTo(share, 12);
    expect(centerOf(rests)).toBeCloseTo(xIn, 9);
    if (rests[1])
      expect([rests[0]!.fromIn, rests[0]!.toIn, rests[1].fromIn, rests[1].toIn]).toEqual([
        180,
        220,
        cradleIn,
        cradleIn,
      ]);
  });
});
