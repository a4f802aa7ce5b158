import { clamped, freshId } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { row } from '../../truck/index.js';
import type { BlockPlace } from '../../truck/index.js';
import { layoutBlock } from './block.js';

type Moved = NonNullable<Build['layout']['moved']>[number];
const { aheadIn: AHEAD } = layoutBlock.fields.moved.fields;

const movedOf = ({ layout }: Build, blockId: string): Moved | undefined =>
  layout.moved?.find((moved) => moved.blockId === blockId);

/** What is kept free ahead of a block besides what it always keeps, in. */
export const aheadOf = (build: Build, blockId: string): number => movedOf(build, blockId)?.aheadIn ?? 0;

/** A block moved in the row. */
function withMoved(build: Build, blockId: string, change: Partial<Omit<Moved, 'id' | 'blockId'>>): Build {
  const now = movedOf(build, blockId) ?? { id: freshId(), blockId, aheadIn: 0 };
  const { rank, ...next } = { ...now, ...change };
  const others = (build.layout.moved ?? []).filter((moved) => moved.blockId !== blockId);
  const stays = next.aheadIn === 0 && rank === undefined;
  const { moved: _old, ...rest } = build.layout;
  const moved = stays ? others : [...others, { ...next, ...(rank === undefined ? {} : { rank }) }];
  return { ...build, layout: moved.length === 0 ? rest : { ...rest, moved } };
}

/** So much more kept free ahead of a block, in whole inches: it and all behind it move aft. */
export const withAhead = (build: Build, blockId: string, aheadIn: number): Build =>
  withMoved(build, blockId, { aheadIn: Math.round(clamped(AHEAD, aheadIn)) });

/** Two neighbors in the row that change places. */
export function swapped(build: Build, one: BlockPlace, next: BlockPlace): Build {
  return withMoved(withMoved(build, one.id, { rank: next.rank }), next.id, { rank: one.rank });
}

/** The blocks that a person may move. */
export const movable = (evaluation: Evaluation): BlockPlace[] =>
  evaluation.read(row).filter(({ moves }) => moves);

/** A block dragged along the frame: past half of its neighbor it changes places with it, otherwise it keeps more free ahead. */
export function dragged(evaluation: Evaluation, blockId: string, byIn: number): Build {
  const { build } = evaluation;
  const all = evaluation.read(row);
  const at = all.findIndex(({ id }) => id === blockId);
  const block = all[at]!;
  const [before, after] = [all[at - 1], all[at + 1]];
  if (after?.moves && byIn > after.lengthIn / 2) return swapped(build, block, after);
  if (before?.moves && -byIn > aheadOf(build, blockId) + before.lengthIn / 2)
    return swapped(build, before, block);
  return withAhead(build, blockId, aheadOf(build, blockId) + byIn);
}
