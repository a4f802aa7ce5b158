import type { Procedure } from '#core/subjects/operating';
import { useUnits } from '../../common';
import classes from './operating.module.css';

/** Steps in their order, each with its reason. */
export function Steps({ procedure }: { procedure: Procedure }) {
  const { say } = useUnits();
  return (
    <section className={classes.procedure} aria-label={procedure.title}>
      <h3>{procedure.title}</h3>
      <ol>
        {procedure.steps.map((step) => (
          <li key={step.id}>
            {say(step.do)}
            <span className={classes.why}>: {say(step.why)}</span>
            {step.byHand && <span className={classes.hand}>. By hand: {say(step.byHand)}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}
