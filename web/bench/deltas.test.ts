import { describe, expect, it } from 'vitest';
import type { Change } from '#core/review';
import { inUnits } from '#core/units';
import { shortChange, spokenChange } from './Deltas';

const change = (over: Partial<Change>): Change => ({ frontLb: 0, rearLb: 0, grossLb: 0, heightIn: 0, lengthIn: 0, priceCents: 0, ...over });

describe('a change in words', () => {
  it.each<[string, Partial<Change>, string]>([
    ['nothing', {}, 'no change'],
    ['less than a pound', { frontLb: 0.4, grossLb: -0.3 }, 'no change'],
    ['weight on both axles', { frontLb: 62.4, rearLb: -12.6, grossLb: 49.8 }, 'front axle +62 lb, rear axle −13 lb, gross +50 lb'],
    ['height and length', { heightIn: 10, lengthIn: -24 }, 'height +10 in, length −24 in'],
    ['a small price', { priceCents: 62_000 }, 'price +620 $'],
    ['a large price', { priceCents: -12_345_600 }, 'price −123k $'],
    ['a price between', { priceCents: 1_550_000 }, 'price +15.5k $'],
  ])('%s', (_, over, words) => expect(spokenChange(change(over), (text) => inUnits(text, 'us'))).toBe(words));

  it('is short where there is little room', () => {
    const short = shortChange(change({ frontLb: 3, rearLb: -80.2, priceCents: 250_000 }));
    expect(inUnits(short, 'us')).toBe('front +3, rear −80 lb, +$2,500');
    expect(inUnits(short, 'metric')).toBe('front +1, rear −36 kg, +$2,500');
  });
});
