import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { connections, isPowered, VALVE_NAMES } from '../plumbing/index.js';
import type { Connection } from '../plumbing/index.js';

/** How each way by hand is worked, and which way opens. */
const WAYS: Record<NonNullable<Connection['byHand']>, { where: string; how: string }> = {
  wheel: { where: 'handwheel at the valve', how: 'counterclockwise opens; count the turns to its stop' },
  crank: { where: 'crank at the panel', how: 'counterclockwise opens; count the turns to its stop' },
  lever: { where: 'lever kept at the panel', how: 'a quarter turn; in line with the pipe is open' },
};

/** How a powered valve is worked by hand; nothing of one that a hand works anyhow. */
export function byHand(one: Connection): string | undefined {
  if (!isPowered(one)) return undefined;
  return one.byHand
    ? `${WAYS[one.byHand].where}: ${WAYS[one.byHand].how}`
    : 'no way by hand: it fails as it stands';
}

/** Every powered valve with its way by hand. */
export const byHandTable = reading('operating', [connections], (all): TableOf => ({
  title: 'By hand',
  columns: [{ head: 'Valve' }, { head: 'Works by' }, { head: 'By hand' }],
  rows: all.filter(isPowered).map((one) => ({
    id: one.id,
    ...(one.byHand ? {} : { wrong: [2] }),
    cells: [one.label, VALVE_NAMES[one.valve].toLowerCase(), byHand(one)!],
  })),
}));
