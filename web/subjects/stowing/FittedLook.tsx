import type { Rectangle } from '#core/kernel';
import type { FittedView } from '#core/subjects/stowing';
import { Patch } from '../../site';
import look from './look.module.css';

/** Round openings side by side in rows, as they are seen from the door. */
function Tubes({ of: [u0, v0, u1, v1] }: { of: Rectangle }) {
  const rows = Math.max(1, Math.round((v1 - v0) / 10));
  const [wide, high] = [(u1 - u0) / 3, (v1 - v0) / rows];
  const r = Math.min(wide, high) / 2 - 0.4;
  return (
    <>
      {Array.from({ length: rows * 3 }, (_, i) => (
        <circle
          key={i}
          cx={u0 + wide * ((i % 3) + 0.5)}
          cy={-(v0 + high * (Math.floor(i / 3) + 0.5))}
          r={r}
          className={look.tube}
        />
      ))}
    </>
  );
}

/** A tray, a shelf or a board as it is seen from the door of its compartment. */
export function FittedLook({ of: { kind, front } }: { of: FittedView }) {
  const [u0, v0, u1, v1] = front;
  const middle = (u0 + u1) / 2;
  switch (kind) {
    case 'tubes':
      return (
        <g aria-hidden="true">
          <Patch of={front} className={look.case} />
          <Tubes of={front} />
        </g>
      );
    case 'drawer':
    case 'module':
      return (
        <g aria-hidden="true">
          <Patch of={front} className={look.case} />
          {kind === 'drawer' && (
            <line x1={middle - 4} x2={middle + 4} y1={-(v1 - 1.5)} y2={-(v1 - 1.5)} className={look.pull} />
          )}
        </g>
      );
    case 'tray':
    case 'tipDown':
      return (
        <g aria-hidden="true">
          <Patch of={front} className={look.tray} />
          <line
            x1={middle - 5}
            x2={middle + 5}
            y1={-(v0 + v1) / 2}
            y2={-(v0 + v1) / 2}
            className={look.pull}
          />
          {kind === 'tipDown' && (
            <path d={`M ${middle + 7} ${-(v1 - 0.6)} l 1.6 2.4 l 1.6 -2.4`} className={look.pull} />
          )}
        </g>
      );
    case 'vent':
      return (
        <g aria-hidden="true">
          <Patch of={front} className={look.case} />
          {[0.25, 0.5, 0.75].map((share) => (
            <line
              key={share}
              x1={u0 + 0.6}
              x2={u1 - 0.6}
              y1={-(v0 + (v1 - v0) * share)}
              y2={-(v0 + (v1 - v0) * share)}
              className={look.pull}
            />
          ))}
        </g>
      );
    case 'charger':
    case 'outlet':
      return (
        <g aria-hidden="true">
          <Patch of={front} className={look.case} />
          <path
            d={`M ${middle + 0.5} ${-(v1 - 1)} l -1.4 ${(v1 - v0) / 2 - 0.6} h 1.8 l -1.4 ${(v1 - v0) / 2 - 1.2}`}
            className={look.pull}
          />
        </g>
      );
    default:
      return <Patch of={front} className={look.plate} />;
  }
}
