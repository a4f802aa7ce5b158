import { createStore, del, entries, get, set } from 'idb-keyval';
import { same } from '#core/spec';
import type { BuildSpec, BuildView } from '#core/spec';

/** A build as this browser keeps it: what the server last gave, what it is now, and what was done since, in words. */
export interface Kept {
  base: BuildView;
  spec: BuildSpec;
  words: string[];
}

const store = createStore('baros', 'builds');

/** Whether something is kept here that the server does not have. */
export const isUnsent = (kept: Kept): boolean => !same(kept.spec, kept.base.spec);

export const keptBuild = (id: string): Promise<Kept | undefined> => get<Kept>(id, store).catch(() => undefined);
export const keepBuild = (kept: Kept): Promise<void> => set(kept.base.id, kept, store).catch(() => undefined);
export const forgetBuild = (id: string): Promise<void> => del(id, store).catch(() => undefined);

/** All builds that this browser keeps. */
export const allKept = (): Promise<Kept[]> => entries<string, Kept>(store).then((all) => all.map(([, kept]) => kept), () => []);
