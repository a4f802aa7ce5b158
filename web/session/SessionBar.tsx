import { ActionIcon } from '@mantine/core';
import { IconArrowBackUp, IconArrowForwardUp } from '../icons';
import { memo } from 'react';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { InBar, useFollowing, useUnits } from '../common';
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

const ICON = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;

/** A way through the history of this sitting, and what it would do. */
const Turn = memo(
  ({
    name,
    what,
    run,
    children,
  }: {
    name: string;
    what: string | null;
    run: () => void;
    children: ReactNode;
  }) => {
    const { say } = useUnits();
    return (
      <ActionIcon
        {...ICON}
        disabled={!what}
        onClick={run}
        aria-label={name}
        title={what ? say(`${name}: ${what}`) : `Nothing to ${name.toLowerCase()}`}
      >
        {children}
      </ActionIcon>
    );
  },
);
const BACK = <IconArrowBackUp size={19} />;
const AGAIN = <IconArrowForwardUp size={19} />;

/**
 * The build's part of the bar on each of its screens: which build, its screens, whether it is kept, undo and
 * redo.
 */
export function SessionBar({ children }: { children?: ReactNode }) {
  const { id, bench } = useSession();
  // What a press would undo is told when the edit itself is drawn.
  const told = useFollowing(bench);
  return (
    <InBar>
      <h1 className={classes.buildName} title={`${bench.build.name}, ${bench.build.department.name}`}>
        {bench.build.name}
      </h1>
      <Screens id={id} />
      <SavingMark />
      <Turn name="Undo" what={told.canUndo} run={bench.undo}>
        {BACK}
      </Turn>
      <Turn name="Redo" what={told.canRedo} run={bench.redo}>
        {AGAIN}
      </Turn>
      {children}
    </InBar>
  );
}
