import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { NewWeeklyCheck, WeeklyCheckView } from '#core/exchange';
import { ask, Refused, Unreachable } from './client';
import { askOrKept } from './kept-answers';

/** A check that was signed here and that the server does not have yet; why, where it refused it. */
export interface Waiting {
  buildId: string;
  check: NewWeeklyCheck;
  refused?: string;
}

const KEY = 'baros-weekly-checks';
const LOOK_MS = 4000;
const WAITING = ['weekly-waiting'];

function waiting(): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[];
  } catch {
    return [];
  }
}
const keep = (all: readonly Waiting[]) => localStorage.setItem(KEY, JSON.stringify(all));
const others = (id: string) => waiting().filter(({ check }) => check.id !== id);

/** Keeps a signed check in this browser until the server has it. */
export const keepSigned = (buildId: string, check: NewWeeklyCheck): void =>
  keep([...others(check.id), { buildId, check }]);

/** What the server refuses is not thrown away: it says why, and goes on a press. */
export const dropSigned = (id: string): void => keep(others(id));

/** Sends what waits, and gives what waits still. A check that is sent twice is kept once. */
export async function sendSigned(): Promise<Waiting[]> {
  for (const { buildId, check, refused } of waiting()) {
    if (refused) continue;
    try {
      await ask<WeeklyCheckView>('POST', `builds/${buildId}/weekly-checks`, check);
      dropSigned(check.id);
    } catch (error) {
      if (error instanceof Unreachable) break;
      if (error instanceof Refused) keep([...others(check.id), { buildId, check, refused: error.message }]);
    }
  }
  return waiting();
}

/** What was found on a truck week by week, the newest first: what the server has, and what waits here. */
export function useWeeklyChecks(buildId: string) {
  const client = useQueryClient();
  const log = useQuery({
    queryKey: ['weekly-checks', buildId],
    queryFn: () => askOrKept<WeeklyCheckView[]>(`builds/${buildId}/weekly-checks`),
    networkMode: 'always',
  });
  const { data: all = [] } = useQuery({
    queryKey: WAITING,
    queryFn: async () => {
      const before = client.getQueryData<Waiting[]>(WAITING) ?? waiting();
      const after = await sendSigned();
      const went = before.some(({ check }) => !after.some((one) => one.check.id === check.id));
      // It waits here until the log has it: it is never in neither.
      if (went) await client.invalidateQueries({ queryKey: ['weekly-checks'] });
      return after;
    },
    refetchInterval: LOOK_MS,
    staleTime: 0,
    networkMode: 'always',
  });
  const mine = all.filter((one) => one.buildId === buildId);
  const known = new Set(log.data?.map(({ id }) => id));
  const here = mine
    .filter(({ check }) => !known.has(check.id))
    .map(({ check }): WeeklyCheckView => ({ ...check, keptAt: check.at }));
  return {
    checks: [...here, ...(log.data ?? [])].sort((a, b) => (a.at < b.at ? 1 : -1)),
    waiting: mine,
    error: log.error,
    /** Looks at once at what waits. */
    look: () => client.invalidateQueries({ queryKey: WAITING }),
  };
}
