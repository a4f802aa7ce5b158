import { ActionIcon } from '@mantine/core';
import { IconKeyboard, IconSearch } from '@tabler/icons-react';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { Outlet, useMatch, useNavigate } from 'react-router';
import { useKeys, useUnits, useUnitSwitch } from '../common';
import { FilesMenu, useFiles } from '../files';
import { SessionBar, useSession } from '../session';
import type { Hands } from './entries';
import { goingTo } from './going';
import type { Going } from './going';
import classes from './build.module.css';
import { TypedAhead } from './TypedAhead';

const Finder = lazy(async () => ({ default: (await import('./Finder')).Finder }));
const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts')).Shortcuts }));

const ICON = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;

/** What every screen of a build has: its bar, its files, and the ways to find anything and to see the keys. */
export function BuildShell() {
  const { id, bench } = useSession();
  const { say } = useUnits();
  const takeUnits = useUnitSwitch();
  const navigate = useNavigate();
  const onBench = useMatch('/builds/:id') !== null;
  const files = useFiles();
  const [open, setOpen] = useState<'finder' | 'keys' | null>(null);
  const [ahead, setAhead] = useState('');
  const find = useCallback(() => {
    setAhead('');
    setOpen('finder');
  }, []);
  const showKeys = useCallback(() => setOpen('keys'), []);
  const close = () => setOpen(null);
  useKeys([
    ['mod+K', find],
    ['/', find],
    ['shift+?', showKeys],
    ['?', showKeys],
  ]);
  const hands = useMemo(
    (): Hands => ({
      say,
      bench,
      go: (going: Going) => void navigate(`/builds/${id}`, goingTo(going, onBench)),
      visit: (path) => void navigate(path),
      units: takeUnits,
      files: files.actions,
      keys: showKeys,
    }),
    [say, bench, id, onBench, navigate, takeUnits, files.actions, showKeys],
  );
  return (
    <>
      <SessionBar>
        <ActionIcon {...ICON} onClick={find} aria-label="Find anything" title="Find anything (Ctrl K)">
          <IconSearch size={18} />
        </ActionIcon>
        <FilesMenu actions={files.actions} />
        <ActionIcon {...ICON} onClick={showKeys} aria-label="Keys" title="Keys (?)" className={classes.keys}>
          <IconKeyboard size={19} />
        </ActionIcon>
      </SessionBar>
      <Outlet />
      {files.dialogs}
      {open === 'finder' && (
        <Suspense fallback={<TypedAhead onType={setAhead} />}>
          <Finder hands={hands} begun={ahead} onClose={close} />
        </Suspense>
      )}
      {open === 'keys' && (
        <Suspense>
          <Shortcuts onClose={close} />
        </Suspense>
      )}
    </>
  );
}
