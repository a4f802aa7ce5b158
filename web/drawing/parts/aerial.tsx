import type { Shape } from '#core/kernel';
import { at, between, Circle, Columns, inset, Line, Path, Poly, Rect, Strokes } from '../kit';
import type { Flat } from '../view';

const BAY_IN = 22;

/** A section of the ladder from the side: rails with a lattice between them. */
export function SectionSide(_: Shape, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  const rail = Math.min(3, (v1 - v0) * 0.14);
  const bays = [u0, ...between(u0, u1, BAY_IN), u1];
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + rail} pen="tint" />
      <Rect u0={u0} u1={u1} v0={v1 - rail} v1={v1} pen="tint" />
      <Strokes
        lines={bays
          .slice(1)
          .map((u, i) => [
            bays[i]!,
            i % 2 === 0 ? v1 - rail : v0 + rail,
            u,
            i % 2 === 0 ? v0 + rail : v1 - rail,
          ])}
      />
    </>
  );
}

/** From above: rails and rungs. */
export function SectionTop(_: Shape, { u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + 2.5} pen="tint" />
      <Rect u0={u0} u1={u1} v0={v1 - 2.5} v1={v1} pen="tint" />
      <Columns u0={u0} u1={u1} v0={v0 + 2.5} v1={v1 - 2.5} step={14} pen="fine" />
    </>
  );
}

export function SectionEnd(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="outline" />
      <Path
        d={`M ${at(flat.u0, flat.v1)} L ${at(flat.u0, flat.v0)} L ${at(flat.u1, flat.v0)} L ${at(flat.u1, flat.v1)}`}
      />
      <Line u0={flat.u0} u1={flat.u1} v0={flat.v0 + 4} v1={flat.v0 + 4} />
    </>
  );
}

/** The pedestal, the turntable on it and the operator's stand. */
export function TurntableSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const middle = (u0 + u1) / 2;
  const half = (u1 - u0) / 2;
  const plate = Math.max(v0 + 4, v1 - 13);
  return (
    <>
      <Poly
        pen="outline"
        points={[
          [middle - half * 0.62, v0],
          [middle - half * 0.5, plate],
          [middle + half * 0.5, plate],
          [middle + half * 0.62, v0],
        ]}
      />
      <Rect u0={u0} u1={u1} v0={plate} v1={plate + 5} r={1.5} pen="tint" />
      <Columns u0={u0 + 2} u1={u1 - 2} v0={plate} v1={plate + 5} step={5} pen="fine" />
      <Poly
        pen="outline"
        points={[
          [middle - half * 0.2, plate + 5],
          [middle - half * 0.1, v1 + 12],
          [middle + half * 0.35, v1 + 12],
          [middle + half * 0.5, plate + 5],
        ]}
      />
      <Circle u={middle + half * 0.14} v={v1 + 6} r={3.5} pen="tint" />
      <Rect
        u0={middle + half * 0.62}
        u1={middle + half * 0.9}
        v0={plate + 5}
        v1={plate + 32}
        r={1.5}
        pen="tint"
      />
      <Poly
        open
        points={[
          [u0 + 3, plate + 5],
          [u0 + 3, plate + 30],
          [middle - half * 0.25, plate + 30],
        ]}
      />
    </>
  );
}

export function TurntableTop(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const u = (u0 + u1) / 2;
  const v = (v0 + v1) / 2;
  return (
    <>
      <Circle u={u} v={v} r={(u1 - u0) / 2} pen="outline" />
      <Circle u={u} v={v} r={(u1 - u0) / 2 - 4} />
      <Rect u0={u + 10} u1={u + 22} v0={v0 + 4} v1={v0 + 18} r={1} pen="tint" />
    </>
  );
}

export const TurntableEnd = (_: Shape, flat: Flat) => (
  <>
    <Rect {...inset(flat, 14, 0)} pen="outline" />
    <Rect {...flat} v0={flat.v1 - 26} v1={flat.v1 - 21} r={1.5} pen="tint" />
  </>
);

/** A basket with floor, rails and posts. */
export function Platform(_: Shape, { u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + (v1 - v0) * 0.55} r={1} pen="outline" />
      <Strokes lines={[u0, ...between(u0, u1, 14), u1].map((u) => [u, v0 + 3, u, v1])} />
      <Line u0={u0} u1={u1} v0={v1} v1={v1} />
      <Line u0={u0} u1={u1} v0={v0 + (v1 - v0) * 0.78} v1={v0 + (v1 - v0) * 0.78} />
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + 3} pen="tint" />
    </>
  );
}

export const PlatformTop = (_: Shape, flat: Flat) => (
  <>
    <Rect {...flat} r={2} pen="outline" />
    <Rect {...inset(flat, 4)} r={1} />
    <Columns u0={flat.u0 + 4} u1={flat.u1 - 4} v0={flat.v0 + 4} v1={flat.v1 - 4} step={5} pen="fine" />
  </>
);

/** An outrigger folded at the side: its box, leg and pad. */
export function OutriggerSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const middle = (u0 + u1) / 2;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0 + 8} v1={v1} pen="outline" />
      <Rect u0={middle - 4.5} u1={middle + 4.5} v0={v0 + 3} v1={v1 - 3} pen="tint" />
      <Rect u0={middle - 7} u1={middle + 7} v0={v0} v1={v0 + 3} r={1} pen="dark" />
      <Strokes pen="fine" lines={between(v0 + 10, v1 - 4, 6).map((v) => [u0, v, middle - 4.5, v + 4])} />
    </>
  );
}
