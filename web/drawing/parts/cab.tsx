import type { Box, Shape } from '#core/kernel';
import { ROOF_RISES_AT } from '#core/truck';
import { at, Circle, Columns, inset, Line, Path, Poly, Rect, Rows } from '../kit';
import type { Flat } from '../view';

type Cab = Extract<Shape, { kind: 'cab' }>;

const ARCH_CLEAR_IN = 4;

/** The lower edge from back to front, with the arch over the front wheel. */
function lowerEdge({ box, wheelDiameterIn }: Cab, frontU: number): string {
  const radius = wheelDiameterIn / 2 + ARCH_CLEAR_IN;
  const rise = box.z0 - wheelDiameterIn / 2;
  const half = Math.sqrt(Math.max(0, radius ** 2 - rise ** 2));
  return `L ${at(half, box.z0)} A ${radius} ${radius} 0 0 0 ${at(-half, box.z0)} L ${at(frontU, box.z0)}`;
}

/** A door with its window, handle, hinges and step. */
function Door({
  u0,
  u1,
  sill,
  top,
  belt,
}: {
  u0: number;
  u1: number;
  sill: number;
  top: number;
  belt: number;
}) {
  return (
    <>
      <Rect u0={u0} u1={u1} v0={sill} v1={top} r={2} />
      <Rect u0={u0 + 3} u1={u1 - 3} v0={belt} v1={top - 3} r={2.5} pen="glass" />
      <Line u0={u1 - 7} u1={u1 - 2.5} v0={belt - 5} v1={belt - 5} />
      <Line u0={u1 + 1.5} u1={u1 + 1.5} v0={sill + 8} v1={belt + 8} pen="fine" />
      <Line u0={u0} u1={u0} v0={sill + 6} v1={sill + 10} />
    </>
  );
}

function Mirror({ u, v }: { u: number; v: number }) {
  return (
    <>
      <Line u0={u + 3} u1={u + 9} v0={v + 8} v1={v + 8} />
      <Rect u0={u} u1={u + 4} v0={v - 8} v1={v + 9} r={1.5} pen="tint" />
    </>
  );
}

function FlatFrontSide(cab: Cab) {
  const { box, wheelDiameterIn } = cab;
  const { x0, x1, z0, z1 } = box;
  const raised = z1 > cab.roofIn;
  const roofIn = Math.min(cab.roofIn, z1);
  const riseAt = x0 + (x1 - x0) * ROOF_RISES_AT;
  const belt = z0 + (roofIn - z0) * 0.52;
  const arch = wheelDiameterIn / 2 + ARCH_CLEAR_IN + 2;
  const roof = raised
    ? `L ${at(x0 + 9, roofIn - 3)} Q ${at(x0 + 10, roofIn)} ${at(x0 + 14, roofIn)} L ${at(riseAt, roofIn)} L ${at(riseAt + 10, z1)}`
    : `L ${at(x0 + 9, roofIn - 5)} Q ${at(x0 + 10, z1)} ${at(x0 + 16, z1)}`;
  const top = roofIn - 5;
  return (
    <>
      <Path
        pen="outline"
        d={`M ${at(x0 + 3, z0)} L ${at(x0, z0 + 6)} L ${at(x0 + 1, belt - 4)} ${roof} L ${at(x1 - 4, z1)} Q ${at(x1, z1)} ${at(x1, z1 - 4)} L ${at(x1, z0)} ${lowerEdge(cab, x0 + 3)} Z`}
      />
      <Path
        pen="glass"
        d={`M ${at(x0 + 1.2, belt)} L ${at(x0 + 8.4, top)} L ${at(x0 + 11.5, top)} L ${at(x0 + 7, belt)} Z`}
      />
      <Line u0={x0 + 1} u1={x1} v0={belt - 9} v1={belt - 9} pen="fine" />
      <Line u0={x0 + 1} u1={x1} v0={belt - 13} v1={belt - 13} pen="fine" />
      <Door u0={x0 + 11} u1={-arch - 1} sill={z0 + 2} top={top} belt={belt} />
      <Rect u0={-arch + 4} u1={arch - 6} v0={belt} v1={top - 3} r={2.5} pen="glass" />
      <Door u0={arch} u1={x1 - 6} sill={z0 + 2} top={top} belt={belt} />
      {raised && <Columns u0={riseAt + 12} u1={x1 - 4} v0={roofIn + 2} v1={z1 - 3} step={24} pen="fine" />}
      {raised && <Line u0={riseAt} u1={x1} v0={roofIn} v1={roofIn} pen="fine" />}
      <Rect u0={x0 + 0.5} u1={x0 + 6} v0={z0 + 14} v1={z0 + 21} r={1} pen="tint" />
      <Rect u0={x0 + 11} u1={-arch - 3} v0={z0 - 4} v1={z0 - 1.5} pen="tint" />
      <Rect u0={arch + 2} u1={x1 - 6} v0={z0 - 4} v1={z0 - 1.5} pen="tint" />
      <Mirror u={x0 - 5} v={belt + 14} />
    </>
  );
}

