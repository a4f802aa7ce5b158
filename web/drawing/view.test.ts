import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { house } from '#core/subjects';
import { components } from '#core/truck';
import { inOrder, VIEWS } from './view';
import type { ViewId } from './view';

const builds = DEMONSTRATION.flatMap((department) => department.builds);
const SEEN_FROM: Record<string, ViewId> = {
  left: 'driver',
  right: 'officer',
  rear: 'rear',
  front: 'front',
  top: 'top',
};

describe.each(builds.map((build) => [build.name, build] as const))('%s', (_, build) => {
  it('shows openings and controls over the face that they are in', () => {
    const all = house.evaluate(build).read(components);
    for (const [face, view] of Object.entries(SEEN_FROM)) {
      const kinds = inOrder(all, VIEWS[view]).map(({ shape }) => shape);
      const behind = Math.max(
        ...['body', 'pumpHouse'].map((kind) => kinds.findIndex((shape) => shape.kind === kind)),
      );
      for (const [i, shape] of kinds.entries())
        if ((shape.kind === 'opening' || shape.kind === 'control') && shape.face === face && view !== 'top')
          expect(view === 'front' || i > behind, `${face}: ${shape.kind}`).toBe(true);
    }
  });
});
