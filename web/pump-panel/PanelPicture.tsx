import { useRef, useState } from 'react';
import type { KeyboardEvent } from 'react';
import { FACE_TITLES } from '#core/subjects/plumbing';
import type { PanelObject, PanelSheet } from '#core/subjects/plumbing';
import { useHold, useUnits } from '../common';
import { Label, LOOKS, Reading } from './looks';
import classes from './pump-panel.module.css';

/** Around the panel, in. */
const EDGE_IN = 1;
/** By how far an arrow moves an opening, in. */
const STEP_IN = 0.5;

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
  const byId = (id: string | undefined) => objects.find((one) => one.id === id)!;
  const hold = useHold({
    onTake: ({ currentTarget }) => ({
      one: byId(currentTarget.dataset['object']),
      inPerPx: 1 / (svg.current!.getScreenCTM()?.a ?? 1),
    }),
    onMove: ({ one, inPerPx }, right, up) =>
      setDragged({ id: one.id, ...within(one, one.u + right * inPerPx, one.v + up * inPerPx) }),
    onLetGo: (taken) => {
      setDragged(null);
      if (!dragged || taken) return;
      const { connection, label, u, v } = byId(dragged.id);
      if (dragged.u !== u || dragged.v !== v) onMove(connection!.id, dragged, label);
    },
  });
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
              {...(moves ? { style: { touchAction: 'none' }, ...hold } : {})}
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
