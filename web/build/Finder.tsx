import { useMemo } from 'react';
import { Palette } from '../palette';
import { useOffered, useSession } from '../session';
import { entriesOf } from './entries';
import type { Hands } from './entries';

/** Finds anything of a build by name, and does it. */
export function Finder({ hands, begun, onClose }: { hands: Hands; begun: string; onClose: () => void }) {
  const { id, evaluation } = useSession();
  const offered = useOffered();
  const entries = useMemo(
    () => entriesOf(id, evaluation.with(offered), hands),
    [id, evaluation, offered, hands],
  );
  return <Palette entries={entries} begun={begun} onClose={onClose} />;
}
