import { memo } from 'react';
import type { StepState } from '#core/review';
import type { StepId } from '#core/rig';
import { StatusMark, useUnits } from '../common';
import classes from './bench.module.css';

/** The order of work: each step with what is chosen and how it stands. */
export const StepList = memo(function StepList({ steps, step, onStep }: { steps: StepState[]; step: StepId; onStep: (step: StepId) => void }) {
  const { say } = useUnits();
  return (
    <nav className={classes.steps} aria-label="Order of work">
      <ol>
        {steps.map(({ id, title, line, status }) => (
          <li key={id}>
            <button type="button" className={classes.step} aria-current={id === step ? 'step' : undefined} onClick={() => onStep(id)} title={say(line)}>
              <StatusMark status={status} />
              <span className={classes.stepTitle}>{title}</span>
              <span className={classes.stepLine}>{say(line)}</span>
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
});
