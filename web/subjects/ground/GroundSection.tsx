import { BRIEF_FIELDS, counting } from '#core/subjects/brief';
import type { LineOf } from '#core/subjects/brief';
import { ground, slopeAt } from '#core/subjects/ground';
import { inService } from '#core/subjects/weights';
import { components, envelope } from '#core/truck';
import { degrees, formatPct } from '#core/units';
import { sectionClasses, StatusMark, useUnits } from '../../common';
import { RigView } from '../../drawing';
import { useSession } from '../../session';
import {
  Checks,
  Handle,
  Margins,
  NothingSaid,
  Place,
  Sheet,
  siteClasses as classes,
  useTrial,
} from '../../site';

const slopes = counting('slopes');
const { acrossPct: field } = BRIEF_FIELDS.slopes.fields;
/** How much ground is shown on each side, and how far out the slope is held, in. */
const SIDE_IN = 150;
const HELD_IN = 110;
const radians = (deg: number): number => (deg * Math.PI) / 180;

/** A ray of the ground at an angle, with what it stands for. */
function Ray({ deg, text, px }: { deg: number; text: string; px: number }) {
  const far = SIDE_IN * 0.98;
  const [u, v] = [far * Math.cos(radians(deg)), far * Math.sin(radians(deg))];
  return (
    <>
      <line x1={0} y1={0} x2={u} y2={-v} className={classes.clear} />
      <text x={u + 4 * px} y={-v + 4 * px} fontSize={12 * px} className={classes.told}>
        {text}
      </text>
    </>
  );
}

/** The truck from behind on a side slope, with what is advised and where it is estimated to roll over. */
function SlopeSheet({ line, onTry }: { line: LineOf<'slopes'>; onTry: (pct: number) => void }) {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const { actual: estimateDeg, comfort: advisedDeg, limit: slopeDeg } = evaluation.read(slopeAt)(line);
  const { heightIn } = evaluation.read(envelope);
  const { cg } = evaluation.read(inService).weights;
  const slope = radians(slopeDeg);
  const fall = SIDE_IN * (line.acrossPct / 100);
  return (
    <Sheet
      space={{ u0: -SIDE_IN, u1: SIDE_IN + 60, v0: -fall, v1: Math.max(heightIn + 30, fall + 10) }}
      heightPx={420}
      label={say(`The truck from behind on a slope of ${formatPct(line.acrossPct)} across`)}
    >
      {(px) => (
        <>
          <path
            className={classes.wall}
            d={`M ${-SIDE_IN} ${fall} L ${SIDE_IN} ${-fall} V ${fall + 16 * px} H ${-SIDE_IN} Z`}
          />
          <path className={classes.edge} d={`M ${-SIDE_IN} ${fall} L ${SIDE_IN} ${-fall}`} />
          <Ray deg={advisedDeg} text={say(`advised up to ${degrees(advisedDeg)}`)} px={px} />
          <Ray deg={estimateDeg} text={say(`rolls over, estimated ${degrees(estimateDeg)}`)} px={px} />
          <g transform={`rotate(${-slopeDeg})`}>
            <RigView components={evaluation.read(components)} view="rear" />
            <circle cx={cg.yIn} cy={-cg.zIn} r={5 * px} className={classes.mark} data-first="true" />
          </g>
          <line
            className={classes.high}
            x1={cg.yIn * Math.cos(slope) - cg.zIn * Math.sin(slope)}
            x2={cg.yIn * Math.cos(slope) - cg.zIn * Math.sin(slope)}
            y1={-(cg.zIn * Math.cos(slope) + cg.yIn * Math.sin(slope))}
            y2={fall}
          />
          <Handle
            label="Slope across"
            said={formatPct(line.acrossPct)}
            value={line.acrossPct}
            within={field}
            inPerUnit={HELD_IN / 100}
            along="v"
            from={[HELD_IN - 12 * px, HELD_IN * (line.acrossPct / 100)]}
            to={[HELD_IN + 12 * px, HELD_IN * (line.acrossPct / 100)]}
            px={px}
            onMove={(value) => onTry(Math.round(value))}
          />
        </>
      )}
    </Sheet>
  );
}

/** The truck off the road: on a side slope, on soft ground, and what its driver can't see ahead. */
export function GroundSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const at = evaluation.read(slopeAt);
  const trial = useTrial(evaluation.read(slopes), (one) => at(one).margin);
  const { line } = trial;
  const told = ['softGround', 'blindAhead'].flatMap((id) => evaluation.finding(id) ?? []);
  return (
    <>
      <p className={sectionClasses.caution}>{ground.caution}</p>
      {line ? (
        <>
          <Place label="Side slope" of={trial} />
          <Margins places={[['Slope', at(line)]]} />
          <SlopeSheet line={line} onTry={(acrossPct) => trial.attempt({ acrossPct })} />
        </>
      ) : (
        <NothingSaid of="a side slope" />
      )}
      {told.map((finding) => (
        <p key={finding.id} className={sectionClasses.says}>
          <StatusMark status={finding.status} /> <b>{finding.title}.</b> {say(finding.words)}
        </p>
      ))}
      <Checks ids={['sideSlope', 'softGround']} />
    </>
  );
}
