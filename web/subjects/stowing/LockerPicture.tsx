import type { LockerView } from '#core/subjects/stowing';
import { inches } from '#core/units';
import { useUnits } from '../../common';
import { Across, Upright } from '../../drawing';
import { Patch, Sheet } from '../../site';
import { FittedLook } from './FittedLook';
import { Onto } from './Onto';
import { Thing } from './Thing';
import look from './look.module.css';
import classes from './stowing.module.css';
import type { Ghost } from './useHands';

/** The picture is at most so high, px, and so high for each inch that it shows. */
const PX = { most: 430, least: 210, anInch: 7.5 };
/** Heights of a person over the ground, in. */
const PERSON = [
  { name: 'shoulder', highIn: 60 },
  { name: 'waist', highIn: 40 },
] as const;

interface Props {
  of: LockerView;
  surfaceId: string | null;
  lineId: string | null;
  ghost: Ghost | null;
  onSurface: (id: string) => void;
  onPick: (lineId: string) => void;
}

/** A compartment as one sees it who stands before its open door, to scale. */
export function LockerPicture({ of, surfaceId, lineId, ghost, onSurface, onPick }: Props) {
  const { say } = useUnits();
  const { wideIn, highIn, floorIn, doorway } = of;
  return (
    <Sheet
      space={{ u0: 0, u1: wideIn, v0: 0, v1: highIn }}
      heightPx={Math.min(PX.most, Math.max(PX.least, highIn * PX.anInch + 92))}
      label={`${of.name} from its door`}
    >
      {(px) => (
        <>
          {of.room.map((cell, i) => (
            <Patch key={i} of={cell} className={look.room} />
          ))}
          {of.surfaces.map((surface) => (
            <Onto
              key={surface.id}
              target={{ surfaceId: surface.id, view: 'door' }}
              of={surface.front}
              picked={surface.id === surfaceId}
              onPick={() => onSurface(surface.id)}
            />
          ))}
          {of.fittings.map((fitting) => (
            <FittedLook key={fitting.id} of={fitting} />
          ))}
          {/* What is behind the drum and the guides of the door. */}
          <path
            className={look.hidden}
            d={`M 0 0 V ${-highIn} H ${wideIn} V 0 H ${doorway[2]} V ${-doorway[3]} H ${doorway[0]} V 0 Z`}
          />
          {doorway[3] < highIn && (
            <text
              x={wideIn / 2}
              y={-(doorway[3] + highIn) / 2 + 3.6 * px}
              fontSize={10.5 * px}
              textAnchor="middle"
              className={classes.note}
            >
              drum of its door
            </text>
          )}
          {of.things.map((thing) => (
            <Thing
              key={thing.lineId}
              {...thing}
              from="door"
              picked={thing.lineId === lineId}
              px={px}
              onPick={onPick}
            />
          ))}
          {ghost?.front && (
            <Patch of={ghost.front} className={ghost.wrong ? classes.ghostWrong : classes.ghost} />
          )}
          <path className={look.frame} d={`M 0 0 V ${-highIn} H ${wideIn} V 0 Z`} />
          {PERSON.filter(({ highIn: at }) => at > floorIn && at < floorIn + highIn).map(
            ({ name, highIn: at }) => (
              <g key={name} className={classes.person}>
                <line x1={-10 * px} x2={wideIn + 10 * px} y1={-(at - floorIn)} y2={-(at - floorIn)} />
                <text x={wideIn + 12 * px} y={-(at - floorIn) + 3.5 * px} fontSize={10 * px}>
                  {name}
                </text>
              </g>
            ),
          )}
          <Across from={0} to={wideIn} line={24 * px} start={3 * px} text={say(inches(wideIn))} px={px} />
          <Upright from={0} to={-highIn} line={-18 * px} start={-3 * px} text={say(inches(highIn))} px={px} />
          <text x={0} y={40 * px} fontSize={10.5 * px} className={classes.note}>
            {say(`Its floor is ${inches(floorIn)} over the ground`)}
          </text>
        </>
      )}
    </Sheet>
  );
}
