import { copiesIn } from '../build/index.js';
import type { Block, Build, Field, PartCopy, Problem } from '../build/index.js';
import type { Shelf } from './shelf.js';

type Json = Record<string, unknown>;

/** What a registry has of parts: where a build names them, what ships, and the edition of that. */
interface Catalogued {
  blocks: readonly Block[];
  shelves: readonly Shelf[];
  edition: string;
}

/** Every part that a build names, by kind and id. */
export function namedParts(
  { blocks }: Pick<Catalogued, 'blocks'>,
  build: Build,
): { kind: string; id: string }[] {
  const named = (field: Field, value: unknown): { kind: string; id: string }[] => {
    if (value === undefined) return [];
    if (field.kind === 'part') return [{ kind: field.of, id: value as string }];
    if (field.kind === 'lines')
      return (value as Json[]).flatMap((line) =>
        Object.entries(field.fields as Record<string, Field>).flatMap(([key, of]) => named(of, line[key])),
      );
    return [];
  };
  return blocks.flatMap((block) =>
    Object.entries(block.fields).flatMap(([key, field]) =>
      named(field as Field, (build as unknown as Record<string, Json>)[block.id]![key]),
    ),
  );
}

/**
 * A build that carries the parts that it names and no others: its own, and of those that ship the figures
 * with which they were chosen. What it names anew comes from the newest catalogue.
 */
export function carrying(of: Catalogued, build: Build): Build {
  const wanted = new Map<string, Set<string>>(of.shelves.map(({ kind }) => [kind, new Set()]));
  for (const { kind, id } of namedParts(of, build)) wanted.get(kind)?.add(id);
  const own = build.parts.own.filter(({ kind, id }) => wanted.get(kind)?.has(id));
  for (const { kind, likeId } of own) wanted.get(kind)!.add(likeId);
  const copies = copiesIn(build);
  const parts = of.shelves.flatMap(({ kind, shipped }) => {
    const ofKind = copies.filter((copy) => copy.kind === kind);
    return [...wanted.get(kind)!].sort().flatMap((id): PartCopy[] => {
      const carried = ofKind.find(({ part }) => part.id === id);
      const newest = shipped.find(id);
      if (carried || !newest) return carried ? [carried] : [];
      return [{ kind, edition: of.edition, part: newest as unknown as PartCopy['part'] }];
    });
  });
  const asBefore = parts.length === copies.length && parts.every((copy, i) => copy === copies[i]);
  const ownAsBefore = own.length === build.parts.own.length;
  if (asBefore && ownAsBefore) return build;
  return {
    ...build,
    ...(ownAsBefore ? {} : { parts: { ...build.parts, own } }),
    ...(asBefore ? {} : { catalogue: { parts } }),
  };
}

/** What is wrong with the copies of parts that a build carries. */
export function copyProblems({ shelves }: Pick<Catalogued, 'shelves'>, build: Build): Problem[] {
  const copies = copiesIn(build);
  return copies.flatMap((copy, i) => {
    const at = `catalogue.parts.${i}`;
    const { kind, part } = copy;
    const shelf = shelves.find((one) => one.kind === kind);
    if (!shelf) {
      const kinds = shelves.map((one) => one.kind).join(', ');
      return [{ field: `${at}.kind`, message: `${at}.kind must be one of ${kinds} (was "${kind}")` }];
    }
    if (copies.findIndex((other) => other.kind === kind && other.part.id === part.id) < i)
      return [{ field: `${at}.part.id`, message: `${at}.part.id is there twice (was "${part.id}")` }];
    return shelf.problemsOfCopy(copy, `${at}.part`);
  });
}
