import { IconAlertTriangle, IconCheck, IconX } from '../icons';
import { STATUS_WORDS } from '#core/kernel';
import type { Status } from '#core/kernel';

const COLOR: Record<Status, string> = {
  holds: 'var(--spruce)',
  caution: 'var(--brass)',
  fails: 'var(--signal)',
};
const ICON: Record<Status, typeof IconCheck> = { holds: IconCheck, caution: IconAlertTriangle, fails: IconX };

/** The word for how something stands. */
export const statusWord = (status: Status): string => STATUS_WORDS[status];

/** The color that supports a status; never shown without its mark or word. */
export const statusColor = (status: Status): string => COLOR[status];

/** How something stands, by shape, with its word for those who don't see it. */
export function StatusMark({ status, size = 16 }: { status: Status; size?: number }) {
  const Icon = ICON[status];
  return (
    <span style={{ color: COLOR[status], display: 'inline-flex' }}>
      <Icon size={size} stroke={2.6} aria-hidden="true" />
      <span className="unseen">{STATUS_WORDS[status]}</span>
    </span>
  );
}
