import type { Evaluation } from '../kernel/index.js';
import { envelope } from '../truck/index.js';
import type { Glance } from './api-yard.js';

/** The checks of which the yard shows what is left. */
const SHOWN = ['frontAxle', 'rearAxle', 'gross'];

/** What the yard shows of a truck beside its drawing. Lengths in, weights lb. */
export function glanceOf(evaluation: Evaluation): Omit<Glance, 'drawing'> {
  const { lengthIn, heightIn } = evaluation.read(envelope);
  const { findings } = evaluation;
  return {
    lengthIn,
    heightIn,
    margins: SHOWN.flatMap((id) => findings.find((finding) => finding.id === id) ?? []).map(
      ({ title, status, margin }) => ({ title, status, marginLb: margin }),
    ),
    over: findings.filter(({ status }) => status === 'fails').length,
    checks: findings.length,
  };
}
