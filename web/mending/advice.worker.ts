import { expose } from 'comlink';
import { advise } from '#core/mending';
import type { AdviceAsked, AdviceProgress, AdviceResult } from '#core/mending';
import type { BuildSpec } from '#core/spec';

/** Searches to the end and says how far it is; who no longer wants it ends the worker. */
function search(spec: BuildSpec, asked: AdviceAsked, report: (progress: AdviceProgress) => void): AdviceResult {
  const steps = advise(spec, asked);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    report(step.value);
  }
}

export type AdviceOffice = { search: typeof search };
expose({ search } satisfies AdviceOffice);
