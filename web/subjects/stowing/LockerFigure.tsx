import type { LockerView, SurfacePlan } from '#core/subjects/stowing';
import { Patch } from '../../site';
import { FittedLook } from './FittedLook';
import look from './look.module.css';

/** Letters, px. */
const NUMERAL = 7.5;

interface Numeral {
  lineId: string;
  number: number;
  at: [u: number, v: number];
}

/** The number of each piece where it is seen. */
function Numerals({ of, px }: { of: readonly Numeral[]; px: number }) {
  const size = NUMERAL * px;
  return of.map(({ lineId, number, at: [u, v] }) => (
    <text key={lineId} x={u} y={-v + size * 0.36} fontSize={size} textAnchor="middle" className={look.number}>
      {number}
    </text>
  ));
}

interface Props {
  of: LockerView;
  px: number;
  /** Its name over it, where there are several. */
  named?: boolean;
  /** A line that is looked for. */
  markedId?: string | null;
}

/** A compartment from its door as it is on a map: what is behind the door, what is fitted, each piece with its number. */
export function LockerFigure({ of, px, named = false, markedId = null }: Props) {
  const { wideIn, highIn, doorway } = of;
  return (
    <>
      {of.room.map((cell, i) => (
        <Patch key={i} of={cell} className={look.room} />
      ))}
      {of.fittings.map((fitting) => (
        <FittedLook key={fitting.id} of={fitting} />
      ))}
      <path
        className={look.hidden}
        d={`M 0 0 V ${-highIn} H ${wideIn} V 0 H ${doorway[2]} V ${-doorway[3]} H ${doorway[0]} V 0 Z`}
      />
      {of.things
        .filter(({ inTube }) => !inTube)
        .map(({ lineId, at }) => (
          <Patch key={lineId} of={at} className={lineId === markedId ? look.marked : look.piece} />
        ))}
      <path className={look.frame} d={`M 0 0 V ${-highIn} H ${wideIn} V 0 Z`} />
      <Numerals
        of={of.things.flatMap(({ lineId, number, seenAt }) =>
          seenAt ? [{ lineId, number, at: seenAt }] : [],
        )}
        px={px}
      />
      {named && (
        <text
          x={wideIn / 2}
          y={-highIn - 3 * px}
          fontSize={10 * px}
          textAnchor="middle"
          className={look.name}
        >
          {of.name}
        </text>
      )}
    </>
  );
}

/** A surface as one looks at it, with the numbers of what lies there. */
export function SurfaceFigure({
  of: { room, things, wideIn, highIn, surface },
  px,
}: {
  of: SurfacePlan;
  px: number;
}) {
  return (
    <>
      {room.map((cell, i) => (
        <Patch key={i} of={cell} className={look.room} />
      ))}
      {things.map(({ lineId, at }) => (
        <Patch key={lineId} of={at} className={look.piece} />
      ))}
      <path className={look.frame} d={`M 0 0 V ${-highIn} H ${wideIn} V 0 Z`} />
      <Numerals
        of={things.map(({ lineId, number, at: [u0, v0, u1, v1] }) => ({
          lineId,
          number,
          at: [(u0 + u1) / 2, (v0 + v1) / 2],
        }))}
        px={px}
      />
      <text x={0} y={-highIn - 3 * px} fontSize={8 * px} className={look.letter}>
        {surface.name}
      </text>
    </>
  );
}
