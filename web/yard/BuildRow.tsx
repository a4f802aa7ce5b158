import { ActionIcon, Badge, Menu } from '@mantine/core';
import { IconDots } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { evaluate } from '#core/review';
import type { CheckId } from '#core/review';
import type { BuildView } from '#core/spec';
import { feetInches, lb } from '#core/units';
import { useBuildChange, useCopyBuild } from '../api';
import { StatusMark, useUnits } from '../common';
import { Miniature } from '../drawing';
import { useUnsent } from '../session';
import { RenameDialog } from './dialogs';
import { TYPE_WORDS } from './words';
import { sayFailed, sayWithUndo } from './undo';
import classes from './yard.module.css';

const SHOWN: CheckId[] = ['frontAxle', 'rearAxle', 'gross'];
const PX_PER_IN = 1;
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** One build: its drawing in small, its margins and its last change. */
export function BuildRow({ build }: { build: BuildView }) {
  const { id, spec, archived } = build;
  const { say } = useUnits();
  const { rig, envelope, findings } = useMemo(() => evaluate(spec), [spec]);
  const change = useBuildChange();
  const copy = useCopyBuild();
  const [renaming, setRenaming] = useState(false);
  const unsent = useUnsent().data?.includes(id);
  const setArchived = (to: boolean) => change.mutate({ id, archived: to }, { onError: sayFailed(`${spec.name} could not be changed`) });
  const open = findings.filter((finding) => finding.status === 'fails').length;
  return (
    <li className={classes.build}>
      <div className={classes.picture}><Miniature rig={rig} envelope={envelope} pxPerIn={PX_PER_IN} /></div>
      <div>
        <Link to={`/builds/${id}`} className={classes.name}>{spec.name}</Link> {archived && <Badge variant="outline" color="gray" c="var(--pencil)" size="sm">Archived</Badge>}
        {unsent && <span className={classes.unsent}>changes kept here, not yet saved</span>}
        <div className={classes.type}>{TYPE_WORDS[spec.type].name}, {say(`${feetInches(envelope.lengthIn)} long, ${feetInches(envelope.heightIn)} high`)}</div>
        <dl className={classes.margins}>
          {SHOWN.map((check) => {
            const finding = findings.find((candidate) => candidate.id === check)!;
            return (
              <div key={check} className={classes.margin}>
                <dt>{finding.title}</dt>
                <dd className="figures"><StatusMark status={finding.status} size={14} /> {say(finding.margin < 0 ? `${lb(-finding.margin)} over` : `${lb(finding.margin)} left`)}</dd>
              </div>
            );
          })}
        </dl>
        <p className={classes.last}>{open > 0 ? `${open} of ${findings.length} checks over a limit. ` : ''}Last change: {say(build.lastChange)}, {when.format(new Date(build.savedAt))}</p>
      </div>
      <div className={classes.menu}>
        <Menu position="bottom-end" withinPortal>
          <Menu.Target><ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label={`More for ${spec.name}`}><IconDots size={18} /></ActionIcon></Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => setRenaming(true)}>Rename</Menu.Item>
            <Menu.Item onClick={() => copy.mutate({ id, name: `${spec.name.slice(0, 73)}, copy` }, { onError: sayFailed(`${spec.name} could not be duplicated`) })}>Duplicate</Menu.Item>
            {archived
              ? <Menu.Item onClick={() => setArchived(false)}>Bring back</Menu.Item>
              : <Menu.Item onClick={() => { setArchived(true); sayWithUndo(`${spec.name} is archived.`, () => setArchived(false)); }}>Archive</Menu.Item>}
          </Menu.Dropdown>
        </Menu>
      </div>
      {renaming && <RenameDialog build={build} onClose={() => setRenaming(false)} />}
    </li>
  );
}
