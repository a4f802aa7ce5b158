import { SegmentedControl } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { memo, useMemo } from 'react';
import type { Direction, Evaluation, Figures, Grip } from '#core/kernel';
import { axles } from '#core/subjects/chassis';
import { envelope } from '#core/truck';
import { feetInches } from '#core/units';
import { useUnits } from '../common';
import { layOut, Stage, VIEWS } from '../drawing';
import type { Arrangement } from '../drawing';
import { Scale } from '../scale';
import { SIDES } from '../subjects';
import { Over } from './Over';
import classes from './bench.module.css';

export const ARRANGEMENTS: Arrangement[] = ['driver', 'officer', 'top', 'front', 'rear', 'all'];
const LABELS = [
  ...(['driver', 'officer', 'top', 'front', 'rear'] as const).map((view) => ({
    value: view,
    label: VIEWS[view].label,
  })),
  { value: 'all', label: 'All' },
];

interface Props {
  evaluation: Evaluation;
  before: { key: number; evaluation: Evaluation; figures: Figures } | null;
  arrangement: Arrangement;
  onArrange: (arrangement: Arrangement) => void;
  pointedAt: readonly string[];
  open: string | null;
  onOpen: (id: string | null) => void;
  step: string;
  /** Whether something is dragged. */
  held: boolean;
  onMove: (grip: Grip, by: Partial<Record<Direction, number>>) => void;
  onLetGo: () => void;
  onSide: (side: string) => void;
}

/** Which views of the truck are shown. */
const Views = memo(({ arrangement, onArrange }: Pick<Props, 'arrangement' | 'onArrange'>) => (
  <SegmentedControl
    size="xs"
    aria-label="View"
    data={LABELS}
    value={arrangement}
    onChange={(value) => onArrange(value as Arrangement)}
  />
));

/** The drawing in the middle with the scale under it, its bars under the very axles. */
export const Drawing = memo(function Drawing({
  evaluation,
  before,
  arrangement,
  onArrange,
  pointedAt,
  open,
  onOpen,
  step,
  held,
  onMove,
  onLetGo,
  onSide,
}: Props) {
  const { say } = useUnits();
  const outside = evaluation.read(envelope);
  const { wheelbaseIn } = evaluation.read(axles);
  const { ref, width, height } = useElementSize();
  const picture = useMemo(
    () => (width > 0 && height > 0 ? layOut(outside, arrangement, width, height) : null),
    [outside, arrangement, width, height],
  );
  const side = picture?.placed.find(({ view }) => view === 'driver' || view === 'officer');
  const sign = side?.view === 'officer' ? -1 : 1;
  const pxOf = (x: number) => (side!.u + sign * x - picture!.viewBox.x) * picture!.scale;
  return (
    <div className={classes.middle}>
      <div className={classes.views}>
        <Views arrangement={arrangement} onArrange={onArrange} />
        <span
          className={classes.dims}
          title={
            outside.nextHighest
              ? say(
                  `Next highest: ${outside.nextHighest.name.toLowerCase()}, ${feetInches(outside.nextHighest.heightIn)}`,
                )
              : undefined
          }
        >
          <span className="figures">{say(feetInches(outside.lengthIn))}</span> long,{' '}
          <span className="figures">{say(feetInches(outside.heightIn))}</span> high (
          {say(outside.highest.name.toLowerCase())}),{' '}
          {SIDES.flatMap(({ id, name, summary }) =>
            summary
              ? [
                  <button
                    key={id}
                    type="button"
                    className={classes.price}
                    onClick={() => onSide(id)}
                    title={name}
                  >
                    <span className="figures">{summary(evaluation)}</span>
                  </button>,
                ]
              : [],
          )}
        </span>
      </div>
      <div className={classes.sheet} ref={ref}>
        {picture && <Stage evaluation={evaluation} picture={picture} pointedAt={pointedAt} />}
        {picture && (
          <Over
            evaluation={evaluation}
            before={before}
            picture={picture}
            step={step}
            held={held}
            withGrips={arrangement !== 'all'}
            onMove={onMove}
            onLetGo={onLetGo}
          />
        )}
      </div>
      <Scale
        evaluation={evaluation}
        axlesPx={side && arrangement !== 'all' ? { front: pxOf(0), rear: pxOf(wheelbaseIn), width } : null}
        before={before}
        open={open}
        onOpen={onOpen}
      />
    </div>
  );
});
