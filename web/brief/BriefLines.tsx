import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  BRIEF_FIELDS,
  BRIEF_SECTIONS,
  briefOf,
  COMMON_FIELDS,
  hasBrief,
  linesOf,
  saidLine,
  takenBrief,
  WISH_NAMES,
  withOwnLine,
} from '#core/subjects/brief';
import type { Brief, BriefKind, BriefLine } from '#core/subjects/brief';
import { house } from '#core/subjects';
import { useDepartmentBrief } from '../api';
import { sectionClasses, useUnits } from '../common';
import { useSession } from '../session';
import classes from './brief.module.css';
import { LineForm } from './LineForm';

/** Asks why this truck differs: without a reason nothing of the department's is put aside. */
function AskReason({
  about,
  onGive,
  onClose,
}: {
  about: string;
  onGive: (why: string) => void;
  onClose: () => void;
}) {
  const [why, setWhy] = useState('');
  return (
    <form
      className={classes.head}
      onSubmit={(event) => {
        event.preventDefault();
        if (why.trim()) onGive(why.trim());
      }}
    >
      <TextInput
        size="xs"
        style={{ flex: '1 1 260px' }}
        label={`Why this truck differs: ${about}`}
        maxLength={COMMON_FIELDS.differs.most}
        value={why}
        data-autofocus
        autoFocus
        onChange={(event) => setWhy(event.currentTarget.value)}
      />
      <Button size="compact-xs" type="submit" disabled={!why.trim()} style={{ alignSelf: 'end' }}>
        Change it for this truck
      </Button>
      <Button size="compact-xs" variant="default" onClick={onClose} style={{ alignSelf: 'end' }}>
        Cancel
      </Button>
    </form>
  );
}

/** A line as the build carries it: the department's, or its own with a reason. */
function Line({ kind, line, theirs }: { kind: BriefKind; line: BriefLine; theirs: BriefLine | undefined }) {
  const { bench } = useSession();
  const { say } = useUnits();
  const [asking, setAsking] = useState(false);
  const { title } = BRIEF_FIELDS[kind];
  const name = line.name ?? title;
  const take = (next: BriefLine, words: string) =>
    bench.change({ build: withOwnLine(bench.build, kind, next), words, control: `brief-${line.id}` });
  const back = () => {
    const { differs: _reason, ...own } = line;
    take(theirs ?? (own as BriefLine), `${name} as in the department’s brief`);
  };
  return (
    <li>
      <span className="quiet">{WISH_NAMES[line.wish]}</span>
      <span>
        <b>{name}</b> {say(saidLine(kind, line, house.namesIn(bench.build)))}
        {line.known === 'assumed' && <span className="quiet"> (assumed)</span>}
        {(line.who !== undefined || line.why !== undefined) && (
          <span className={classes.reason}> {[line.who, line.why].filter(Boolean).join(': ')}</span>
        )}
        {line.differs !== undefined && (
          <span className={classes.reason}> This truck’s own: {line.differs}</span>
        )}
      </span>
      {line.differs === undefined ? (
        <Button
          size="compact-xs"
          variant="default"
          aria-label={`Differ for this truck: ${name}`}
          onClick={() => setAsking(true)}
        >
          Differ…
        </Button>
      ) : (
        <Button
          size="compact-xs"
          variant="default"
          aria-label={`Back to the department’s: ${name}`}
          onClick={back}
        >
          Back to the department’s
        </Button>
      )}
      {asking && line.differs === undefined && (
        <AskReason
          about={name}
          onClose={() => setAsking(false)}
          onGive={(differs) => {
            setAsking(false);
            take({ ...line, differs }, `${name} differs for this truck: ${differs}`.slice(0, 200));
          }}
        />
      )}
      {line.differs !== undefined && (
        <ul className={classes.lines} style={{ gridColumn: '1 / -1' }}>
          <LineForm
            kind={kind}
            title={title}
            line={line}
            canBeOut
            onTake={(next) =>
              take(next, `${name}: ${saidLine(kind, next, house.namesIn(bench.build))}`.slice(0, 200))
            }
          />
        </ul>
      )}
    </li>
  );
}

/** The brief that the build is checked against, and where it differs from the department's. */
export function BriefLines() {
  const { view, bench } = useSession();
  const { build } = bench;
  const department = useDepartmentBrief(view.departmentId).data;
  const brief = briefOf(build);
  const theirs = (kind: BriefKind, id: string) =>
    department && (linesOf(department.brief, kind) as unknown as BriefLine[]).find((line) => line.id === id);
  const isOlder = department !== undefined && !hasBrief(build, department.brief);
  const sections = BRIEF_SECTIONS.map((section) => ({
    ...section,
    kinds: section.kinds.filter((kind) => linesOf(brief as Brief, kind).length > 0),
  })).filter(({ kinds }) => kinds.length > 0);
  return (
    <>
      <p className={sectionClasses.says}>
        {sections.length === 0
          ? 'This build carries no brief yet: nothing of the district is checked. '
          : 'What this build is checked against. '}
        <Link className={classes.link!} to={`/departments/${view.departmentId}/brief`}>
          The brief of {bench.build.department.name}
        </Link>
      </p>
      {isOlder && (
        <p className={sectionClasses.caution} role="status">
          {sections.length === 0
            ? 'The department has a brief.'
            : 'The department’s brief says something else by now.'}{' '}
          <Button
            size="compact-xs"
            onClick={() =>
              bench.change({
                build: takenBrief(build, department.brief),
                words: 'Took the department’s brief',
              })
            }
          >
            Take the department’s brief
          </Button>
        </p>
      )}
      {sections.map(({ id, title, kinds }) => (
        <section key={id} aria-label={title}>
          <h3 className={sectionClasses.sub}>{title}</h3>
          <ul className={classes.own}>
            {kinds.flatMap((kind) =>
              (linesOf(brief as Brief, kind) as unknown as BriefLine[]).map((line) => (
                <Line key={line.id} kind={kind} line={line} theirs={theirs(kind, line.id)} />
              )),
            )}
          </ul>
        </section>
      ))}
    </>
  );
}
