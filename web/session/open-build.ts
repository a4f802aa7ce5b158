import { same } from '#core/build';
import type { BuildView } from '#core/exchange';
import { ask, Unreachable } from '../api';
import { isUnsent, keepBuild, keptBuild } from './kept';
import type { Kept } from './kept';

/** A build as it is opened: from the server, with what was kept here of it and never sent. */
export interface Opened extends Kept {
  /** A newer revision than the one that the kept changes were made on. */
  theirs: BuildView | null;
}

/**
 * Opens a build. With the server out of reach it opens as it was last seen here.
 * @throws Unreachable where it was never seen here, Refused where the server has no such build.
 */
export async function openBuild(id: string): Promise<Opened> {
  const kept = await keptBuild(id);
  let view: BuildView;
  try {
    view = await ask<BuildView>('GET', `builds/${id}`);
  } catch (error) {
    if (error instanceof Unreachable && kept) return { ...kept, theirs: null };
    throw error;
  }
  const fresh: Opened = { base: view, build: view.build, words: [], theirs: null };
  if (!kept || !isUnsent(kept) || same(kept.build, view.build)) {
    await keepBuild({ base: view, build: view.build, words: [] });
    return fresh;
  }
  if (view.revision === kept.base.revision) return { ...kept, base: view, theirs: null };
  return { ...kept, theirs: view };
}
