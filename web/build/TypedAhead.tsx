import { useEffect, useRef } from 'react';

/** Keeps what is typed while the field for it is still on its way, so that no letter is taken for a key. */
export function TypedAhead({ onType }: { onType: (text: string) => void }) {
  const text = useRef('');
  useEffect(() => {
    const keep = (event: KeyboardEvent) => {
      if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      text.current += event.key;
      onType(text.current);
    };
    window.addEventListener('keydown', keep, { capture: true });
    return () => window.removeEventListener('keydown', keep, { capture: true });
  }, [onType]);
  return null;
}
