import type { Evaluation } from '#core/kernel';
import { BRIEF_FIELDS } from '#core/subjects/brief';
import type { LineOf } from '#core/subjects/brief';
import { axles } from '#core/subjects/chassis';
import { governingAt, leastAngles, roadOver } from '#core/subjects/grades';
import { standOn } from '#core/subjects/ride';
import { components, envelope } from '#core/truck';
import { formatPct } from '#core/units';
import { useUnits } from '../../common';
import { RigView } from '../../drawing';
import { Handle, Sheet, siteClasses as classes } from '../../site';

const degreesOf = (radians: number): number => (radians * 180) / Math.PI;
/** How much of the road is shown before and behind, in. */
const ROAD_IN = 130;
/** How far the next grade is held by hand, in. */
const HELD_IN = 100;
const { toPct } = BRIEF_FIELDS.changes.fields;

/** The truck, driving to the left, where one grade becomes another. */
export function ChangeSheet({
  evaluation,
  line,
  shift,
  onTry,
}: {
  evaluation: Evaluation;
  line: LineOf<'changes'>;
  /** How far it has driven on from where it comes nearest to the road, in. */
  shift: number;
  onTry: (change: Partial<LineOf<'changes'>>) => void;
}) {
  const { say } = useUnits();
  const { wheelbaseIn } = evaluation.read(axles);
  const { frontIn, rearIn, heightIn } = evaluation.read(envelope);
  const governing = governingAt(line, evaluation.read(leastAngles), evaluation.read(axles));
  const ground = roadOver(line);
  const at = (governing?.frontIn ?? 0) - shift;
  const { frontZIn, tipped } = standOn(ground, at, wheelbaseIn);
  const [u0, u1] = [
    Math.min(at + frontIn, -wheelbaseIn) - ROAD_IN,
    Math.max(at + rearIn, wheelbaseIn) + ROAD_IN,
  ];
  const [left, right] = [ground(u0), ground(u1)];
  const v0 = Math.min(0, left, right);
  const v1 = Math.max(0, left, right) + heightIn + 12;
  return (
    <Sheet
      space={{ u0, u1, v0, v1 }}
      heightPx={380}
      label={say(
        `The truck where ${formatPct(line.fromPct)} become ${formatPct(line.toPct)}, at ${line.name}`,
      )}
    >
      {(px) => (
        <>
          <path
            className={classes.wall}
            d={`M ${u0} ${-left} L 0 0 L ${u1} ${-right} V ${-v0 + 24 * px} H ${u0} Z`}
          />
          <path className={classes.edge} d={`M ${u0} ${-left} L 0 0 L ${u1} ${-right}`} />
          <g transform={`translate(${at} ${-frontZIn}) rotate(${-degreesOf(tipped)})`}>
            <RigView components={evaluation.read(components)} view="driver" />
            {governing && (
              <circle className={classes.high} cx={governing.xIn} cy={-governing.of.heightIn} r={8 * px} />
            )}
          </g>
          <Handle
            label="Grade after the change"
            said={formatPct(line.toPct)}
            value={line.toPct}
            within={toPct}
            inPerUnit={HELD_IN / 100}
            along="v"
            from={[-HELD_IN - 14 * px, ground(-HELD_IN)]}
            to={[-HELD_IN + 14 * px, ground(-HELD_IN)]}
            px={px}
            onMove={(value) => onTry({ toPct: Math.round(value) })}
          />
          <text x={u0 + 8 * px} y={-v1 + 12 * px} fontSize={12 * px} className={classes.note}>
            {say(`${formatPct(line.fromPct)} before, ${formatPct(line.toPct)} after; driving to the left`)}
          </text>
        </>
      )}
    </Sheet>
  );
}
