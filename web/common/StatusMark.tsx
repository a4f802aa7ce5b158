import { IconAlertTriangle, IconCheck, IconX } from '@tabler/icons-react';
import type { Status } from '#core/review';

const WORDS: Record<Status, string> = { holds: 'holds', caution: 'close', fails: 'over a limit' };
const COLOUR: Record<Status, string> = { holds: 'var(--spruce)', caution: 'var(--brass)', fails: 'var(--signal)' };
const ICON: Record<Status, typeof IconCheck> = { holds: IconCheck, caution: IconAlertTriangle, fails: IconX };

/** The word for how something stands. */
export const statusWord = (status: Status): string => WORDS[status];

/** The colour that supports a status; never shown without its mark or word. */
export const statusColour = (status: Status): string => COLOUR[status];

/** How something stands, by shape, with its word for those who don't see it. */
export function StatusMark({ status, size = 16 }: { status: Status; size?: number }) {
  const Icon = ICON[status];
  return (
    <span style={{ color: COLOUR[status], display: 'inline-flex' }}>
      <Icon size={size} stroke={2.6} aria-hidden="true" />
      <span className="unseen">{WORDS[status]}</span>
    </span>
  );
}
