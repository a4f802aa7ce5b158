import { useQuery } from '@tanstack/react-query';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import type { Build } from '#core/build';
import type { Tight } from '#core/subjects/streets';
import { openOffice } from './office';
import type { Office } from './office.worker';

let office: Remote<Office> | null = null;

/** Started when the first finding is opened, then kept. */
const worker = (): Remote<Office> => (office ??= wrap<Office>(openOffice()));

/** The computed remedies of a finding, worked out beside the screen. */
export const useRemedies = (build: Build, finding: string, needed: boolean) =>
  useQuery({
    queryKey: ['remedies', finding, build],
    queryFn: () => worker().remediesFor(build, finding),
    enabled: needed,
    gcTime: 60_000,
    staleTime: Infinity,
    placeholderData: (old, query) => (query?.queryKey[1] === finding ? old : undefined),
  });

/** The longest trucks that get through corners and bays, worked out likewise. */
export const useLongest = (build: Build, tight: Tight) =>
  useQuery({
    queryKey: ['longest', build, tight],
    queryFn: () => worker().longest(build, tight),
    gcTime: 60_000,
    staleTime: Infinity,
    placeholderData: (old) => old,
  });

/** What to move to level the truck, worked out likewise. */
export const useLeveling = (build: Build) =>
  useQuery({
    queryKey: ['leveling', build],
    queryFn: () => worker().levelingOf(build),
    gcTime: 60_000,
    staleTime: Infinity,
    placeholderData: (old) => old,
  });
