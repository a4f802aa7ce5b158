import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { same } from '#core/build';
import type { Build } from '#core/build';
import type { BuildView } from '#core/exchange';
import { ask, Refused, Unreachable } from '../api';
import { keepBuild } from './kept';
import type { Opened } from './open-build';
import { sendBuild } from './send';
import { holdOpen } from './unsent';

/** How the build stands against the server. Whatever it says, what was done is kept in this browser. */
export type Saving =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'offline' }
  | { kind: 'conflict'; base: BuildView; theirs: BuildView }
  | { kind: 'refused'; message: string };

const PAUSE_MS = 350;
const RETRY_MS = 2500;

/**
 * Keeps the build in this browser with every change and saves it soon after, one save at a time, each on the
 * revision that the last one made. A save that is refused as stale stops all further ones until a person has
 * said what becomes of both: nothing is applied over a newer revision.
 */
export function useSaving(opened: Opened, build: Build, words: string) {
  const client = useQueryClient();
  const [saving, setSaving] = useState<Saving>(
    opened.theirs ? { kind: 'conflict', base: opened.base, theirs: opened.theirs } : { kind: 'saved' },
  );
  const kept = useRef({ base: opened.base, build: opened.build, words: opened.words });
  const flow = useRef({
    busy: false,
    stopped: opened.theirs !== null,
    timer: undefined as ReturnType<typeof setTimeout> | undefined,
    unanswered: null as Build | null,
  });

  const send = useRef(async (_leaving: boolean) => {});
  send.current = async (leaving) => {
    const sending = kept.current;
    if (flow.current.busy || flow.current.stopped || sending.build === sending.base.build) return;
    flow.current.busy = true;
    setSaving({ kind: 'saving' });
    let after = PAUSE_MS;
    const outOfReach = () => {
      flow.current.unanswered = sending.build;
      setSaving({ kind: 'offline' });
      after = RETRY_MS;
    };
    const took = (base: BuildView) => {
      // What was done while this was on its way is still to be sent.
      const now = kept.current;
      kept.current = {
        base: { ...base, build: sending.build },
        build: now.build,
        words: now.words.slice(sending.words.length),
      };
      void keepBuild(kept.current);
      client.setQueryData<BuildView[]>(['builds'], (builds) =>
        builds?.map((view) => (view.id === base.id ? base : view)),
      );
      void client.invalidateQueries({ queryKey: ['revisions', base.id] });
      setSaving({ kind: 'saved' });
    };
    try {
      took(await sendBuild(sending, leaving));
    } catch (error) {
      if (error instanceof Unreachable || (error instanceof Refused && error.status >= 500)) {
        outOfReach();
      } else if (error instanceof Refused && error.status === 409) {
        await ask<BuildView>('GET', `builds/${sending.base.id}`).then((theirs) => {
          // Our own save, of which only the answer was lost.
          if (same(theirs.build, sending.build)) return took(theirs);
          // An earlier one of ours: what was done since goes on top of it.
          const { unanswered } = flow.current;
          if (unanswered && same(theirs.build, unanswered)) {
            kept.current = { ...kept.current, base: { ...theirs, build: unanswered } };
            return void keepBuild(kept.current);
          }
          flow.current.stopped = true;
          setSaving({ kind: 'conflict', base: sending.base, theirs });
        }, outOfReach);
      } else {
        flow.current.stopped = true;
        setSaving({ kind: 'refused', message: (error as Error).message });
      }
    } finally {
      flow.current.busy = false;
    }
    if (flow.current.stopped || kept.current.build === kept.current.base.build) return;
    clearTimeout(flow.current.timer);
    flow.current.timer = setTimeout(() => void send.current(false), after);
  };

  useEffect(() => {
    if (build === kept.current.build && build === kept.current.base.build) return;
    if (build !== kept.current.build) {
      const before = kept.current.words;
      kept.current = { ...kept.current, build, words: before.at(-1) === words ? before : [...before, words] };
      void keepBuild(kept.current);
    }
    clearTimeout(flow.current.timer);
    flow.current.timer = setTimeout(() => void send.current(false), PAUSE_MS);
  }, [build, words]);

  useEffect(() => {
    const letGo = holdOpen(kept.current.base.id);
    const leave = () => void send.current(true);
    const back = () => void send.current(false);
    window.addEventListener('pagehide', leave);
    window.addEventListener('online', back);
    const { current } = flow;
    return () => {
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('online', back);
      clearTimeout(current.timer);
      leave();
      letGo();
    };
  }, []);

  /** Builds on another revision from now on: what is here is saved after it, or is it. */
  const adopt = useCallback((theirs: BuildView, now: Build, why: string) => {
    kept.current = { base: theirs, build: now, words: now === theirs.build ? [] : [why] };
    flow.current.stopped = false;
    void keepBuild(kept.current);
    setSaving({ kind: now === theirs.build ? 'saved' : 'saving' });
    void send.current(false);
  }, []);

  // An edit is told as unsaved in the very render that shows it, not when its effect has run.
  const shown: Saving =
    saving.kind === 'saved' && build !== kept.current.base.build ? { kind: 'saving' } : saving;
  return { saving: shown, adopt };
}
