import { same } from '../build/index.js';
import type { Build } from '../build/index.js';
import type { OwnPart } from './own-part.js';

const isOf = (a: OwnPart, b: OwnPart): boolean => a.kind === b.kind && a.id === b.id;

/** A build with own parts on offer beside those that it carries; its own copy of a part comes first. */
export function withOffered(build: Build, offered: readonly OwnPart[]): Build {
  const { own } = build.parts;
  const others = offered.filter((part) => !own.some((other) => isOf(other, part)));
  return others.length ? { ...build, parts: { ...build.parts, own: [...own, ...others] } } : build;
}

/** A build with this copy of an own part in place of the one that it carries, not yet put in order. */
export function withOwnPart(build: Build, own: OwnPart): Build {
  const others = build.parts.own.filter((other) => !isOf(other, own));
  return { ...build, parts: { ...build.parts, own: [...others, own] } };
}

const said = ({ id, kind, likeId, name, figures }: OwnPart) => ({
  id,
  kind,
  likeId,
  name,
  figures: Object.fromEntries(figures.map(({ field, value, source }) => [field, { value, source }])),
});

/** The own parts of a build that the department has since given other figures. */
export const outdated = (build: Build, current: readonly OwnPart[]): OwnPart[] =>
  current.filter((own) =>
    build.parts.own.some((carried) => isOf(carried, own) && !same(said(carried), said(own))),
  );
