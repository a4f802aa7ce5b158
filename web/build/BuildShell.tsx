import { ActionIcon } from '@mantine/core';
import { IconKeyboard, IconSearch } from '../icons';
import { lazy, memo, Suspense, useCallback, useMemo, useState } from 'react';
import { Outlet, useMatch, useNavigate } from 'react-router';
import { worstFirst } from '#core/kernel';
import { house } from '#core/subjects';
import { useKeys, useUnits, useUnitSwitch } from '../common';
import type { Key } from '../common';
import { FilesMenu, useFiles } from '../files';
import type { FileAction } from '../files';
import { SessionBar, useSession } from '../session';
import { SIDES } from '../subjects';
import type { Hands } from './entries';
import { goingTo } from './going';
import type { Going } from './going';
import classes from './build.module.css';
import { STEP_KEYS } from './step-keys';
import { TypedAhead } from './TypedAhead';

const Finder = lazy(async () => ({ default: (await import('./Finder')).Finder }));
const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts')).Shortcuts }));

const ICON = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;

interface WaysProps {
  find: () => void;
  files: FileAction[];
  showKeys: () => void;
}

/** What the bar leads to from every screen of a build. */
const Ways = memo(({ find, files, showKeys }: WaysProps) => (
  <>
    <ActionIcon {...ICON} onClick={find} aria-label="Find anything" title="Find anything (Ctrl K)">
      <IconSearch size={18} />
    </ActionIcon>
    <FilesMenu actions={files} />
    <ActionIcon {...ICON} onClick={showKeys} aria-label="Keys" title="Keys (?)" className={classes.keys}>
      <IconKeyboard size={19} />
    </ActionIcon>
  </>
));

/** What every screen of a build has: its bar, its files, and the ways to find anything and to see the keys. */
export function BuildShell() {
  const { id, bench, evaluation } = useSession();
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
  const go = useCallback(
    (going: Going) => void navigate(`/builds/${id}`, goingTo(going, onBench)),
    [navigate, id, onBench],
  );
  // On the bench these turn things over; from the other screens of the build they lead there.
  useKeys(
    onBench
      ? []
      : [
          ...house
            .stepsFor(bench.build)
            .flatMap(({ id: step }, i): Key[] => (STEP_KEYS[i] ? [[STEP_KEYS[i], () => go({ step })]] : [])),
          ...SIDES.map(({ id: panel, key }): Key => [key, () => go({ panel })]),
          ['A', () => go({ panel: 'assumed' })],
          ['F', () => go({ finding: worstFirst(evaluation.findings)[0]!.id })],
          ['V', () => go({ view: 'driver' })],
        ],
  );
  const hands = useMemo(
    (): Hands => ({
      say,
      bench,
      go,
      visit: (path) => void navigate(path),
      units: takeUnits,
      files: files.actions,
      keys: showKeys,
    }),
    [say, bench, go, navigate, takeUnits, files.actions, showKeys],
  );
  return (
    <>
      <SessionBar>
        <Ways find={find} files={files.actions} showKeys={showKeys} />
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
