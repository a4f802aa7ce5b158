import { Loader } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { createContext, lazy, Suspense, use, useMemo } from 'react';
import { Outlet, useNavigate, useParams } from 'react-router';
import type { BuildView } from '#core/exchange';
import type { Evaluation } from '#core/kernel';
import { Refused } from '../api';
import { Message, useKeys } from '../common';
import { evaluated } from './evaluated';
import { useHistory } from './history';
import type { Bench } from './history';
import { openBuild } from './open-build';
import type { Opened } from './open-build';
import { useSaving } from './saving';
import { useAsideNews } from './useAsideNews';
import type { Saving } from './saver';

interface Session {
  id: string;
  /** The build as the server gave it; its choices may have changed since. */
  view: BuildView;
  bench: Bench;
  evaluation: Evaluation;
  /** Comes when everything that was done until now is saved, be the screen left or not. */
  whenSaved: () => Promise<void>;
}

const ConflictDialog = lazy(async () => ({ default: (await import('./ConflictDialog')).ConflictDialog }));

/** The answer to a build of which something is not what any Baros wrote. */
const UNREADABLE = 422;

const Current = createContext<Session | null>(null);
/** Apart from what is open: it changes several times for one edit, and only its mark shows it. */
const CurrentSaving = createContext<Saving | null>(null);

/** The build that is open, for every screen of it. */
export function useSession(): Session {
  const session = use(Current);
  if (!session) throw new Error('no build is open');
  return session;
}

/** How the build that is open is kept. */
export function useKept(): Saving {
  const saving = use(CurrentSaving);
  if (!saving) throw new Error('no build is open');
  return saving;
}

/** A build that is open: its history of this sitting, its saving, and whichever screen looks at it. */
export function BuildSession() {
  const { id = '' } = useParams();
  const { data, error } = useQuery({
    queryKey: ['open', id],
    queryFn: () => openBuild(id),
    gcTime: 0,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
    networkMode: 'always',
  });
  // What the server has of it can't be shown: its file can still be taken away.
  if (error instanceof Refused && error.status === UNREADABLE) throw error;
  if (error)
    return (
      <Message title="This build could not be opened">
        {error instanceof Refused && (error.status === 404 || error.status === 400)
          ? 'It is not here; the link may be an old one.'
          : error.message}
      </Message>
    );
  if (!data) return <Loader m="xl" color="var(--ink)" aria-label="Opening the build" />;
  return <Open key={id} opened={data} />;
}

function Open({ opened }: { opened: Opened }) {
  const { base } = opened;
  const bench = useHistory(base.id, opened.build);
  const { saving, adopt, whenSaved } = useSaving(opened, bench.build, bench.did);
  const evaluation = evaluated(bench.build);
  useAsideNews(bench);
  const navigate = useNavigate();
  const to = (screen: string) => () => void navigate(`/builds/${base.id}${screen}`);
  useKeys([
    ['mod+Z', bench.undo],
    ['mod+shift+Z', bench.redo],
    ['mod+Y', bench.redo],
    ['B', to('')],
    ['W', to('/analysis')],
    ['H', to('/history')],
  ]);
  const session = useMemo(
    () => ({ id: base.id, view: base, bench, evaluation, whenSaved }),
    [base, bench, evaluation, whenSaved],
  );
  return (
    <Current value={session}>
      <CurrentSaving value={saving}>
        <Outlet />
      </CurrentSaving>
      {saving.kind === 'conflict' && (
        <Suspense>
          <ConflictDialog base={saving.base} theirs={saving.theirs} bench={bench} adopt={adopt} />
        </Suspense>
      )}
    </Current>
  );
}
