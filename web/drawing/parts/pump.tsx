import type { Box, Shape } from '#core/kernel';
import { Circle, Columns, inset, Line, Rect, Rows } from '../kit';
import type { Flat } from '../view';
import { Door } from './body';

type PumpHouse = Extract<Shape, { kind: 'pumpHouse' }>;
type Preconnects = Extract<Shape, { kind: 'preconnects' }>;

/** Openings that go through from side to side are seen there; a tunnel past the pump is not. */
const AT_SIDE_IN = 6;
const seen = <S extends { box: Box; slots: Box[] }>(shape: S): S => ({
  ...shape,
  slots: shape.slots.filter(({ y0, y1 }) => y0 < shape.box.y0 + AT_SIDE_IN && y1 > shape.box.y1 - AT_SIDE_IN),
});

/** A window, in the upper part of a module that joins the cab; and how far it and its door are from the ends. */
const WINDOW = { from: 0.62, to: 0.88, inset: 5 };

/** A module around pump and operator: a door with a window, and the panel behind it. */
function Module({ box }: PumpHouse) {
  const { x0, x1, z0, z1 } = box;
  const v = (share: number) => z0 + (z1 - z0) * share;
  const door = x0 + Math.min(30, (x1 - x0) * 0.4);
  return (
    <>
      <Rect u0={x0} u1={x1} v0={z0} v1={z1} r={2} pen="outline" />
      <Rect u0={x0 + 3} u1={door} v0={z0 + 3} v1={z1 - 4} r={2} />
      <Rect u0={x0 + WINDOW.inset} u1={door - 2} v0={v(WINDOW.from)} v1={v(WINDOW.to)} r={2} pen="glass" />
      <Circle u={door - 4} v={v(0.5)} r={1.4} />
      <Rect
        u0={door + WINDOW.inset}
        u1={x1 - WINDOW.inset}
        v0={v(WINDOW.from)}
        v1={v(WINDOW.to)}
        r={2}
        pen="glass"
      />
    </>
  );
}

const behindDoor = ({ box, at }: PumpHouse, flat: Flat) =>
  Door(
    {
      kind: 'compartment',
      box,
      room: [],
      label: 'P',
      side: at === 'bodyRear' ? 'rear' : 'left',
      doors: 'rollUp',
    },
    flat,
  );

/** The driver's side of a pump: its panel, the module around it, or the door before it. */
export function PumpHouseSide(shape: PumpHouse, flat: Flat) {
  if (shape.at === 'crewModule') return Module(shape);
  return shape.at === 'row' ? Panel(seen(shape)) : behindDoor(shape, flat);
}

export function PumpHouseOfficerSide(shape: PumpHouse, flat: Flat) {
  if (shape.at === 'crewModule') return Module(shape);
  return shape.at === 'row' ? OfficerPanel(seen(shape)) : behindDoor(shape, flat);
}

/** From behind: the panel of a pump at the rear, otherwise its house. */
export function PumpHouseRear(shape: PumpHouse, flat: Flat) {
  if (shape.at !== 'bodyRear') return <Rect {...flat} />;
  const { u0, u1, v0, v1 } = inset(flat, 26, 4);
  const u = (share: number) => u0 + (u1 - u0) * share;
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} r={1.5} pen="tint" />
      {[0.35, 0.65].map((s) => (
        <Circle key={s} u={u(s)} v={v1 - 10} r={4} pen="outline" />
      ))}
    </>
  );
}

/** How far the ears of a cap stand out of it, as a share of its radius. */
const EARS = 1.22;

/** An opening for hose with its cap: a ring, and ears on both sides by which it is turned. */
export function Opening(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const [u, v, r] = [(u0 + u1) / 2, (v0 + v1) / 2, Math.min(u1 - u0, v1 - v0) / 2 / EARS];
  return (
    <>
      <Line u0={u - r * EARS} u1={u + r * EARS} v0={v} v1={v} />
      <Circle u={u} v={v} r={r} pen="outline" />
      <Circle u={u} v={v} r={r * 0.6} />
    </>
  );
}

/** What an operator reads and turns, one over the other. */
export function Control({ shows }: Extract<Shape, { kind: 'control' }>, { u0, u1, v0, v1 }: Flat) {
  const high = (v1 - v0) / shows.length;
  const u = (u0 + u1) / 2;
  const r = (Math.min(u1 - u0, high) / 2) * 0.8;
  return (
    <>
      {shows.map((one, i) => {
        const v = v1 - (i + 0.5) * high;
        switch (one) {
          case 'dial':
            return <Circle key={one} u={u} v={v} r={r} />;
          case 'handle':
            return <Circle key={one} u={u} v={v} r={r * 0.5} pen="dark" />;
          case 'switch':
            return <Rect key={one} u0={u - r / 2} u1={u + r / 2} v0={v - r / 2} v1={v + r / 2} />;
          case 'level':
            return <Rect key={one} u0={u - r / 2} u1={u + r / 2} v0={v0} v1={v1} pen="glass" />;
          case 'plate':
            return <Rect key={one} u0={u0} u1={u1} v0={v0} v1={v1} r={0.6} />;
        }
      })}
    </>
  );
}

