import type { Build } from '../build/index.js';
import { rank, worstStatus } from './check.js';
import type { Finding, Status } from './check.js';
import { valueOf } from './choice.js';
import type { AbsentChoice } from './choice.js';
import type { Evaluation } from './evaluation.js';
import type { House } from './house.js';

/** One step of the order of work: what is chosen, and how it stands. */
export interface StepState {
  id: string;
  title: string;
  /**
   * What is chosen in a short line of values, and as the sentence of the specification; with their figures in
   * place.
   */
  line: string;
  sentence: string;
  status: Status;
  findings: Finding[];
}

/** Every step with its words and the worst of the findings that speak of it. */
export const stepStates = (evaluation: Evaluation): StepState[] =>
  evaluation.house.stepsFor(evaluation.build).map(({ id, title, line, sentence }) => {
    const findings = evaluation.findings
      .filter(({ steps }) => steps.includes(id))
      .sort((a, b) => rank(b.status) - rank(a.status));
    return {
      id,
      title,
      line: line?.(evaluation) ?? '',
      sentence: sentence?.(evaluation) ?? '',
      status: worstStatus(findings),
      findings,
    };
  });

/** The choices of each step that stand open, in working order; the finer ones are as usual until somebody looks. */
const choicesByStep = (evaluation: Evaluation) =>
  evaluation.house.stepsFor(evaluation.build).map((step) => ({
    step: step.id,
    title: step.title,
    choices: evaluation.house
      .choicesIn(step, evaluation)
      .filter((choice) => !('fine' in choice && choice.fine)),
  }));

/** A build in which every choice is marked as assumed until a person confirms it. */
export const allAssumed = (house: House, build: Build): Build => ({
  ...build,
  assumed: choicesByStep(house.evaluate(build)).flatMap(({ choices }) => choices.map(({ id }) => id)),
});

/** The choices of a step that nobody has confirmed, each with what is chosen now. */
export interface AssumedStep {
  step: string;
  title: string;
  choices: { id: string; title: string; value: string }[];
}

/** What is still assumed, by step, in working order. */
export function assumedIn(evaluation: Evaluation): AssumedStep[] {
  const { house, build } = evaluation;
  if (!build.assumed?.length) return [];
  const open = new Set(build.assumed);
  return choicesByStep(evaluation)
    .map(({ choices, ...step }) => ({
      ...step,
      choices: choices
        .filter(({ id }) => open.has(id))
        .map((choice) => ({
          id: choice.id,
          title: choice.title,
          value: valueOf(choice) || (house.subject(step.step).line?.(evaluation) ?? ''),
        })),
    }))
    .filter(({ choices }) => choices.length > 0);
}

/** What could be chosen in a step if something else were chosen otherwise. */
export const absentIn = (house: House, build: Build, step: string): AbsentChoice[] =>
  house.inPanelOf(house.subject(step)).flatMap(({ absent }) => absent?.(build) ?? []);

/** What every screen and paper says of its figures. */
export const PLANNING_CAUTION =
  'Planning figures, not a certification. The makers’ ratings, the adopted edition of the standard and the authority having jurisdiction decide; the finished truck must be weighed and tested.';

/** What a screen says beside a step where the work can hurt someone. */
export const cautionsFor = (house: House, stepId: string): string[] => {
  const { caution } = house.subject(stepId);
  return [...(caution ? [caution] : []), PLANNING_CAUTION];
};
