import { memo } from 'react';
import type { KeyboardEvent } from 'react';
import type { Box, Direction, Grip } from '#core/kernel';
import { useHold, useUnits } from '../common';
import classes from './drawing.module.css';
import { VIEWS } from './view';
import type { ViewId } from './view';

export interface GripsProps {
  grips: Grip[];
  /** A grip as it stands now, for one that was drawn before. */
  latest: (grip: Grip) => Grip;
  /** A grip was moved, from where it was taken hold of. */
  onMove: (grip: Grip, by: Partial<Record<Direction, number>>) => void;
  onLetGo: () => void;
}

/** Which way of the truck a view's right and up are. */
const RIGHT: Record<ViewId, [Direction, 1 | -1]> = {
  driver: ['x', 1],
  officer: ['x', -1],
  top: ['x', 1],
  front: ['y', -1],
  rear: ['y', 1],
};
const UP: Record<ViewId, [Direction, 1 | -1]> = {
  driver: ['z', 1],
  officer: ['z', 1],
  top: ['y', 1],
  front: ['z', 1],
  rear: ['z', 1],
};

/** From where a view looks, as grips say it. */
const SEEN_FROM: Record<ViewId, readonly Grip['from'][]> = {
  driver: ['sides', 'left'],
  officer: ['sides', 'right'],
  top: ['above'],
  front: ['front'],
  rear: ['rear'],
};

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

interface GripViewProps extends Omit<GripsProps, 'grips'> {
  grip: Grip;
  view: ViewId;
  px: number;
}

const GripView = memo(function GripView({ grip: drawn, latest, view, px, onMove, onLetGo }: GripViewProps) {
  const { say } = useUnits();
  const [right, rightSign] = RIGHT[view];
  const [up, upSign] = UP[view];
  const can = (direction: Direction) => drawn.directions.includes(direction);
  const move = (from: Grip, u: number, v: number) =>
    onMove(from, {
      ...(can(right) ? { [right]: rightSign * u } : {}),
      ...(can(up) ? { [up]: upSign * v } : {}),
    });
  const hold = useHold({
    onTake: () => latest(drawn),
    onMove: (from, toRight, toUp) => move(from, toRight * px, toUp * px),
    onLetGo: () => onLetGo(),
  });
  if ((!can(right) && !can(up)) || (drawn.from && !SEEN_FROM[view].includes(drawn.from))) return null;

  const press = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (!step || event.altKey || event.metaKey || event.ctrlKey) return;
    event.preventDefault();
    const by = event.shiftKey ? 10 : 1;
    move(latest(drawn), step[0] * by, step[1] * by);
  };
  const { u0, u1, v0, v1 } = VIEWS[view].flat(drawn.box);
  // The mark of something long stands toward its front, clear of what stands beside its middle.
  const long = Math.abs(u1 - u0) > 40;
  const [x, y] = [long ? u0 + (u1 - u0) * (view === 'officer' ? 0.78 : 0.22) : (u0 + u1) / 2, -(v0 + v1) / 2];
  const arrow = (turn: number) => <path d="M 13 0 l -6 -4 l 0 8 z" transform={`rotate(${turn})`} />;
  return (
    <g
      {...hold}
      className={classes.grip}
      role="slider"
      tabIndex={0}
      aria-label={`Move: ${say(drawn.title)}`}
      aria-valuemin={drawn.ends.min}
      aria-valuemax={drawn.ends.max}
      aria-valuenow={drawn.atIn}
      aria-valuetext={say(drawn.at)}
      onKeyDown={press}
      onBlur={onLetGo}
      data-ways={can(right) && can(up) ? 'both' : can(right) ? 'right' : 'up'}
    >
      <rect
        x={Math.min(u0, u1)}
        y={-Math.max(v0, v1)}
        width={Math.max(Math.abs(u1 - u0), 6 * px)}
        height={Math.max(Math.abs(v1 - v0), 6 * px)}
        className={classes.gripArea}
      />
      <g transform={`translate(${x} ${y}) scale(${px})`} className={classes.gripMark}>
        <circle r={5} />
        {can(right) && (
          <>
            {arrow(0)}
            {arrow(180)}
          </>
        )}
        {can(up) && (
          <>
            {arrow(90)}
            {arrow(270)}
          </>
        )}
      </g>
    </g>
  );
}, looksTheSame);

/** Whether a grip looks the same: where it is taken hold of, and what it says. */
function looksTheSame(before: GripViewProps, after: GripViewProps): boolean {
  const [a, b] = [before.grip, after.grip];
  return (
    before.view === after.view &&
    before.px === after.px &&
    before.latest === after.latest &&
    before.onMove === after.onMove &&
    before.onLetGo === after.onLetGo &&
    a.title === b.title &&
    a.at === b.at &&
    a.atIn === b.atIn &&
    a.ends.min === b.ends.min &&
    a.ends.max === b.ends.max &&
    String(a.directions) === String(b.directions) &&
    (Object.keys(b.box) as (keyof Box)[]).every((key) => a.box[key] === b.box[key])
  );
}

/** What can be moved by hand, over a view of the drawing; by the arrow keys as well. */
export const Grips = ({ grips, ...rest }: GripsProps & { view: ViewId; px: number }) => (
  <g>
    {grips.map((grip) => (
      <GripView key={grip.id} grip={grip} {...rest} />
    ))}
  </g>
);
