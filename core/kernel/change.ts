import type { Build } from '../build/index.js';
import { within } from '../units/index.js';
import type { Evaluation } from './evaluation.js';

/** One step of a change: what it is called, and the edit that makes it on any build. */
export interface Step {
  label: string;
  edit: (build: Build) => Build;
}

/** One change of a kind, in steps of growing departure: the first step that mends is the one to show. */
export interface Candidate {
  /** What of the build it changes: two changes of one matter exclude each other. */
  matter: string;
  steps: Step[];
}

/**
 * A kind of change that may mend something: what it helps, and which changes of it the catalog allows on a
 * build.
 */
export interface ChangeKind {
  id: string;
  title: string;
  /** Something is given up for it, or much is changed. */
  costs?: 'givesUp' | 'much';
}

export interface Changes {
  kind: ChangeKind;
  /** Ids of checks, and of what checks say that helps them. */
  helps: readonly string[];
  offer: (evaluation: Evaluation) => Candidate[];
}

/** A change in steps; `of` tells its matter from others of the kind. */
export const inSteps = (kind: ChangeKind, steps: Step[], of = ''): Candidate => ({
  matter: of === '' ? kind.id : `${kind.id} ${of}`,
  steps,
});

/** A change of one step. */
export const atOnce = (kind: ChangeKind, label: string, edit: Step['edit'], of = ''): Candidate =>
  inSteps(kind, [{ label, edit }], of);

/** One part in place of another, in words. */
export const insteadOf = (part: { name: string }, now: { name: string }): string =>
  `${part.name} instead of ${within(now.name)}`;

/** The values from one to another, the first left out. */
export function range(from: number, to: number, step: number): number[] {
  const count = Math.floor(Math.abs(to - from) / step + 1e-9);
  return Array.from({ length: count }, (_, i) => from + Math.sign(to - from) * step * (i + 1));
}
