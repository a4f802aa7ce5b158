import type { Evaluation } from '#core/kernel';
import { axles } from '#core/subjects/chassis';
import { standOn } from '#core/subjects/ride';
import { floorThrough, underLintelBy } from '#core/subjects/station';
import type { StationLine, Way } from '#core/subjects/station';
import { components, envelope } from '#core/truck';
import { feetInches, formatPct } from '#core/units';
import { useUnits } from '../../common';
import { RigView, Upright } from '../../drawing';
import { Sheet, siteClasses as classes } from '../../site';

const degreesOf = (radians: number): number => (radians * 180) / Math.PI;
const WALL_IN = 14;

/** The truck where its highest place is just under the lintel, on the floor and the ramp before the door. */
export function RampSheet({
  evaluation,
  line,
  rampPct,
  way,
}: {
  evaluation: Evaluation;
  line: StationLine;
  rampPct: number;
  way: Way;
}) {
  const { say } = useUnits();
  const { frontIn, rearIn, heightIn } = evaluation.read(envelope);
  const { wheelbaseIn } = evaluation.read(axles);
  const highest = evaluation.read(underLintelBy)(rampPct, way);
  if (!highest) return null;
  const ground = floorThrough(rampPct, way);
  const { frontIn: at, frontZIn, tipped } = standOn(ground, -highest.xIn, wheelbaseIn);
  const [u0, u1] = [at + frontIn - 30, at + rearIn + 30];
  const [left, right] = [ground(u0), ground(u1)];
  const v0 = Math.min(0, left, right);
  const v1 = Math.max(line.doorHighIn + 16, heightIn + Math.max(0, left, right) + 12);
  return (
    <Sheet
      space={{ u0, u1, v0, v1 }}
      heightPx={300}
      label={say(`The truck on the threshold of ${line.name}, ${formatPct(rampPct)} before the door`)}
    >
      {(px) => (
        <>
          <path
            className={classes.wall}
            d={`M ${u0} ${-left} L 0 0 L ${u1} ${-right} V ${-v0 + 20 * px} H ${u0} Z`}
          />
          <path className={classes.edge} d={`M ${u0} ${-left} L 0 0 L ${u1} ${-right}`} />
          <g transform={`translate(${at} ${-frontZIn}) rotate(${-degreesOf(tipped)})`}>
            <RigView components={evaluation.read(components)} view="driver" />
          </g>
          <rect
            className={classes.wall}
            x={-WALL_IN / 2}
            y={-v1}
            width={WALL_IN}
            height={Math.max(2, v1 - line.doorHighIn)}
          />
          <rect
            className={classes.edge}
            x={-WALL_IN / 2}
            y={-v1}
            width={WALL_IN}
            height={Math.max(2, v1 - line.doorHighIn)}
          />
          <Upright
            from={-line.doorHighIn}
            to={0}
            line={(way === 'tail' ? u1 : u0) + (way === 'tail' ? 12 : -12) * px}
            start={0}
            text={say(feetInches(line.doorHighIn))}
            px={px}
          />
        </>
      )}
    </Sheet>
  );
}
