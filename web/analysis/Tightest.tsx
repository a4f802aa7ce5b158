import { Link } from 'react-router';
import { figureOf, marginOf, nearness, worstFirst } from '#core/kernel';
import { sectionClasses, StatusMark, statusColor, statusWord, useUnits } from '../common';
import { useSession } from '../session';
import classes from './tightest.module.css';

/** A margin of so much of its limit fills the half of the picture. */
const FULL_SHARE = 0.3;

/** Every margin of the truck, weights and site together, the tightest first: how far each is from its limit. */
export function Tightest() {
  const { id, evaluation } = useSession();
  const { say } = useUnits();
  const findings = worstFirst(evaluation.findings);
  return (
    <>
      <p className={sectionClasses.says}>
        Every check by how much of its limit is left, the tightest first. Left of the line is over.{' '}
        <Link className={classes.link!} to={`/builds/${id}`}>
          What causes and what fixes each is on the bench.
        </Link>
      </p>
      <ol className={classes.rows} aria-label="All margins, tightest first">
        {findings.map((finding) => {
          const share = nearness(finding);
          const width = Math.min(1, Math.abs(Number.isFinite(share) ? share : 1) / FULL_SHARE) * 50;
          return (
            <li key={finding.id}>
              <StatusMark status={finding.status} />
              <span className={classes.title}>{say(finding.title)}</span>
              <span className={classes.picture} aria-hidden="true">
                <span
                  className={classes.bar}
                  data-over={share < 0}
                  style={{
                    width: `${width}%`,
                    background: statusColor(finding.status),
                    ...(share < 0 ? { right: '50%' } : { left: '50%' }),
                  }}
                />
              </span>
              <span className={`${classes.figure} figures`}>
                {say(marginOf(finding)) || statusWord(finding.status)}
              </span>
              <span className={`${classes.of} figures`}>
                {finding.limit === 0 ? '' : say(figureOf(finding.limit, finding))}
              </span>
            </li>
          );
        })}
      </ol>
    </>
  );
}
