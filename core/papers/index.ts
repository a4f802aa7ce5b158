import type { Evaluation } from '../kernel/index.js';
import { cardPaper } from './card-paper.js';
import type { Paper } from './kinds.js';
import { labelsPaper, mapPaper, mountingPaper, pickPaper } from './locker-papers.js';
import { plumbingPaper } from './plumbing-paper.js';
import { weightPaper } from './weight-paper.js';

export type { Block, Paper } from './kinds.js';

/** A paper that can be made of a build. */
export interface PaperKind {
  id: string;
  title: string;
  of: (evaluation: Evaluation) => Paper;
}

/** Every paper, by the id that its route and its file have. To add one, add it here. */
export const PAPERS: readonly PaperKind[] = [
  { id: 'weights', title: 'Weight sheet', of: weightPaper },
  { id: 'plumbing', title: 'Plumbing sheet', of: plumbingPaper },
  { id: 'card', title: 'Operator’s card', of: cardPaper },
  { id: 'lockers', title: 'Locker map', of: mapPaper },
  { id: 'labels', title: 'Labels', of: labelsPaper },
  { id: 'picking', title: 'Pick lists', of: pickPaper },
  { id: 'mounting', title: 'Mounting drawings', of: mountingPaper },
];

/** @throws RangeError where there is no such paper. */
export function paperKind(id: string): PaperKind {
  const kind = PAPERS.find((paper) => paper.id === id);
  if (!kind)
    throw new RangeError(`there is no paper "${id}"; there is ${PAPERS.map((paper) => paper.id).join(', ')}`);
  return kind;
}
