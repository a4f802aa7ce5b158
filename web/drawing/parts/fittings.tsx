import type { Shape } from '#core/kernel';
import { at, between, Circle, Columns, inset, Line, Path, Poly, Rect, Rows, Strokes } from '../kit';
import type { Flat } from '../view';

type Ladder = Extract<Shape, { kind: 'ladder' }>;

const RUNG_IN = 14;

/** Rails and rungs seen square on. */
function LadderFace({ u0, u1, v0, v1 }: Flat) {
  const rail = Math.min(2.6, (v1 - v0) * 0.16);
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + rail} pen="tint" />
      <Rect u0={u0} u1={u1} v0={v1 - rail} v1={v1} pen="tint" />
      <Strokes
        lines={between(u0, u1, RUNG_IN).flatMap((u) => [
          [u - 0.6, v0 + rail, u - 0.6, v1 - rail],
          [u + 0.6, v0 + rail, u + 0.6, v1 - rail],
        ])}
      />
    </>
  );
}

export const LadderSide = ({ flat: lies }: Ladder, flat: Flat) =>
  lies ? <Rect {...flat} pen="tint" /> : LadderFace(flat);
export const LadderTop = ({ flat: lies }: Ladder, flat: Flat) =>
  lies ? LadderFace(flat) : <Rect {...flat} pen="tint" />;
export const LadderEnd = (_: Ladder, flat: Flat) => <Rect {...flat} r={0.8} pen="tint" />;

/** A pole, a suction hose or a folded tank from its side: held by a band at each end. */
export function LongPieceAlong(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const band = Math.min(8, (u1 - u0) * 0.1);
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={Math.min(2, (v1 - v0) / 2)} pen="tint" />
      <Strokes
        lines={[
          [u0 + band, v0, u0 + band, v1],
          [u1 - band, v0, u1 - band, v1],
        ]}
      />
    </>
  );
}

/** A monitor: base, elbow and barrel pointing forward. */
export function MonitorSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const h = v1 - v0;
  const base = u1 - Math.min(8, (u1 - u0) * 0.4);
  return (
    <>
      <Rect u0={base - 3} u1={base + 3} v0={v0} v1={v0 + h * 0.5} pen="tint" />
      <Path
        pen="outline"
        d={`M ${at(base - 2.5, v0 + h * 0.5)} Q ${at(base - 3, v0 + h * 0.78)} ${at(base - 8, v0 + h * 0.76)} L ${at(u0 + 4, v0 + h * 0.94)} L ${at(u0, v1)} L ${at(u0 - 0.5, v0 + h * 0.8)} L ${at(u0 + 3, v0 + h * 0.76)} L ${at(base - 6, v0 + h * 0.58)} Q ${at(base + 2, v0 + h * 0.9)} ${at(base + 2.5, v0 + h * 0.5)} Z`}
      />
      <Circle u={base} v={v0 + h * 0.52} r={2.6} pen="tint" />
    </>
  );
}

export const MonitorTop = (_: Shape, { u0, u1, v0, v1 }: Flat) => {
  const v = (v0 + v1) / 2;
  return (
    <>
      <Circle u={u1 - 5} v={v} r={4} pen="outline" />
      <Poly
        pen="outline"
        points={[
          [u1 - 8, v + 1.6],
          [u0, v + 2.4],
          [u0, v - 2.4],
          [u1 - 8, v - 1.6],
        ]}
      />
    </>
  );
};

export const MonitorEnd = (_: Shape, { u0, u1, v0, v1 }: Flat) => {
  const u = (u0 + u1) / 2;
  return (
    <>
      <Rect u0={u - 3} u1={u + 3} v0={v0} v1={v1 - 8} pen="tint" />
      <Circle u={u} v={v1 - 5} r={4} pen="outline" />
      <Circle u={u} v={v1 - 5} r={2.2} />
    </>
  );
};

export function LightBar(_: Shape, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={1.8} pen="outline" />
      <Strokes lines={(u1 - u0 > 20 ? between(u0, u1, 9) : [(u0 + u1) / 2]).map((u) => [u, v0, u, v1])} />
    </>
  );
}

export function LightBarTop(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} r={2} pen="outline" />
      <Rows u0={flat.u0} u1={flat.u1} v0={flat.v0} v1={flat.v1} step={9} />
    </>
  );
}

