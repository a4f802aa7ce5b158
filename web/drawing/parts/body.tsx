import type { Shape } from '#core/kernel';
import { at, between, Circle, Columns, inset, Line, Path, Poly, Rect, Rows, Strokes } from '../kit';
import type { Flat } from '../view';

type BodyShape = Extract<Shape, { kind: 'body' }>;
type Compartment = Extract<Shape, { kind: 'compartment' }>;
type Flatbed = Extract<Shape, { kind: 'flatbed' }>;
type Hose = Extract<Shape, { kind: 'hose' }>;

/** The shell with its wheel opening and fender. */
export function BodySide({ box, wheelCut }: BodyShape) {
  const { x0, x1, z0, z1 } = box;
  const c0 = Math.max(wheelCut.x0, x0);
  const c1 = Math.min(wheelCut.x1, x1);
  const r = Math.min(18, (c1 - c0) / 2);
  const top = wheelCut.topIn - 1;
  const arch = `L ${at(c1, z0)} L ${at(c1, top - r)} Q ${at(c1, top)} ${at(c1 - r, top)} L ${at(c0 + r, top)} Q ${at(c0, top)} ${at(c0, top - r)} L ${at(c0, z0)}`;
  const fender = `M ${at(c1 + 2.5, z0)} L ${at(c1 + 2.5, top - r)} Q ${at(c1 + 2.5, top + 2.5)} ${at(c1 - r, top + 2.5)} L ${at(c0 + r, top + 2.5)} Q ${at(c0 - 2.5, top + 2.5)} ${at(c0 - 2.5, top - r)} L ${at(c0 - 2.5, z0)}`;
  return (
    <>
      <Path pen="outline" d={`M ${at(x0, z0)} L ${at(x0, z1)} L ${at(x1, z1)} L ${at(x1, z0)} ${arch} Z`} />
      <Path pen="edge" d={fender} />
      <Rect u0={x0} u1={c0 - 3} v0={z0 - 3} v1={z0} pen="tint" />
      <Rect u0={c1 + 3} u1={x1} v0={z0 - 3} v1={z0} pen="tint" />
    </>
  );
}

export function BodyTop(_: BodyShape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="outline" />
      <Line u0={flat.u0} u1={flat.u1} v0={flat.v0 + 27} v1={flat.v0 + 27} pen="fine" />
      <Line u0={flat.u0} u1={flat.u1} v0={flat.v1 - 27} v1={flat.v1 - 27} pen="fine" />
    </>
  );
}

const CHEVRON_IN = 9;

/** Stripes of one panel, rising to the middle of the truck and cut off at the panel's ends. */
function chevrons(
  u0: number,
  u1: number,
  bottom: number,
  top: number,
  left: boolean,
): [number, number, number, number][] {
  const rise = u1 - u0;
  return between(bottom - rise, top, CHEVRON_IN).map((v) => {
    const from = Math.max(v, bottom);
    const to = Math.min(v + rise, top);
    const uAt = (height: number) => (left ? u0 + (height - v) : u1 - (height - v));
    return [uAt(from), from, uAt(to), to];
  });
}

/** The back: chevrons over the outer panels, lamps, rails. */
/** The middle of the tail lights from the edge of the body, in: clear of what opens beside them. */
const TAIL_LIGHTS_IN = 5;
const TailLights = ({ u, v }: { u: number; v: number }) => (
  <>
    <Rect u0={u - 3.5} u1={u + 3.5} v0={v + 8} v1={v + 30} r={1} pen="tint" />
    {[13, 19, 25].map((up) => (
      <Circle key={up} u={u} v={v + up} r={2.4} />
    ))}
  </>
);

export function BodyRear(_: BodyShape, flat: Flat) {
  const panels = [
    [flat.u0 + 1, flat.u0 + 26],
    [flat.u1 - 26, flat.u1 - 1],
  ] as const;
  return (
    <>
      <Rect {...flat} pen="outline" />
      {panels.map(([u0, u1], side) => (
        <g key={u0}>
          <Rect u0={u0} u1={u1} v0={flat.v0 + 4} v1={flat.v1 - 4} />
          <Strokes lines={chevrons(u0, u1, flat.v0 + 4, flat.v1 - 4, side === 0)} />
          <TailLights u={side === 0 ? u0 + TAIL_LIGHTS_IN : u1 - TAIL_LIGHTS_IN} v={flat.v0} />
          <Line
            u0={side === 0 ? u1 + 2 : u0 - 2}
            u1={side === 0 ? u1 + 2 : u0 - 2}
            v0={flat.v0 + 34}
            v1={flat.v1 - 6}
          />
        </g>
      ))}
    </>
  );
}

const DRUM_IN = 8;
const SLAT_IN = 4;

