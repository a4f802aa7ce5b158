/** A build of 400 weighed weights, 200 items of its own and 200 own parts: as large as any. */
export function largeOf(build) {
  const own = Array.from({ length: 200 }, (_, i) => ({
    id: `own-${i}`,
    kind: 'equipment',
    likeId: 'irons',
    name: `Own piece ${i}`,
    figures: [{ field: 'weightLb', value: 10 + i / 10, source: 'scale' }],
  }));
  const lines = own.map(({ id }, i) => ({ id: `e${i}`, partId: id, count: 1, compartmentId: 'L1' }));
  return {
    ...build,
    parts: { ...build.parts, own },
    equipment: { ...build.equipment, lines },
    items: {
      ...build.items,
      lines: Array.from({ length: 200 }, (_, i) => ({
        id: `i${i}`,
        name: `Item ${i}`,
        weightLb: 1,
        basis: 'estimated',
        xIn: 100 + (i % 50),
        yIn: 0,
        zIn: 50,
        priceCents: 0,
      })),
    },
    weights: {
      ...build.weights,
      weighed: Array.from({ length: 400 }, (_, i) => ({
        id: i < 200 ? `equipment.e${i}` : `items.i${i - 200}`,
        weightLb: 5 + i / 100,
        basis: 'weighed',
      })),
    },
  };
}
