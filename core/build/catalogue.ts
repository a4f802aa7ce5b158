import type { Build } from './build.js';

/** A part that ships with Baros, with all its figures as they were when it was chosen. */
export interface PartCopy {
  kind: string;
  /** Edition of the catalog from which it was chosen. */
  edition: string;
  part: { id: string } & Record<string, unknown>;
}

/** The parts that a build names. A build keeps them under any later catalog. */
export interface CatalogueCopy {
  parts: PartCopy[];
}

const NONE: readonly PartCopy[] = [];

/** The parts of the catalog that a build carries; an older file carries none. */
export const copiesIn = ({ catalogue }: Pick<Build, 'catalogue'>): readonly PartCopy[] =>
  catalogue?.parts ?? NONE;

/** A build that carries what `other` does beside its own copies. */
export function withCopiesOf(build: Build, other: Build): Build {
  const own = copiesIn(build);
  const more = copiesIn(other).filter(
    ({ kind, part }) => !own.some((copy) => copy.kind === kind && copy.part.id === part.id),
  );
  return more.length ? { ...build, catalogue: { parts: [...own, ...more] } } : build;
}
