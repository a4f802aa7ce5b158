import classes from './drawing.module.css';

const ARROW = 5;

interface Props {
  /** Ends along the dimension, and where its line lies, in picture inches (down is positive). */
  from: number;
  to: number;
  line: number;
  /** Where the extension lines begin. */
  start: number;
  text: string;
  /** What is said instead where there is no room for all of it. */
  short?: string;
  /** Inches of picture for each pixel. */
  px: number;
}

/** A dimension line along the picture, with arrowheads, extension lines and its figure. */
export function Across({ from, to, line, start, text, short = text, px }: Props) {
  const a = ARROW * px;
  const size = 11 * px;
  const middle = (from + to) / 2;
  const widthOf = (words: string) => words.length * size * 0.6 + 6 * px;
  const room = to - from - 2 * a;
  const told = widthOf(text) > room ? short : text;
  const width = widthOf(told);
  const outside = width > room;
  const below = line > start;
  const reach = (below ? 3 : -3) * px;
  const label = outside ? line + (below ? size * 1.1 : -size * 0.5) : line + size * 0.36;
  return (
    <g className={classes.dimension}>
      <path d={`M ${from} ${start + reach} V ${line + reach} M ${to} ${start + reach} V ${line + reach}`} />
      <path
        d={
          outside
            ? `M ${from} ${line} H ${to}`
            : `M ${from} ${line} H ${middle - width / 2} M ${middle + width / 2} ${line} H ${to}`
        }
      />
      <path
        d={`M ${from + a} ${line - a * 0.35} L ${from} ${line} L ${from + a} ${line + a * 0.35} M ${to - a} ${line - a * 0.35} L ${to} ${line} L ${to - a} ${line + a * 0.35}`}
      />
      <text x={middle} y={label} fontSize={size} textAnchor="middle" className={classes.figure} stroke="none">
        {told}
      </text>
    </g>
  );
}

/** The same, up and down; the figure stands on its side. */
export function Upright({ from, to, line, start, text, px }: Props) {
  return (
    <g transform="rotate(-90)">
      <Across
        from={-Math.max(from, to)}
        to={-Math.min(from, to)}
        line={line}
        start={start}
        text={text}
        px={px}
      />
    </g>
  );
}
