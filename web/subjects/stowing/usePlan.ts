import { proxy, wrap } from 'comlink';
import { useCallback } from 'react';
import type { Build } from '#core/build';
import type { Answer, AnswersProgress, Rules, Wishes } from '#core/subjects/stowing';
import { useSearch } from '../../common';
import type { Planner } from './planner.worker';

const openPlanner = (): Worker =>
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });

/** A search for places of the pieces of a build, in a worker of its own. */
export function usePlan(build: Build) {
  const { search, start, cancel } = useSearch<AnswersProgress | null, Answer[]>(build, openPlanner);
  return {
    search,
    cancel,
    start: useCallback(
      (rules: Rules, wishes: Wishes, seconds: number) =>
        start(null, (worker, report) =>
          wrap<Planner>(worker).answers(build, rules, wishes, seconds, proxy(report)),
        ),
      [build, start],
    ),
  };
}