/** Four lamp heads folded on their stem. */
export function Mast(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const middle = (v0 + v1) / 2;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + 3} pen="tint" />
      <Rect u0={u0 + 3} u1={u1 - 3} v0={middle - 1.5} v1={middle + 1.5} pen="outline" />
      <Rect u0={u0} u1={u0 + (u1 - u0) * 0.3} v0={middle - 4} v1={v1} r={1} pen="outline" />
      <Rect u0={u0 + 2} u1={u0 + (u1 - u0) * 0.3 - 2} v0={middle - 2} v1={v1 - 2} pen="glass" />
    </>
  );
}

/** A reel: flanges and turns of hose. */
export function ReelSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const u = (u0 + u1) / 2;
  const v = (v0 + v1) / 2;
  const r = Math.min(u1 - u0, v1 - v0) / 2;
  return (
    <>
      <Poly
        pen="tint"
        points={[
          [u - r * 0.8, v0],
          [u, v],
          [u + r * 0.8, v0],
        ]}
      />
      <Circle u={u} v={v} r={r} pen="outline" />
      {[0.84, 0.68, 0.52].map((share) => (
        <Circle key={share} u={u} v={v} r={r * share} pen="fine" />
      ))}
      <Circle u={u} v={v} r={r * 0.3} pen="tint" />
    </>
  );
}

export function ReelAcross(_: Shape, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  const along = u1 - u0 > v1 - v0;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={1.5} pen="outline" />
      {along ? (
        <Columns u0={u0 + 3} u1={u1 - 3} v0={v0 + 2} v1={v1 - 2} step={3} pen="fine" />
      ) : (
        <Rows u0={u0 + 2} u1={u1 - 2} v0={v0 + 3} v1={v1 - 3} step={3} pen="fine" />
      )}
    </>
  );
}

/** A skid pump: engine with its fins, volute and a small panel. */
export function SkidPumpSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const w = u1 - u0;
  const h = v1 - v0;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v0 + 3} pen="tint" />
      <Rect u0={u0 + w * 0.04} u1={u0 + w * 0.52} v0={v0 + 3} v1={v0 + h * 0.78} r={1.5} pen="outline" />
      <Rows u0={u0 + w * 0.08} u1={u0 + w * 0.48} v0={v0 + h * 0.24} v1={v0 + h * 0.74} step={3} pen="fine" />
      <Circle u={u0 + w * 0.74} v={v0 + h * 0.36} r={Math.min(w, h) * 0.22} pen="outline" />
      <Circle u={u0 + w * 0.74} v={v0 + h * 0.36} r={Math.min(w, h) * 0.1} />
      <Rect u0={u0 + w * 0.56} u1={u1 - 1} v0={v0 + h * 0.64} v1={v1} r={1} pen="tint" />
      <Circle u={u0 + w * 0.68} v={v0 + h * 0.84} r={2.2} pen="outline" />
      <Circle u={u0 + w * 0.86} v={v0 + h * 0.84} r={2.2} pen="outline" />
    </>
  );
}

/** A bumper beam with its plate. */
export function BumperSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Path
        pen="outline"
        d={`M ${at(u0 + 3, v0)} Q ${at(u0, v0)} ${at(u0, v0 + 4)} L ${at(u0, v1 - 3)} Q ${at(u0, v1)} ${at(u0 + 3, v1)} L ${at(u1, v1)} L ${at(u1, v0 + 4)} L ${at(u0 + 9, v0)} Z`}
      />
      <Line u0={u0 + 1} u1={u1} v0={v1 - 2} v1={v1 - 2} />
      <Line u0={u0 + 7} u1={u0 + 7} v0={v0 + 1} v1={v1 - 2} pen="fine" />
    </>
  );
}

export function BumperFront(_: Shape, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={3} pen="outline" />
      <Rect u0={u0 + 6} u1={u0 + 16} v0={v0 + 3} v1={v1 - 4} r={1} pen="tint" />
      <Rect u0={u1 - 16} u1={u1 - 6} v0={v0 + 3} v1={v1 - 4} r={1} pen="tint" />
      <Line u0={u0 + 2} u1={u1 - 2} v0={v1 - 2} v1={v1 - 2} />
    </>
  );
}

export const BumperTop = (_: Shape, { u0, u1, v0, v1 }: Flat) => (
  <Path
    pen="outline"
    d={`M ${at(u0 + 8, v0)} Q ${at(u0, v0 + 2)} ${at(u0, v0 + 14)} L ${at(u0, v1 - 14)} Q ${at(u0, v1 - 2)} ${at(u0 + 8, v1)} L ${at(u1, v1)} L ${at(u1, v0)} Z`}
  />
);