function HoodedSide(cab: Cab) {
  const { box, windshieldIn, hoodTopIn, doors } = cab;
  const { x0, x1, z0, z1 } = box;
  const slope = Math.min(20, (z1 - hoodTopIn) * 0.72);
  const belt = hoodTopIn + 1;
  const first = windshieldIn + 7;
  const back = x1 - 4;
  const middle = doors === 4 ? first + (back - first) * 0.5 : back;
  const window = (u0: number, u1: number, front: boolean) => (
    <Path
      pen="glass"
      d={`M ${at(front ? u0 + 2 : u0 + 3, belt + 2)} L ${at(front ? u0 + slope * 0.72 : u0 + 3, z1 - 6)} L ${at(u1 - 3, z1 - 6)} L ${at(u1 - 3, belt + 2)} Z`}
    />
  );
  return (
    <>
      <Path
        pen="outline"
        d={`M ${at(x0 + 2, z0)} L ${at(x0, z0 + 6)} L ${at(x0 + 1, hoodTopIn - 9)} Q ${at(x0 + 2, hoodTopIn - 4)} ${at(x0 + 9, hoodTopIn - 3)} L ${at(windshieldIn, hoodTopIn)} L ${at(windshieldIn + slope, z1 - 3)} Q ${at(windshieldIn + slope + 2, z1)} ${at(windshieldIn + slope + 6, z1)} L ${at(x1 - 5, z1)} Q ${at(x1, z1)} ${at(x1, z1 - 5)} L ${at(x1, z0)} ${lowerEdge(cab, x0 + 2)} Z`}
      />
      <Path
        pen="glass"
        d={`M ${at(windshieldIn + 1.5, hoodTopIn + 1)} L ${at(windshieldIn + slope, z1 - 4)} L ${at(windshieldIn + slope + 3.5, z1 - 4)} L ${at(windshieldIn + 6, hoodTopIn + 1)} Z`}
      />
      <Line u0={x0 + 6} u1={windshieldIn} v0={hoodTopIn - 10} v1={hoodTopIn - 8} pen="fine" />
      <Line u0={windshieldIn - 2} u1={windshieldIn - 2} v0={z0 + 6} v1={hoodTopIn - 1} />
      <Rect u0={first} u1={middle} v0={z0 + 2} v1={belt} r={1.5} />
      {window(first, middle, true)}
      <Line u0={middle - 7} u1={middle - 2.5} v0={belt - 4} v1={belt - 4} />
      {doors === 4 && (
        <>
          <Rect u0={middle} u1={back} v0={z0 + 2} v1={belt} r={1.5} />
          {window(middle, back, false)}
          <Line u0={back - 7} u1={back - 2.5} v0={belt - 4} v1={belt - 4} />
        </>
      )}
      <Line u0={first} u1={back} v0={belt - 10} v1={belt - 10} pen="fine" />
      <Rect u0={x0 + 1} u1={x0 + 7} v0={hoodTopIn - 18} v1={hoodTopIn - 11} r={1.5} pen="tint" />
      <Rect u0={first} u1={back} v0={z0 - 5} v1={z0 - 2.5} pen="tint" />
      <Mirror u={first + 3} v={belt + 7} />
    </>
  );
}

