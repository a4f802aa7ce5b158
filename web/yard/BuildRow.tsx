import { Badge, Menu } from '@mantine/core';
import { IconAlertTriangle } from '../icons';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { BuildCard, Margin } from '#core/exchange';
import { feetInches, lb } from '#core/units';
import { useBuildChange, useCopyBuild } from '../api';
import { sayFailed, sayWithUndo, StatusMark, useUnits } from '../common';
import { fileName } from '../files';
import { BuildPicture } from './BuildPicture';
import { RenameDialog } from './later';
import { RowMenu } from './RowMenu';
import { TYPE_WORDS } from './words';

import classes from './yard.module.css';

const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

const left = ({ marginLb }: Margin): string =>
  marginLb < 0 ? `${lb(-marginLb)} over` : `${lb(marginLb)} under`;

/** The way to what is kept of a build, whatever is wrong with it. */
const FileLink = ({ id, name }: { id: string; name: string }) => (
  <a href={`/api/builds/${id}/file`} download={`${fileName(name)}.baros.json`} className={classes.file}>
    Download its file
  </a>
);

/** One build: its drawing in small, its margins and its last change. */
export function BuildRow({
  card,
  unsent,
  inDepartment = false,
}: {
  card: BuildCard;
  /** Something of it is kept in this browser and not yet saved. */
  unsent: boolean;
  inDepartment?: boolean;
}) {
  const { id, name, type, archived, glance, trouble } = card;
  const { say } = useUnits();
  const change = useBuildChange();
  const copy = useCopyBuild();
  const [renaming, setRenaming] = useState(false);
  const setArchived = (to: boolean) =>
    change.mutate({ id, archived: to }, { onError: sayFailed(`${name} could not be changed`) });
  return (
    <li className={classes.build}>
      {glance ? <BuildPicture drawing={glance.drawing} /> : <div className={classes.noPicture} />}
      <div>
        <Link to={`/builds/${id}`} className={classes.name}>
          {name || 'A build without a name'}
        </Link>{' '}
        {archived && (
          <Badge variant="outline" color="gray" c="var(--pencil)" size="sm">
            Archived
          </Badge>
        )}
        {unsent && <span className={classes.unsent}>changes kept here, not yet saved</span>}
        <div className={classes.type}>
          {TYPE_WORDS[type]?.name ?? type}
          {glance && `, ${say(`${feetInches(glance.lengthIn)} long, ${feetInches(glance.heightIn)} high`)}`}
          {!inDepartment && `, ${card.department}`}
        </div>
        {glance && (
          <dl className={classes.margins}>
            {glance.margins.map((margin) => (
              <div key={margin.title} className={classes.margin}>
                <dt>{margin.title}</dt>
                <dd className="figures">
                  <StatusMark status={margin.status} size={14} /> {say(left(margin))}
                </dd>
              </div>
            ))}
          </dl>
        )}
        {!glance && (
          <p className={classes.trouble}>
            <IconAlertTriangle size={15} aria-hidden="true" /> It can’t be shown: {trouble}.{' '}
            <FileLink id={id} name={name} />
          </p>
        )}
        <p className={classes.last}>
          {glance && glance.over > 0 ? `${glance.over} of ${glance.checks} checks over a limit. ` : ''}Last
          change: {say(card.lastChange)}, {when.format(new Date(card.savedAt))}
        </p>
      </div>
      <div className={classes.menu}>
        <RowMenu label={`More for ${name}`}>
          <Menu.Item onClick={() => setRenaming(true)}>Rename</Menu.Item>
          <Menu.Item
            onClick={() =>
              copy.mutate(
                { id, name: `${name.slice(0, 73)}, copy` },
                { onError: sayFailed(`${name} could not be duplicated`) },
              )
            }
          >
            Duplicate
          </Menu.Item>
          {archived ? (
            <Menu.Item onClick={() => setArchived(false)}>Bring back</Menu.Item>
          ) : (
            <Menu.Item
              onClick={() => {
                setArchived(true);
                sayWithUndo(`${name} is archived.`, () => setArchived(false));
              }}
            >
              Archive
            </Menu.Item>
          )}
        </RowMenu>
      </div>
      <Suspense>{renaming && <RenameDialog card={card} onClose={() => setRenaming(false)} />}</Suspense>
    </li>
  );
}
