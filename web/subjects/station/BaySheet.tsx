import type { Evaluation } from '#core/kernel';
import { BRIEF_FIELDS } from '#core/subjects/brief';
import type { StationLine } from '#core/subjects/station';
import { components, envelope } from '#core/truck';
import { feetInches } from '#core/units';
import { useUnits } from '../../common';
import { Across, RigView } from '../../drawing';
import { Handle, Sheet, siteClasses as classes } from '../../site';

/** How thick walls are drawn, in. */
const WALL_IN = 14;
const { bayLongIn: field } = BRIEF_FIELDS.stations.fields;

/** The truck in its bay from the side, between the door and the wall, with room to walk at each end. */
export function BaySheet({
  evaluation,
  line,
  bayLongIn,
  onTry,
}: {
  evaluation: Evaluation;
  line: StationLine;
  bayLongIn: number;
  onTry: (change: Partial<StationLine>) => void;
}) {
  const { say } = useUnits();
  const { frontIn, rearIn, lengthIn, heightIn } = evaluation.read(envelope);
  const spare = bayLongIn - lengthIn;
  const from = frontIn - spare / 2;
  const to = rearIn + spare / 2;
  // The nose is drawn to the left: a truck that backed in looks out of the door there.
  const doorAtLeft = line.enters !== 'drives';
  const top = Math.max(heightIn + 24, line.doorHighIn + 18);
  const walls = [
    { at: from - WALL_IN, isDoor: doorAtLeft || line.enters === 'both' },
    { at: to, isDoor: !doorAtLeft || line.enters === 'both' },
  ];
  const { roundIn = 0 } = line;
  return (
    <Sheet
      space={{ u0: from - WALL_IN, u1: to + WALL_IN, v0: 0, v1: top }}
      heightPx={340}
      label={say(`The truck from the side in a bay of ${feetInches(bayLongIn)}`)}
    >
      {(px) => (
        <>
          {walls.map(({ at, isDoor }) => (
            <g key={at}>
              <rect
                className={classes.wall}
                x={at}
                y={-top}
                width={WALL_IN}
                height={isDoor ? Math.max(4, top - line.doorHighIn) : top}
              />
              <rect
                className={classes.edge}
                x={at}
                y={-top}
                width={WALL_IN}
                height={isDoor ? Math.max(4, top - line.doorHighIn) : top}
              />
            </g>
          ))}
          <RigView components={evaluation.read(components)} view="driver" />
          {roundIn > 0 && (
            <path
              className={classes.clear}
              d={`M ${from + roundIn} 0 V ${-top} M ${to - roundIn} 0 V ${-top}`}
            />
          )}
          <line x1={from - WALL_IN} x2={to + WALL_IN} y1={0} y2={0} className={classes.edge} />
          <Across
            from={frontIn}
            to={rearIn}
            line={16 * px}
            start={2 * px}
            text={say(feetInches(lengthIn))}
            px={px}
          />
          <Across
            from={from}
            to={to}
            line={34 * px}
            start={2 * px}
            text={say(feetInches(bayLongIn))}
            px={px}
          />
          <Handle
            label="Length of the bay"
            said={feetInches(bayLongIn)}
            value={bayLongIn}
            within={field}
            inPerUnit={0.5}
            along="u"
            from={[to, 0]}
            to={[to, top]}
            px={px}
            onMove={(value) => onTry({ bayLongIn: Math.round(value) })}
          />
        </>
      )}
    </Sheet>
  );
}
