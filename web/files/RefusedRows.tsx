import { useUnits } from '../common';
import classes from './files.module.css';

/** The rows of a file that could not be taken, each with its line and why. */
export const RefusedRows = ({ refused }: { refused: { line: number; reason: string }[] }) => {
  const { say } = useUnits();
  return refused.length === 0 ? null : (
    <section aria-label="Refused rows" className={classes.refused}>
      <p>Refused</p>
      <ul>
        {refused.map(({ line, reason }, i) => (
          <li key={i}>
            <span className="figures">Line {line}</span>: {say(reason)}
          </li>
        ))}
      </ul>
    </section>
  );
};
