import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { house } from '#core/subjects';
import { components } from '#core/truck';
import { withPump } from '#core/subjects/pump';
import { fromItsFront, frontOf } from './local';

const pumper = DEMONSTRATION[0]!.builds[0]!;

describe('a shape from its own front', () => {
  it('begins at zero and is as long as before, but for the cab, which stands on its axle', () => {
    for (const shape of house
      .evaluate(pumper)
      .read(components)
      .flatMap((c) => c.shapes)) {
      const local = fromItsFront(shape);
      expect(local.box.x1 - local.box.x0).toBeCloseTo(shape.box.x1 - shape.box.x0, 5);
      expect(local.box.x0, shape.kind).toBe(shape.kind === 'cab' ? shape.box.x0 : 0);
      expect(frontOf(shape) + local.box.x0).toBeCloseTo(shape.box.x0, 5);
    }
  });

  it('is the same before and after a longer pump house moved it back', () => {
    const rear = (build: typeof pumper) =>
      house
        .evaluate(build)
        .read(components)
        .find((c) => c.id === 'body')!
        .shapes.filter((s) => s.kind === 'tailboard' || s.kind === 'bed');
    const before = rear(pumper);
    const after = rear(withPump(pumper, 'midship-2000-side'));
    expect(after.map((s) => s.box.x0)).not.toEqual(before.map((s) => s.box.x0));
    expect(after.map(fromItsFront)).toEqual(before.map(fromItsFront));
  });
});
