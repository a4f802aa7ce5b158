import { confirmed } from '#core/build';
import type { Bench } from '../session';

/** Confirms choices as they are. */
export const confirm = (bench: Bench, ids: string[], of: string): void =>
  bench.change({ build: confirmed(bench.build, ids), words: `Confirmed: ${of}` });
