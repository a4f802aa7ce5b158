import { memo } from 'react';
import type { AssumedStep, StepState } from '#core/kernel';
import { counted } from '#core/units';
import { StatusMark, useUnits } from '../common';
import classes from './steps.module.css';

interface Props {
  steps: StepState[];
  step: string;
  onStep: (step: string) => void;
  assumed: AssumedStep[];
  onAssumed: () => void;
}

/**
 * The order of work: each step with its sentence of the specification, how it stands, and what of it is only
 * assumed.
 */
export const StepList = memo(function StepList({ steps, step, onStep, assumed, onAssumed }: Props) {
  const { say } = useUnits();
  const open = assumed.reduce((sum, { choices }) => sum + choices.length, 0);
  return (
    <nav className={classes.steps} aria-label="Order of work">
      <ol>
        {steps.map(({ id, title, line, status }) => (
          <li key={id}>
            <button
              type="button"
              className={classes.step}
              aria-current={id === step ? 'step' : undefined}
              onClick={() => onStep(id)}
              title={say(line)}
            >
              <StatusMark status={status} />
              <span className={classes.stepTitle}>
                {title}
                {assumed.some((of) => of.step === id) && (
                  <span className={classes.stepAssumed}> assumed</span>
                )}
              </span>
              <span className={classes.stepLine}>{say(line)}</span>
            </button>
          </li>
        ))}
      </ol>
      {open > 0 && (
        <button type="button" className={classes.openAssumed} onClick={onAssumed}>
          {counted(open, 'choice')} still assumed
        </button>
      )}
    </nav>
  );
});
