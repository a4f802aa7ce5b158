import { BadInput } from '#core/build';
import type { Problem } from '#core/build';
import { report, taken, TAKEN } from '#core/exchange';
import { house } from '#core/subjects';

/** What is worked aside: judging a large body by the rules of its kind, or evaluating a whole build file. */
export type WorkOrder =
  { kind: 'judge'; as: keyof typeof TAKEN; body: unknown } | { kind: 'evaluate'; file: unknown };

/** What comes of it: the result, or why it was refused. */
export type WorkDone = { result: unknown } | { problems: Problem[] };

/** Works in a thread of its own, so that nobody's save waits for it. */
export default function work(order: WorkOrder): WorkDone {
  try {
    return {
      result:
        order.kind === 'judge'
          ? taken(TAKEN[order.as] as new () => object, order.body)
          : report(house.parse(order.file)),
    };
  } catch (error) {
    if (error instanceof BadInput) return { problems: error.problems };
    throw error;
  }
}
