import { COLOR_HEX } from '#core/subjects/plumbing';
import type { Color, PanelObject } from '#core/subjects/plumbing';
import classes from './pump-panel.module.css';

/** How what has a color is filled, by day and by night; as the rest is, where it has none. */
const painted = (color: Color | undefined) => (color ? { fill: COLOR_HEX[color] } : undefined);

/** Height of the letters of a label in one line and in two, and how wide one is of it; in. */
const LETTER = { highIn: [1.15, 0.95], wide: 0.43 };
/** What a label takes at the foot of a thing, in. */
const LABEL_IN = 2;
/** A label in at most two lines, cut between words. */
function inTwo(label: string): string[] {
  // A number stays with what it counts.
  const words = label.replace(/ (?=\d+$)/, '\u00a0').split(' ');
  if (words.length === 1 || label.length < 9) return [label];
  const cuts = words.slice(1).map((_, i) => [words.slice(0, i + 1).join(' '), words.slice(i + 1).join(' ')]);
  const longest = (lines: string[]) => Math.max(...lines.map(({ length }) => length));
  return cuts.reduce((best, lines) => (longest(lines) < longest(best) ? lines : best));
}

/** A thing with how large it is made, of its usual size. */
interface Sized {
  of: PanelObject;
  k: number;
}

export function Label({ of, k }: Sized) {
  const lines = inTwo(of.label);
  const longest = Math.max(...lines.map(({ length }) => length));
  const size = Math.min(k * LETTER.highIn[lines.length - 1]!, (of.wide + 0.4) / (longest * LETTER.wide));
  return (
    <text className={classes.label} fontSize={size} aria-hidden="true">
      {lines.map((line, i) => (
        <tspan key={line} x={of.u + of.wide / 2} y={-of.v - LABEL_IN * k + size * (i + 0.95)}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

/** An opening with its cap: a ring, a smaller one, and the ears by which it is turned. */
function Opening({ of }: Sized) {
  const [x, y] = [of.u + of.wide / 2, -(of.v + LABEL_IN + (of.high - LABEL_IN) / 2)];
  const r = (of.high - LABEL_IN) / 2 / 1.15;
  return (
    <>
      <line x1={x - r * 1.15} x2={x + r * 1.15} y1={y} y2={y} className={classes.thin} />
      <circle cx={x} cy={y} r={r} className={classes.ring} />
      <circle cx={x} cy={y} r={r * 0.62} className={classes.knob} style={painted(of.color)} />
      {of.connection?.kind === 'intake' && <circle cx={x} cy={y} r={r * 0.25} className={classes.thin} />}
    </>
  );
}

/** A needle's way over the upper part of a dial. */
function Gauge({ x, y, r }: { x: number; y: number; r: number }) {
  return (
    <>
      <circle cx={x} cy={y} r={r} className={classes.ring} />
      <path
        d={`M ${x - r * 0.7} ${y + r * 0.35} A ${r * 0.78} ${r * 0.78} 0 1 1 ${x + r * 0.7} ${y + r * 0.35}`}
        className={classes.thin}
      />
      <line x1={x} y1={y} x2={x - r * 0.45} y2={y - r * 0.45} className={classes.thin} />
    </>
  );
}

/** A valve's handle, its gauge over it; what is powered has a switch. */
function Control({ of, k }: Sized) {
  const { connection: one } = of;
  const x = of.u + of.wide / 2;
  const foot = -of.v - (LABEL_IN + 0.4) * k;
  const head = -of.v - of.high;
  const powered = one?.valve === 'electric' || one?.valve === 'air';
  return (
    <>
      {one && one.gauge !== 'none' && (
        <Gauge x={one.gauge === 'both' ? x - 0.8 * k : x} y={head + 2.3 * k} r={1.8 * k} />
      )}
      {one?.gauge === 'both' && (
        <rect
          x={x + 1.2 * k}
          y={head + 1.7 * k}
          width={1.4 * k}
          height={1.2 * k}
          rx={0.2 * k}
          className={classes.ring}
        />
      )}
      {powered ? (
        <rect
          x={x - 1.2 * k}
          y={foot - 2.2 * k}
          width={2.4 * k}
          height={2.2 * k}
          rx={0.3 * k}
          className={classes.knob}
          style={painted(of.color)}
        />
      ) : (
        <>
          <line x1={x} x2={x} y1={foot} y2={foot - 1.6 * k} className={classes.thin} />
          <circle cx={x} cy={foot - 1.6 * k} r={1.2 * k} className={classes.knob} style={painted(of.color)} />
        </>
      )}
    </>
  );
}

function Instrument({ of, k }: Sized) {
  const [x, y] = [of.u + of.wide / 2, -(of.v + (of.high + LABEL_IN * k) / 2)];
  const r = Math.min(of.wide, of.high - LABEL_IN * k) / 2 - 0.2 * k;
  if (of.id === 'level')
    return (
      <>
        <rect x={x - 0.9} y={y - r * 1.4} width={1.8} height={r * 2.8} className={classes.ring} />
        {[-0.8, 0, 0.8].map((at) => (
          <line key={at} x1={x - 0.9} x2={x + 0.9} y1={y + r * at} y2={y + r * at} className={classes.thin} />
        ))}
      </>
    );
  if (of.id === 'governor' || of.id === 'throttle' || of.id === 'primer')
    return (
      <>
        <rect
          x={of.u + 0.3}
          y={y - r}
          width={of.wide - 0.6}
          height={2 * r}
          rx={0.5}
          className={classes.ring}
        />
        <rect
          x={of.u + 0.9}
          y={y - r * 0.7}
          width={of.wide - 1.8}
          height={r * 0.6}
          className={classes.thin}
        />
        <circle cx={x} cy={y + r * 0.45} r={r * 0.3} className={classes.knob} style={painted(of.color)} />
      </>
    );
  return <Gauge x={x} y={y} r={r} />;
}

export const LOOKS = { opening: Opening, control: Control, instrument: Instrument } as const;

/** What a gauge shows, on it; of a valve without one whether it is open, at its head. */
export function Reading({ of, k, words }: Sized & { words: string }) {
  const size = Math.min(k * READ_IN, (of.wide + 1) / (words.length * DIGIT_WIDE));
  const gauge = of.connection && of.connection.gauge !== 'none';
  const middle = of.what === 'instrument' ? (of.high - LABEL_IN * k) / 2 : gauge ? 2.3 * k : size / 2;
  return (
    <text
      className={classes.read}
      fontSize={size}
      strokeWidth={size * 0.35}
      x={of.u + of.wide / 2}
      y={-of.v - of.high + middle + size * 0.35}
      aria-hidden="true"
    >
      {words}
    </text>
  );
}
/** Height of what is read, and how wide a digit is of it; in. */
const READ_IN = 1.3;
const DIGIT_WIDE = 0.6;
