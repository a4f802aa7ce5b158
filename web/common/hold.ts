import { useRef } from 'react';
import type { PointerEvent } from 'react';

/** A hand that trembles has moved nothing, px. */
const TREMBLE_PX = 3;

interface Holding<From> {
  /** Taken hold of; gives what tells later from where. */
  onTake: (event: PointerEvent<SVGGElement>) => From;
  /** The hand is so many px to the right of and over where it took hold. */
  onMove: (from: From, right: number, up: number) => void;
  /** Let go, or taken from the hand: by a second finger, or by the window. */
  onLetGo?: (taken: boolean) => void;
}

/** Lets a hand hold something of a picture and move it: by mouse, pen or one finger. */
export function useHold<From>({ onTake, onMove, onLetGo }: Holding<From>) {
  const held = useRef<{ pointer: number; x: number; y: number; from: From; moved: boolean } | null>(null);
  const end = (event: PointerEvent, taken: boolean) => {
    if (held.current?.pointer !== event.pointerId) return;
    held.current = null;
    onLetGo?.(taken);
  };
  return {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      if (held.current || event.button !== 0) return;
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      const { clientX: x, clientY: y, pointerId: pointer } = event;
      held.current = { pointer, x, y, from: onTake(event), moved: false };
    },
    onPointerMove: (event: PointerEvent) => {
      const now = held.current;
      if (now?.pointer !== event.pointerId) return;
      const [right, up] = [event.clientX - now.x, now.y - event.clientY];
      now.moved ||= Math.hypot(right, up) >= TREMBLE_PX;
      if (now.moved) onMove(now.from, right, up);
    },
    onPointerUp: (event: PointerEvent) => end(event, false),
    onPointerCancel: (event: PointerEvent) => end(event, true),
  };
}
