import { Fragment, memo } from 'react';
import type { Rig } from '#core/rig';
import { drawShape } from './parts';
import { inOrder, VIEWS } from './view';
import type { ViewId } from './view';

/** A rig as one view sees it, in inches, with the ground (or the centre line) at zero. Farthest is drawn first. */
export const RigView = memo(function RigView({ rig, view }: { rig: Rig; view: ViewId }) {
  const { flat } = VIEWS[view];
  const shapes = inOrder(rig.components.flatMap((component) => component.shapes), VIEWS[view]);
  const mirrored = view === 'officer';
  const drawn = shapes.map((shape, i) => {
    // The officer's side is drawn like the driver's and turned over, so that every part is drawn once.
    const seen = flat(shape.box);
    const own = mirrored ? { ...seen, u0: -seen.u1, u1: -seen.u0 } : seen;
    return <Fragment key={i}>{drawShape(shape, view, own)}</Fragment>;
  });
  return mirrored ? <g transform="scale(-1 1)">{drawn}</g> : <g>{drawn}</g>;
});
