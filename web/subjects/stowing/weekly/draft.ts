import { useState } from 'react';
import type { Found } from '#core/exchange';

/** How a line was found, as far as somebody has looked. */
export interface Mark {
  found: Found;
  short: number;
  note: string;
}
export type Draft = Readonly<Record<string, Mark>>;

const keyOf = (buildId: string) => `weekly check of ${buildId}`;

function kept(buildId: string): Draft {
  try {
    return JSON.parse(localStorage.getItem(keyOf(buildId)) ?? '{}') as Draft;
  } catch {
    return {};
  }
}

/** A check that has been begun: kept in this browser with every mark, whatever becomes of the page. */
export function useDraft(buildId: string): [Draft, (draft: Draft) => void] {
  const [draft, setDraft] = useState(() => kept(buildId));
  const change = (next: Draft) => {
    localStorage.setItem(keyOf(buildId), JSON.stringify(next));
    setDraft(next);
  };
  return [draft, change];
}
