import { copiesIn } from '../build/index.js';
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
}

/** Of the fields of a line, those that name parts. */
const partKeys = new WeakMap<Fields, [key: string, kind: string][]>();
function partKeysOf(fields: Fields): [key: string, kind: string][] {
  let keys = partKeys.get(fields);
  if (!keys) {
    keys = Object.entries(fields).flatMap(([key, field]): [string, string][] =>
      field.kind === 'part' ? [[key, field.of]] : [],
    );
    partKeys.set(fields, keys);
  }
  return keys;
}

/** The parts that an object with these fields names. */
function partsIn(fields: Fields, object: Json, at: string, found: NamedPart[]): void {
  for (const [key, kind] of partKeysOf(fields)) {
    const id = object[key];
    if (id !== undefined) found.push({ kind, id: id as string, at: `${at}.${key}` });
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
