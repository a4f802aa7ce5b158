import { useState } from 'react';
import type { BriefLine } from '#core/subjects/brief';

/**
 * A place of the brief that is looked at, with what was dragged of it: a trial is of this picture alone, and changes
 * nothing of the brief. At first the one that leaves least is shown.
 */
export function useTrial<L>(lines: readonly L[], marginOf?: (line: L) => number) {
  const [id, setId] = useState<string | null>(null);
  const [trial, setTrial] = useState<Partial<L>>({});
  const [tightestFirst] = useState(() =>
    marginOf
      ? [...lines].sort((a, b) => marginOf(a) - marginOf(b)).map((line) => (line as BriefLine).id)
      : [],
  );
  const all = lines as readonly (L & BriefLine)[];
  const picked = all.find((line) => line.id === (id ?? tightestFirst[0])) ?? all[0] ?? null;
  return {
    lines: all,
    line: picked && ({ ...picked, ...trial } as L),
    picked,
    isTried: Object.keys(trial).length > 0,
    pick: (next: string) => {
      setId(next);
      setTrial({});
    },
    attempt: (change: Partial<L>) => setTrial((before) => ({ ...before, ...change })),
    back: () => setTrial({}),
  };
}
