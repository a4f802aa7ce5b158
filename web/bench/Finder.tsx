import { useMemo } from 'react';
import type { Evaluation } from '#core/kernel';
import { Palette } from '../palette';
import { entriesOf } from './entries';
import type { Hands } from './entries';

interface Props {
  id: string;
  evaluation: Evaluation;
  hands: Hands;
  onClose: () => void;
}

/** Finds anything on the bench by name, and does it. */
export function Finder({ id, evaluation, hands, onClose }: Props) {
  const entries = useMemo(() => entriesOf(id, evaluation, hands), [id, evaluation, hands]);
  return <Palette entries={entries} onClose={onClose} />;
}
