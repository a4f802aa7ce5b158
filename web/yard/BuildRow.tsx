import { ActionIcon, Badge, Menu } from '@mantine/core';
import { IconDots } from '@tabler/icons-react';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { BuildView } from '#core/exchange';
import { house } from '#core/subjects';
import { envelope } from '#core/truck';
import { feetInches, lb } from '#core/units';
import { useBuildChange, useCopyBuild } from '../api';
import { StatusMark, useUnits } from '../common';
import { Miniature } from '../drawing';
import { useUnsent } from '../session';
import { RenameDialog } from './dialogs';
import { TYPE_WORDS } from './words';
import { sayFailed, sayWithUndo } from './undo';
import classes from './yard.module.css';

const SHOWN: string[] = ['frontAxle', 'rearAxle', 'gross'];
const PX_PER_IN = 1;
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** One build: its drawing in small, its margins and its last change. */
export function BuildRow({ view }: { view: BuildView }) {
  const { id, build, archived } = view;
  const { say } = useUnits();
  const evaluation = useMemo(() => house.evaluate(build), [build]);
  const { lengthIn, heightIn } = evaluation.read(envelope);
  // The margins are shown at once; how every other check stands is worked out after the paint.
  const [over, setOver] = useState<{ fails: number; of: number } | null>(null);
  useEffect(() => {
    const { findings } = evaluation;
    setOver({ fails: findings.filter(({ status }) => status === 'fails').length, of: findings.length });
  }, [evaluation]);
  const change = useBuildChange();
  const copy = useCopyBuild();
  const [renaming, setRenaming] = useState(false);
  const unsent = useUnsent().data?.includes(id);
  const setArchived = (to: boolean) =>
    change.mutate({ id, archived: to }, { onError: sayFailed(`${build.name} could not be changed`) });
  return (
    <li className={classes.build}>
      <div className={classes.picture}>
        <Miniature evaluation={evaluation} pxPerIn={PX_PER_IN} />
      </div>
      <div>
        <Link to={`/builds/${id}`} className={classes.name}>
          {build.name}
        </Link>{' '}
        {archived && (
          <Badge variant="outline" color="gray" c="var(--pencil)" size="sm">
            Archived
          </Badge>
        )}
        {unsent && <span className={classes.unsent}>changes kept here, not yet saved</span>}
        <div className={classes.type}>
          {TYPE_WORDS[build.type].name}, {say(`${feetInches(lengthIn)} long, ${feetInches(heightIn)} high`)}
        </div>
        <dl className={classes.margins}>
          {SHOWN.map((check) => {
            const finding = evaluation.finding(check)!;
            return (
              <div key={check} className={classes.margin}>
                <dt>{finding.title}</dt>
                <dd className="figures">
                  <StatusMark status={finding.status} size={14} />{' '}
                  {say(finding.margin < 0 ? `${lb(-finding.margin)} over` : `${lb(finding.margin)} left`)}
                </dd>
              </div>
            );
          })}
        </dl>
        <p className={classes.last}>
          {over && over.fails > 0 ? `${over.fails} of ${over.of} checks over a limit. ` : ''}Last change:{' '}
          {say(view.lastChange)}, {when.format(new Date(view.savedAt))}
        </p>
      </div>
      <div className={classes.menu}>
        <Menu position="bottom-end" withinPortal>
          <Menu.Target>
            <ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label={`More for ${build.name}`}>
              <IconDots size={18} />
            </ActionIcon>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => setRenaming(true)}>Rename</Menu.Item>
            <Menu.Item
              onClick={() =>
                copy.mutate(
                  { id, name: `${build.name.slice(0, 73)}, copy` },
                  { onError: sayFailed(`${build.name} could not be duplicated`) },
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
                  sayWithUndo(`${build.name} is archived.`, () => setArchived(false));
                }}
              >
                Archive
              </Menu.Item>
            )}
          </Menu.Dropdown>
        </Menu>
      </div>
      {renaming && <RenameDialog view={view} onClose={() => setRenaming(false)} />}
    </li>
  );
}
