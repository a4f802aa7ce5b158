import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Finding } from '#core/kernel';
import { statusAt } from '#core/subjects/brief';
import type { AtPlace } from '#core/subjects/brief';
import { Remedies } from '../advice';
import { StatusMark, useUnits } from '../common';
import { useOffered, useSession } from '../session';
import classes from './site.module.css';

/** A check with its fixes, asked for by a press where it doesn't hold. */
function Check({ finding }: { finding: Finding }) {
  const { say } = useUnits();
  const { bench } = useSession();
  const offered = useOffered();
  const [open, setOpen] = useState(false);
  return (
    <li>
      <StatusMark status={finding.status} /> <b>{say(finding.title)}.</b> {say(finding.words)}{' '}
      <Button
        size="compact-xs"
        variant="default"
        aria-expanded={open}
        aria-label={`What would fix it: ${finding.title}`}
        onClick={() => setOpen(!open)}
      >
        What would fix it
      </Button>
      {open && <Remedies build={offered} finding={finding} bench={bench} />}
    </li>
  );
}

/** The checks of a picture that don't hold, over all places of the brief, with what would fix them. */
export function Checks({ ids }: { ids: readonly string[] }) {
  const { evaluation } = useSession();
  const findings = ids
    .map((id) => evaluation.finding(id))
    .filter((one): one is Finding => one !== null && one.status !== 'holds');
  if (findings.length === 0) return null;
  return (
    <ul className={classes.checks} aria-label="Checks that do not hold">
      {findings.map((finding) => (
        <Check key={finding.id} finding={finding} />
      ))}
    </ul>
  );
}

/** What the truck comes to at the place that is shown, with what was dragged there. */
export function Margins({ places }: { places: readonly (readonly [string, AtPlace | null])[] }) {
  const { say } = useUnits();
  return (
    <div role="status" aria-label="Margins here">
      <ul className={classes.margins}>
        {places.map(
          ([title, place]) =>
            place && (
              <li key={title}>
                <StatusMark status={statusAt(place)} /> <b>{title}.</b> {say(place.words)}
              </li>
            ),
        )}
      </ul>
    </div>
  );
}
