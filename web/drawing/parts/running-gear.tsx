import type { Shape } from '#core/kernel';
import { between, Circle, Columns, Dots, Rect } from '../kit';
import type { Flat } from '../view';

type Wheel = Extract<Shape, { kind: 'wheel' }>;

const BOLTS = 10;

export function WheelSide({ box, dual }: Wheel) {
  const u = (box.x0 + box.x1) / 2;
  const v = (box.z0 + box.z1) / 2;
  const r = (box.x1 - box.x0) / 2;
  return (
    <>
      <Circle u={u} v={v} r={r} pen="dark" />
      <Circle u={u} v={v} r={r * 0.62} pen="outline" />
      <Circle u={u} v={v} r={r * 0.53} pen={dual ? 'tint' : 'edge'} />
      <Circle u={u} v={v} r={r * 0.2} pen="tint" />
      <Dots
        pen="dark"
        r={r * 0.04}
        at={Array.from({ length: BOLTS }, (_, i) => [
          u + Math.cos((i / BOLTS) * 2 * Math.PI) * r * 0.36,
          v + Math.sin((i / BOLTS) * 2 * Math.PI) * r * 0.36,
        ])}
      />
    </>
  );
}

/** A tire or a pair of duals from the front or behind, with its tread. */
export function WheelEnd({ box, dual }: Wheel, flat: Flat) {
  const width = flat.u1 - flat.u0;
  const tires = dual
    ? ([
        [flat.u0, flat.u0 + width * 0.46],
        [flat.u1 - width * 0.46, flat.u1],
      ] as const)
    : ([[flat.u0, flat.u1]] as const);
  return (
    <>
      {tires.map(([u0, u1]) => (
        <g key={u0}>
          <Rect u0={u0} u1={u1} v0={box.z0} v1={box.z1} r={2.5} pen="dark" />
        </g>
      ))}
    </>
  );
}

export const WheelTop = (_wheel: Wheel, flat: Flat) => <Rect {...flat} r={2.5} pen="dark" />;

export const Axle = (_: Shape, flat: Flat) => <Rect {...flat} r={2} pen="tint" />;

export function FrameSide(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="tint" />
      <Dots pen="fine" r={0.8} at={between(flat.u0, flat.u1, 24).map((u) => [u, (flat.v0 + flat.v1) / 2])} />
    </>
  );
}

export function FrameTop(_: Shape, { u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + 3} pen="tint" />
      <Rect u0={u0} u1={u1} v0={v1 - 3} v1={v1} pen="tint" />
      <Columns u0={u0} u1={u1} v0={v0 + 3} v1={v1 - 3} step={60} />
    </>
  );
}
