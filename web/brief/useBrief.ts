import { useCallback, useEffect, useRef, useState } from 'react';
import type { BriefView } from '#core/exchange';
import type { Brief } from '#core/subjects/brief';
import { Refused, useDepartmentBrief, useKeepBrief } from '../api';

/** How a brief is kept: it saves itself shortly after the last key. */
export type Keeping =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'failed'; words: string; again: () => void }
  | { kind: 'conflict'; mine: () => void; theirs: () => void };

/** After the last key so long, ms: a word is typed in one go. */
const PAUSE_MS = 700;
const CONFLICT = 409;

/** What was typed stays in this browser until the server has it. */
const keyOf = (id: string) => `brief of ${id}`;
const keptOf = (id: string): BriefView | null => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as BriefView | null;
  } catch {
    return null;
  }
};

/** A department's brief as it is edited: taken at once, saved by itself, and never lost. */
export function useBrief(id: string) {
  const read = useDepartmentBrief(id);
  const keep = useKeepBrief(id);
  const [draft, setDraft] = useState<BriefView | null>(() => keptOf(id));
  const [trouble, setTrouble] = useState<Error | null>(null);
  const latest = useRef(draft);
  latest.current = draft;
  const now = draft ?? read.data ?? null;

  const send = useCallback(
    (what: BriefView) =>
      keep.mutate(what, {
        onSuccess: (saved) => {
          setTrouble(null);
          // What was typed since goes on from what was saved.
          const typed = latest.current;
          const next = typed && typed.brief !== what.brief ? { ...typed, revision: saved.revision } : null;
          setDraft(next);
          if (!next) localStorage.removeItem(keyOf(id));
        },
        onError: setTrouble,
      }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the mutation is the same all along
    [id],
  );
  useEffect(() => {
    if (!draft || trouble || keep.isPending) return;
    const timer = setTimeout(() => send(draft), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [draft, trouble, keep.isPending, send]);

  const change = (brief: Brief) => {
    if (!now) return;
    const next = { revision: now.revision, brief };
    localStorage.setItem(keyOf(id), JSON.stringify(next));
    setDraft(next);
    if (trouble && !(trouble instanceof Refused && trouble.status === CONFLICT)) setTrouble(null);
  };
  const drop = () => {
    localStorage.removeItem(keyOf(id));
    setDraft(null);
    setTrouble(null);
    void read.refetch();
  };
  const over = async () => {
    const { data } = await read.refetch();
    if (!data || !latest.current) return;
    setTrouble(null);
    setDraft({ ...latest.current, revision: data.revision });
  };
  const keeping: Keeping =
    trouble instanceof Refused && trouble.status === CONFLICT
      ? { kind: 'conflict', mine: () => void over(), theirs: drop }
      : trouble
        ? { kind: 'failed', words: trouble.message, again: () => setTrouble(null) }
        : draft
          ? { kind: 'saving' }
          : { kind: 'saved' };
  return { brief: now?.brief ?? null, error: read.error, keeping, change };
}
