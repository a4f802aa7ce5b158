import type { CatalogueCopy } from './catalogue.js';
import { same } from './same.js';
import type { BUILD_TYPES } from './types.js';

/**
 * The blocks of the build file: each subject adds its own to this interface, so that a build is typed and
 * this room knows no subject.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled where the subjects are
export interface Blocks {}

export const BUILD_FORMAT = 'baros-build';
/** Version of the build file that this Baros writes; the blocks have versions of their own. */
export const BUILD_VERSION = 3;

export type BuildType = (typeof BUILD_TYPES)[number];

/** What stands at the head of a build file. */
export interface BuildHead {
  format: typeof BUILD_FORMAT;
  version: typeof BUILD_VERSION;
  name: string;
  department: { name: string };
  type: BuildType;
  /** Choices that nobody has confirmed yet, by their ids. */
  assumed?: string[];
  /** What the parts are that it names. */
  catalogue?: CatalogueCopy;
}

/**
 * Everything that was chosen for one truck: the build file. Lengths in, weights lb, liquids US gal, hose ft,
 * money cents.
 */
export interface Build extends BuildHead, Blocks {}
export type BlockId = keyof Blocks;

/** A build with some fields of one block changed; a field that is given as undefined is left out. */
export function withBlock<K extends BlockId>(build: Build, of: K, change: Partial<Build[K]>): Build {
  const next = { ...(build[of] as object), ...(change as object) } as Record<string, unknown>;
  for (const key of Object.keys(change as object)) if (next[key] === undefined) delete next[key];
  return { ...build, [of]: next };
}

/** A build in which these choices are confirmed as they are. */
export function confirmed(build: Build, ids: string[]): Build {
  if (!build.assumed?.some((id) => ids.includes(id))) return build;
  const { assumed, ...rest } = build;
  const left = assumed.filter((id) => !ids.includes(id));
  return (left.length ? { ...rest, assumed: left } : rest) as Build;
}

/** A build with a block in place of the one it has; the same build where both say the same. */
export const settled = <K extends BlockId>(build: Build, of: K, next: Build[K]): Build =>
  same(build[of], next) ? build : { ...build, [of]: next };
