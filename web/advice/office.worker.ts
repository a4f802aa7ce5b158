import { expose } from 'comlink';
import { advise, levelingOf, remediesFor } from '#core/advice';
import type { AdviceAsked, AdviceProgress, AdviceResult, Leveling, Remedy } from '#core/advice';
import type { Build } from '#core/build';
import { house } from '#core/subjects';

const office = {
  levelingOf: (build: Build): Leveling[] => levelingOf(house.evaluate(build)),
  remediesFor: (build: Build, finding: string): Remedy[] => remediesFor(house.evaluate(build), finding),
  /** Searches to the end and says how far it is; who no longer wants it ends the worker. */
  search(build: Build, asked: AdviceAsked, report: (progress: AdviceProgress) => void): AdviceResult {
    const steps = advise(house.evaluate(build), asked);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      report(step.value);
    }
  },
};

export type Office = typeof office;
expose(office);
