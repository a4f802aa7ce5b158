import { useMemo, useReducer } from 'react';
import { confirmed, same } from '#core/build';
import type { Build } from '#core/build';
import { keepingAside } from '#core/kernel';
import { house } from '#core/subjects';

/** One change of a build: what came of it, what it was in words, and what it was made with. */
export interface Change {
  build: Build;
  words: string;
  /** Changes of the same control in a row, such as a slider's, are one to undo. */
  control?: string;
  /** The choice that was made: it is no longer assumed. */
  choice?: string;
}

interface Edits {
  past: Change[];
  now: Change;
  future: Change[];
  /** The last step in words, for the history that the server keeps. */
  did: string;
  /** Grows with every change, undo or redo. */
  step: number;
  /** What the build was before the last step, for the ghost. */
  before: Build | null;
  /** How the last step came about. */
  by: Action['kind'];
}

type Action = { kind: 'change'; change: Change } | { kind: 'undo' } | { kind: 'redo' } | { kind: 'settle' };

const MOST = 300;

/** A history that begins with the build as it was opened. */
export const begin = (build: Build): Edits => ({
  past: [],
  now: { build, words: 'Opened' },
  future: [],
  did: 'Opened',
  step: 0,
  before: null,
  by: 'settle',
});

/**
 * What a change leaves: choices that were made are confirmed, and only the own parts that are named travel
 * along.
 */
const settled = ({ build, choice, ...rest }: Change, before: Build): Change => ({
  ...rest,
  build: keepingAside(house.carrying(choice === undefined ? build : confirmed(build, [choice])), before),
});

/** The history after a change, undo, redo, or a slider let go. */
export function reduce(history: Edits, action: Action): Edits {
  const { past, now, future, step } = history;
  switch (action.kind) {
    case 'change': {
      const change = settled(action.change, now.build);
      if (change.control !== undefined && change.control === now.control)
        return {
          past,
          now: change,
          future: [],
          did: change.words,
          step: step + 1,
          before: past[past.length - 1]!.build,
          by: 'change',
        };
      return {
        past: [...past, now].slice(-MOST),
        now: change,
        future: [],
        did: change.words,
        step: step + 1,
        before: now.build,
        by: 'change',
      };
    }
    case 'settle': {
      const { control: _settled, ...rest } = now;
      return { ...history, now: rest };
    }
    case 'undo': {
      const last = past[past.length - 1];
      return last
        ? {
            past: past.slice(0, -1),
            now: last,
            future: [now, ...future],
            did: `Undid: ${now.words}`,
            step: step + 1,
            before: now.build,
            by: 'undo',
          }
        : history;
    }
    case 'redo': {
      const [next, ...later] = future;
      return next
        ? {
            past: [...past, now],
            now: next,
            future: later,
            did: `Redid: ${next.words}`,
            step: step + 1,
            before: now.build,
            by: 'redo',
          }
        : history;
    }
  }
}

/** Histories of builds that were left for another screen: undo goes on where it was. */
const left = new Map<string, Edits>();

/** The history of a build that is opened again, where it still ends with what is opened. */
function resume(id: string, build: Build): Edits {
  const before = left.get(id);
  return before && same(before.now.build, build)
    ? { ...before, now: { ...before.now, build }, before: null }
    : begin(build);
}

/** The build with undo and redo, whichever screen is looking at it. */
export function useHistory(id: string, opened: Build) {
  const [history, act] = useReducer(
    (was: Edits, action: Action) => {
      const next = reduce(was, action);
      left.set(id, next);
      return next;
    },
    null,
    () => resume(id, opened),
  );
  const hands = useMemo(
    () => ({
      change: (change: Change) => act({ kind: 'change', change }),
      settle: () => act({ kind: 'settle' }),
      undo: () => act({ kind: 'undo' }),
      redo: () => act({ kind: 'redo' }),
    }),
    [],
  );
  return useMemo(
    () => ({
      ...hands,
      build: history.now.build,
      did: history.did,
      step: history.step,
      before: history.before,
      by: history.by,
      canUndo: history.past.length > 0 ? history.now.words : null,
      canRedo: history.future[0]?.words ?? null,
    }),
    [hands, history],
  );
}

export type Bench = ReturnType<typeof useHistory>;
