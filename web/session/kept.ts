import { createStore, del, entries, get, set } from 'idb-keyval';
import { same } from '#core/build';
import type { Build } from '#core/build';
import type { BuildView } from '#core/exchange';
import { house } from '#core/subjects';
import { withNextFrame } from '../common';

/**
 * A build as this browser keeps it: what the server last gave, what it is now, and what was done since, in
 * words.
 */
export interface Kept {
  base: BuildView;
  build: Build;
  words: string[];
}

const store = createStore('baros', 'builds');

/** What an older Baros kept in this browser: its builds stood under another name and may be of an older version. */
interface KeptOnce {
  base: BuildView & { spec?: unknown };
  build?: unknown;
  spec?: unknown;
  words: string[];
}

const ofToday = ({ base: { spec: baseOnce, ...base }, build, spec, words }: KeptOnce): Kept => ({
  base: { ...base, build: house.upgrade(base.build ?? baseOnce) as Build },
  build: house.upgrade(build ?? spec) as Build,
  words,
});

/** Whether something is kept here that the server does not have. */
export const isUnsent = (kept: Kept): boolean => !same(kept.build, kept.base.build);

export const keptBuild = (id: string): Promise<Kept | undefined> =>
  get<KeptOnce>(id, store).then(
    (kept) => kept && ofToday(kept),
    () => undefined,
  );
export const keepBuild = (kept: Kept): Promise<void> => set(kept.base.id, kept, store).catch(() => undefined);

/** Keeps the build of a screen, of which every edit is told: with the next frame, of several before that the last. */
export function keeper(): { keep: (kept: Kept) => void; flush: () => void } {
  let last: Kept | undefined;
  let drop = () => {};
  const flush = () => {
    drop();
    if (last) void keepBuild(last);
    last = undefined;
  };
  return {
    keep: (kept) => {
      drop();
      last = kept;
      drop = withNextFrame(flush);
    },
    flush,
  };
}

export const forgetBuild = (id: string): Promise<void> => del(id, store).catch(() => undefined);

/** All builds that this browser keeps. */
export const allKept = (): Promise<Kept[]> =>
  entries<string, KeptOnce>(store).then(
    (all) => all.map(([, kept]) => ofToday(kept)),
    () => [],
  );
