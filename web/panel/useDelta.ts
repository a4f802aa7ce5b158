import { useMemo } from 'react';
import type { Build } from '#core/build';
import { changeOf } from '#core/kernel';
import type { Evaluation } from '#core/kernel';
import { useLater } from '../common';
import type { Delta } from './offers';

/** What one build would change, or none, worked out after the paint; nothing until then. */
export function useDelta(evaluation: Evaluation, build: Build | null): Delta | undefined {
  const pieces = useMemo(
    () =>
      new Map(
        build
          ? [['change', () => changeOf(evaluation.figures(), evaluation.with(build).figures())] as const]
          : [],
      ),
    [evaluation, build],
  );
  return useLater(pieces).values.get('change');
}
