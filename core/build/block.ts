import type { Build } from './build.js';
import type { Difference } from './differences.js';
import type { Fields, ShapeOf } from './fields.js';

type Json = Record<string, unknown>;

/** A subject's part of the build file, with its own version: a later version of it is nobody else's business. */
export interface Block<S extends Fields = Fields> {
  id: string;
  title: string;
  version: number;
  fields: S;
  /** Came after version 3 of the file: one that has none of it is whole, and says nothing of it. */
  later?: true;
  /** What a new file says of it. */
  empty: ShapeOf<S>;
  /** Its fields are one choice: differences show them together, and a merge takes them together. */
  asOne?(block: ShapeOf<S>, names: Names): string;
  /** What differs within a block that is one choice, where more can be said than both in words. */
  differences?(before: ShapeOf<S>, after: ShapeOf<S>, names: Names): Difference[];
  /** From each older version of the block to the next. */
  upgrades?: Record<number, (older: Json) => Json>;
  /** Its part of a file of version 2, where all blocks had one version together. */
  fromVersion2: (file: Json) => ShapeOf<S>;
}

/** How a part or a choice of a build is called, for those who say what a build has. */
export interface Names {
  build: Build;
  part: (kind: string, id: string) => string;
  /** A limit's title, and a value of it in its unit. */
  limit: (id: string, value: number) => { title: string; words: string };
}

export type BlockOf<B> = B extends Block<infer S> ? { version: number } & ShapeOf<S> : never;

/** A block of the build file. */
export const block = <S extends Fields>(of: Block<S>): Block<S> => of;

/** A block as a new file has it. */
export const fresh = <S extends Fields>(
  of: Block<S>,
  value: ShapeOf<S> = of.empty,
): { version: number } & ShapeOf<S> => ({ version: of.version, ...value });
