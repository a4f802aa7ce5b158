import { describe, expect, it } from 'vitest';
import { formatFtIn, formatIn, formatLb, formatMoney, formatPct, formatWhole, signed } from './index.js';

describe('figures in words', () => {
  it.each([
    [formatLb(18942.4), '18,942 lb'], [formatLb(-40.4), '−40 lb'], [formatLb(-0.3), '0 lb'],
    [formatPct(4.26), '4.3 %'], [formatPct(-0.04), '0.0 %'], [formatIn(190), '190 in'], [formatIn(71.12), '71.1 in'],
    [formatFtIn(122.4), '10 ft 2 in'], [formatFtIn(119.6), '10 ft 0 in'], [formatFtIn(11.4), '0 ft 11 in'], [formatFtIn(-5), '−0 ft 5 in'],
    [formatMoney(123_456), '$1,235'], [formatMoney(-280_000), '−$2,800'],
    [signed(120), '+120'], [signed(-40), '−40'], [signed(0.2), '±0'], [signed(-250_000, formatMoney), '−$2,500'], [formatWhole(1e6), '1,000,000'],
  ])('%s', (actual, expected) => expect(actual).toBe(expected));
});
