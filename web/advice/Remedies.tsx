import { Button, Loader } from '@mantine/core';
import { Link } from 'react-router';
import type { Build } from '#core/build';
import { figureOf, saidMoves } from '#core/kernel';
import type { Finding } from '#core/kernel';
import { house } from '#core/subjects';
import { useUnits } from '../common';
import { classes } from '../panel';
import { useSession } from '../session';
import type { Bench } from '../session';
import { useRemedies } from './useRemedies';
import look from './remedies.module.css';

/** The changes that mend a finding, each with its computed effect, applied on a press. */
export function Remedies({ build, finding, bench }: { build: Build; finding: Finding; bench: Bench }) {
  const { say } = useUnits();
  const { id } = useSession();
  const { data, isFetching, isError } = useRemedies(build, finding.id, true);
  const title = data?.some((remedy) => remedy.mends) ? 'What would fix it' : 'What would help';
  return (
    <>
      <h3 className={classes.sub}>
        {title}{' '}
        {isFetching && (
          <>
            <Loader size={10} color="var(--ink)" aria-hidden="true" />
            <span className="unseen">working it out</span>
          </>
        )}
      </h3>
      {isError && (
        <p className={classes.source} style={{ marginLeft: 0 }}>
          The fixes could not be worked out.
        </p>
      )}
      {data?.length === 0 && (
        <p className={classes.source} style={{ marginLeft: 0 }}>
          No single change that was looked at fixes or eases it.
        </p>
      )}
      <div className={look.remedies}>
        {data?.map((remedy) => (
          <div key={remedy.label} className={look.remedy}>
            <div className={look.remedyLabel}>{say(remedy.label)}</div>
            <div className={`${look.remedyEffect} figures`}>
              {say(
                `${figureOf(remedy.before.actual, finding)} → ${figureOf(remedy.after.actual, finding)}${remedy.after.limit === remedy.before.limit ? '' : ` of ${figureOf(remedy.after.limit, finding)}`}`,
              )}
            </div>
            <div className={look.remedyEffect}>
              <span className="quiet">{say(saidMoves(house.mainFigures, remedy.change)) || 'no change'}</span>
              {remedy.mends && !remedy.restores && <div>Clears it, with less than the reserve left</div>}
              {remedy.worse.length > 0 && (
                <div>Makes worse: {say(remedy.worse.join(', ').toLowerCase())}</div>
              )}
            </div>
            <Button
              mt={5}
              size="compact-xs"
              variant={remedy.mends ? 'filled' : 'default'}
              onClick={() =>
                bench.change({
                  build: remedy.build,
                  words: `Fixed ${finding.title.toLowerCase()}: ${remedy.label}`,
                })
              }
              aria-label={say(`Apply: ${remedy.label}`)}
            >
              {remedy.mends ? 'Apply' : 'Apply, though it is not enough'}
            </Button>
          </div>
        ))}
      </div>
      <Link className={look.more!} to={`/builds/${id}/analysis/advice`}>
        Search pairs of changes
      </Link>
    </>
  );
}
