import { describe, expect, it } from 'vitest';
import type { Figures } from '#core/kernel';
import { inUnits } from '#core/units';
import { shortChange, spokenChange } from './Deltas';

describe('a change in words', () => {
  it.each<[string, Figures, string]>([
    ['nothing', {}, 'no change'],
    ['less than a pound', { front: 0.4, gross: -0.3 }, 'no change'],
    [
      'weight on both axles',
      { front: 62.4, rear: -12.6, gross: 49.8 },
      'front +62 lb, rear −13 lb, gross +50 lb',
    ],
    ['height and length', { height: 10, length: -24 }, 'height +10 in, length −24 in'],
    ['a price', { price: 62_000 }, 'price +$620'],
    ['a large price', { price: -12_345_600 }, 'price −$123,456'],
  ])('%s', (_, change, words) => expect(spokenChange(change, (text) => inUnits(text, 'us'))).toBe(words));

  it('is one line in the units of the reader', () => {
    const short = shortChange({ front: 3, rear: -80.2, price: 250_000 });
    expect(inUnits(short, 'us')).toBe('front +3 lb, rear −80 lb, price +$2,500');
    expect(inUnits(short, 'metric')).toBe('front +1 kg, rear −36 kg, price +$2,500');
  });
});
