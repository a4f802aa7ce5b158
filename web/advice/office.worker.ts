import { expose } from 'comlink';
import { advise, levelingOf, remediesFor } from '#core/advice';
import type { AdviceAsked, AdviceProgress, AdviceResult, Leveling, Remedy } from '#core/advice';
import type { Build } from '#core/build';
import { house } from '#core/subjects';
import { findLongest } from '#core/subjects/streets';
import type { LongestOn, Tight } from '#core/subjects/streets';

const office = {
  levelingOf: (build: Build): Leveling[] => levelingOf(house.evaluate(build)),
  remediesFor: (build: Build, finding: string): Remedy[] => remediesFor(house.evaluate(build), finding),
  /** The longest trucks of the catalog that get through corners and bays. */
  longest: (build: Build, tight: Tight): LongestOn[] => findLongest(house.evaluate(build), tight),
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
