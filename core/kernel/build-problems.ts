import { copiesIn } from '../build/index.js';
import type { Build, PartCopy, Problem } from '../build/index.js';
import { copyProblems } from './carried.js';
import type { NamedPart } from './carried.js';
import type { House } from './house.js';
import type { OwnPart } from './own-part.js';

const twiceIn = (lines: readonly { id: string }[], at: string): Problem[] => {
  const seen = new Set<string>();
  return lines.flatMap(({ id }, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ field: `${at}.${i}.id`, message: `${at}.${i}.id is there twice (was "${id}")` }];
  });
};

/** Lines of a list that have one id. */
const lineProblems = ({ blocks }: House, build: Build): Problem[] =>
  blocks.flatMap((block) =>
    Object.entries(block.fields).flatMap(([key, field]) =>
      field.kind === 'lines'
        ? twiceIn(
            ((build as unknown as Record<string, Record<string, unknown>>)[block.id]![key] as
              { id: string }[] | undefined) ?? [],
            `${block.id}.${key}`,
          )
        : [],
    ),
  );

/** What is wrong with an own part beyond its shape. */
export function ownPartProblems(
  house: House,
  own: OwnPart,
  at: string,
  copies: readonly PartCopy[],
): Problem[] {
  const shelf = house.ownShelves.find(({ kind }) => kind === own.kind);
  if (shelf) return shelf.problemsOf(own, at, shelf.catalogue(copies));
  const kinds = house.ownShelves.map(({ kind }) => kind).join(', ');
  return [{ field: `${at}kind`, message: `${at}kind must be one of ${kinds} (was "${own.kind}")` }];
}

function ownProblems(house: House, build: Build): Problem[] {
  const seen = new Set<string>();
  return build.parts.own.flatMap((part, i) => {
    const at = `parts.own.${i}.`;
    const key = `${part.kind} ${part.id}`;
    if (seen.has(key)) return [{ field: `${at}id`, message: `${at}id is there twice (was "${part.id}")` }];
    seen.add(key);
    return ownPartProblems(house, part, at, copiesIn(build));
  });
}

/** Whether a part that a build names is gone. Whoever may name something else judges it himself. */
export const partProblems = (house: House, build: Build, { kind, id, at, loose }: NamedPart): Problem[] =>
  loose || house.shelf(kind).in(build).find(id)
    ? []
    : [
        {
          field: at,
          message: `${at} must be a ${kind} of the catalog (was "${id}", which it does not have)`,
        },
      ];

/**
 * Problems of a build that the shape of its file alone can't show: lines of one id, parts that are gone, or that
 * do not go with each other. What rests on something wrong is not judged.
 */
export function buildProblems(house: House, build: Build): Problem[] {
  const carried = [...lineProblems(house, build), ...copyProblems(house, build)];
  if (carried.length) return carried;
  const own = ownProblems(house, build);
  if (own.length) return own;
  const parts = house.namedParts(build).flatMap((named) => partProblems(house, build, named));
  return parts.length ? parts : house.subjects.flatMap(({ problems }) => problems?.(build, house) ?? []);
}
