import type { LockerView } from '#core/subjects/stowing';
import { inches } from '#core/units';
import { useUnits } from '../../common';
import { Upright } from '../../drawing';
import { Patch, Sheet } from '../../site';
import look from './look.module.css';
import classes from './stowing.module.css';

/** A compartment from above with everything out that comes out: how far it stands beside the truck. */
export function OpenPicture({ of }: { of: LockerView }) {
  const { say } = useUnits();
  const out = of.fittings.filter(({ opened }) => opened !== null);
  const outIn = Math.max(0, ...out.map(({ opened }) => -opened![1]));
  const carriers = new Set(out.map(({ id }) => id));
  return (
    <Sheet
      space={{ u0: 0, u1: of.wideIn, v0: -outIn, v1: of.deepIn }}
      heightPx={Math.min(420, (of.deepIn + outIn) * 6 + 92)}
      label={say(`${of.name} from above, with what comes out by ${inches(outIn)}`)}
    >
      {(px) => (
        <>
          {of.roomAbove.map((cell, i) => (
            <Patch key={i} of={cell} className={look.room} />
          ))}
          {of.fittings
            .filter(({ kind }) => kind !== 'shelf')
            .map(({ id, above, opened }) => (
              <Patch key={id} of={opened ?? above} className={opened ? look.tray : look.case} />
            ))}
          {of.things
            .filter(({ fittingId }) => fittingId !== null && carriers.has(fittingId))
            .map(({ lineId, opened, number }) => (
              <g key={lineId} aria-hidden="true">
                <Patch of={opened} className={classes.box} rx={2 * px} />
                <text
                  x={(opened[0] + opened[2]) / 2}
                  y={-(opened[1] + opened[3]) / 2 + 3.6 * px}
                  fontSize={10 * px}
                  textAnchor="middle"
                  className={classes.label}
                >
                  {number}
                </text>
              </g>
            ))}
          <path className={look.frame} d={`M 0 0 V ${-of.deepIn} H ${of.wideIn} V 0`} />
          <line x1={-12 * px} x2={of.wideIn + 12 * px} y1={0} y2={0} className={classes.side} />
          <text x={of.wideIn + 6 * px} y={-4 * px} fontSize={10.5 * px} className={classes.note}>
            side
          </text>
          {outIn > 0 && (
            <Upright from={0} to={outIn} line={-18 * px} start={-3 * px} text={say(inches(outIn))} px={px} />
          )}
        </>
      )}
    </Sheet>
  );
}
