import type { Evaluation, Finding, TableOf } from '../../kernel/index.js';
import { withProfile } from '../limits/index.js';

/** The engine types by their profiles, the largest first. */
const TYPES = [1, 2, 3, 4, 5, 6, 7].map((type) => ({ type, profileId: `us-wildland-${type}` }));
/** What a type asks for, and not what every truck must hold. */
const OF_A_TYPE = /^Interagency engine type/;

/** How a truck stands to an engine type: what it is asked for, and what of that it lacks. */
export interface AtType {
  type: number;
  asked: Finding[];
  lacks: Finding[];
}

/** Every engine type against this truck: it is held against each profile in turn, by the checks that all builds have. */
export const engineTypes = (evaluation: Evaluation): AtType[] =>
  TYPES.map(({ type, profileId }) => {
    const asked = evaluation
      .with(withProfile(evaluation.build, profileId))
      .findings.filter(({ basis }) => OF_A_TYPE.test(basis));
    return { type, asked, lacks: asked.filter(({ status }) => status === 'fails') };
  });

/** The heaviest type that it meets, and the next heavier one that it lacks something for; null where there is none. */
export function metAndNext(all: readonly AtType[]): { met: AtType | null; next: AtType | null } {
  const at = all.findIndex(({ lacks }) => lacks.length === 0);
  return { met: all[at] ?? null, next: at < 0 ? (all.at(-1) ?? null) : (all[at - 1] ?? null) };
}

/** Each type with what this truck lacks for it. */
export const typesTable = (all: readonly AtType[]): TableOf => ({
  title: 'Interagency engine types',
  columns: [{ head: 'Type' }, { head: 'It' }, { head: 'What it lacks' }],
  rows: all.map(({ type, lacks }) => ({
    id: String(type),
    cells: [
      `Type ${type}`,
      lacks.length === 0 ? 'meets it' : 'does not meet it',
      lacks.map(({ title, words }) => `${title}: ${words}`).join(' ') || 'nothing',
    ],
  })),
});
