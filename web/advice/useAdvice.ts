import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { AdviceAsked, AdviceProgress, AdviceResult } from '#core/advice';
import type { Build } from '#core/build';
import { openOffice } from './office';
import type { Office } from './office.worker';

type Search =
  | { phase: 'idle' | 'canceled' | 'failed' }
  | { phase: 'searching'; progress: AdviceProgress }
  | { phase: 'found'; result: AdviceResult };

/**
 * A search for advice on a build, in a worker of its own: started, watched, and left at any time. What
 * another build had is not shown.
 */
export function useAdvice(build: Build): {
  search: Search;
  start: (asked: AdviceAsked) => void;
  cancel: () => void;
} {
  const worker = useRef<Worker | null>(null);
  const [of, setOf] = useState<{ build: Build; search: Search } | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end, build]);

  const start = useCallback(
    (asked: AdviceAsked) => {
      end();
      const started = openOffice();
      worker.current = started;
      const show = (search: Search) => {
        if (worker.current === started) setOf({ build, search });
      };
      show({ phase: 'searching', progress: { looked: 0, done: 0 } });
      started.onerror = () => show({ phase: 'failed' });
      wrap<Office>(started)
        .search(
          build,
          asked,
          proxy((progress: AdviceProgress) => show({ phase: 'searching', progress })),
        )
        .then(
          (result) => {
            show({ phase: 'found', result });
            end();
          },
          () => show({ phase: 'failed' }),
        );
    },
    [build, end],
  );

  const cancel = useCallback(() => {
    end();
    setOf({ build, search: { phase: 'canceled' } });
  }, [build, end]);
  return { search: of?.build === build ? of.search : { phase: 'idle' }, start, cancel };
}
