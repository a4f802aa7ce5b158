import { IconCheck, IconCloudOff, IconDots, IconExclamationCircle } from '@tabler/icons-react';
import type { Saving } from './saving';
import classes from './session.module.css';

const MARKS: Record<Saving['kind'], { words: string; Icon: typeof IconCheck; colour: string }> = {
  saved: { words: 'Saved', Icon: IconCheck, colour: 'var(--spruce)' },
  saving: { words: 'Saving', Icon: IconDots, colour: 'var(--pencil)' },
  offline: { words: 'Kept here; the server does not answer', Icon: IconCloudOff, colour: 'var(--brass)' },
  conflict: { words: 'Kept here; changed elsewhere', Icon: IconExclamationCircle, colour: 'var(--signal)' },
  refused: { words: 'Kept here; not saved', Icon: IconExclamationCircle, colour: 'var(--signal)' },
};

/** Whether what is on the bench is kept, and where, in words and by shape. */
export function SavingMark({ saving }: { saving: Saving }) {
  const { words, Icon, colour } = MARKS[saving.kind];
  return (
    <span className={classes.saving} role="status" data-kind={saving.kind} title={words} style={{ color: colour }}>
      <Icon size={16} aria-hidden="true" /><span className={classes.words}>{words}</span>{saving.kind === 'refused' && `: ${saving.message}`}
    </span>
  );
}
