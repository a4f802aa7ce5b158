import type { Evaluation } from '#core/kernel';
import { underLintel, widthAcross } from '#core/subjects/station';
import type { StationLine } from '#core/subjects/station';
import { BRIEF_FIELDS } from '#core/subjects/brief';
import { components } from '#core/truck';
import { feetInches } from '#core/units';
import { useUnits } from '../../common';
import { Across, RigView, Upright } from '../../drawing';
import { Handle, Sheet, siteClasses as classes } from '../../site';

/** How much of the wall is shown around the door, in. */
const WALL_IN = 30;
const { doorHighIn, doorWideIn } = BRIEF_FIELDS.stations.fields;

/** The truck in the doorway from the front, with what is kept clear. */
export function DoorSheet({
  evaluation,
  line,
  onTry,
}: {
  evaluation: Evaluation;
  line: StationLine;
  onTry: (change: Partial<StationLine>) => void;
}) {
  const { say } = useUnits();
  const highest = evaluation.read(underLintel)(line);
  const { widthIn } = evaluation.read(widthAcross);
  const half = line.doorWideIn / 2;
  const top = line.doorHighIn;
  const [u1, v1] = [half + WALL_IN, top + WALL_IN];
  return (
    <Sheet
      space={{ u0: -u1, u1, v0: 0, v1 }}
      heightPx={340}
      label={say(
        `The truck from the front in a door of ${feetInches(line.doorWideIn)} by ${feetInches(line.doorHighIn)}`,
      )}
    >
      {(px) => (
        <>
          <path
            className={classes.wall}
            d={`M ${-u1} 0 V ${-v1} H ${u1} V 0 H ${half} V ${-top} H ${-half} V 0 Z`}
          />
          <path className={classes.edge} d={`M ${-half} 0 V ${-top} H ${half} V 0`} />
          <RigView components={evaluation.read(components)} view="front" />
          <path
            className={classes.clear}
            d={`M ${-half + line.besideIn} 0 V ${-top + line.aboveIn} H ${half - line.besideIn} V 0`}
          />
          {highest && (
            <line className={classes.high} x1={-half} x2={half} y1={-highest.zIn} y2={-highest.zIn} />
          )}
          <line x1={-u1} x2={u1} y1={0} y2={0} className={classes.edge} />
          <Across
            from={-widthIn / 2}
            to={widthIn / 2}
            line={16 * px}
            start={2 * px}
            text={say(feetInches(widthIn))}
            px={px}
          />
          <Across
            from={-half}
            to={half}
            line={34 * px}
            start={2 * px}
            text={say(feetInches(line.doorWideIn))}
            px={px}
          />
          {highest && (
            <Upright
              from={-highest.zIn}
              to={0}
              line={-u1 - 8 * px}
              start={-half}
              text={say(feetInches(highest.zIn))}
              px={px}
            />
          )}
          <Upright
            from={-top}
            to={0}
            line={-u1 - 28 * px}
            start={-half}
            text={say(feetInches(top))}
            px={px}
          />
          <Handle
            label="Height of the door"
            said={feetInches(top)}
            value={top}
            within={doorHighIn}
            along="v"
            from={[-half, top]}
            to={[half, top]}
            px={px}
            onMove={(value) => onTry({ doorHighIn: value })}
          />
          <Handle
            label="Width of the door"
            said={feetInches(line.doorWideIn)}
            value={line.doorWideIn}
            within={doorWideIn}
            inPerUnit={0.5}
            along="u"
            from={[half, 0]}
            to={[half, top]}
            px={px}
            onMove={(value) => onTry({ doorWideIn: Math.round(value * 2) / 2 })}
          />
        </>
      )}
    </Sheet>
  );
}
