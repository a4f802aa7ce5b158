import type { Evaluation } from '#core/kernel';
import { BRIEF_FIELDS } from '#core/subjects/brief';
import type { LineOf } from '#core/subjects/brief';
import { postedGrossLb } from '#core/subjects/bridges';
import type { OnAxles } from '#core/subjects/bridges';
import { unladen } from '#core/subjects/ride';
import { components, envelope } from '#core/truck';
import { feetInches, IN_PER_FT, lb } from '#core/units';
import { useUnits } from '../../common';
import { Across, LoadArrow, RigView, Upright } from '../../drawing';
import { Handle, Sheet, siteClasses as classes } from '../../site';

/** A span that nobody gave is drawn so long, ft; road beside it, its deck, and the gap under it, in. */
const USUAL_SPAN_FT = 40;
const ROAD_IN = 120;
const DECK_IN = 18;
const GAP_IN = 70;
/** Longest arrow of a load, px. */
const ARROW_PX = 40;
const { clearIn: field } = BRIEF_FIELDS.bridges.fields;

/** The second axle of a tandem: what it carries stands to its right, that of the others to their left. */
const isCloseBehind = ({ axles }: OnAxles, i: number): boolean => axles.length > 2 && i === axles.length - 1;

/** The truck over a span from the side, its axle loads under the deck, and the roof of a covered bridge. */
export function BridgeSheet({
  evaluation,
  line,
  state,
  along,
  onTry,
}: {
  evaluation: Evaluation;
  line: LineOf<'bridges'>;
  state: OnAxles;
  /** Where the truck is, from -100 to 100: in the middle at 0. */
  along: number;
  onTry: (change: Partial<LineOf<'bridges'>>) => void;
}) {
  const { say } = useUnits();
  const { frontIn, rearIn, heightIn } = evaluation.read(envelope);
  const highest = evaluation.read(unladen);
  const half = ((line.spanFt ?? USUAL_SPAN_FT) * IN_PER_FT) / 2;
  const reach = Math.max(half, (rearIn - frontIn) / 2) + ROAD_IN;
  const at = -(along / 100) * half - (frontIn + rearIn) / 2;
  const top = Math.max(heightIn, line.clearIn ?? 0) + 22;
  const most = Math.max(...state.axles.map(({ loadLb }) => loadLb));
  const { clearIn } = line;
  const posted = postedGrossLb(line, state.axles.length);
  return (
    <Sheet
      space={{ u0: -reach, u1: reach, v0: -DECK_IN - GAP_IN, v1: top }}
      heightPx={400}
      label={say(`The truck on ${line.name}, over a span of ${feetInches(half * 2)}`)}
    >
      {(px) => (
        <>
          {[-1, 1].map((side) => (
            <rect
              key={side}
              className={classes.wall}
              x={side < 0 ? -reach : half}
              y={0}
              width={reach - half}
              height={DECK_IN + GAP_IN}
            />
          ))}
          <path
            className={classes.edge}
            d={`M ${-reach} 0 H ${reach} M ${-half} ${DECK_IN + GAP_IN} V ${DECK_IN} H ${half} V ${DECK_IN + GAP_IN}`}
          />
          <g transform={`translate(${at} 0)`}>
            <RigView components={evaluation.read(components)} view="driver" />
            {state.axles.map(({ xIn, loadLb }, i) => (
              <g key={xIn} transform={`translate(0 ${DECK_IN})`}>
                <LoadArrow u={xIn} length={(ARROW_PX * px * loadLb) / most} head={7 * px} over={false} />
                <text
                  x={xIn + (isCloseBehind(state, i) ? 8 : -8) * px}
                  textAnchor={isCloseBehind(state, i) ? 'start' : 'end'}
                  y={((ARROW_PX * loadLb) / most) * px}
                  fontSize={11 * px}
                  className={classes.figure}
                >
                  {say(lb(loadLb))}
                </text>
              </g>
            ))}
          </g>
          {clearIn !== undefined && (
            <>
              <rect className={classes.wall} x={-half} y={-clearIn - 12} width={2 * half} height={12} />
              <path
                className={classes.edge}
                d={`M ${-half} 0 V ${-clearIn - 12} H ${half} V 0 M ${-half} ${-clearIn} H ${half}`}
              />
              {(line.aboveIn ?? 0) > 0 && (
                <path className={classes.clear} d={`M ${-half} ${-clearIn + line.aboveIn!} H ${half}`} />
              )}
              {highest && <path className={classes.high} d={`M ${-half} ${-highest.zIn} H ${half}`} />}
              <Upright
                from={-clearIn}
                to={0}
                line={reach + 6 * px}
                start={half}
                text={say(feetInches(clearIn))}
                px={px}
              />
              <Handle
                label="Clear height of the bridge"
                said={feetInches(clearIn)}
                value={clearIn}
                within={field}
                along="v"
                from={[-half, clearIn]}
                to={[half, clearIn]}
                px={px}
                onMove={(value) => onTry({ clearIn: value })}
              />
            </>
          )}
          <Across
            from={-half}
            to={half}
            line={DECK_IN + GAP_IN - 6 * px}
            start={DECK_IN + GAP_IN - 20 * px}
            text={say(feetInches(2 * half))}
            px={px}
          />
          {posted !== undefined && (
            <g transform={`translate(${-reach + 34 * px} ${-52 * px})`}>
              <rect
                className={classes.sign}
                x={-40 * px}
                y={-22 * px}
                width={80 * px}
                height={40 * px}
                rx={3 * px}
              />
              <text textAnchor="middle" fontSize={10 * px} y={-8 * px} className={classes.note}>
                posted
              </text>
              <text textAnchor="middle" fontSize={12 * px} y={10 * px} className={classes.figure}>
                {say(lb(posted))}
              </text>
              <path className={classes.edge} d={`M 0 ${18 * px} V ${52 * px}`} />
            </g>
          )}
        </>
      )}
    </Sheet>
  );
}
