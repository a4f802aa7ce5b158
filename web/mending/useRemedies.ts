import { useQuery } from '@tanstack/react-query';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import type { levellingOf, remediesFor } from '#core/mending';
import type { CheckId } from '#core/review';
import type { BuildSpec } from '#core/spec';

interface Office { levellingOf: typeof levellingOf; remediesFor: typeof remediesFor }
let office: Remote<Office> | null = null;

/** Started when the first finding is opened, then kept. */
const worker = (): Remote<Office> => (office ??= wrap<Office>(new Worker(new URL('./remedies.worker.ts', import.meta.url), { type: 'module' })));

/** The computed remedies of a finding, worked out beside the screen. */
export const useRemedies = (spec: BuildSpec, finding: CheckId, needed: boolean) =>
  useQuery({ queryKey: ['remedies', finding, spec], queryFn: () => worker().remediesFor(spec, finding), enabled: needed, gcTime: 60_000, staleTime: Infinity, placeholderData: (old, query) => (query?.queryKey[1] === finding ? old : undefined) });

/** What to move to level the truck, worked out likewise. */
export const useLevelling = (spec: BuildSpec) => useQuery({ queryKey: ['levelling', spec], queryFn: () => worker().levellingOf(spec), gcTime: 60_000, staleTime: Infinity, placeholderData: (old) => old });
