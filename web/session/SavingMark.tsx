import { IconCheck, IconCloudOff, IconDots, IconExclamationCircle } from '../icons';
import { within } from '#core/units';
import { useKept } from './BuildSession';
import type { Saving } from './saver';
import classes from './session.module.css';

const MARKS: Record<Saving['kind'], { words: string; Icon: typeof IconCheck; color: string }> = {
  saved: { words: 'Saved', Icon: IconCheck, color: 'var(--spruce)' },
  saving: { words: 'Saving', Icon: IconDots, color: 'var(--pencil)' },
  offline: { words: 'Kept here', Icon: IconCloudOff, color: 'var(--brass)' },
  conflict: { words: 'Kept here; changed elsewhere', Icon: IconExclamationCircle, color: 'var(--signal)' },
  refused: { words: 'Kept here; not saved', Icon: IconExclamationCircle, color: 'var(--signal)' },
};

/** Whether what is on the bench is kept, and where, in words and by shape; spoken only where it is not saved. */
export function SavingMark() {
  const saving = useKept();
  const { words: said, Icon, color } = MARKS[saving.kind];
  const words =
    saving.kind === 'offline'
      ? `${said}; ${within(saving.message.split('.')[0]!)}`
      : saving.kind === 'refused'
        ? `${said}: ${saving.message}`
        : said;
  const goesWell = saving.kind === 'saved' || saving.kind === 'saving';
  return (
    <span className={classes.saving} data-kind={saving.kind} title={words} style={{ color: color }}>
      <Icon size={16} aria-hidden="true" />
      <span role="status">{goesWell ? '' : words}</span>
      {goesWell && <span className={classes.words}>{words}</span>}
    </span>
  );
}
