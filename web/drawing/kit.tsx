import type { SVGProps } from 'react';
import classes from './drawing.module.css';
import type { Flat } from './view';

/** Drafting line weights: outline, edge, fine, hidden; glass, dark and tint are fills. */
export type Pen =
  'outline' | 'edge' | 'fine' | 'hidden' | 'glass' | 'dark' | 'tint' | 'dimension' | 'center' | 'ownItem';

interface Penned {
  pen?: Pen;
}

/** A rectangle in the plane of the view: v is up. */
export function Rect({
  u0,
  u1,
  v0,
  v1,
  pen = 'edge',
  r = 0,
  ...rest
}: Flat & Penned & { r?: number } & Omit<SVGProps<SVGRectElement>, keyof Flat | 'r'>) {
  return (
    <rect
      x={Math.min(u0, u1)}
      y={-Math.max(v0, v1)}
      width={Math.abs(u1 - u0)}
      height={Math.abs(v1 - v0)}
      rx={r}
      className={classes[pen]}
      {...rest}
    />
  );
}

export function Line({ u0, u1, v0, v1, pen = 'edge' }: Flat & Penned) {
  return <line x1={u0} y1={-v0} x2={u1} y2={-v1} className={classes[pen]} />;
}

export function Circle({ u, v, r, pen = 'edge' }: { u: number; v: number; r: number } & Penned) {
  return <circle cx={u} cy={-v} r={r} className={classes[pen]} />;
}

/** A polygon or an open line through points of the plane. */
export function Poly({
  points,
  open = false,
  pen = 'edge',
}: { points: [number, number][]; open?: boolean } & Penned) {
  const text = points.map(([u, v]) => `${u},${-v}`).join(' ');
  return open ? (
    <polyline points={text} className={classes[pen]} fill="none" />
  ) : (
    <polygon points={text} className={classes[pen]} />
  );
}

/** A path in the plane: `d` is made with `at`, which turns v up. */
export function Path({ d, pen = 'edge' }: { d: string } & Penned) {
  return <path d={d} className={classes[pen]} fillRule="evenodd" />;
}

/** A point of a path, with v up. */
export const at = (u: number, v: number): string => `${u} ${-v}`;

/** Evenly spaced places from one end to the other, about `step` apart, ends left out. */
export function between(from: number, to: number, step: number): number[] {
  const count = Math.max(1, Math.round(Math.abs(to - from) / step));
  return Array.from({ length: count - 1 }, (_, i) => from + ((to - from) * (i + 1)) / count);
}

/** Many lines as one path, from (u0, v0) to (u1, v1) each: a drawing of a few hundred elements, not thousands. */
export function Strokes({ lines, pen = 'edge' }: { lines: [number, number, number, number][] } & Penned) {
  return (
    <path
      d={lines.map(([u0, v0, u1, v1]) => `M ${at(u0, v0)} L ${at(u1, v1)}`).join(' ')}
      className={classes[pen]}
    />
  );
}

/** Level lines about `step` apart between two heights, such as the slats of a door. */
export const Rows = ({ u0, u1, v0, v1, step, pen }: Flat & Penned & { step: number }) => (
  <Strokes lines={between(v0, v1, step).map((v) => [u0, v, u1, v])} {...(pen ? { pen } : {})} />
);

/** Upright lines about `step` apart between two places, such as rungs. */
export const Columns = ({ u0, u1, v0, v1, step, pen }: Flat & Penned & { step: number }) => (
  <Strokes lines={between(u0, u1, step).map((u) => [u, v0, u, v1])} {...(pen ? { pen } : {})} />
);

/** Small circles as one path. */
export const Dots = ({ at: places, r, pen = 'edge' }: { at: [number, number][]; r: number } & Penned) => (
  <path
    d={places
      .map(([u, v]) => `M ${at(u - r, v)} a ${r} ${r} 0 1 0 ${2 * r} 0 a ${r} ${r} 0 1 0 ${-2 * r} 0`)
      .join(' ')}
    className={classes[pen]}
  />
);

/** A rectangle drawn inwards on every side. */
export const inset = ({ u0, u1, v0, v1 }: Flat, du: number, dv = du): Flat => ({
  u0: u0 + du,
  u1: u1 - du,
  v0: v0 + dv,
  v1: v1 - dv,
});
