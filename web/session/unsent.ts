import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { BuildView } from '#core/spec';
import { Refused, Unreachable } from '../api';
import { allKept, forgetBuild, isUnsent, keepBuild } from './kept';
import { sendBuild } from './send';

/** Builds that a session has open: it sends them itself. */
const open = new Set<string>();
export const opened = (id: string): void => void open.add(id);
export const closed = (id: string): void => void open.delete(id);

const LOOK_MS = 4000;

/** Sends what was kept of builds that are not open; a conflict waits until the build is opened. Gives the builds that were saved. */
async function sendUnsent(): Promise<BuildView[]> {
  const saved: BuildView[] = [];
  for (const kept of await allKept()) {
    if (open.has(kept.base.id) || !isUnsent(kept)) continue;
    try {
      const base = await sendBuild(kept);
      await keepBuild({ base, spec: base.spec, words: [] });
      saved.push(base);
    } catch (error) {
      if (error instanceof Unreachable) break;
      if (error instanceof Refused && error.status === 404) await forgetBuild(kept.base.id);
    }
  }
  return saved;
}

/** Sends, from whatever screen, what was kept while the server was out of reach. */
export function useSendingUnsent(): void {
  const client = useQueryClient();
  useEffect(() => {
    let gone = false;
    const look = async () => {
      const saved = await sendUnsent();
      if (saved.length === 0) return;
      client.setQueryData<BuildView[]>(['builds'], (builds) => builds?.map((build) => saved.find(({ id }) => id === build.id) ?? build));
      void client.invalidateQueries({ queryKey: ['unsent'] });
    };
    const loop = () => void look().finally(() => { if (!gone) timer = setTimeout(loop, LOOK_MS); });
    let timer = setTimeout(loop, 0);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [client]);
}

/** Ids of the builds of which something is kept here and not yet saved. */
export const useUnsent = () =>
  useQuery({ queryKey: ['unsent'], queryFn: async () => (await allKept()).filter(isUnsent).map(({ base }) => base.id), networkMode: 'always', refetchInterval: LOOK_MS, staleTime: 0 });
