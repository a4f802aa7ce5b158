import type { Choice } from '#core/kernel';
import { useUnits } from '../common';
import type { Bench } from '../session';
import { confirm } from './confirm';
import { useOffers } from './offers';
import classes from './panel.module.css';

/** The mark of what nobody has confirmed yet; a press confirms it. */
function Mark({ of, onConfirm }: { of: string; onConfirm: () => void }) {
  const { say } = useUnits();
  return (
    <button
      type="button"
      className={classes.assumed}
      title="Nobody has confirmed this yet: press to confirm it as it is"
      onClick={onConfirm}
    >
      assumed: confirm<span className="unseen"> {say(of)}</span>
    </button>
  );
}

/** The mark of one choice. */
export function ConfirmMark({ choice }: { choice: Choice }) {
  const offers = useOffers();
  return <Mark of={choice.title} onConfirm={() => offers.confirm(choice)} />;
}

/** The mark of several choices, where one of them is still assumed. */
export function Assumed({ ids, of, bench }: { ids: string[]; of: string; bench: Bench }) {
  const open = ids.filter((id) => bench.build.assumed?.includes(id));
  if (open.length === 0) return null;
  return <Mark of={of} onConfirm={() => confirm(bench, open, of)} />;
}
