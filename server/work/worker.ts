import { BadInput, readJson } from '#core/build';
import type { Build, Problem } from '#core/build';
import {
  carriedLines,
  glanceOf,
  ofLine,
  parseArchive,
  readRevision,
  report,
  taken,
  TAKEN,
} from '#core/exchange';
import type { ArchivedRevision, ReadRevision, RevisionToRead } from '#core/exchange';
import { house } from '#core/subjects';
import { miniatureSvg } from '#pictures';

/** What is worked aside: judging a large body by the rules of its kind, evaluating a whole build file, what the
 * yard shows of one, and the judging of archives. */
export type WorkOrder =
  | { kind: 'judge'; as: keyof typeof TAKEN; body: unknown }
  | { kind: 'evaluate'; file: unknown }
  | { kind: 'glance'; file: unknown }
  | { kind: 'carried'; file: unknown }
  | { kind: 'archive'; text: string }
  | { kind: 'revisions'; lines: RevisionToRead[] }
  | { kind: 'measure'; revisions: ArchivedRevision[] };

/** What comes of it: the result, or why it was refused. */
export type WorkDone = { result: unknown } | { problems: Problem[] };

const result = (order: WorkOrder): unknown => {
  switch (order.kind) {
    case 'judge':
      return taken(TAKEN[order.as] as new () => object, order.body);
    case 'evaluate':
      return report(house.parse(order.file));
    case 'glance': {
      const evaluation = house.evaluate(house.upgrade(order.file) as Build);
      return { ...glanceOf(evaluation), drawing: miniatureSvg(evaluation) };
    }
    case 'carried':
      return carriedLines(house.evaluate(house.upgrade(order.file) as Build));
    case 'archive':
      return parseArchive(readJson(order.text));
    case 'revisions':
      return order.lines.map(({ at, line, parts }) => ofLine(at, () => readRevision(line, parts)));
    case 'measure':
      return order.revisions.map(({ build, ...revision }): ReadRevision => {
        const carrying = house.carrying(build);
        return { ...revision, build: carrying, figures: house.measured(carrying), standing: null };
      });
  }
};

/** Works in a thread of its own, so that nobody's save waits for it. */
export default function work(order: WorkOrder): WorkDone {
  try {
    return { result: result(order) };
  } catch (error) {
    if (error instanceof BadInput) return { problems: error.problems };
    throw error;
  }
}