export const CabSide = (cab: Cab) =>
  cab.style === 'flatFront' ? <FlatFrontSide {...cab} /> : <HoodedSide {...cab} />;

export function CabTop({ box, style, windshieldIn, trench }: Cab) {
  const { x0, x1, y0, y1 } = box;
  if (style === 'flatFront') {
    return (
      <>
        <Path
          pen="outline"
          d={`M ${at(x0 + 8, y0)} Q ${at(x0, y0)} ${at(x0, y0 + 14)} L ${at(x0, y1 - 14)} Q ${at(x0, y1)} ${at(x0 + 8, y1)} L ${at(x1, y1)} L ${at(x1, y0)} Z`}
        />
        <Path
          pen="glass"
          d={`M ${at(x0 + 1.5, y0 + 12)} L ${at(x0 + 8, y0 + 9)} L ${at(x0 + 8, y1 - 9)} L ${at(x0 + 1.5, y1 - 12)} Z`}
        />
        {trench ? (
          [-1, 1].map((side) => (
            <Line key={side} u0={x0 + 8} u1={x1} v0={side * trench.halfIn} v1={side * trench.halfIn} />
          ))
        ) : (
          <Rows u0={x0 + 30} u1={x1 - 6} v0={y0 + 6} v1={y1 - 6} step={16} pen="fine" />
        )}
      </>
    );
  }
  return (
    <>
      <Path
        pen="outline"
        d={`M ${at(x0 + 8, y0 + 5)} Q ${at(x0, y0 + 6)} ${at(x0, y0 + 18)} L ${at(x0, y1 - 18)} Q ${at(x0, y1 - 6)} ${at(x0 + 8, y1 - 5)} L ${at(windshieldIn, y1 - 3)} L ${at(windshieldIn + 4, y1)} L ${at(x1, y1)} L ${at(x1, y0)} L ${at(windshieldIn + 4, y0)} L ${at(windshieldIn, y0 + 3)} Z`}
      />
      <Path
        pen="glass"
        d={`M ${at(windshieldIn + 3, y0 + 6)} L ${at(windshieldIn + 18, y0 + 9)} L ${at(windshieldIn + 18, y1 - 9)} L ${at(windshieldIn + 3, y1 - 6)} Z`}
      />
      <Line u0={x0 + 6} u1={windshieldIn - 2} v0={y0 + 22} v1={y0 + 16} pen="fine" />
      <Line u0={x0 + 6} u1={windshieldIn - 2} v0={y1 - 22} v1={y1 - 16} pen="fine" />
    </>
  );
}

/** The way across a roof from left to right, down into its trench and up again. */
const acrossRoof = (trench: Cab['trench'], roof: number): string =>
  trench
    ? `L ${at(-trench.halfIn, roof)} L ${at(-trench.halfIn, trench.floorIn)} L ${at(trench.halfIn, trench.floorIn)} L ${at(trench.halfIn, roof)} `
    : '';

