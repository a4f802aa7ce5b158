import { describe, expect, it } from 'vitest';
import {
  amount,
  bare,
  change,
  cubicFeet,
  cutText,
  feet,
  feetInches,
  formatMoney,
  formatPct,
  formatWhole,
  fromSystem,
  gal,
  gpm,
  hoseSize,
  inches,
  inUnits,
  lb,
  QUANTITIES,
  signed,
  toSystem,
  UNIT_SYSTEMS,
} from './index.js';

describe('numbers in words', () => {
  it.each([
    [formatPct(4.26), '4.3 %'],
    [formatPct(-0.04), '0.0 %'],
    [formatMoney(123_456), '$1,235'],
    [formatMoney(-280_000), '−$2,800'],
    [signed(120), '+120'],
    [signed(-40), '−40'],
    [signed(0.2), '±0'],
    [signed(-250_000, formatMoney), '−$2,500'],
    [formatWhole(1e6), '1,000,000'],
    [formatWhole(NaN), '?'],
    [formatPct(Infinity), '? %'],
    [formatMoney(NaN), '?'],
  ])('%s', (actual, expected) => expect(actual).toBe(expected));
});

describe('figures within a text are said in the reader’s units', () => {
  it.each([
    [lb(18942.4), '18,942 lb', '8,592 kg', '18,942 lb'],
    [lb(-0.3), '0 lb', '0 kg', '0 lb'],
    [lb(NaN), '? lb', '? kg', '? lb'],
    [change(lb(-Infinity)), '? lb', '? kg', '? lb'],
    [feetInches(NaN), '? ft', '? m', '? ft'],
    [hoseSize(NaN), '? in', '? mm', '? in'],
    [amount(NaN, '%'), '? %', '? %', '? %'],
    [lb(-40.4), '−40 lb', '−18 kg', '−40 lb'],
    [inches(71.12), '71.1 in', '1,806 mm', '71.1 in'],
    [feetInches(122.4), '10 ft 2 in', '3.11 m', '10 ft 2 in'],
    [feetInches(119.6), '10 ft 0 in', '3.04 m', '10 ft 0 in'],
    [feetInches(-5), '−0 ft 5 in', '−0.13 m', '−0 ft 5 in'],
    [feet(200), '200 ft', '61 m', '200 ft'],
    [hoseSize(1.75), '1¾ in', '44 mm', '1¾ in'],
    [hoseSize(2.5), '2½ in', '64 mm', '2½ in'],
    [hoseSize(5), '5 in', '127 mm', '5 in'],
    [gal(1000), '1,000 gal', '3,785 L', '833 imp gal'],
    [gal(2.5), '2.5 gal', '9.5 L', '2.1 imp gal'],
    [gpm(1250), '1,250 gpm', '4,732 L/min', '1,040.8 igpm'],
    [cubicFeet(40), '40 ft³', '1.13 m³', '40 ft³'],
    [amount(7, '%'), '7 %', '7 %', '7 %'],
    [amount(26.5, 'deg'), '26.5°', '26.5°', '26.5°'],
    [amount(300, 'gal'), '300 gal', '1,136 L', '250 imp gal'],
    [amount(2, 'seats'), '2 seats', '2 seats', '2 seats'],
    [amount(1, 'pieces'), '1 piece', '1 piece', '1 piece'],
    [amount(0, 'pieces'), '0 pieces', '0 pieces', '0 pieces'],
    [change(lb(120.2)), '+120 lb', '+55 kg', '+120 lb'],
    [change(lb(-0.2)), '±0 lb', '±0 kg', '±0 lb'],
    [
      `${bare(lb(19_243))} of ${lb(18_000)}`,
      '19,243 of 18,000 lb',
      '8,728 of 8,165 kg',
      '19,243 of 18,000 lb',
    ],
    [
      'no figure { } {12} {5 stone}',
      'no figure { } {12} {5 stone}',
      'no figure { } {12} {5 stone}',
      'no figure { } {12} {5 stone}',
    ],
  ])('%s', (text, us, metric, canada) => {
    expect(inUnits(text, 'us')).toBe(us);
    expect(inUnits(text, 'metric')).toBe(metric);
    expect(inUnits(text, 'canada')).toBe(canada);
  });

  it('a text is cut between its figures', () => {
    expect(cutText(`Water: ${gal(1000)}`, 12)).toBe('Water: …');
    expect(cutText('Short', 12)).toBe('Short');
  });
});

describe('what is typed in one system is the same in another', () => {
  it.each(UNIT_SYSTEMS.flatMap((system) => QUANTITIES.map((quantity) => [system, quantity] as const)))(
    '%s, %s',
    (system, quantity) => {
      for (const value of [0, 1, 0.125, 17.3, 1000, 20_412.77])
        expect(fromSystem(system, quantity, toSystem(system, quantity, value))).toBeCloseTo(value, 9);
    },
  );

  it('by the definitions of the units', () => {
    expect(toSystem('metric', 'lb', 1)).toBe(0.45359237);
    expect(toSystem('metric', 'in', 1)).toBe(25.4);
    expect(toSystem('metric', 'gal', 1)).toBe(3.785411784);
    expect(toSystem('canada', 'gal', 1.2009499255398)).toBeCloseTo(1, 9);
    expect(toSystem('metric', 'psi', 100)).toBeCloseTo(689.4757, 4);
  });
});
