import { confirmed } from '#core/build';
import classes from './panel.module.css';
import type { Bench } from '../session';

/** The mark of what nobody has confirmed yet; a press confirms it. */
export function Assumed({ ids, bench, label = 'assumed' }: { ids: string[]; bench: Bench; label?: string }) {
  const open = ids.filter((id) => bench.build.assumed?.includes(id));
  if (open.length === 0) return null;
  return (
    <button
      type="button"
      className={classes.assumed}
      title="Nobody has confirmed this yet: press to confirm it as it is"
      onClick={() =>
        bench.change({ build: confirmed(bench.build, open), words: 'Confirmed what was assumed' })
      }
    >
      {label}: confirm
    </button>
  );
}
