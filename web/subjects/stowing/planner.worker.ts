import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import type { Build } from '#core/build';
import { house } from '#core/subjects';
import { answersOf, solverBy } from '#core/subjects/stowing';
import type { Answer, AnswersProgress, Rules, Wishes } from '#core/subjects/stowing';

const planner = {
  /** Answers where each piece goes; who no longer wants them ends the worker. */
  async answers(
    build: Build,
    rules: Rules,
    wishes: Wishes,
    seconds: number,
    report: (progress: AnswersProgress) => void,
  ): Promise<Answer[]> {
    const highs = await loadHighs({ locateFile: () => wasmUrl });
    return answersOf(house.evaluate(build), rules, wishes, solverBy(highs), {
      seconds,
      now: () => performance.now(),
      onProgress: report,
    });
  },
};

export type Planner = typeof planner;
expose(planner);
