import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GAP_IN, onPanel, overlapping } from './shelves.js';
import type { Piece } from './shelves.js';

const piece = (id: string, wide: number, high: number, band = 0): Piece => ({ id, wide, high, band });

describe('a panel', () => {
  it('spreads a row over its width', () => {
    // Two of 4 in on 20 in: 12 in left in three gaps.
    const { placed, overIn } = onPanel([piece('a', 4, 4), piece('b', 4, 4)], 20, 10);
    expect(placed.map(({ u }) => u)).toEqual([4, 12]);
    expect(overIn).toBe(0);
  });

  it('puts band over band, the last at the top', () => {
    const { placed } = onPanel([piece('gauge', 4, 3, 1), piece('outlet', 4, 6, 0)], 20, 30);
    const [outlet, gauge] = ['outlet', 'gauge'].map((id) => placed.find((of) => of.id === id)!);
    expect(outlet!.v).toBe(GAP_IN);
    expect(gauge!.v + gauge!.high).toBeCloseTo(30 - GAP_IN, 9);
  });

  it('says by how much it is too small', () => {
    const tall = Array.from({ length: 4 }, (_, i) => piece(String(i), 8, 8));
    // One a row on 10 in: four rows of 8 in and five gaps on 20 in.
    expect(onPanel(tall, 10, 20).overIn).toBeCloseTo(4 * 8 + 4 * GAP_IN - 20, 9);
  });

  const pieces = fc.array(
    fc.record({
      wide: fc.double({ min: 1, max: 14, noNaN: true }),
      high: fc.double({ min: 1, max: 14, noNaN: true }),
      band: fc.integer({ min: 0, max: 2 }),
    }),
    { minLength: 1, maxLength: 45 },
  );

  it('draws forty pieces and more without overlap, whatever their sizes', () =>
    fc.assert(
      fc.property(pieces, fc.double({ min: 15, max: 80, noNaN: true }), (all, wideIn) => {
        const { placed } = onPanel(
          all.map((of, i) => ({ id: String(i), ...of })),
          wideIn,
          48,
        );
        expect(placed).toHaveLength(all.length);
        expect(overlapping(placed)).toEqual([]);
      }),
    ));

  it('keeps what a person has put, and the rest clear of it', () =>
    fc.assert(
      fc.property(
        pieces,
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (all, u, v) => {
          const [first, ...rest] = all.map((of, i) => ({ id: String(i), ...of }));
          const { placed } = onPanel([{ ...first!, pinned: { u, v } }, ...rest], 60, 48);
          expect(placed.find(({ id }) => id === '0')).toMatchObject({ u, v });
          expect(overlapping(placed)).toEqual([]);
        },
      ),
    ));
});
