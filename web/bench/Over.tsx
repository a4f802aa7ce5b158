import { useCallback, useLayoutEffect, useMemo, useRef } from 'react';
import type { Evaluation, Grip } from '#core/kernel';
import { house } from '#core/subjects';
import { components } from '#core/truck';
import { useFollowing } from '../common';
import { GhostLayer, GripLayer } from '../drawing';
import type { GripsProps, Picture } from '../drawing';

/** What can be moved by hand on a truck, of some only while their step is open. */
const gripsOf = (evaluation: Evaluation, step: string): Grip[] =>
  house.subjects.flatMap(({ id, grips }) =>
    (grips?.(evaluation) ?? []).filter(({ inItsStep }) => !inItsStep || id === step),
  );

export interface OverProps extends Omit<GripsProps, 'grips' | 'latest'> {
  evaluation: Evaluation;
  before: { key: number; evaluation: Evaluation } | null;
  picture: Picture;
  step: string;
  /** While something is dragged, what can be moved goes with it. */
  held: boolean;
  withGrips: boolean;
}

/**
 * What lies over the drawing: where things were before, and what can be moved. It follows when the drawing is
 * painted.
 */
export function Over({ evaluation, before, picture, step, held, withGrips, onMove, onLetGo }: OverProps) {
  const now = useMemo(() => ({ evaluation, before, picture, step }), [evaluation, before, picture, step]);
  const later = useFollowing(now);
  const drawn = held ? now : later;
  const grips = useMemo(() => gripsOf(drawn.evaluation, drawn.step), [drawn.evaluation, drawn.step]);

  const newest = useRef(now);
  useLayoutEffect(() => {
    newest.current = now;
  }, [now]);
  const latest = useCallback(
    (grip: Grip) =>
      gripsOf(newest.current.evaluation, newest.current.step).find(({ id }) => id === grip.id) ?? grip,
    [],
  );
  return (
    <>
      {later.before && (
        <GhostLayer
          key={later.before.key}
          picture={later.picture}
          was={later.before.evaluation.read(components)}
          now={later.evaluation.read(components)}
        />
      )}
      {withGrips && (
        <GripLayer picture={drawn.picture} grips={grips} latest={latest} onMove={onMove} onLetGo={onLetGo} />
      )}
    </>
  );
}
