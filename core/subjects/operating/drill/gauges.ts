import { bare, gal, gpm, psi } from '../../../units/index.js';
import type { PanelObject } from '../../plumbing/index.js';
import type { Action } from './act.js';
import type { Panel, Reads } from './panel.js';

/** What is pressed on the panel does; null of what is only read. */
export const actionOf = ({ id, what, connection }: PanelObject): Action | null =>
  what === 'control' && connection
    ? { kind: 'valve', id: connection.id }
    : id === 'primer'
      ? { kind: 'prime' }
      : null;

/** Whether a thing of the panel is open, or has done its work. */
export const isOn = ({ id, connection }: PanelObject, panel: Panel): boolean =>
  id === 'primer' ? panel.primed : connection !== undefined && panel.open.includes(connection.id);

/** What a thing of the panel shows, with its figures in place; null where it shows nothing. */
export function shownOn(one: PanelObject, panel: Panel, now: Reads): string | null {
  switch (one.id) {
    case 'master-discharge':
      return psi(Math.round(now.dischargePsi));
    case 'master-intake':
      return psi(Math.round(now.intakePsi));
    case 'level':
      return gal(Math.round(panel.tankGal));
    case 'governor':
    case 'throttle':
      return panel.setPsi > 0 ? psi(panel.setPsi) : 'idle';
    default:
      break;
  }
  const { connection } = one;
  if (one.what !== 'control' || !connection) return null;
  const line = now.lines.find(({ outletId }) => outletId === connection.id);
  if (!line || connection.gauge === 'none') return isOn(one, panel) ? 'open' : 'shut';
  const flow = connection.gauge === 'both' ? ` ${bare(gpm(Math.round(line.gpm)))}` : '';
  return `${bare(psi(Math.round(line.psi)))}${flow}`;
}
