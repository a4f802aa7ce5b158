import { SegmentedControl } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { memo, useMemo } from 'react';
import { moneyOf } from '#core/review';
import type { CheckId, Evaluation, Measure } from '#core/review';
import type { Rig } from '#core/rig';
import { feetInches, formatMoney } from '#core/units';
import { useUnits } from '../common';
import type { Axis, Grip } from '#core/study';
import { GripLayer, layOut, Stage, VIEWS } from '../drawing';
import type { Arrangement } from '../drawing';
import { Scale } from '../scale';
import classes from './bench.module.css';

export const ARRANGEMENTS: Arrangement[] = ['driver', 'officer', 'top', 'front', 'rear', 'all'];
const LABELS = [...(['driver', 'officer', 'top', 'front', 'rear'] as const).map((view) => ({ value: view, label: VIEWS[view].label })), { value: 'all', label: 'All' }];

interface Props {
  evaluation: Evaluation;
  before: { key: number; rig: Rig; measure: Measure } | null;
  arrangement: Arrangement;
  onArrange: (arrangement: Arrangement) => void;
  pointedAt: readonly string[];
  open: CheckId | null;
  onOpen: (id: CheckId) => void;
  grips: Grip[];
  onMove: (grip: Grip, by: Partial<Record<Axis, number>>) => void;
  onLetGo: () => void;
  onMoney: () => void;
}

/** Which views of the truck are shown. */
const Views = memo(({ arrangement, onArrange }: Pick<Props, 'arrangement' | 'onArrange'>) => (
  <SegmentedControl size="xs" aria-label="View" data={LABELS} value={arrangement} onChange={(value) => onArrange(value as Arrangement)} />
));

/** The drawing in the middle with the scale under it, its bars under the very axles. */
export function Drawing({ evaluation, before, arrangement, onArrange, pointedAt, open, onOpen, grips, onMove, onLetGo, onMoney }: Props) {
  const { say } = useUnits();
  const { rig, envelope, states } = evaluation;
  const { ref, width, height } = useElementSize();
  const picture = useMemo(() => (width > 0 && height > 0 ? layOut(envelope, arrangement, width, height) : null), [envelope, arrangement, width, height]);
  const side = picture?.placed.find(({ view }) => view === 'driver' || view === 'officer');
  const sign = side?.view === 'officer' ? -1 : 1;
  const pxOf = (x: number) => (side!.u + sign * x - picture!.viewBox.x) * picture!.scale;
  return (
    <div className={classes.middle}>
      <div className={classes.views}>
        <Views arrangement={arrangement} onArrange={onArrange} />
        <span className={classes.dims} title={envelope.nextHighest ? say(`Next highest: ${envelope.nextHighest.name.toLowerCase()}, ${feetInches(envelope.nextHighest.heightIn)}`) : undefined}>
          <span className="figures">{say(feetInches(envelope.lengthIn))}</span> long, <span className="figures">{say(feetInches(envelope.heightIn))}</span> high ({say(envelope.highest.name.toLowerCase())}), <button type="button" className={classes.price} onClick={onMoney} title="Money: what it costs, step by step"><span className="figures">{formatMoney(moneyOf(rig).totalCents)}</span></button>
        </span>
      </div>
      <div className={classes.sheet} ref={ref}>
        {picture && <Stage rig={rig} envelope={envelope} inService={states[0]!} picture={picture} ghost={before} pointedAt={pointedAt} />}
        {picture && arrangement !== 'all' && <GripLayer picture={picture} grips={grips} onMove={onMove} onLetGo={onLetGo} />}
      </div>
      <Scale evaluation={evaluation} axlesPx={side && arrangement !== 'all' ? { front: pxOf(0), rear: pxOf(rig.axles.wheelbaseIn), width } : null} before={before} open={open} onOpen={onOpen} />
    </div>
  );
}
