import type { Status } from '#core/kernel';
import { StatusMark, statusColor } from '../common';
import classes from './scale.module.css';

/** The bar goes past its limit, so that an overload has room to show. */
const REACH = 1.25;

interface BarProps {
  title: string;
  status: Status;
  /** Load, limit and the load not exceeded at 95 %, all in one unit. */
  actual: number;
  limit: number;
  upper?: number;
  before?: number;
  /** The figures in words: load and what is left. */
  figures: string;
  left: string;
  change?: string;
  onOpen: () => void;
  open: boolean;
}

const share = (value: number, limit: number) => `${Math.max(0, Math.min(1, value / limit / REACH)) * 100}%`;

/** One reading of the scale: a bar against its limit, with its certainty and what it was before. */
export function Bar({
  title,
  status,
  actual,
  limit,
  upper,
  before,
  figures,
  left,
  change,
  onOpen,
  open,
}: BarProps) {
  return (
    <button
      type="button"
      className={classes.reading}
      onClick={onOpen}
      aria-expanded={open}
      data-status={status}
    >
      <span className={classes.head}>
        <StatusMark status={status} />
        <span className={classes.title}>{title}</span>
        {change && <span className={classes.change}>{change}</span>}
      </span>
      <span className={classes.track} aria-hidden="true">
        <span
          className={classes.fill}
          style={{
            // Moved, not widened: nothing is laid out or painted anew for it.
            transform: `translateX(calc(${share(actual, limit)} - 100%))`,
            background: status === 'fails' ? undefined : statusColor(status),
          }}
          data-over={status === 'fails'}
        />
        {upper !== undefined && (
          <span
            className={classes.band}
            style={{
              left: share(Math.min(actual, upper), limit),
              width: `calc(${share(upper, limit)} - ${share(actual, limit)})`,
            }}
          />
        )}
        {before !== undefined && <span className={classes.before} style={{ left: share(before, limit) }} />}
        <span className={classes.limit} style={{ left: share(limit, limit) }} />
      </span>
      <span className={classes.figures}>
        <span className="figures">{figures}</span>
        <span className={classes.left} style={{ color: statusColor(status) }}>
          {left}
        </span>
      </span>
    </button>
  );
}
