import { useCallback, useEffect, useRef, useState } from 'react';

/** How a long search in a worker stands. */
export type Search<P, R> =
  | { phase: 'idle' | 'canceled' | 'failed' }
  | { phase: 'searching'; progress: P }
  | { phase: 'found'; result: R };

/**
 * A search in a worker of its own: started, watched, and left at any time. What another build had is not shown, nor what
 * a worker says that was ended.
 */
export function useSearch<P, R>(build: object, open: () => Worker) {
  const worker = useRef<Worker | null>(null);
  const [of, setOf] = useState<{ build: object; search: Search<P, R> } | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end, build]);
  const start = useCallback(
    (first: P, run: (worker: Worker, report: (progress: P) => void) => Promise<R>) => {
      end();
      const started = open();
      worker.current = started;
      const show = (search: Search<P, R>) => {
        if (worker.current === started) setOf({ build, search });
      };
      show({ phase: 'searching', progress: first });
      started.onerror = () => show({ phase: 'failed' });
      run(started, (progress) => show({ phase: 'searching', progress })).then(
        (result) => {
          show({ phase: 'found', result });
          end();
        },
        () => show({ phase: 'failed' }),
      );
    },
    [build, end, open],
  );
  const cancel = useCallback(() => {
    end();
    setOf({ build, search: { phase: 'canceled' } });
  }, [build, end]);
  const search: Search<P, R> = of?.build === build ? of.search : { phase: 'idle' };
  return { search, start, cancel };
}
