import type { StepId } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import { rank, worstStatus } from './checks.js';
import type { Evaluation } from './evaluate.js';
import { sentenceOf } from './sentences.js';
import { stepsFor, stepTitle } from './titles.js';
import type { Finding, Status } from './types.js';

/** One step of the order of work: what is chosen, as a sentence of the specification, and how it stands. */
export interface StepState {
  id: StepId;
  title: string;
  line: string;
  status: Status;
  findings: Finding[];
}

/** Every step with its line and the worst of the findings that speak of it. */
export const stepStates = (spec: BuildSpec, evaluation: Evaluation): StepState[] =>
  stepsFor(spec).map((id) => {
    const findings = evaluation.findings.filter((finding) => finding.steps.includes(id)).sort((a, b) => rank(b.status) - rank(a.status));
    return { id, title: stepTitle(id), line: sentenceOf(spec, id, evaluation), status: worstStatus(findings), findings };
  });
