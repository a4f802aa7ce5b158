import type { Component } from '#core/kernel';
import type { Compartment } from '#core/truck';
import { fillTank } from '#core/subjects/tank';
import classes from './drawing.module.css';
import { Line, Rect } from './kit';
import { VIEWS } from './view';
import type { ViewId } from './view';

/** The tank behind the doors: hidden lines, and water to its surface. */
export function TankOverlay({ components, view }: { components: Component[]; view: ViewId }) {
  const filling = components.find((component) => component.role === 'water')?.filling;
  if (!filling) return null;
  const { surfaceIn } = fillTank({ ...filling, liquidLbPerGal: filling.lbPerGal });
  return (
    <g>
      {filling.boxes.map((b, i) => {
        const box = {
          x0: b.frontIn,
          x1: b.frontIn + b.lengthIn,
          y0: b.centerIn - b.widthIn / 2,
          y1: b.centerIn + b.widthIn / 2,
          z0: b.bottomIn,
          z1: b.bottomIn + b.heightIn,
        };
        const flat = VIEWS[view].flat(box);
        const wet = VIEWS[view].flat({ ...box, z1: Math.min(box.z1, surfaceIn) });
        return (
          <g key={i}>
            {box.z0 < surfaceIn && (
              <rect
                x={wet.u0}
                y={-wet.v1}
                width={wet.u1 - wet.u0}
                height={wet.v1 - wet.v0}
                className={classes.water}
              />
            )}
            <Rect {...flat} pen="hidden" />
          </g>
        );
      })}
    </g>
  );
}

/** The pattern that stands for water. */
export const WaterHatch = () => (
  <defs>
    <pattern id="water-hatch" width="7" height="4" patternUnits="userSpaceOnUse">
      <path d="M 0 1 H 3.5 M 3.5 3 H 7" stroke="var(--water)" strokeWidth="0.7" opacity="0.6" />
    </pattern>
  </defs>
);

/** Names on the compartments that a view looks at. */
export function CompartmentLabels({
  compartments,
  view,
  size,
}: {
  compartments: Compartment[];
  view: ViewId;
  size: number;
}) {
  const side = { driver: 'left', officer: 'right', rear: 'rear', top: 'top', front: '' }[view];
  return compartments
    .filter((c) => c.side === side || (c.through && view === 'officer'))
    .map((c) => {
      const { u0, u1, v0, v1 } = VIEWS[view].flat(
        view === 'top' ? c : { x0: c.x0, x1: c.x1, y0: 0, y1: 0, z0: c.z0, z1: c.z1 },
      );
      const width = size * (0.7 + 0.6 * c.name.length);
      const u = (u0 + u1) / 2;
      const v = v0 + (v1 - v0) * 0.42;
      return (
        <g key={c.id}>
          <rect
            x={u - width / 2}
            y={-v - size * 0.62}
            width={width}
            height={size * 1.24}
            rx={size * 0.2}
            fill="var(--sheet)"
          />
          <text x={u} y={-v + size * 0.36} fontSize={size} textAnchor="middle" className={classes.label}>
            {c.name}
          </text>
        </g>
      );
    });
}

/** The center of gravity as a quartered circle. */
export function CenterOfGravity({ u, v, r }: { u: number; v: number; r: number }) {
  return (
    <g transform={`translate(${u} ${-v})`} aria-hidden="true">
      <circle r={r} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.2} />
      <path
        d={`M 0 0 V ${-r} A ${r} ${r} 0 0 1 ${r} 0 Z M 0 0 V ${r} A ${r} ${r} 0 0 1 ${-r} 0 Z`}
        fill="var(--ink)"
      />
      <path
        d={`M ${-r * 1.5} 0 H ${r * 1.5} M 0 ${-r * 1.5} V ${r * 1.5}`}
        stroke="var(--ink)"
        strokeWidth={0.6}
      />
    </g>
  );
}

/** An axle's load as an arrow from below: its length is the load. */
export function LoadArrow({
  u,
  length,
  head,
  over,
}: {
  u: number;
  length: number;
  head: number;
  over: boolean;
}) {
  return (
    <path
      className={over ? classes.loadOver : classes.load}
      d={`M ${u} ${length} V ${head * 0.8} M ${u} 0.6 L ${u - head * 0.55} ${head} H ${u + head * 0.55} Z`}
    />
  );
}

/** Boxes drawn around the components that a finding or a list points at. */
export function PointedOut({ components, view }: { components: Component[]; view: ViewId }) {
  return components.map((component) => {
    const boxes = component.shapes.map((shape) => shape.box);
    const own =
      boxes.length > 0 && !component.shapes.some(({ kind }) => kind === 'wheel')
        ? {
            x0: Math.min(...boxes.map((b) => b.x0)),
            x1: Math.max(...boxes.map((b) => b.x1)),
            y0: Math.min(...boxes.map((b) => b.y0)),
            y1: Math.max(...boxes.map((b) => b.y1)),
            z0: Math.min(...boxes.map((b) => b.z0)),
            z1: Math.max(...boxes.map((b) => b.z1)),
          }
        : {
            x0: component.xIn - 7,
            x1: component.xIn + 7,
            y0: component.yIn - 7,
            y1: component.yIn + 7,
            z0: component.zIn - 7,
            z1: component.zIn + 7,
          };
    const { u0, u1, v0, v1 } = VIEWS[view].flat(own);
    return (
      <rect
        key={component.id}
        x={u0}
        y={-v1}
        width={u1 - u0}
        height={v1 - v0}
        rx={1.5}
        className={classes.pointed}
      />
    );
  });
}

/** Ground under the wheels. */
export function Ground({ u0, u1 }: { u0: number; u1: number }) {
  return (
    <g>
      <line x1={u0} x2={u1} y1={0} y2={0} className={classes.ground} />
      <Line u0={u0} u1={u1} v0={-1.6} v1={-1.6} pen="fine" />
    </g>
  );
}
