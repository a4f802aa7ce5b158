import { proxy, wrap } from 'comlink';
import { useCallback } from 'react';
import type { AdviceAsked, AdviceProgress, AdviceResult } from '#core/advice';
import type { Build } from '#core/build';
import { useSearch } from '../common';
import { openOffice } from './office';
import type { Office } from './office.worker';

/** A search for advice on a build, in a worker of its own. */
export function useAdvice(build: Build) {
  const { search, start, cancel } = useSearch<AdviceProgress, AdviceResult>(build, openOffice);
  return {
    search,
    cancel,
    start: useCallback(
      (asked: AdviceAsked) =>
        start({ looked: 0, done: 0 }, (worker, report) =>
          wrap<Office>(worker).search(build, asked, proxy(report)),
        ),
      [build, start],
    ),
  };
}
