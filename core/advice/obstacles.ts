import type { ChangeKind, Finding } from '../kernel/index.js';
import { standingOf } from './judged.js';
import type { Judged, Standing } from './judged.js';
import type { Single } from './pairs.js';

/** Why a check is not mended: the best that each kind of change alone does for it, and the best that any two do. */
export interface Obstacle {
  id: string;
  title: string;
  unit: Finding['unit'];
  standing: Standing;
  /** How far each kind of change brings it, best first; none where the catalog offers nothing. */
  nearest: { kind: ChangeKind; label: string; after: Standing; worse: string[] }[];
  nearestPair: { labels: string[]; after: Standing } | null;
}

const marginIn = (judged: Judged, target: Finding): number => judged.finding(target.id)?.margin ?? -Infinity;

/** What the best change of each kind, and the best pair, do for a check that nothing mends. */
export function obstacleOf(
  target: Finding,
  singles: Single[],
  pairs: { labels: string[]; judged: Judged }[],
): Obstacle {
  const best = new Map<string, Single>();
  for (const single of singles) {
    const rival = best.get(single.kind.id);
    if (marginIn(single.judged, target) > (rival ? marginIn(rival.judged, target) : target.margin))
      best.set(single.kind.id, single);
  }
  const nearest = [...best.values()].sort((a, b) => marginIn(b.judged, target) - marginIn(a.judged, target));
  const pair = pairs.reduce<(typeof pairs)[number] | null>(
    (most, next) =>
      marginIn(next.judged, target) > (most ? marginIn(most.judged, target) : target.margin) ? next : most,
    null,
  );
  return {
    id: target.id,
    title: target.title,
    unit: target.unit,
    standing: standingOf(target),
    nearest: nearest.map(({ kind, label, judged }) => ({
      kind,
      label,
      after: judged.standing(target),
      worse: judged.worse,
    })),
    nearestPair: pair && { labels: pair.labels, after: pair.judged.standing(target) },
  };
}
