import { nice, ticks } from 'd3-array';

/** From where to where an axis goes, and from mark to mark. */
export interface Bounds {
  min: number;
  max: number;
  step: number;
}

/** Where all values are one, the axis shows so much about it. */
const ABOUT = 0.05;

/**
 * Round ends and marks for an axis on which all of these values lie, with about so many marks; from zero where
 * the axis bears bars. Values that are no figure are not shown, and count for nothing.
 */
export function boundsOf(values: readonly number[], marks: number, fromZero = false): Bounds {
  const shown = values.filter(Number.isFinite);
  const ends = fromZero || shown.length === 0 ? [...shown, 0] : shown;
  const [least, most] = [Math.min(...ends), Math.max(...ends)];
  const about = least === most ? Math.abs(least) * ABOUT || 1 : 0;
  const [min, max] = nice(fromZero && least === 0 ? 0 : least - about, most + about, marks);
  const [first = min, second = max] = ticks(min, max, marks);
  return { min, max, step: second - first };
}

/** The places of an axis at which a figure stands. */
export const marksOf = ({ min, max, step }: Bounds): number[] =>
  Array.from({ length: Math.round((max - min) / step) + 1 }, (_, i) => min + i * step);
