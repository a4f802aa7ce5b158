import type { Evaluation } from '#core/kernel';
import { BRIEF_FIELDS } from '#core/subjects/brief';
import type { LineOf } from '#core/subjects/brief';
import { turn } from '#core/subjects/streets';
import type { Corner, Laid, Swept } from '#core/subjects/streets';
import { components } from '#core/truck';
import { feetInches, IN_PER_FT } from '#core/units';
import { useUnits } from '../../common';
import { Across, RigView, Upright } from '../../drawing';
import { Handle, Sheet, siteClasses as classes } from '../../site';

const inFeet = (ft: number): string => feetInches(ft * IN_PER_FT);

/** How far the streets are shown beyond the corner, and how thick the houses, in. */
const SHOWN_IN = 460;
const HOUSE_IN = 40;
/** Of the places on its way, every so many are drawn. */
const EVERY = 5;
const { fromFt, intoFt, insideFt } = BRIEF_FIELDS.corners.fields;

/** The corner from above: what the truck sweeps over, and the truck on its way. */
export function CornerSheet({
  evaluation,
  line,
  corner,
  laid,
  along,
  onTry,
}: {
  evaluation: Evaluation;
  line: LineOf<'corners'>;
  corner: Corner;
  laid: Laid & { swept: Swept };
  /** Where the truck is on its way, from 0 to 1. */
  along: number;
  onTry: (change: Partial<LineOf<'corners'>>) => void;
}) {
  const { say } = useUnits();
  const [west, north] = [-corner.approachWidthFt * IN_PER_FT, corner.exitWidthFt * IN_PER_FT];
  const r = corner.insideRadiusFt * IN_PER_FT;
  const { wheelbaseIn } = evaluation.read(turn);
  const { swept, de, dn } = laid;
  const pose = swept.poses[Math.round(along * (swept.poses.length - 1))]!;
  const [sin, cos] = [Math.sin(pose.heading), Math.cos(pose.heading)];
  const [e, n] = [pose.e + de, pose.n + dn];
  const space = { u0: west - HOUSE_IN, u1: SHOWN_IN, v0: -SHOWN_IN, v1: north + HOUSE_IN };
  const [u1, v0] = [space.u1, space.v0];
  return (
    <Sheet
      space={space}
      heightPx={520}
      label={say(
        `The truck from above on its way from ${inFeet(corner.approachWidthFt)} into ${inFeet(corner.exitWidthFt)}`,
      )}
    >
      {(px) => (
        <>
          <clipPath id="corner-shown">
            <rect x={space.u0} y={-space.v1} width={space.u1 - space.u0} height={space.v1 - space.v0} />
          </clipPath>
          <path
            className={classes.wall}
            d={`M ${west - HOUSE_IN} ${-v0} V ${-north - HOUSE_IN} H ${u1} V ${-north} H ${west} V ${-v0} Z`}
          />
          <path
            className={classes.wall}
            d={`M 0 ${-v0} V ${r} A ${r} ${r} 0 0 1 ${r} 0 H ${u1} V ${-v0} Z`}
          />
          <path className={classes.edge} d={`M ${west} ${-v0} V ${-north} H ${u1}`} />
          <path className={classes.edge} d={`M 0 ${-v0} V ${r} A ${r} ${r} 0 0 1 ${r} 0 H ${u1}`} />
          <g clipPath="url(#corner-shown)">
            {swept.outlines
              .filter((_, i) => i % EVERY === 0)
              .map((outline, i) => (
                <polygon
                  key={i}
                  className={classes.swept}
                  points={outline.map(([x, y]) => `${x + de},${-(y + dn)}`).join(' ')}
                />
              ))}
            <g
              transform={`matrix(${-sin} ${cos} ${-cos} ${-sin} ${e + wheelbaseIn * sin} ${-n - wheelbaseIn * cos})`}
            >
              <RigView components={evaluation.read(components)} view="top" />
            </g>
          </g>
          <Across
            from={west}
            to={0}
            line={-v0 + 16 * px}
            start={-v0}
            text={say(inFeet(corner.approachWidthFt))}
            px={px}
          />
          <Upright
            from={-north}
            to={0}
            line={u1 + 18 * px}
            start={u1}
            text={say(inFeet(corner.exitWidthFt))}
            px={px}
          />
          <Handle
            label="Width that the truck comes from"
            said={inFeet(line.fromFt)}
            value={line.fromFt}
            within={fromFt}
            inPerUnit={IN_PER_FT}
            along="u"
            outward={-1}
            from={[west, v0]}
            to={[west, -40]}
            px={px}
            onMove={(value) => onTry({ fromFt: value })}
          />
          <Handle
            label="Width that the truck turns into"
            said={inFeet(line.intoFt)}
            value={line.intoFt}
            within={intoFt}
            inPerUnit={IN_PER_FT}
            along="v"
            from={[40, north]}
            to={[u1, north]}
            px={px}
            onMove={(value) => onTry({ intoFt: value })}
          />
          <Handle
            label="Radius of the inside curb"
            said={inFeet(line.insideFt)}
            value={line.insideFt}
            within={insideFt}
            inPerUnit={IN_PER_FT * (1 - Math.SQRT1_2)}
            along="u"
            from={[r * (1 - Math.SQRT1_2) - 4, -r * (1 - Math.SQRT1_2) - 4]}
            to={[r * (1 - Math.SQRT1_2) + 4, -r * (1 - Math.SQRT1_2) + 4]}
            px={px}
            onMove={(value) => onTry({ insideFt: value })}
          />
        </>
      )}
    </Sheet>
  );
}
