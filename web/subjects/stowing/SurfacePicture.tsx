import type { SurfacePlan } from '#core/subjects/stowing';
import { inches } from '#core/units';
import { useUnits } from '../../common';
import { Across, Upright } from '../../drawing';
import { Patch, Sheet } from '../../site';
import { Onto } from './Onto';
import { Thing } from './Thing';
import look from './look.module.css';
import classes from './stowing.module.css';
import type { Ghost } from './useHands';

const PX = { most: 330, least: 190, anInch: 7.5 };

interface Props {
  of: SurfacePlan;
  lineId: string | null;
  ghost: Ghost | null;
  onPick: (lineId: string) => void;
}

/** A floor, shelf or tray from above, its door below; or the face of a board as one looks at it; to scale. */
export function SurfacePicture({ of, lineId, ghost, onPick }: Props) {
  const { say } = useUnits();
  const { surface, wideIn, highIn } = of;
  const flat = surface.faces === 'up';
  return (
    <Sheet
      space={{ u0: 0, u1: wideIn, v0: 0, v1: highIn }}
      heightPx={Math.min(PX.most, Math.max(PX.least, highIn * PX.anInch + 92))}
      label={`${surface.name}, ${flat ? 'from above' : 'as one looks at it'}`}
    >
      {(px) => (
        <>
          {of.room.map((cell, i) => (
            <Patch key={i} of={cell} className={look.room} />
          ))}
          <Onto target={{ surfaceId: surface.id, view: 'plan' }} of={[0, 0, wideIn, highIn]} picked={false} />
          {of.things.map((thing) => (
            <Thing
              key={thing.lineId}
              {...thing}
              from="plan"
              picked={thing.lineId === lineId}
              px={px}
              onPick={onPick}
            />
          ))}
          {ghost?.plan && (
            <Patch of={ghost.plan} className={ghost.wrong ? classes.ghostWrong : classes.ghost} />
          )}
          <path className={look.frame} d={`M 0 0 V ${-highIn} H ${wideIn} V 0 Z`} />
          <Across from={0} to={wideIn} line={24 * px} start={3 * px} text={say(inches(wideIn))} px={px} />
          <Upright from={0} to={-highIn} line={-18 * px} start={-3 * px} text={say(inches(highIn))} px={px} />
          {flat && (
            <text
              x={wideIn / 2}
              y={40 * px}
              fontSize={10.5 * px}
              textAnchor="middle"
              className={classes.note}
            >
              the door
            </text>
          )}
        </>
      )}
    </Sheet>
  );
}
