import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { AdviceAsked, AdviceProgress, AdviceResult } from '#core/mending';
import type { BuildSpec } from '#core/spec';
import type { AdviceOffice } from './advice.worker';

type Search =
  | { phase: 'idle' | 'cancelled' | 'failed' }
  | { phase: 'searching'; progress: AdviceProgress }
  | { phase: 'found'; result: AdviceResult };

/** A search for advice on a build, in a worker of its own: started, watched, and left at any time. What another build had is not shown. */
export function useAdvice(spec: BuildSpec): { search: Search; start: (asked: AdviceAsked) => void; cancel: () => void } {
  const worker = useRef<Worker | null>(null);
  const [of, setOf] = useState<{ spec: BuildSpec; search: Search } | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end, spec]);

  const start = useCallback((asked: AdviceAsked) => {
    end();
    const started = new Worker(new URL('./advice.worker.ts', import.meta.url), { type: 'module' });
    worker.current = started;
    const show = (search: Search) => {
      if (worker.current === started) setOf({ spec, search });
    };
    show({ phase: 'searching', progress: { looked: 0, done: 0 } });
    started.onerror = () => show({ phase: 'failed' });
    wrap<AdviceOffice>(started).search(spec, asked, proxy((progress: AdviceProgress) => show({ phase: 'searching', progress }))).then(
      (result) => {
        show({ phase: 'found', result });
        end();
      },
      () => show({ phase: 'failed' }),
    );
  }, [spec, end]);

  const cancel = useCallback(() => {
    end();
    setOf({ spec, search: { phase: 'cancelled' } });
  }, [spec, end]);
  return { search: of?.spec === spec ? of.search : { phase: 'idle' }, start, cancel };
}