/** A roll-up door with its drum and slats, or hinged leaves with handles. */
export function Door({ doors }: Compartment, flat: Flat) {
  const { u0, u1, v0, v1 } = inset(flat, 1.2, 1);
  if (doors === 'rollUp') {
    const head = v1 - Math.min(DRUM_IN, (v1 - v0) * 0.25);
    return (
      <>
        <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
        <Line u0={u0} u1={u1} v0={head} v1={head} />
        <Rows u0={u0 + 1.5} u1={u1 - 1.5} v0={v0 + 3} v1={head} step={SLAT_IN} pen="fine" />
        <Line u0={u0 + 1.5} u1={u0 + 1.5} v0={v0} v1={head} />
        <Line u0={u1 - 1.5} u1={u1 - 1.5} v0={v0} v1={head} />
        <Rect u0={u0 + 3} u1={u1 - 3} v0={v0 + 1} v1={v0 + 3} pen="tint" />
      </>
    );
  }
  const leaves =
    u1 - u0 > 30
      ? ([
          [u0, (u0 + u1) / 2],
          [(u0 + u1) / 2, u1],
        ] as const)
      : ([[u0, u1]] as const);
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
      {leaves.map(([a, b], i) => {
        const handle = leaves.length === 2 && i === 0 ? b - 3.5 : a + 3.5;
        return (
          <g key={a}>
            <Rect u0={a + 1} u1={b - 1} v0={v0 + 1} v1={v1 - 1} />
            <Circle u={handle} v={(v0 + v1) / 2} r={Math.min(1.8, (v1 - v0) / 6)} pen="tint" />
          </g>
        );
      })}
    </>
  );
}

/** A compartment that opens upward: its box with the lid, and the lid with its handle from above. */
export const LidSide = (_: Compartment, flat: Flat) => (
  <>
    <Rect {...flat} pen="outline" />
    <Line u0={flat.u0} u1={flat.u1} v0={flat.v1 - 2} v1={flat.v1 - 2} />
  </>
);
export const Lid = (_: Compartment, flat: Flat) => (
  <>
    <Rect {...flat} pen="outline" />
    <Rect {...inset(flat, 2)} pen="fine" />
    <Circle u={(flat.u0 + flat.u1) / 2} v={flat.v0 + 4} r={1.4} pen="tint" />
  </>
);

/** The lid of a compartment from above. */
export const DoorTop = (_: Compartment, flat: Flat) => <Rect {...inset(flat, 1)} pen="fine" />;

/** Hose as it lies: folds seen from the end, runs seen from above. */
export function HoseEnd({ layers }: Hose, flat: Flat) {
  const step = (flat.v1 - flat.v0) / layers;
  return (
    <>
      <Rect {...flat} pen="outline" />
      {Array.from({ length: layers }, (_, i) => {
        const v0 = flat.v0 + i * step;
        return (
          <Rect
            key={i}
            u0={flat.u0 + 0.8}
            u1={flat.u1 - 0.8}
            v0={v0 + step * 0.12}
            v1={v0 + step * 0.88}
            r={step * 0.38}
          />
        );
      })}
    </>
  );
}

export function HoseTop({ runs }: Hose, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="outline" />
      {runs === 'along' ? (
        <Rows u0={flat.u0 + 2} u1={flat.u1 - 2} v0={flat.v0} v1={flat.v1} step={5} />
      ) : (
        <Columns u0={flat.u0} u1={flat.u1} v0={flat.v0 + 2} v1={flat.v1 - 2} step={4} />
      )}
    </>
  );
}

/** Walls of the hose bed, lower at the back, with a rail. */
export function BedSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const drop = Math.min(8, (v1 - v0) * 0.35);
  return (
    <>
      <Poly
        pen="outline"
        points={[
          [u0, v0],
          [u0, v1],
          [u0 + (u1 - u0) * 0.72, v1],
          [u1, v1 - drop],
          [u1, v0],
        ]}
      />
      <Columns u0={u0} u1={u1} v0={v0} v1={v1 - drop - 1} step={30} pen="fine" />
      <Poly
        open
        points={[
          [u0 + 6, v1],
          [u0 + 6, v1 + 3],
          [u0 + (u1 - u0) * 0.6, v1 + 3],
          [u0 + (u1 - u0) * 0.6, v1],
        ]}
      />
    </>
  );
}

export function BedEnd(_: Shape, { u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="tint" />
      <Line u0={0} u1={0} v0={v0} v1={v1} />
    </>
  );
}

export function BedTop(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="tint" />
      <Line u0={flat.u0} u1={flat.u1} v0={0} v1={0} />
    </>
  );
}

export function Tailboard(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="tint" />
      <Columns u0={flat.u0} u1={flat.u1} v0={flat.v0} v1={flat.v1} step={4} pen="fine" />
    </>
  );
}

export function FlatbedSide({ wells }: Flatbed, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="tint" />
      <Line u0={flat.u0} u1={flat.u1} v0={flat.v1 - 1.5} v1={flat.v1 - 1.5} />
      {wells && <Rect u0={wells.x0} u1={wells.x1} v0={flat.v0} v1={wells.topIn + 1} r={6} pen="tint" />}
    </>
  );
}

export function FlatbedTop(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="outline" />
      <Columns u0={flat.u0} u1={flat.u1} v0={flat.v0} v1={flat.v1} step={12} pen="fine" />
    </>
  );
}

/** The guard behind the cab: a frame with mesh. */
export function Bulkhead(_: Shape, flat: Flat) {
  const wide = flat.u1 - flat.u0 > 10;
  return (
    <>
      <Rect {...flat} pen={wide ? 'edge' : 'tint'} />
      {wide && <Columns u0={flat.u0} u1={flat.u1} v0={flat.v0} v1={flat.v1} step={6} pen="fine" />}
      {wide && <Rows u0={flat.u0} u1={flat.u1} v0={flat.v0} v1={flat.v1} step={6} pen="fine" />}
    </>
  );
}
