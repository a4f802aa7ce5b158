import { IconAlertTriangle, IconCheck, IconX } from '@tabler/icons-react';
import { STATUS_WORDS } from '#core/review';
import type { Status } from '#core/review';

const COLOUR: Record<Status, string> = { holds: 'var(--spruce)', caution: 'var(--brass)', fails: 'var(--signal)' };
const ICON: Record<Status, typeof IconCheck> = { holds: IconCheck, caution: IconAlertTriangle, fails: IconX };

/** The word for how something stands. */
export const statusWord = (status: Status): string => STATUS_WORDS[status];

/** The colour that supports a status; never shown without its mark or word. */
export const statusColour = (status: Status): string => COLOUR[status];

/** How something stands, by shape, with its word for those who don't see it. */
export function StatusMark({ status, size = 16 }: { status: Status; size?: number }) {
  const Icon = ICON[status];
  return (
    <span style={{ color: COLOUR[status], display: 'inline-flex' }}>
      <Icon size={size} stroke={2.6} aria-hidden="true" />
      <span className="unseen">{STATUS_WORDS[status]}</span>
    </span>
  );
}
