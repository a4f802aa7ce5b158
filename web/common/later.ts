import { startTransition, useEffect, useState } from 'react';

/** So long may hands rest between two presses in a row: what follows the paint waits until they do. */
const REST_MS = 90;
/** The longest turn of such work: what a hand does meanwhile is answered within a frame. */
const TURN_MS = 6;
/** So often the screen shows what has come of it. */
const SHOWN_MS = 150;

/** Work in pieces, and what happens when all are done. */
interface Work {
  pieces: Iterator<void>;
  done: () => void;
}

const waiting = new Set<Work>();
const finished = new Set<Work>();
let timer: ReturnType<typeof setTimeout> | undefined;
let shownAt = 0;

function show(): void {
  for (const { done } of finished) done();
  finished.clear();
  shownAt = performance.now();
}

function turn(): void {
  const until = performance.now() + TURN_MS;
  for (const work of waiting) {
    while (performance.now() < until)
      if (work.pieces.next().done) {
        waiting.delete(work);
        finished.add(work);
        break;
      }
    if (performance.now() >= until) break;
  }
  if (waiting.size === 0 || performance.now() - shownAt > SHOWN_MS) show();
  timer = waiting.size > 0 ? setTimeout(turn) : undefined;
}

/** Does work piece by piece when hands rest; gives the way to drop it. */
export function whenHandsRest(work: Work): () => void {
  waiting.add(work);
  clearTimeout(timer);
  timer = setTimeout(turn, REST_MS);
  return () => {
    waiting.delete(work);
    finished.delete(work);
  };
}

/** Whether a pointer is down: what changes meanwhile is dragged. */
let isPressed = false;
if (typeof window !== 'undefined')
  for (const kind of ['pointerdown', 'pointerup', 'pointercancel'])
    window.addEventListener(kind, () => (isPressed = kind === 'pointerdown'), { capture: true });

/** A screen that nobody looks at is not painted. */
const UNSEEN_MS = 200;

/** Does something when what changed is painted, which it must not hold up; gives the way to drop it. */
export function afterPaint(run: () => void): () => void {
  let timer = setTimeout(run, UNSEEN_MS);
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    timer = setTimeout(run);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/** Does something short with the next frame, before anything that only follows the paint; gives the way to drop it. */
export function withNextFrame(run: () => void): () => void {
  const once = () => {
    drop();
    run();
  };
  const timer = setTimeout(once, UNSEEN_MS);
  const frame = requestAnimationFrame(once);
  const drop = () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
  return drop;
}

const NOTHING: readonly void[] = [];

/**
 * A value that follows when what is urgent of an edit is drawn and, while something is dragged, when the hand
 * rests.
 */
export function useFollowing<T extends object>(value: T): T {
  const [followed, follow] = useState(value);
  useEffect(() => {
    const take = () => startTransition(() => follow(value));
    return isPressed ? whenHandsRest({ pieces: NOTHING.values(), done: take }) : take();
  }, [value]);
  return followed;
}

interface Later<T> {
  /** By id, of what was asked for now or, until that is known, of what was asked for before. */
  values: ReadonlyMap<string, T>;
  /** Whether they are those of what is asked for now. */
  fresh: boolean;
}

/**
 * What pieces of work come to, by their ids: worked out after the paint in short turns, and dropped where
 * something newer is asked for. The pieces must be the very same until other work is wanted.
 * @throws what a piece throws, while the component is drawn.
 */
export function useLater<T>(pieces: ReadonlyMap<string, () => T>): Later<T> {
  const [known, setKnown] = useState<{ of: unknown; values: ReadonlyMap<string, T>; failed?: unknown }>({
    of: null,
    values: new Map(),
  });
  useEffect(() => {
    if (pieces.size === 0) return;
    const values = new Map<string, T>();
    let failed: unknown;
    function* each() {
      try {
        for (const [id, piece] of pieces) {
          values.set(id, piece());
          yield;
        }
      } catch (error) {
        failed = error;
      }
    }
    return whenHandsRest({ pieces: each(), done: () => setKnown({ of: pieces, values, failed }) });
  }, [pieces]);
  const fresh = pieces.size === 0 || known.of === pieces;
  if (fresh && known.failed !== undefined) throw known.failed;
  return { values: known.values, fresh };
}
