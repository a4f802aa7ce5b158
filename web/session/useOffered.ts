import { useMemo } from 'react';
import { withOffered } from '#core/spec';
import type { BuildSpec } from '#core/spec';
import { useOwnParts } from '../api';
import { useSession } from './BuildSession';

/** The open build with its department's own parts on offer: what is chosen among, and what mending may choose. */
export function useOffered(): BuildSpec {
  const { build, bench } = useSession();
  const ownParts = useOwnParts(build.departmentId).data;
  return useMemo(() => withOffered(bench.spec, ownParts?.map(({ part }) => part) ?? []), [bench.spec, ownParts]);
}
