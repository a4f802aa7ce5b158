import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { house } from '#core/subjects';
import type { Evaluation } from '#core/kernel';
import { components, envelope as envelopeReading } from '#core/truck';
import { layOut } from './layout';
import type { Arrangement } from './layout';
import { VIEWS } from './view';
import type { ViewId } from './view';

const trucks = DEMONSTRATION.flatMap((d) => d.builds).map((build) => house.evaluate(build));
const sizes: [number, number][] = [
  [720, 560],
  [820, 400],
  [500, 900],
  [1400, 700],
];
const arrangements: Arrangement[] = ['driver', 'officer', 'top', 'front', 'rear', 'all'];

/** The rectangle of a placed view, in picture inches. */
function extent(truck: Evaluation, view: ViewId, u: number, v: number) {
  const flats = truck
    .read(components)
    .flatMap((c) => c.shapes)
    .filter((s) => s.kind !== 'stowed')
    .map((shape) => VIEWS[view].flat(shape.box));
  return {
    left: u + Math.min(...flats.map((f) => f.u0)),
    right: u + Math.max(...flats.map((f) => f.u1)),
    top: v - Math.max(...flats.map((f) => f.v1)),
    bottom: v - Math.min(...flats.map((f) => f.v0)),
  };
}

describe.each(trucks.map((truck) => [truck.build.name, truck] as const))('the picture of %s', (_, truck) => {
  const envelope = truck.read(envelopeReading);

  it.each(arrangements.flatMap((arrangement) => sizes.map(([w, h]) => [arrangement, w, h] as const)))(
    '%s in %d by %d px: inside, and no view over another',
    (arrangement, width, height) => {
      const picture = layOut(envelope, arrangement, width, height);
      const { x, y, width: w, height: h } = picture.viewBox;
      expect(w / h).toBeCloseTo(width / height, 6);
      expect(w * picture.scale).toBeCloseTo(width, 6);
      const places = picture.placed.map(({ view, u, v }) => extent(truck, view, u, v));
      for (const place of places) {
        expect(place.left).toBeGreaterThanOrEqual(x);
        expect(place.right).toBeLessThanOrEqual(x + w);
        expect(place.top).toBeGreaterThanOrEqual(y);
        expect(place.bottom).toBeLessThanOrEqual(y + h);
      }
      for (let i = 0; i < places.length; i++) {
        for (let j = i + 1; j < places.length; j++) {
          const [a, b] = [places[i]!, places[j]!];
          expect(
            a.right < b.left || b.right < a.left || a.bottom < b.top || b.bottom < a.top,
            `${picture.placed[i]!.view} and ${picture.placed[j]!.view}`,
          ).toBe(true);
        }
      }
    },
  );

  it('puts the plan over the driver’s side with its axles in line', () => {
    const { placed } = layOut(envelope, 'driver', 720, 700);
    expect(placed.map(({ view }) => view)).toEqual(['top', 'driver']);
    expect(placed[0]!.u).toBeCloseTo(placed[1]!.u, 9);
    expect(placed[0]!.v).toBeLessThan(placed[1]!.v);
  });

  it('shows all five views at once', () => {
    expect(new Set(layOut(envelope, 'all', 720, 560).placed.map(({ view }) => view))).toEqual(
      new Set(['driver', 'officer', 'top', 'front', 'rear']),
    );
  });
});

describe('a view', () => {
  const box = { x0: -80, x1: -60, y0: 10, y1: 40, z0: 18, z1: 34 };
  it.each<[ViewId, object]>([
    ['driver', { u0: -80, u1: -60, v0: 18, v1: 34 }],
    ['officer', { u0: 60, u1: 80, v0: 18, v1: 34 }],
    ['top', { u0: -80, u1: -60, v0: 10, v1: 40 }],
    ['front', { u0: -40, u1: -10, v0: 18, v1: 34 }],
    ['rear', { u0: 10, u1: 40, v0: 18, v1: 34 }],
  ])('%s sees a box on the officer’s side of the bumper where it is', (view, flat) =>
    expect(VIEWS[view].flat(box)).toEqual(flat),
  );

  it('has nearest what is nearest', () => {
    const other = { ...box, x0: 200, x1: 220, y0: -40, y1: -10, z0: 90, z1: 110 };
    const nearer = (view: ViewId) =>
      VIEWS[view].nearness(box) > VIEWS[view].nearness(other) ? 'bumper' : 'other';
    expect(Object.fromEntries(Object.keys(VIEWS).map((view) => [view, nearer(view as ViewId)]))).toEqual({
      driver: 'other',
      officer: 'bumper',
      top: 'other',
      front: 'bumper',
      rear: 'other',
    });
  });
});
