import { useRef, useState } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { COLOR_HEX, FACE_TITLES } from '#core/subjects/plumbing';
import type { Color, PanelObject, PanelSheet } from '#core/subjects/plumbing';
import { useUnits } from '../common';
import classes from './pump-panel.module.css';

/** How what has a color is filled, by day and by night; as the rest is, where it has none. */
const painted = (color: Color | undefined) => (color ? { fill: COLOR_HEX[color] } : undefined);

/** Height of the letters of a label in one line and in two, and how wide one is of it; in. */
const LETTER = { highIn: [1.15, 0.95], wide: 0.43 };
/** What a label takes at the foot of a thing, in. */
const LABEL_IN = 2;
/** Around the panel, in. */
const EDGE_IN = 1;
/** By how far an arrow moves an opening, in. */
const STEP_IN = 0.5;

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

function Label({ of, k }: Sized) {
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

const LOOKS = { opening: Opening, control: Control, instrument: Instrument } as const;

type Way = 'left' | 'right' | 'up' | 'down';
const WAYS: Readonly<Record<string, Way>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};
const TOWARD: Record<Way, [number, number]> = { left: [-1, 0], right: [1, 0], up: [0, 1], down: [0, -1] };

/** The nearest thing in a direction: what lies straight ahead comes before what lies aside. */
function nextOf(all: readonly PanelObject[], from: PanelObject, way: Way): PanelObject | undefined {
  const middle = ({ u, v, wide, high }: PanelObject) => [u + wide / 2, v + high / 2] as const;
  const [u, v] = middle(from);
  const [du, dv] = TOWARD[way];
  const far = (one: PanelObject) => {
    const [a, b] = middle(one);
    const ahead = (a - u) * du + (b - v) * dv;
    const aside = Math.abs((a - u) * dv) + Math.abs((b - v) * du);
    return ahead > 0.1 ? ahead + 2 * aside : Infinity;
  };
  return all.filter((one) => one !== from && far(one) < Infinity).sort((a, b) => far(a) - far(b))[0];
}

/** A panel that is worked and not laid out: what can be pressed, what is on, and what is read there. */
export interface Works {
  can: (one: PanelObject) => boolean;
  isOn: (one: PanelObject) => boolean;
  /** What its gauge shows, with its figures in place; nothing where it has none. */
  reads: (one: PanelObject) => string | null;
  press: (one: PanelObject) => void;
}

