import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { BuildView } from '#core/exchange';
import { askAfresh, Refused, sendSigned, Unreachable } from '../api';
import { allKept, forgetBuild, isUnsent, keepBuild } from './kept';
import type { Kept } from './kept';
import { sendBuild } from './send';

const lockOf = (id: string) => `baros-build-${id}`;

/** Holds a build as open in this tab until the function that it gives is called: nobody else sends it meanwhile. */
export function holdOpen(id: string): () => void {
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  void navigator.locks?.request(lockOf(id), { mode: 'shared' }, () => held);
  return letGo;
}

/**
 * Does something with a build that no tab has open. Where the browser can't tell (no secure context), nothing
 * is done: the build is sent when it is opened.
 */
const withClosed = async (id: string, work: () => Promise<void>): Promise<void> => {
  await navigator.locks?.request(lockOf(id), { mode: 'exclusive', ifAvailable: true }, async (lock) => {
    if (lock) await work();
  });
};

const LOOK_MS = 4000;
const NONE: readonly string[] = [];

/** What was refused is not sent again as it is: it waits until a person opens it. */
const refused = new Map<string, string>();
const fingerprint = ({ base, build }: Kept) => `${base.revision} ${JSON.stringify(build)}`;

/** Sends what was kept of builds that are not open anywhere. Gives the builds that were saved. */
async function sendUnsent(): Promise<BuildView[]> {
  const saved: BuildView[] = [];
  let reachable = true;
  for (const kept of await allKept()) {
    const { id } = kept.base;
    if (!reachable || !isUnsent(kept) || refused.get(id) === fingerprint(kept)) continue;
    await withClosed(id, async () => {
      try {
        const base = await sendBuild(kept);
        await keepBuild({ base, build: base.build, words: [] });
        saved.push(base);
      } catch (error) {
        if (error instanceof Unreachable) reachable = false;
        else if (error instanceof Refused && error.status === 404) await forgetBuild(id);
        else refused.set(id, fingerprint(kept));
      }
    });
  }
  return saved;
}

/** Sends, from whatever screen, what was kept while the server was out of reach. */
function useSendingUnsent(): void {
  const client = useQueryClient();
  useEffect(() => {
    let gone = false;
    const look = async () => {
      await sendSigned();
      const saved = await sendUnsent();
      if (saved.length === 0) return;
      void askAfresh(client, [['builds'], ['unsent']]);
    };
    const loop = () =>
      void look()
        .catch(() => undefined)
        .finally(() => {
          if (!gone) timer = setTimeout(loop, LOOK_MS);
        });
    let timer = setTimeout(loop, 0);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [client]);
}

/** The sending, as something that stands in a page and shows nothing. */
export function Sending(): null {
  useSendingUnsent();
  return null;
}

/** Tells, as it changes, of which builds something is kept here and not yet saved. */
export function Unsent({ told }: { told: (ids: readonly string[]) => void }): null {
  const { data } = useQuery({
    queryKey: ['unsent'],
    queryFn: async () => (await allKept()).filter(isUnsent).map(({ base }) => base.id),
    networkMode: 'always',
    refetchInterval: LOOK_MS,
    staleTime: 0,
  });
  useEffect(() => told(data ?? NONE), [told, data]);
  return null;
}