/** Upright bars before the grille. */
export function Guard(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const wide = u1 - u0 > 12;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={2} />
      {wide &&
        between(u0, u1, 11).map((u) => <Rect key={u} u0={u - 0.8} u1={u + 0.8} v0={v0} v1={v1} pen="tint" />)}
      {wide && <Line u0={u0} u1={u1} v0={(v0 + v1) / 2} v1={(v0 + v1) / 2} />}
    </>
  );
}

/** Drum and hook of a winch. */
export function Winch(_: Shape, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={1.5} pen="tint" />
      <Columns u0={u0 + 2} u1={u1 - 2} v0={v0 + 2} v1={v1 - 2} step={3} pen="fine" />
    </>
  );
}

/** A square socket. */
export const Receiver = (_: Shape, flat: Flat) => (
  <>
    <Rect {...flat} r={1} pen="tint" />
    <Rect {...inset(flat, (flat.u1 - flat.u0) * 0.36, (flat.v1 - flat.v0) * 0.28)} pen="dark" />
  </>
);

/** The cover of a hose well. */
export const Well = (_: Shape, flat: Flat) => (
  <>
    <Rect {...flat} r={1} pen="outline" />
    <Rect {...inset(flat, 1.8)} pen="fine" />
    <Line u0={flat.u0} u1={flat.u1} v0={(flat.v0 + flat.v1) / 2} v1={(flat.v0 + flat.v1) / 2} pen="fine" />
  </>
);

export const Suction = (_: Shape, flat: Flat) => {
  const u = (flat.u0 + flat.u1) / 2;
  const v = (flat.v0 + flat.v1) / 2;
  return (
    <>
      <Circle u={u} v={v} r={4.6} pen="outline" />
      <Circle u={u} v={v} r={3} />
    </>
  );
};

/** A wheel on its carrier, round from the end. */
export function SpareWheelEnd(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const u = (u0 + u1) / 2;
  const v = (v0 + v1) / 2;
  const r = (v1 - v0) / 2;
  return (
    <>
      <Circle u={u} v={v} r={r} pen="dark" />
      <Circle u={u} v={v} r={r * 0.6} pen="outline" />
      <Circle u={u} v={v} r={r * 0.2} pen="tint" />
    </>
  );
}

export const SpareWheelSide = (_: Shape, flat: Flat) => <Rect {...flat} r={3} pen="dark" />;

/** A plain box with vents: generator, air conditioner. */
export function Vented(_: Shape, flat: Flat) {
  return (
    <>
      <Rect {...flat} r={1.5} pen="outline" />
      <Columns u0={flat.u0 + 2} u1={flat.u1 - 2} v0={flat.v0 + 2} v1={flat.v1 - 2} step={4} pen="fine" />
    </>
  );
}

export const Plain = (_: Shape, flat: Flat) => <Rect {...flat} r={1} pen="tint" />;

type Tank = Extract<Shape, { kind: 'tank' }>;

/** A box of a poly tank with its ribs. */
function TankBoxFace({ u0, u1, v0, v1 }: Flat) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={2} pen="outline" />
      <Columns u0={u0} u1={u1} v0={v0 + 2} v1={v1 - 2} step={10} pen="fine" />
    </>
  );
}

/** A tank that stands in the open, box by box. */
export const TankSide = ({ boxes }: Tank) =>
  boxes.map((b) => (
    <TankBoxFace
      key={`${b.frontIn} ${b.bottomIn}`}
      u0={b.frontIn}
      u1={b.frontIn + b.lengthIn}
      v0={b.bottomIn}
      v1={b.bottomIn + b.heightIn}
    />
  ));
export const TankAbove = ({ boxes }: Tank) =>
  boxes.map((b) => (
    <TankBoxFace
      key={`${b.frontIn} ${b.bottomIn}`}
      u0={b.frontIn}
      u1={b.frontIn + b.lengthIn}
      v0={b.centerIn - b.widthIn / 2}
      v1={b.centerIn + b.widthIn / 2}
    />
  ));
export const TankEnd = ({ boxes }: Tank) =>
  boxes.map((b) => (
    <TankBoxFace
      key={`${b.frontIn} ${b.bottomIn}`}
      u0={-b.widthIn / 2}
      u1={b.widthIn / 2}
      v0={b.bottomIn}
      v1={b.bottomIn + b.heightIn}
    />
  ));

/** Something of no list: a crossed box at the place of its center. */
export const OwnItem = (_: Shape, { u0, u1, v0, v1 }: Flat) => (
  <>
    <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={1.5} pen="ownItem" />
    <Line u0={u0} u1={u1} v0={v0} v1={v1} pen="fine" />
    <Line u0={u0} u1={u1} v0={v1} v1={v0} pen="fine" />
  </>
);
