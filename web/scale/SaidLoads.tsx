import { useEffect, useRef, useState } from 'react';
import type { Finding } from '#core/kernel';
import { lb } from '#core/units';
import { useUnits } from '../common';

/** Tells those who hear the screen of a load that goes over its limit or comes back, by how much. */
export function SaidLoads({ loads }: { loads: readonly Finding[] }) {
  const { say } = useUnits();
  const [words, setWords] = useState('');
  const over = useRef<ReadonlySet<string> | null>(null);
  useEffect(() => {
    const now = new Set(loads.filter(({ margin }) => margin < 0).map(({ id }) => id));
    const before = over.current;
    over.current = now;
    if (!before) return;
    const turned = loads.filter(({ id }) => now.has(id) !== before.has(id));
    if (turned.length === 0) return;
    setWords(
      say(
        turned
          .map(({ id, title, margin }) =>
            now.has(id)
              ? `${title} is ${lb(-margin)} over its limit.`
              : `${title} is back within its limit, with ${lb(margin)} to spare.`,
          )
          .join(' '),
      ),
    );
  }, [loads, say]);
  return (
    <p className="unseen" role="status">
      {words}
    </p>
  );
}