/** What a gauge shows, on it; of a valve without one whether it is open, at its head. */
function Reading({ of, k, words }: Sized & { words: string }) {
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

/**
 * A panel as who stands before it sees it, to scale. Arrows go from thing to thing, Enter opens what it is; an opening is
 * dragged, or moved with shift and the arrows.
 */
export function PanelPicture({
  sheet,
  opened,
  onOpen,
  onMove,
  works,
}: {
  sheet: PanelSheet;
  /** The connection that is open. */
  opened: string | null;
  onOpen: (connectionId: string) => void;
  onMove: (connectionId: string, at: { u: number; v: number }, label: string) => void;
  /** Where it is worked, and nothing of it is moved. */
  works?: Works;
}) {
  const { say } = useUnits();
  const { face, objects, operator } = sheet;
  const [here, setHere] = useState<string | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<{ id: string; u: number; v: number; x: number; y: number; px: number } | null>(null);
  const [dragged, setDragged] = useState<{ id: string; u: number; v: number } | null>(null);
  const first = objects.some(({ id }) => id === here) ? here : objects[0]?.id;
  const highIn = Math.max(face.highIn, ...objects.map(({ v, high }) => v + high));
  const within = (one: PanelObject, u: number, v: number) => ({
    u: Math.min(Math.max(0, u), Math.max(0, face.wideIn - one.wide)),
    v: Math.min(Math.max(0, v), Math.max(0, face.highIn - one.high)),
  });
  const press = (one: PanelObject) => {
    if (works) {
      if (works.can(one)) works.press(one);
    } else if (one.connection) onOpen(one.connection.id);
  };
  const key = (event: KeyboardEvent, one: PanelObject) => {
    const way = WAYS[event.key];
    if (event.key === 'Enter' || event.key === ' ') {
      press(one);
    } else if (way && event.shiftKey && one.what === 'opening' && !works) {
      const [du, dv] = TOWARD[way];
      onMove(one.connection!.id, within(one, one.u + du * STEP_IN, one.v + dv * STEP_IN), one.label);
    } else if (way) {
      const next = nextOf(objects, one, way);
      if (next) svg.current?.querySelector<SVGGElement>(`[data-object="${CSS.escape(next.id)}"]`)?.focus();
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const release = (one: PanelObject) => {
    const moved = dragged;
    held.current = null;
    setDragged(null);
    if (moved && (moved.u !== one.u || moved.v !== one.v)) onMove(one.connection!.id, moved, one.label);
  };
  const drag = (event: PointerEvent, one: PanelObject) => {
    const from = held.current;
    if (!from || from.id !== one.id) return;
    setDragged({
      id: one.id,
      ...within(
        one,
        from.u + (event.clientX - from.x) * from.px,
        from.v - (event.clientY - from.y) * from.px,
      ),
    });
  };
  return (
    <figure className={operator ? classes.wide : undefined}>
      <figcaption>
        {FACE_TITLES[face.face]}
        {operator ? ', where the operator stands' : ''}
      </figcaption>
      <svg
        ref={svg}
        viewBox={`${-EDGE_IN} ${-highIn - EDGE_IN} ${face.wideIn + 2 * EDGE_IN} ${highIn + 2 * EDGE_IN}`}
        style={{ width: '100%', maxHeight: works ? 620 : operator ? 560 : 320 }}
        role="group"
        aria-label={`${FACE_TITLES[face.face]}, as who stands before it sees it`}
      >
        <rect
          x={0}
          y={-face.highIn}
          width={face.wideIn}
          height={face.highIn}
          rx={0.6}
          className={classes.plate}
        />
        {objects.map((object) => {
          const one = dragged?.id === object.id ? { ...object, ...dragged } : object;
          const Look = LOOKS[one.what];
          const moves = one.what === 'opening' && !works;
          const k = one.what === 'opening' ? 1 : sheet.share;
          const pressed = works ? works.can(one) : one.connection !== undefined;
          const isOn = works ? works.isOn(one) : opened === one.connection?.id;
          const reading = works?.reads(one);
          return (
            <g
              key={one.id}
              data-object={one.id}
              data-moves={moves}
              className={classes.object}
              role={pressed ? 'button' : 'img'}
              aria-label={say(reading ? `${one.words}: ${reading}` : one.words)}
              {...(pressed ? { 'aria-pressed': isOn } : {})}
              tabIndex={one.id === first ? 0 : -1}
              onFocus={() => setHere(one.id)}
              onClick={() => press(one)}
              onKeyDown={(event) => key(event, object)}
              {...(moves
                ? {
                    style: { touchAction: 'none' },
                    onPointerDown: (event: PointerEvent) => {
                      event.currentTarget.setPointerCapture(event.pointerId);
                      const px = 1 / (svg.current!.getScreenCTM()?.a ?? 1);
                      held.current = {
                        id: one.id,
                        u: one.u,
                        v: one.v,
                        x: event.clientX,
                        y: event.clientY,
                        px,
                      };
                    },
                    onPointerMove: (event: PointerEvent) => drag(event, object),
                    onPointerUp: () => release(object),
                    onPointerCancel: () => {
                      held.current = null;
                      setDragged(null);
                    },
                  }
                : {})}
            >
              <rect
                x={one.u}
                y={-one.v - one.high}
                width={one.wide}
                height={one.high}
                rx={0.4}
                className={classes.focus}
              />
              <Look of={one} k={k} />
              <Label of={one} k={k} />
              {reading && <Reading of={one} k={k} words={say(reading)} />}
            </g>
          );
        })}
      </svg>
    </figure>
  );
}
