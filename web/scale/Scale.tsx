import { memo, useMemo } from 'react';
import { marginOf } from '#core/kernel';
import type { Evaluation, Figures } from '#core/kernel';
import { inService, payloadInShort, payloadLeft } from '#core/subjects/weights';
import { bare, change, formatPct, inches, lb } from '#core/units';
import { useFollowing, useUnits } from '../common';
import { Bar } from './Bar';
import { SaidLoads } from './SaidLoads';
import classes from './scale.module.css';

const BAR_PX = 236;
const EDGE_PX = 10;

export interface ScaleProps {
  evaluation: Evaluation;
  /** Where the axles stand across the drawing, px; null where the drawing shows no side. */
  axlesPx: { front: number; rear: number; width: number } | null;
  before: { key: number; figures: Figures } | null;
  open: string | null;
  /** Opens a check, or the list of all of them. */
  onOpen: (id: string | null) => void;
}

const LOADS = ['frontAxle', 'rearAxle', 'gross'];
const SIDES = ['sideFront', 'sideRear'];
const ROLL = 'roll';
/** What has a bar of its own. */
const SHOWN = [...LOADS, ...SIDES, ROLL];

/**
 * What may still be loaded, and how many checks there are beside those of the bars: both follow when these are
 * drawn.
 */
const Foot = memo(({ evaluation: now, onOpen }: Pick<ScaleProps, 'evaluation' | 'onOpen'>) => {
  const { say } = useUnits();
  const evaluation = useFollowing(now);
  const { findings } = evaluation;
  const left = evaluation.read(payloadLeft);
  const others = findings.filter(({ id, status }) => status !== 'holds' && !SHOWN.includes(id));
  return (
    <p className={classes.foot}>
      <span>
        Payload left:{' '}
        {left.map(({ place, ...payload }, i) => (
          <span key={place}>
            {i > 0 && ', '}
            {place.toLowerCase()} <b className="figures">{say(payloadInShort(payload))}</b>
          </span>
        ))}
      </span>
      <button type="button" className={classes.all} onClick={() => onOpen(null)}>
        {others.length === 0
          ? `All ${findings.length} checks`
          : `All ${findings.length} checks, ${others.length} more to look at`}
      </button>
    </p>
  );
});

/**
 * The scale: axle loads under the very axles, gross, sides and height of the center of gravity. Always in
 * sight.
 */
export function Scale({ evaluation, axlesPx, before, open, onOpen }: ScaleProps) {
  const { say } = useUnits();
  const find = (id: string) => evaluation.finding(id);
  const now = evaluation.read(inService).weights;
  const load = (id: string, was: number | undefined, is: number, upper: number) => {
    const finding = find(id)!;
    const changed = was !== undefined && Math.round(is - was) !== 0;
    return {
      title: say(finding.title),
      status: finding.status,
      actual: finding.actual,
      limit: finding.limit,
      upper: Math.max(finding.actual, upper),
      figures: say(`${bare(lb(finding.actual))} of ${lb(finding.limit)}`),
      left: say(marginOf(finding)),
      ...(changed ? { before: was, change: say(change(lb(is - was))) } : {}),
      onOpen: () => onOpen(id),
      open: open === id,
    };
  };
  const front = load('frontAxle', before?.figures['front'], now.front.loadLb, now.front.load95Lb);
  const rear = load('rearAxle', before?.figures['rear'], now.rear.loadLb, now.rear.load95Lb);
  const gross = load('gross', before?.figures['gross'], now.totalLb, now.total95Lb);

  const place = (center: number) => {
    const leftPx = Math.max(EDGE_PX, Math.min(axlesPx!.width - BAR_PX - EDGE_PX, center - BAR_PX / 2));
    return { left: leftPx, width: BAR_PX, '--foot': `${center - leftPx}px` };
  };
  // Two bars never lie over each other, however short the truck is drawn.
  const apart = axlesPx && Math.abs(axlesPx.rear - axlesPx.front) > BAR_PX + 8;
  const sides = SIDES.map(find).filter((finding) => finding !== null);
  const roll = find(ROLL);
  const loads = useMemo(() => LOADS.map((id) => evaluation.finding(id)!), [evaluation]);

  return (
    <section className={classes.scale} aria-label="Scale">
      <SaidLoads loads={loads} />
      <div className={classes.axles} data-stacked={!apart}>
        <div className={classes.axle} style={apart ? place(axlesPx.front) : undefined}>
          <Bar {...front} />
        </div>
        <div className={classes.axle} style={apart ? place(axlesPx.rear) : undefined}>
          <Bar {...rear} />
        </div>
      </div>
      <div className={classes.rest}>
        <Bar {...gross} />
        {sides.map((finding) => (
          <Bar
            key={finding.id}
            title={finding.title}
            status={finding.status}
            actual={finding.actual}
            limit={finding.limit}
            figures={`${formatPct(finding.actual)} of ${formatPct(finding.limit)}`}
            left=""
            onOpen={() => onOpen(finding.id)}
            open={open === finding.id}
          />
        ))}
        {roll && (
          <Bar
            title="Center of gravity"
            status={roll.status}
            actual={roll.actual}
            limit={roll.limit}
            figures={say(`${inches(now.cg.zIn)}, ${formatPct(roll.actual)}`)}
            left={roll.by ?? ''}
            onOpen={() => onOpen(ROLL)}
            open={open === ROLL}
          />
        )}
      </div>
      <Foot evaluation={evaluation} onOpen={onOpen} />
    </section>
  );
}
