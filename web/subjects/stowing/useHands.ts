import { KeyboardCode, KeyboardSensor, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import type {
  Announcements,
  CollisionDetection,
  DragEndEvent,
  DragMoveEvent,
  KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import { useState } from 'react';
import type { Evaluation, Rectangle } from '#core/kernel';
import { lockerViews, surfacePlan, triedFromDoor, triedOnPlan } from '#core/subjects/stowing';
import type { LockerView, SurfacePlan, Trial } from '#core/subjects/stowing';
import type { Target } from './Onto';
import type { Held } from './Thing';

/** Where a piece would come to lie, in both pictures. */
export interface Ghost {
  front: Rectangle | null;
  plan: Rectangle | null;
  wrong: boolean;
}

interface Point {
  x: number;
  y: number;
}

type Rect = Pick<DOMRect, 'left' | 'top' | 'width' | 'height'>;
const within = ({ x, y }: Point, { left, top, width, height }: Rect) =>
  x >= left && x <= left + width && y >= top && y <= top + height;

/** By keyboard the hand is in the middle of what it has taken. */
const middleOf = ({ left, top, width, height }: Rect): Point => ({
  x: left + width / 2,
  y: top + height / 2,
});

/** The smallest of what the hand is over. */
const underHand: CollisionDetection = ({
  pointerCoordinates,
  collisionRect,
  droppableRects,
  droppableContainers,
}) => {
  const hand = pointerCoordinates ?? middleOf(collisionRect);
  return droppableContainers
    .flatMap(({ id }) => {
      const rect = droppableRects.get(id);
      return rect && within(hand, rect) ? [{ id, size: rect.width * rect.height }] : [];
    })
    .sort((a, b) => a.size - b.size)
    .map(({ id }) => ({ id }));
};

/** A press of an arrow moves so many px; with Shift six times as far. */
const STEP_PX = 6;
const FAR = 6;

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  [KeyboardCode.Left]: [-1, 0],
  [KeyboardCode.Right]: [1, 0],
  [KeyboardCode.Up]: [0, -1],
  [KeyboardCode.Down]: [0, 1],
};

/** A place in a rectangle, as near as may be to one along it, and just over its lower end. */
const inside = ({ left, top, width, height }: Rect, x = left + width / 2): Point => ({
  x: Math.min(left + width - 1, Math.max(left + 1, x)),
  y: top + height - Math.min(height, 8) / 2,
});

/** Arrows: sideways along a surface; up and down from surface to surface at the door, and across it on its plan. */
const byArrows: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const arrow = ARROWS[event.code];
  const { collisionRect } = context;
  if (!arrow || !collisionRect) return undefined;
  event.preventDefault();
  const [wide, high] = [collisionRect.width / 2, collisionRect.height / 2];
  const at = { x: currentCoordinates.x + wide, y: currentCoordinates.y + high };
  const moved = (to: Point): Point => ({ x: to.x - wide, y: to.y - high });
  const all = context.droppableContainers.getEnabled().flatMap(({ id, data }) => {
    const rect = context.droppableRects.get(id);
    return rect ? [{ target: data.current as Target, rect }] : [];
  });
  const size = ({ rect }: { rect: Rect }) => rect.width * rect.height;
  const doors = all
    .filter(({ target }) => target.view === 'door')
    .sort((a, b) => b.rect.top + b.rect.height - a.rect.top - a.rect.height);
  const [here] = all.filter(({ rect }) => within(at, rect)).sort((a, b) => size(a) - size(b));
  if (!here) return doors[0] && moved(inside(doors[0].rect));
  if (here.target.view === 'door' && arrow[1] !== 0) {
    const next = doors[doors.indexOf(here) - arrow[1]];
    return next && moved(inside(next.rect, at.x));
  }
  const { left, top, width, height } = here.rect;
  const far = STEP_PX * (event.shiftKey ? FAR : 1);
  return moved({
    x: Math.min(left + width - 1, Math.max(left + 1, at.x + arrow[0] * far)),
    y: Math.min(top + height - 1, Math.max(top + 1, at.y + arrow[1] * far)),
  });
};

