import { useEffect } from 'react';

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';
/** So many places are remembered: a menu, a dialog from it, and what was before. */
const MOST = 12;
/** When it is looked whether the focus has gone: after the paint, and when the server has answered. */
const LOOKS_MS = [0, 250];

const canTake = (element: HTMLElement): boolean =>
  element.isConnected && !element.matches(':disabled') && element.getClientRects().length > 0;

/** From an element up to the place that it stands in; no further, since a whole screen is no place. */
function around(element: HTMLElement): HTMLElement[] {
  const path: HTMLElement[] = [];
  for (
    let at = element.parentElement;
    at && at.tagName !== 'MAIN' && at !== document.body;
    at = at.parentElement
  )
    path.push(at);
  return path;
}

/**
 * Keeps the focus where somebody works: what had it and is gone gives it to what stands next to it, or, where its
 * whole place is gone, as a dialog is, to what had it before.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let had: HTMLElement[] = [];
    let path: HTMLElement[] = [];
    const keep = ({ target }: FocusEvent) => {
      const element = target as HTMLElement;
      had = [...had.filter((other) => other !== element), element].slice(-MOST);
      path = around(element);
    };
    const look = () => {
      const last = had.at(-1);
      const lost = document.activeElement === document.body || document.activeElement === null;
      if (!lost || !last || last.isConnected) return;
      const near = path
        .filter((element) => element.isConnected)
        .map((place) => [...place.querySelectorAll<HTMLElement>(FOCUSABLE)].find(canTake))
        .find((element) => element !== undefined);
      (near ?? had.filter(canTake).at(-1))?.focus({ preventScroll: true });
    };
    const soon = () => LOOKS_MS.forEach((ms) => setTimeout(() => requestAnimationFrame(look), ms));
    document.addEventListener('focusin', keep);
    document.addEventListener('click', soon);
    document.addEventListener('keydown', soon);
    return () => {
      document.removeEventListener('focusin', keep);
      document.removeEventListener('click', soon);
      document.removeEventListener('keydown', soon);
    };
  }, []);
}
