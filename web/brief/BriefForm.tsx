import { Button } from '@mantine/core';
import { IconPlus } from '../icons';
import { BRIEF_FIELDS, BRIEF_SECTIONS, linesOf, standsAlone, withBriefLine } from '#core/subjects/brief';
import type { Brief, BriefKind, BriefLine } from '#core/subjects/brief';
import classes from './brief.module.css';
import { newLine } from './fresh';
import { LineForm } from './LineForm';

/** All lines of a kind, and a new one. */
function Kind({
  kind,
  brief,
  onChange,
  onRemove,
}: {
  kind: BriefKind;
  brief: Brief;
  onChange: (brief: Brief) => void;
  onRemove: (kind: BriefKind, line: BriefLine) => void;
}) {
  const { title, line: one } = BRIEF_FIELDS[kind];
  const lines = linesOf(brief, kind) as unknown as BriefLine[];
  const isFull = lines.length >= BRIEF_FIELDS[kind].most;
  const add = () => {
    const line = newLine(brief, kind);
    onChange(withBriefLine(brief, kind, line.id, line));
  };
  return (
    <div className={classes.kind}>
      <div className={classes.kindHead}>
        <h3>{title}</h3>
        {!isFull && (
          <Button size="compact-xs" variant="default" leftSection={<IconPlus size={13} />} onClick={add}>
            {standsAlone(kind) ? `Say: ${title.toLowerCase()}` : `Add: ${one.toLowerCase()}`}
          </Button>
        )}
        {lines.length === 0 && <span className="quiet">nothing said</span>}
      </div>
      <ul className={classes.lines}>
        {lines.map((line) => (
          <LineForm
            key={line.id}
            kind={kind}
            title={title}
            line={line}
            onTake={(next) => onChange(withBriefLine(brief, kind, line.id, next))}
            onRemove={() => onRemove(kind, line)}
          />
        ))}
      </ul>
    </div>
  );
}

/** A brief on one page, in the order in which a committee talks. */
export function BriefForm(props: {
  brief: Brief;
  onChange: (brief: Brief) => void;
  onRemove: (kind: BriefKind, line: BriefLine) => void;
}) {
  return BRIEF_SECTIONS.map(({ id, title, kinds }) => (
    <section key={id} id={id} className={classes.section} aria-labelledby={`brief-${id}`}>
      <h2 id={`brief-${id}`}>{title}</h2>
      {kinds.map((kind) => (
        <Kind key={kind} kind={kind} {...props} />
      ))}
    </section>
  ));
}
