import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Build } from '#core/build';
import type { Answer, AnswersProgress, Rules, Wishes } from '#core/subjects/stowing';
import type { Planner } from './planner.worker';

type Search =
  | { phase: 'idle' | 'stopped' | 'failed' }
  | { phase: 'searching'; progress: AnswersProgress | null }
  | { phase: 'found'; answers: Answer[] };

/** A search for places in a worker of its own: started, watched, stopped at any time. Of another build nothing is shown. */
export function usePlan(build: Build) {
  const worker = useRef<Worker | null>(null);
  const [of, setOf] = useState<{ build: Build; search: Search } | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end, build]);
  const start = useCallback(
    (rules: Rules, wishes: Wishes, seconds: number) => {
      end();
      const started = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
      worker.current = started;
      const show = (search: Search) => {
        if (worker.current === started) setOf({ build, search });
      };
      show({ phase: 'searching', progress: null });
      started.onerror = () => show({ phase: 'failed' });
      wrap<Planner>(started)
        .answers(
          build,
          rules,
          wishes,
          seconds,
          proxy((progress: AnswersProgress) => show({ phase: 'searching', progress })),
        )
        .then(
          (answers) => {
            show({ phase: 'found', answers });
            end();
          },
          () => show({ phase: 'failed' }),
        );
    },
    [build, end],
  );
  const stop = useCallback(() => {
    end();
    setOf({ build, search: { phase: 'stopped' } });
  }, [build, end]);
  return { search: of?.build === build ? of.search : ({ phase: 'idle' } as Search), start, stop };
}