export function CabFront({ style, hoodTopIn, roofIn, box, trench }: Cab, flat: Flat) {
  const { u0, u1, v0, v1 } = flat;
  const hooded = style === 'hooded';
  const belt = hooded ? hoodTopIn : v0 + (Math.min(roofIn, v1) - v0) * 0.52;
  const roof = Math.min(v1, roofIn, trench?.floorIn ?? v1);
  const narrow = hooded ? 9 : 0;
  return (
    <>
      <Path
        pen="outline"
        d={`M ${at(u0, v0)} L ${at(u0, belt)} L ${at(u0 + 3 + narrow / 3, v1 - 6)} Q ${at(u0 + 4 + narrow / 3, v1)} ${at(u0 + 11 + narrow / 3, v1)} ${acrossRoof(trench, v1)}L ${at(u1 - 11 - narrow / 3, v1)} Q ${at(u1 - 4 - narrow / 3, v1)} ${at(u1 - 3 - narrow / 3, v1 - 6)} L ${at(u1, belt)} L ${at(u1, v0)} Z`}
      />
      <Path
        pen="glass"
        d={`M ${at(u0 + 6, belt + 2)} L ${at(u0 + 8 + narrow / 3, roof - 6)} L ${at(-1, roof - 6)} L ${at(-1, belt + 2)} Z M ${at(1, belt + 2)} L ${at(1, roof - 6)} L ${at(u1 - 8 - narrow / 3, roof - 6)} L ${at(u1 - 6, belt + 2)} Z`}
      />
      {!hooded && !trench && v1 >= roofIn && (
        <Line u0={u0 + 3} u1={u1 - 3} v0={roofIn} v1={roofIn} pen="fine" />
      )}
      <Line u0={-24} u1={-8} v0={belt + 2} v1={belt + 12} />
      <Line u0={8} u1={24} v0={belt + 2} v1={belt + 12} />
      <Rect u0={-24} u1={24} v0={v0 + 12} v1={belt - 8} r={2} />
      <Rows u0={-23} u1={23} v0={v0 + 12} v1={belt - 8} step={4} pen="fine" />
      {[-1, 1].map((side) => (
        <g key={side}>
          <Rect u0={side * (u1 - 6)} u1={side * (u1 - 21)} v0={v0 + 13} v1={v0 + 22} r={2} pen="tint" />
          <Circle u={side * (u1 - 10)} v={v0 + 17.5} r={2.8} />
          <Circle u={side * (u1 - 17)} v={v0 + 17.5} r={2.8} />
          <Poly
            open
            points={[
              [side * (u1 - 1), belt + 16],
              [side * (u1 + 6), belt + 18],
            ]}
          />
          <Rect u0={side * (u1 + 4)} u1={side * (u1 + 11)} v0={belt + 2} v1={belt + 20} r={1.5} pen="tint" />
        </g>
      ))}
      {box.z1 > roofIn && (
        <Line u0={u0 + 12} u1={u1 - 12} v0={(v1 + roofIn) / 2} v1={(v1 + roofIn) / 2} pen="fine" />
      )}
    </>
  );
}

/** The back of the cab, mostly hidden by what stands behind it. */
export const CabRear = ({ trench }: Cab, flat: Flat) => (
  <>
    {trench ? (
      <Path
        pen="outline"
        d={`M ${at(flat.u0, flat.v0)} L ${at(flat.u0, flat.v1)} ${acrossRoof(trench, flat.v1)}L ${at(flat.u1, flat.v1)} L ${at(flat.u1, flat.v0)} Z`}
      />
    ) : (
      <Rect {...flat} r={5} pen="outline" />
    )}
    <Rect {...inset(flat, 14, 10)} v0={flat.v1 - 30} r={3} pen="glass" />
  </>
);

/** A crew module joined to a cab: a door with its window, and a window behind. */
export function ModuleSide({ box: { x0, x1, z0, z1 } }: { box: Box }) {
  const belt = z0 + (z1 - z0) * 0.56;
  const door = x0 + Math.min(36, (x1 - x0) * 0.62);
  return (
    <>
      <Rect u0={x0} u1={x1} v0={z0} v1={z1} r={2} pen="outline" />
      <Door u0={x0 + 3} u1={door} sill={z0 + 2} top={z1 - 7} belt={belt} />
      {x1 - door > 14 && <Rect u0={door + 5} u1={x1 - 5} v0={belt} v1={z1 - 9} r={2} pen="glass" />}
      <Line u0={x0} u1={x1} v0={belt - 9} v1={belt - 9} pen="fine" />
      <Rect u0={x0 + 3} u1={door} v0={z0 - 4} v1={z0 - 1.5} pen="tint" />
    </>
  );
}
