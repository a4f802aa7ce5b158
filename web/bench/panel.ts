import { useCallback, useLayoutEffect, useRef, useState } from 'react';

/** What the panel shows: the choices of a step, the findings and which is open, or the panel of a subject. */
export type Panel = { kind: 'step' } | { kind: 'finding'; id: string | null } | { kind: 'side'; id: string };

export const STEP: Panel = { kind: 'step' };

type Show = (next: Panel | ((now: Panel) => Panel)) => void;

/** What the panel shows, and the way to show something else: closed, it gives the focus back to what opened it. */
export function usePanel(): [Panel, Show] {
  const [panel, setPanel] = useState<Panel>(STEP);
  const now = useRef(STEP);
  const drawn = useRef(STEP);
  const opener = useRef<Element | null>(null);
  const show = useCallback<Show>((next) => {
    const before = now.current;
    const then = typeof next === 'function' ? next(before) : next;
    now.current = then;
    setPanel(then);
    if (before.kind === 'step' && then.kind !== 'step') opener.current = document.activeElement;
  }, []);
  useLayoutEffect(() => {
    const before = drawn.current;
    drawn.current = panel;
    if (before.kind === 'step' || panel.kind !== 'step') return;
    // At once, before anything else looks for a place for it; where it stands elsewhere, somebody is at work there.
    const back = opener.current;
    if (document.activeElement === document.body && back instanceof HTMLElement) back.focus();
  }, [panel]);
  return [panel, show];
}
