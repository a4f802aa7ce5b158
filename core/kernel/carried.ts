import { copiesIn, same } from '../build/index.js';
import type { Block, Build, Fields, PartCopy, Problem } from '../build/index.js';
import type { Shelf } from './shelf.js';

type Json = Record<string, unknown>;

/** What a registry has of parts: where a build names them, what ships, and the edition of that. */
interface Catalogued {
  blocks: readonly Block[];
  shelves: readonly Shelf[];
  edition: string;
}

/** A part that a build names, and where. */
export interface NamedPart {
  kind: string;
  id: string;
  at: string;
  /** It may name something else as well. */
  loose: boolean;
}

/** Of the fields of a line, those that name parts. */
type PartKey = Pick<NamedPart, 'kind' | 'loose'> & { key: string };
const partKeys = new WeakMap<Fields, PartKey[]>();
function partKeysOf(fields: Fields): PartKey[] {
  let keys = partKeys.get(fields);
  if (!keys) {
    keys = Object.entries(fields).flatMap(([key, field]): PartKey[] => {
      if (field.kind === 'part') return [{ key, kind: field.of, loose: false }];
      return field.kind === 'id' && field.carries ? [{ key, kind: field.carries, loose: true }] : [];
    });
    partKeys.set(fields, keys);
  }
  return keys;
}

/** The parts that an object with these fields names. */
function partsIn(fields: Fields, object: Json, at: string, found: NamedPart[]): void {
  for (const { key, kind, loose } of partKeysOf(fields)) {
    const id = object[key];
    if (id !== undefined) found.push({ kind, id: id as string, at: `${at}.${key}`, loose });
  }
}

/** Every part that a build names, in the order of its blocks. */
export function namedParts({ blocks }: Pick<Catalogued, 'blocks'>, build: Build): NamedPart[] {
  const found: NamedPart[] = [];
  for (const { id, fields } of blocks) {
    const object = (build as unknown as Record<string, Json>)[id]!;
    partsIn(fields, object, id, found);
    for (const [key, field] of Object.entries(fields))
      if (field.kind === 'lines')
        (object[key] as Json[] | undefined)?.forEach((line, i) =>
          partsIn(field.fields as Fields, line, `${id}.${key}.${i}`, found),
        );
  }
  return found;
}

/**
 * A build that carries the parts that it names and no others: its own, and of those that ship the figures
 * with which they were chosen. What it names anew comes from the newest catalog.
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

/** A part of which a build carries other figures than the newest catalog has. */
export interface NewerPart {
  kind: string;
  id: string;
  /** As the newest catalog calls it. */
  name: string;
  /** Editions: the one from which the build has it, and the newest. */
  edition: string;
  now: string;
  carried: PartCopy['part'];
  newest: PartCopy['part'];
}

/** The parts of a build that the newest catalog has with other figures. */
export const newerParts = ({ shelves, edition }: Catalogued, build: Build): NewerPart[] =>
  copiesIn(build).flatMap((copy) => {
    const { kind, part } = copy;
    const newest = shelves.find((shelf) => shelf.kind === kind)?.shipped.find(part.id);
    if (!newest || same(newest, part)) return [];
    return [
      {
        kind,
        id: part.id,
        name: newest.name,
        edition: copy.edition,
        now: edition,
        carried: part,
        newest: newest as unknown as PartCopy['part'],
      },
    ];
  });

/** A build with the newest figures of some of the parts that it carries. */
export function withNewest(
  of: Catalogued,
  build: Build,
  parts: readonly Pick<NewerPart, 'kind' | 'id'>[],
): Build {
  const kept = copiesIn(build).filter(
    ({ kind, part }) => !parts.some((newer) => newer.kind === kind && newer.id === part.id),
  );
  return carrying(of, { ...build, catalogue: { parts: kept } });
}
