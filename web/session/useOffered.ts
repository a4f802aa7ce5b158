import { useMemo } from 'react';
import type { Build } from '#core/build';
import { house } from '#core/subjects';
import { useOwnParts } from '../api';
import { useSession } from './BuildSession';

/** The open build with its department's own parts on offer: what is chosen among, and what mending may choose. */
export function useOffered(): Build {
  const { view, bench } = useSession();
  const ownParts = useOwnParts(view.departmentId).data;
  return useMemo(
    () => house.withOffered(bench.build, ownParts?.map(({ part }) => part) ?? []),
    [bench.build, ownParts],
  );
}
