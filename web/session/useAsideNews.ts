import { useEffect } from 'react';
import type { Difference } from '#core/build';
import { asideNews } from '#core/kernel';
import { house } from '#core/subjects';
import { afterPaint, sayWithUndo, useUnits } from '../common';
import type { Bench } from './history';

/** One difference a line; a title is not said twice. */
const inLines = (differences: readonly Difference[]): string[] =>
  differences.map(({ title, before, after }) =>
    [before, after].some((words) => words.startsWith(title))
      ? `${before} → ${after}`
      : `${title}: ${before} → ${after}`,
  );

/** Says what fell away with the last change, and what came back with it, with a press to undo. */
export function useAsideNews({ build, before, by, step, undo }: Bench): void {
  const { say } = useUnits();
  useEffect(() => {
    if (by !== 'change' || !before) return undefined;
    let hide: (() => void) | undefined;
    const drop = afterPaint(() => {
      const { away, back } = asideNews(house, before, build);
      const said = [
        ...(away.length ? ['No longer fits, and is kept aside until it does:', ...inLines(away)] : []),
        ...(back.length ? ['Fits again, and is back:', ...inLines(back)] : []),
      ];
      if (said.length) hide = sayWithUndo(say(said.join('\n')), undo);
    });
    return () => {
      drop();
      hide?.();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- said once a change, in the units of then
  }, [step]);
}
