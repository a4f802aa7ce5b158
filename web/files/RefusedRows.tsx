import classes from './files.module.css';

/** The rows of a file that could not be taken, each with its line and why. */
export const RefusedRows = ({ refused }: { refused: { line: number; reason: string }[] }) =>
  refused.length === 0 ? null : (
    <section aria-label="Refused rows" className={classes.refused}>
      <p>Refused</p>
      <ul>
        {refused.map(({ line, reason }, i) => (
          <li key={i}>
            <span className="figures">Line {line}</span>: {reason}
          </li>
        ))}
      </ul>
    </section>
  );