/** A module of crosslays: its panel with an opening for each, at a height that hands reach. */
export function PreconnectsSide(shape: Preconnects) {
  const { box, slots } = seen(shape);
  return (
    <>
      <Rect u0={box.x0} u1={box.x1} v0={box.z0} v1={box.z1} pen="outline" />
      {slots.map((slot) => (
        <Rect key={slot.x0} u0={slot.x0} u1={slot.x1} v0={slot.z0} v1={slot.z1} pen="tint" />
      ))}
      <Rows u0={box.x0 + 2} u1={box.x1 - 2} v0={box.z0 + 3} v1={box.z0 + 9} step={3} pen="fine" />
      <Line u0={box.x0 + 2} u1={box.x1 - 2} v0={box.z1 - 4} v1={box.z1 - 4} pen="fine" />
    </>
  );
}

export const PreconnectsTop = ({ slots }: Preconnects, flat: Flat) => (
  <>
    <Rect {...flat} pen="outline" />
    {slots.map((slot) => (
      <Rect key={slot.x0} u0={slot.x0} u1={slot.x1} v0={flat.v0 + 1.5} v1={flat.v1 - 1.5} pen="tint" />
    ))}
  </>
);

/** Steps of a walkway's or a stairs' ends, in. */
const STEP_IN = 11;

/** A walkway between cab and pump: steps up to its deck, and a rail. */
export function WalkwaySide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const steps = [1, 2].map((n) => v0 - n * STEP_IN);
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="tint" />
      {steps.map((v) => (
        <Rect key={v} u0={u0 + 3} u1={u1 - 3} v0={v - 1.5} v1={v} />
      ))}
      <Line u0={u0 + 2} u1={u0 + 2} v0={steps.at(-1)! - 1.5} v1={v1 + 40} />
      <Line u0={u1 - 2} u1={u1 - 2} v0={steps.at(-1)! - 1.5} v1={v1 + 40} />
      <Line u0={u0 + 2} u1={u1 - 2} v0={v1 + 40} v1={v1 + 40} />
    </>
  );
}

export const WalkwayTop = (_: Shape, flat: Flat) => (
  <>
    <Rect {...flat} pen="outline" />
    <Columns {...flat} step={4} pen="fine" />
  </>
);

/** Stairs up to a turntable behind the cab. */
export function StairsSide(_: Shape, { u0, u1, v0, v1 }: Flat) {
  const count = Math.max(1, Math.floor((v1 - v0) / STEP_IN));
  return (
    <>
      <Rect u0={u0} u1={u1} v0={v0} v1={v1} pen="outline" />
      {Array.from({ length: count }, (_, i) => (
        <Rect
          key={i}
          u0={u0 + 2}
          u1={u1 - 2}
          v0={v0 + i * STEP_IN + 2}
          v1={v0 + i * STEP_IN + 4}
          pen="tint"
        />
      ))}
    </>
  );
}

function Panel({ box, panel, slots }: PumpHouse) {
  const { x0, x1, z0, z1 } = box;
  const width = x1 - x0;
  const u = (share: number) => x0 + width * share;
  const panelTop = Math.min(z1 - 4, ...slots.map((slot) => slot.z0)) - 2;
  return (
    <>
      <Rect u0={x0} u1={x1} v0={z0} v1={z1} pen="outline" />
      {slots.map((slot) => (
        <Rect key={slot.x0} u0={slot.x0} u1={slot.x1} v0={slot.z0} v1={slot.z1 - 1} pen="tint" />
      ))}
      {panel === 'top' ? (
        <>
          <Rect u0={u(0.06)} u1={u(0.4)} v0={z0 + 4} v1={panelTop} r={2} />
          <Rect u0={u(0.1)} u1={u(0.36)} v0={panelTop - 22} v1={panelTop - 4} r={2} pen="glass" />
          <Rect u0={u(0.46)} u1={u(0.96)} v0={z0 + 3} v1={panelTop} r={1.5} pen="tint" />
        </>
      ) : (
        <Rect u0={x0 + 3} u1={x1 - 3} v0={z0 + 3} v1={panelTop} r={1.5} pen="tint" />
      )}
    </>
  );
}

/** The officer's side: what stands on it is drawn where it is. */
function OfficerPanel({ box, slots }: PumpHouse) {
  const { x0, x1, z0, z1 } = box;
  const panelTop = Math.min(z1 - 4, ...slots.map((slot) => slot.z0)) - 2;
  return (
    <>
      <Rect u0={x0} u1={x1} v0={z0} v1={z1} pen="outline" />
      {slots.map((slot) => (
        <Rect key={slot.x0} u0={slot.x0} u1={slot.x1} v0={slot.z0} v1={slot.z1 - 1} pen="tint" />
      ))}
      <Rect u0={x0 + 3} u1={x1 - 3} v0={z0 + 3} v1={panelTop} r={1.5} pen="tint" />
    </>
  );
}

export function PumpHouseTop({ slots }: PumpHouse, flat: Flat) {
  return (
    <>
      <Rect {...flat} pen="outline" />
      {slots.map((slot) => (
        <Rect key={slot.x0} u0={slot.x0} u1={slot.x1} v0={flat.v0 + 1.5} v1={flat.v1 - 1.5} pen="tint" />
      ))}
    </>
  );
}
