import { ActionIcon } from '@mantine/core';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import { memo } from 'react';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { InBar, useUnits } from '../common';
import { useSession } from './BuildSession';
import { SavingMark } from './SavingMark';
import classes from './session.module.css';

/** The screens of the build. */
const Screens = memo(({ id }: { id: string }) => (
  <nav className={classes.screens} data-folds aria-label="Screens of this build">
    <NavLink to={`/builds/${id}`} end>
      Bench
    </NavLink>
    <NavLink to={`/builds/${id}/analysis`}>Analysis</NavLink>
    <NavLink to={`/builds/${id}/history`}>History</NavLink>
  </nav>
));

/**
 * The build's part of the bar on each of its screens: which build, its screens, whether it is kept, undo and
 * redo.
 */
export function SessionBar({ children }: { children?: ReactNode }) {
  const { id, bench, saving } = useSession();
  const { say } = useUnits();
  const icon = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;
  return (
    <InBar>
      <h1 className={classes.buildName} title={`${bench.build.name}, ${bench.build.department.name}`}>
        {bench.build.name}
      </h1>
      <Screens id={id} />
      <SavingMark saving={saving} />
      <ActionIcon
        {...icon}
        disabled={!bench.canUndo}
        onClick={bench.undo}
        aria-label="Undo"
        title={bench.canUndo ? say(`Undo: ${bench.canUndo}`) : 'Nothing to undo'}
      >
        <IconArrowBackUp size={19} />
      </ActionIcon>
      <ActionIcon
        {...icon}
        disabled={!bench.canRedo}
        onClick={bench.redo}
        aria-label="Redo"
        title={bench.canRedo ? say(`Redo: ${bench.canRedo}`) : 'Nothing to redo'}
      >
        <IconArrowForwardUp size={19} />
      </ActionIcon>
      {children}
    </InBar>
  );
}
