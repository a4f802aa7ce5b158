import { useEffect, useState } from 'react';
import type { RefObject } from 'react';

/** So near to what is in sight, something is made ready. */
const NEAR = '300px';

const told = new WeakMap<Element, () => void>();
let watching: IntersectionObserver | undefined;

/** One observer for all: a list may have hundreds of lines. */
const observer = (): IntersectionObserver =>
  (watching ??= new IntersectionObserver(
    (entries) => {
      for (const { target, isIntersecting } of entries) if (isIntersecting) told.get(target)?.();
    },
    { rootMargin: NEAR, scrollMargin: NEAR },
  ));

/** Whether something has come near to what is in sight; from then on it has. */
export function useSeen(ref: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const element = ref.current;
    if (seen || !element) return;
    told.set(element, () => setSeen(true));
    observer().observe(element);
    return () => observer().unobserve(element);
  }, [ref, seen]);
  return seen;
}
