import { PART_FIELDS, SHIPPED } from '../catalogue/index.js';
import type { OwnKind, OwnPart, PartKind } from '../catalogue/index.js';
import type { BuildSpec } from './build-spec.js';
import type { Problem } from './problems.js';

/** Pairs of figures of which the first must not be above the second. */
const ORDERED: Partial<Record<OwnKind, [string, string][]>> = {
  chassis: [['wheelbaseMinIn', 'baseWheelbaseIn'], ['baseWheelbaseIn', 'wheelbaseMaxIn'], ['wheelbaseMinIn', 'wheelbaseMaxIn']],
  body: [['lengthMinIn', 'lengthMaxIn'], ['floorIn', 'topIn']],
};

/** What is wrong with an own part beyond its shape: an unknown figure, one given twice or beyond belief, or nothing that it is like. */
export function ownPartProblems(own: OwnPart, at = ''): Problem[] {
  const problems: Problem[] = [];
  const say = (field: string, message: string) => problems.push({ field: at + field, message: `${at}${field} ${message}` });
  const like = SHIPPED.find(own.kind, own.likeId);
  if (!like) say('likeId', `must be a ${own.kind} that ships with Baros (was "${own.likeId}")`);
  if (own.id !== own.likeId && SHIPPED.find(own.kind, own.id)) say('id', `is that of a shipped ${own.kind}: give it another, or be like "${own.id}" to correct it (was "${own.id}")`);
  const fields = PART_FIELDS[own.kind];
  own.figures.forEach((figure, i) => {
    const field = fields.find(({ id }) => id === figure.field);
    if (!field) say(`figures.${i}.field`, `must be one of ${fields.map(({ id }) => id).join(', ')} (was "${figure.field}")`);
    else if (figure.value < field.min || figure.value > field.max) say(`figures.${i}.value`, `must be from ${field.min} to ${field.max} for ${field.id} (was ${figure.value})`);
    if (own.figures.findIndex((other) => other.field === figure.field) < i) say(`figures.${i}.field`, `is given twice (was "${figure.field}")`);
  });
  if (like && problems.length === 0) {
    const valueOf = (id: string) => own.figures.find(({ field }) => field === id)?.value ?? (fields as { id: string; read: (part: never) => number }[]).find((field) => field.id === id)!.read(like as never);
    for (const [low, high] of ORDERED[own.kind] ?? []) {
      if (valueOf(low) > valueOf(high)) say('figures', `must have ${low} no greater than ${high} (was ${valueOf(low)} and ${valueOf(high)})`);
    }
  }
  return problems;
}

/** Every part that a build names, by kind and id. */
export function namedParts(spec: BuildSpec): { kind: PartKind; id: string }[] {
  const named = (kind: PartKind, ids: (string | undefined)[]) => ids.filter((id) => id !== undefined).map((id) => ({ kind, id }));
  return [
    ...named('chassis', [spec.chassis.partId]), ...named('bumper', [spec.bumper.partId]), ...named('bumperItem', spec.bumper.itemIds), ...named('pump', [spec.pumpId]),
    ...named('foam', [spec.foam?.partId]), ...named('hose', spec.hose.map((load) => load.hoseId)), ...named('ladder', spec.ladders.partIds), ...named('body', [spec.body.partId]),
    ...named('device', [spec.device?.partId]), ...named('fitting', spec.fittingIds), ...named('equipment', spec.equipment.map((line) => line.partId)),
  ];
}

/** Whether a build names a part. */
export const names = (spec: BuildSpec, { kind, id }: { kind: PartKind; id: string }): boolean => namedParts(spec).some((part) => part.kind === kind && part.id === id);

/** A build with own parts on offer beside those that it carries; its own copy of a part comes first. */
export function withOffered(spec: BuildSpec, offered: OwnPart[]): BuildSpec {
  const carried = spec.ownParts ?? [];
  const others = offered.filter((own) => !carried.some((other) => other.kind === own.kind && other.id === own.id));
  return others.length ? { ...spec, ownParts: [...carried, ...others] } : spec;
}

/** A build that carries those own parts only that it names. */
export function carryingOnlyNamed(spec: BuildSpec): BuildSpec {
  if (!spec.ownParts) return spec;
  const kept = spec.ownParts.filter((own) => names(spec, own));
  if (kept.length === spec.ownParts.length && kept.length > 0) return spec;
  const { ownParts: _all, ...rest } = spec;
  return kept.length ? { ...rest, ownParts: kept } : rest;
}

/** A build with this copy of an own part in place of the one that it carries. */
export function withOwnPart(spec: BuildSpec, own: OwnPart): BuildSpec {
  return { ...spec, ownParts: [...(spec.ownParts ?? []).filter((other) => other.kind !== own.kind || other.id !== own.id), own] };
}

/** The own parts of a build that the department has since given other figures. */
export const outdated = (spec: BuildSpec, current: OwnPart[]): OwnPart[] =>
  current.filter((own) => spec.ownParts?.some((carried) => carried.kind === own.kind && carried.id === own.id && JSON.stringify(plainOf(carried)) !== JSON.stringify(plainOf(own))));

const plainOf = ({ id, kind, likeId, name, figures }: OwnPart) => ({ id, kind, likeId, name, figures: figures.map(({ field, value, source }) => [field, value, source]).sort() });

/** Problems of the own parts and items of a build, and of those of another kind under one id. */
export function ownProblems(spec: BuildSpec): Problem[] {
  const twice = (spec.ownParts ?? []).flatMap((own, i, all) =>
    all.findIndex((other) => other.kind === own.kind && other.id === own.id) < i ? [{ field: `ownParts.${i}.id`, message: `ownParts.${i}.id is there twice (was "${own.id}")` }] : []);
  const items = (spec.items ?? []).flatMap((item, i, all) =>
    all.findIndex((other) => other.id === item.id) < i ? [{ field: `items.${i}.id`, message: `items.${i}.id is there twice (was "${item.id}")` }] : []);
  const states = (spec.states ?? []).flatMap((state, i, all) =>
    all.findIndex((other) => other.id === state.id) < i ? [{ field: `states.${i}.id`, message: `states.${i}.id is there twice (was "${state.id}")` }] : []);
  return [...twice, ...items, ...states, ...(spec.ownParts ?? []).flatMap((own, i) => ownPartProblems(own, `ownParts.${i}.`))];
}
