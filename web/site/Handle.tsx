import type { KeyboardEvent } from 'react';
import { useHold, useUnits } from '../common';
import classes from './site.module.css';

/** How far an arrow moves it, and with shift, in its own unit. */
const STEPS = { plain: 1, shift: 6 };

/** Something of the site that a hand can drag: a wall, a lintel, a curb, a water level. */
export function Handle({
  label,
  said,
  value,
  within,
  inPerUnit = 1,
  along,
  outward = 1,
  from,
  to,
  px,
  onMove,
}: {
  label: string;
  /** The value in words, with its quantity in place. */
  said: string;
  value: number;
  /** The field of the brief that bounds it. */
  within: { min: number; max: number };
  /** Inches of the picture for one of its unit. */
  inPerUnit?: number;
  /** Which way it moves: to the sides, or up and down. */
  along: 'u' | 'v';
  /** 1 where more is to the right or up. */
  outward?: 1 | -1;
  /** Its line in the picture, in, v up. */
  from: [number, number];
  to: [number, number];
  px: number;
  onMove: (value: number) => void;
}) {
  const { say } = useUnits();
  const { min, max } = within;
  const take = (next: number) => onMove(Math.min(max, Math.max(min, next)));
  const hold = useHold({
    onTake: () => value,
    onMove: (from, right, up) => {
      const moved = ((along === 'u' ? right : up) * px * outward) / inPerUnit;
      // By hand to the quarter of an inch, or of a foot to the tenth.
      const step = inPerUnit === 1 ? 0.25 : 0.1;
      take(Math.round((from + moved) / step) * step);
    },
  });
  const key = (event: KeyboardEvent) => {
    const ways: Record<string, number> =
      along === 'u'
        ? { ArrowRight: outward, ArrowLeft: -outward }
        : { ArrowUp: outward, ArrowDown: -outward };
    const way = ways[event.key];
    if (way === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    take(value + way * (event.shiftKey ? STEPS.shift : STEPS.plain));
  };
  const middle: [number, number] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const r = 7 * px;
  const arrow = along === 'u' ? 0 : 90;
  return (
    <g
      className={classes.handle}
      data-along={along}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={value}
      aria-valuetext={say(said)}
      aria-orientation={along === 'u' ? 'horizontal' : 'vertical'}
      onKeyDown={key}
      {...hold}
    >
      <line
        x1={from[0]}
        y1={-from[1]}
        x2={to[0]}
        y2={-to[1]}
        className={classes.handleArea}
        strokeWidth={18}
      />
      <line x1={from[0]} y1={-from[1]} x2={to[0]} y2={-to[1]} className={classes.handleLine} />
      <g transform={`translate(${middle[0]} ${-middle[1]}) rotate(${arrow})`}>
        <circle r={r} className={classes.handleMark} />
        <path
          d={`M ${-r * 0.7} 0 l ${r * 0.45} ${-r * 0.4} v ${r * 0.8} z M ${r * 0.7} 0 l ${-r * 0.45} ${-r * 0.4} v ${r * 0.8} z`}
          className={classes.handleArrow}
        />
      </g>
    </g>
  );
}
