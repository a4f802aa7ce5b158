import { memo } from 'react';
import type { Box, Component, Shape } from '#core/kernel';
import { Rect } from './kit';
import { drawShape } from './parts';
import { fromItsFront, frontOf } from './local';
import { inOrder, VIEWS } from './view';
import type { Flat, Placed, ViewId } from './view';

/** Whether two shapes look the same: plain data, few fields. */
const alike = (a: Shape, b: Shape): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/**
 * One shape in one view, drawn from its own front; drawn again only when it changes otherwise than by being
 * moved along.
 */
const ShapeView = memo(
  function ShapeView({ shape, view }: { shape: Shape; view: ViewId }) {
    const seen = VIEWS[view].flat(shape.box);
    // The officer's side is drawn like the driver's and turned over, so that every part is drawn once.
    const own = view === 'officer' ? { ...seen, u0: -seen.u1, u1: -seen.u0 } : seen;
    return drawShape(shape, view, own);
  },
  (before, after) => before.view === after.view && alike(before.shape, after.shape),
);

function Shapes({ placed, view }: { placed: Placed[]; view: ViewId }) {
  const along = view !== 'front' && view !== 'rear';
  const drawn = placed.map(({ key, shape }) => (
    <g key={key} transform={along ? `translate(${frontOf(shape)} 0)` : undefined}>
      <ShapeView shape={along ? fromItsFront(shape) : shape} view={view} />
    </g>
  ));
  return view === 'officer' ? <g transform="scale(-1 1)">{drawn}</g> : <g>{drawn}</g>;
}

/**
 * A truck as one view sees it, in inches, with the ground (or the center line) at zero. Farthest is drawn
 * first.
 */
export const RigView = memo(function RigView({
  components,
  view,
}: {
  components: Component[];
  view: ViewId;
}) {
  return <Shapes placed={inOrder(components, VIEWS[view])} view={view} />;
});

/** Inches by which a shape must have changed to leave a ghost. */
const NOTICED_IN = 0.4;
/** Where a whole truck has moved, the outlines of its largest parts say so; those of every hose would hide it. */
const MOST_GHOSTS = 10;

const elsewhere = (was: Shape, now: Shape | undefined): boolean =>
  !now ||
  was.kind !== now.kind ||
  (Object.keys(was.box) as (keyof Box)[]).some((key) => Math.abs(was.box[key] - now.box[key]) > NOTICED_IN);

const areaOf = ({ u0, u1, v0, v1 }: Flat): number => Math.abs((u1 - u0) * (v1 - v0));

/** The outlines of what a truck had elsewhere, or not at all, than another: the ghost of a change. */
export const GhostView = memo(function GhostView({
  was,
  now,
  view,
}: {
  was: Component[];
  now: Component[];
  view: ViewId;
}) {
  const kept = new Map(now.map((component) => [component.id, component.shapes]));
  const changed = was.map((component) => ({
    ...component,
    shapes: component.shapes.filter((shape, i) => elsewhere(shape, kept.get(component.id)?.[i])),
  }));
  return inOrder(changed, VIEWS[view])
    .map(({ key, shape }) => ({ key, seen: VIEWS[view].flat(shape.box) }))
    .sort((a, b) => areaOf(b.seen) - areaOf(a.seen))
    .slice(0, MOST_GHOSTS)
    .map(({ key, seen }) => <Rect key={key} {...seen} pen="hidden" />);
});
