import type { Build } from '../build/index.js';
import { changeOf } from '../kernel/index.js';
import type { Evaluation, Figures, Question } from '../kernel/index.js';

export interface SchoolSide {
  id: string;
  name: string;
  words: string;
  chosen: boolean;
  build: Build;
  /** What this way comes to on this truck, and that less what the truck has now: gains and losses. */
  figures: Figures;
  change: Figures;
}

/** A question on which good departments differ: both ways work, and each is weighed on this very truck. */
export interface School {
  id: string;
  question: string;
  sides: SchoolSide[];
}

/** Whether this truck can be built either way on a question. */
export const isOpen = (evaluation: Evaluation, question: Question): boolean =>
  evaluation.house.waysOf(question, evaluation).length >= 2;

/** Each way of a question, with what it comes to on this truck. */
export function schoolOf(evaluation: Evaluation, question: Question): School {
  const { house, build } = evaluation;
  const figuresOf = (of: Build) => evaluation.with(of).figures(house.figures);
  const now = figuresOf(build);
  const sides = house
    .waysOf(question, evaluation)
    .map(({ id, name, words, chosen, build: built }): SchoolSide => {
      const figures = chosen ? now : figuresOf(built);
      return { id, name, words, chosen, build: built, figures, change: changeOf(now, figures) };
    });
  return { id: question.id, question: question.question, sides };
}
