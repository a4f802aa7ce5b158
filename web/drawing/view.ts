import type { Box, Component, Shape } from '#core/kernel';

export type ViewId = 'driver' | 'officer' | 'top' | 'front' | 'rear';

/** A box as a view sees it: u to the right of the picture, v up, in inches. */
export interface Flat {
  u0: number;
  u1: number;
  v0: number;
  v1: number;
}

export interface View {
  id: ViewId;
  label: string;
  flat: (box: Box) => Flat;
  /** Larger is nearer to the eye. */
  nearness: (box: Box) => number;
}

export const VIEWS: Record<ViewId, View> = {
  driver: {
    id: 'driver',
    label: 'Driver’s side',
    flat: (b) => ({ u0: b.x0, u1: b.x1, v0: b.z0, v1: b.z1 }),
    nearness: (b) => -b.y0,
  },
  officer: {
    id: 'officer',
    label: 'Officer’s side',
    flat: (b) => ({ u0: -b.x1, u1: -b.x0, v0: b.z0, v1: b.z1 }),
    nearness: (b) => b.y1,
  },
  top: {
    id: 'top',
    label: 'Top',
    flat: (b) => ({ u0: b.x0, u1: b.x1, v0: b.y0, v1: b.y1 }),
    nearness: (b) => b.z1,
  },
  front: {
    id: 'front',
    label: 'Front',
    flat: (b) => ({ u0: -b.y1, u1: -b.y0, v0: b.z0, v1: b.z1 }),
    nearness: (b) => -b.x0,
  },
  rear: {
    id: 'rear',
    label: 'Rear',
    flat: (b) => ({ u0: b.y0, u1: b.y1, v0: b.z0, v1: b.z1 }),
    nearness: (b) => b.x1,
  },
};

/** Shapes that lie on the surface of another of the same depth, or show through its opening. */
const IN_FRONT: Partial<Record<Shape['kind'], number>> = {
  compartment: 0.2,
  opening: 0.3,
  control: 0.3,
  hose: 4,
  outrigger: 0.3,
  rack: 6,
  ladder: 6,
  longPiece: 6,
  wheel: -0.5,
  ownItem: 200,
  mark: 200,
};

/** From above, what lies in a bed is seen over its walls. */
const FROM_ABOVE: Partial<Record<Shape['kind'], number>> = { bed: -40, hose: 24, body: -2 };

/** Never seen from outside: they are drawn only when pointed out. */
const INSIDE: ReadonlySet<Shape['kind']> = new Set(['seat', 'stowed']);

/** A shape with a name that stays the same from edit to edit. */
export interface Placed {
  key: string;
  shape: Shape;
}

/** What a view shows of some components, farthest first. */
export const inOrder = (components: Component[], view: View): Placed[] =>
  components
    .flatMap((component) => component.shapes.map((shape, i) => ({ key: `${component.id}-${i}`, shape })))
    .filter(({ shape }) => !INSIDE.has(shape.kind))
    .map((placed) => ({
      ...placed,
      near:
        view.nearness(placed.shape.box) +
        ((view.id === 'top' ? FROM_ABOVE[placed.shape.kind] : undefined) ?? IN_FRONT[placed.shape.kind] ?? 0),
    }))
    .sort((a, b) => a.near - b.near);
