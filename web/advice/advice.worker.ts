import { expose } from 'comlink';
import { advise } from '#core/advice';
import type { AdviceAsked, AdviceProgress, AdviceResult } from '#core/advice';
import type { Build } from '#core/build';
import { house } from '#core/subjects';

/** Searches to the end and says how far it is; who no longer wants it ends the worker. */
function search(build: Build, asked: AdviceAsked, report: (progress: AdviceProgress) => void): AdviceResult {
  const steps = advise(house.evaluate(build), asked);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    report(step.value);
  }
}

export type AdviceOffice = { search: typeof search };
expose({ search } satisfies AdviceOffice);
