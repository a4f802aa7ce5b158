import { changeOf, saidFigure, saidMoves, STATUS_WORDS } from '../kernel/index.js';
import type { Evaluation, Figure, Figures, NewerPart, Said, Status } from '../kernel/index.js';
import { formatMoney } from '../units/index.js';
import { house } from '../subjects/index.js';

/** Something that was otherwise before. */
export interface BeforeAndAfter {
  title: string;
  before: string;
  after: string;
}

const NONE = 'none';

/** What of two lists of words is not the same, by its title. */
function otherwise(before: readonly Said[], after: readonly Said[]): BeforeAndAfter[] {
  const [was, is] = [before, after].map((all) => new Map(all.map(({ title, words }) => [title, words])));
  return [...new Set([...was!.keys(), ...is!.keys()])]
    .map((title) => ({ title, before: was!.get(title) ?? NONE, after: is!.get(title) ?? NONE }))
    .filter(({ before: b, after: a }) => b !== a);
}

/** How the checks of a truck stand: what is kept with a revision of it. */
export const standingIn = (evaluation: Evaluation): Record<string, Status> =>
  Object.fromEntries(evaluation.findings.map(({ id, status }) => [id, status]));

/** The checks that stand otherwise than before; one that holds and was not judged before is no news. */
const standsOtherwise = (
  before: Readonly<Record<string, Status>>,
  evaluation: Evaluation,
): BeforeAndAfter[] =>
  evaluation.findings.flatMap(({ id, title, status }) => {
    const was = before[id];
    if (was === status || (was === undefined && status === 'holds')) return [];
    return [{ title, before: was ? STATUS_WORDS[was] : 'not judged', after: STATUS_WORDS[status] }];
  });

/** A part of which the newest catalog says something else than the build carries. */
export interface PartNews extends NewerPart {
  /** What is said otherwise of it. */
  differences: BeforeAndAfter[];
  /** What taking it would move, in a row of figures; empty where that is nothing. */
  moves: string;
  /** The checks that would stand otherwise. */
  stands: BeforeAndAfter[];
}

/** What the newest catalog has otherwise of the parts that a build carries, and what each would change. */
export const newsOf = (evaluation: Evaluation): PartNews[] => {
  const { build } = evaluation;
  const names = house.namesIn(build);
  const [figures, standing] = [evaluation.figures(), standingIn(evaluation)];
  return house.newerParts(build).map((newer) => {
    const { says } = house.shelf(newer.kind);
    const taken = house.evaluate(house.withNewest(build, [newer]), evaluation);
    return {
      ...newer,
      differences: otherwise(says(newer.carried as never, names), says(newer.newest as never, names)),
      moves: saidMoves(house.mainFigures, changeOf(figures, taken.figures())),
      stands: standsOtherwise(standing, taken),
    };
  });
};

const figureWords = (figure: Figure, value: number): string =>
  figure.unit === '$' ? formatMoney(value) : saidFigure(figure, value);

/**
 * What this Baros reckons or judges otherwise of a build than the one that saved it. Less than half a pound, inch
 * or dollar is not told.
 */
export function reckonedOtherwise(
  { figures, standing }: { figures: Figures; standing?: Readonly<Record<string, Status>> },
  evaluation: Evaluation,
): BeforeAndAfter[] {
  const now = evaluation.figures();
  const moved = house.mainFigures.flatMap((figure): BeforeAndAfter[] => {
    const was = figures[figure.id];
    if (was === undefined || !saidMoves([figure], { [figure.id]: now[figure.id]! - was })) return [];
    return [
      { title: figure.title, before: figureWords(figure, was), after: figureWords(figure, now[figure.id]!) },
    ];
  });
  return [...moved, ...(standing ? standsOtherwise(standing, evaluation) : [])];
}
