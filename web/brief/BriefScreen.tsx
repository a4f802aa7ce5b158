import { Button, Loader } from '@mantine/core';
import { useParams } from 'react-router';
import { BRIEF_KINDS, BRIEF_SECTIONS, linesOf, withBriefLine } from '#core/subjects/brief';
import type { Brief, BriefKind, BriefLine } from '#core/subjects/brief';
import { counted } from '#core/units';
import { useDepartments } from '../api';
import { InBar, sayWithUndo, useTitle } from '../common';
import { BriefForm } from './BriefForm';
import classes from './brief.module.css';
import { useBrief } from './useBrief';
import type { Keeping } from './useBrief';

/** How the brief is kept, in words, and what to do where it is not. */
function Kept({ keeping }: { keeping: Keeping }) {
  if (keeping.kind === 'conflict')
    return (
      <span className={classes.trouble} role="alert">
        Somebody else changed this brief meanwhile; yours is not saved.
        <Button size="compact-xs" variant="default" onClick={keeping.mine}>
          Keep mine
        </Button>
        <Button size="compact-xs" variant="default" onClick={keeping.theirs}>
          Take theirs
        </Button>
      </span>
    );
  if (keeping.kind === 'failed')
    return (
      <span className={classes.trouble} role="alert">
        Not saved: {keeping.words}
        <Button size="compact-xs" variant="default" onClick={keeping.again}>
          Try again
        </Button>
      </span>
    );
  return <span role="status">{keeping.kind === 'saved' ? 'Saved' : 'Saving…'}</span>;
}

const allLines = (brief: Brief): BriefLine[] =>
  BRIEF_KINDS.flatMap((kind) => linesOf(brief, kind) as unknown as BriefLine[]);

/** What a department says of its district and of what it wants, on one page. */
export function BriefScreen() {
  const { id = '' } = useParams();
  const department = useDepartments().data?.find((candidate) => candidate.id === id);
  const { brief, error, keeping, change } = useBrief(id);
  const name = department?.name ?? 'this department';
  useTitle(`${department ? `${department.name}, brief` : 'Brief'}`);
  const remove = (kind: BriefKind, line: BriefLine) => {
    if (!brief) return;
    change(withBriefLine(brief, kind, line.id, null));
    sayWithUndo(`${line.name ?? 'The line'} is removed.`, () =>
      change(withBriefLine(brief, kind, line.id, line)),
    );
  };
  const assumed = brief ? allLines(brief).filter(({ known }) => known === 'assumed').length : 0;
  return (
    <div className={classes.screen}>
      <InBar>
        <h1 className={classes.barTitle}>Brief of {name}</h1>
      </InBar>
      <nav className={classes.contents} aria-label="Parts of the brief">
        <ul>
          {BRIEF_SECTIONS.map(({ id: at, title }) => (
            <li key={at}>
              <a href={`#${at}`}>{title}</a>
            </li>
          ))}
        </ul>
      </nav>
      <div className={classes.page}>
        <p className={classes.words}>
          What your district asks of a truck, and who asked for it. Every build is checked against it: a must
          fails where it is missed, a wish is told.{' '}
          {assumed > 0 && <b>{counted(assumed, 'line')} assumed so far.</b>} <Kept keeping={keeping} />
        </p>
        {error && !brief && (
          <p role="alert" className={classes.trouble}>
            The brief could not be read: {error.message}
          </p>
        )}
        {!brief && !error && <Loader color="var(--ink)" aria-label="Reading the brief" />}
        {brief && <BriefForm brief={brief} onChange={change} onRemove={remove} />}
      </div>
    </div>
  );
}