/** Where the hand is: the pointer, or what the arrows have moved. */
function handOf({ activatorEvent, delta, active }: DragMoveEvent): Point | null {
  const { x, y } = delta;
  if (activatorEvent instanceof MouseEvent)
    return { x: activatorEvent.clientX + x, y: activatorEvent.clientY + y };
  if (window.TouchEvent && activatorEvent instanceof TouchEvent) {
    const touch = activatorEvent.touches[0] ?? activatorEvent.changedTouches[0];
    return touch ? { x: touch.clientX + x, y: touch.clientY + y } : null;
  }
  const from = active.rect.current.initial;
  if (!from) return null;
  const middle = middleOf(from);
  return { x: middle.x + x, y: middle.y + y };
}

interface Hands {
  evaluation: Evaluation;
  locker: LockerView;
  plan: SurfacePlan | null;
  /** What is said of a piece and of a place to who hears the screen. */
  nameOf: (lineId: string) => string;
  surfaceOf: (surfaceId: string) => string;
  whyOf: (trial: Trial) => string;
  onTake: (lineId: string) => void;
  onLet: (lineId: string, trial: Trial) => void;
}

/** Pieces taken to their places by mouse, touch and keyboard, with what would come of it in sight meanwhile. */
export function useHands({ evaluation, locker, plan, nameOf, surfaceOf, whyOf, onTake, onLet }: Hands) {
  const [trial, setTrial] = useState<Trial | null>(null);
  const [held, setHeld] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 4 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 160, tolerance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byArrows }),
  );
  const tried = (event: DragMoveEvent): Trial | null => {
    const over = event.over;
    const hand = handOf(event);
    if (!over || !hand) return null;
    const { surfaceId, view } = over.data.current as Target;
    const { lineId } = event.active.data.current as Held;
    const [right, up] = [
      (hand.x - over.rect.left) / over.rect.width,
      1 - (hand.y - over.rect.top) / over.rect.height,
    ];
    if (view === 'plan' && plan)
      return triedOnPlan(evaluation, lineId, surfaceId, [right * plan.wideIn, up * plan.highIn]);
    const surface = locker.surfaces.find(({ id }) => id === surfaceId);
    if (!surface) return null;
    const [u0, , u1] = surface.front;
    return triedFromDoor(evaluation, lineId, surfaceId, u0 + right * (u1 - u0));
  };
  const end = () => {
    setHeld(null);
    setTrial(null);
  };
  const ghostOf = (of: Trial, lineId: string): Ghost => {
    const then = evaluation.with(of.build);
    const thing = then
      .read(lockerViews)
      .find(({ id }) => id === locker.id)
      ?.things.find((one) => one.lineId === lineId);
    const onIt = plan?.surface.id === of.surface.id ? surfacePlan(then, of.surface.id) : null;
    return {
      front: thing?.at ?? null,
      plan: onIt?.things.find((one) => one.lineId === lineId)?.at ?? null,
      wrong: of.wrong !== null,
    };
  };
  const say = (of: Trial | null, lineId: string): string =>
    !of
      ? `${nameOf(lineId)} is over no surface.`
      : `${nameOf(lineId)} on ${surfaceOf(of.surface.id)}. ${of.wrong ? whyOf(of) : 'It has its room.'}`;
  const announcements: Announcements = {
    onDragStart: ({ active }) =>
      `${nameOf((active.data.current as Held).lineId)} is in your hand. Arrows move it from surface to surface and along, Enter lets it go, Escape leaves it where it was.`,
    onDragOver: () => undefined,
    onDragMove: ({ active }) => say(trial, (active.data.current as Held).lineId),
    onDragEnd: ({ active }) => say(trial, (active.data.current as Held).lineId),
    onDragCancel: ({ active }) => `${nameOf((active.data.current as Held).lineId)} stays where it was.`,
  };
  return {
    held,
    trial,
    ghost: trial && held !== null ? ghostOf(trial, held) : null,
    context: {
      sensors,
      collisionDetection: underHand,
      accessibility: {
        announcements,
        screenReaderInstructions: {
          draggable:
            'Space or Enter takes it into the hand; arrows move it, Enter lets it go, Escape leaves it where it was.',
        },
      },
      onDragStart: (event: { active: DragMoveEvent['active'] }) => {
        const { lineId } = event.active.data.current as Held;
        setHeld(lineId);
        onTake(lineId);
      },
      onDragMove: (event: DragMoveEvent) => setTrial(tried(event)),
      onDragEnd: (event: DragEndEvent) => {
        const of = tried(event);
        if (of) onLet((event.active.data.current as Held).lineId, of);
        end();
      },
      onDragCancel: end,
    },
  };
}
