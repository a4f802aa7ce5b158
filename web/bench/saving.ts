import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { BuildSpec, BuildView } from '#core/spec';
import { ask, Refused, Unreachable } from '../api';

/** How the build on the bench stands against the server. */
export type Saving = { kind: 'saved' } | { kind: 'saving' } | { kind: 'offline' } | { kind: 'conflict'; currentRevision: number } | { kind: 'refused'; message: string };

const PAUSE_MS = 350;
const RETRY_MS = 2500;
const MOST_WORDS = 200;

/**
 * Saves the build as it changes, one save at a time, each on the revision that the last one made.
 * A save that is refused as stale stops all further ones: nothing is applied over a newer revision.
 */
export function useSaving(opened: BuildView, spec: BuildSpec, words: string) {
  const [saving, setSaving] = useState<Saving>({ kind: 'saved' });
  const client = useQueryClient();
  const at = useRef({ revision: opened.revision, saved: opened.spec, busy: false, stopped: false });
  const wanted = useRef({ spec, words: [] as string[] });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const send = useRef(async (_leaving: boolean) => {});
  send.current = async (leaving) => {
    const state = at.current;
    const { spec: sending, words: all } = wanted.current;
    if (state.busy || state.stopped || sending === state.saved) return;
    state.busy = true;
    setSaving({ kind: 'saving' });
    const text = all.join('; ');
    wanted.current = { spec: sending, words: [] };
    try {
      const view = await ask<BuildView>('PUT', `builds/${opened.id}`, { revision: state.revision, words: text.length > MOST_WORDS ? `${text.slice(0, MOST_WORDS - 1)}…` : text || 'Changed', spec: sending }, leaving);
      state.revision = view.revision;
      state.saved = sending;
      client.setQueryData<BuildView[]>(['builds'], (builds) => builds?.map((build) => (build.id === view.id ? view : build)));
      setSaving({ kind: 'saved' });
    } catch (error) {
      wanted.current.words = [...all, ...wanted.current.words];
      if (error instanceof Refused && error.status === 409) {
        state.stopped = true;
        setSaving({ kind: 'conflict', currentRevision: error.currentRevision ?? 0 });
      } else if (error instanceof Unreachable || (error instanceof Refused && error.status >= 500)) {
        setSaving({ kind: 'offline' });
        timer.current = setTimeout(() => void send.current(false), RETRY_MS);
      } else {
        state.stopped = true;
        setSaving({ kind: 'refused', message: (error as Error).message });
      }
    } finally {
      state.busy = false;
    }
    if (wanted.current.spec !== at.current.saved && !at.current.stopped) timer.current = setTimeout(() => void send.current(false), PAUSE_MS);
  };

  useEffect(() => {
    if (spec === at.current.saved) {
      wanted.current.spec = spec;
      return;
    }
    if (spec !== wanted.current.spec) {
      wanted.current.spec = spec;
      if (wanted.current.words.at(-1) !== words) wanted.current.words.push(words);
    }
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send.current(false), PAUSE_MS);
  }, [spec, words]);

  useEffect(() => {
    const leave = () => void send.current(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      clearTimeout(timer.current);
      leave();
    };
  }, []);

  // An edit is told as unsaved in the very render that shows it, not when its effect has run.
  return saving.kind === 'saved' && spec !== at.current.saved ? { kind: 'saving' as const } : saving;
}
