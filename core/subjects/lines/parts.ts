import type { Origin } from '../../kernel/index.js';
import { gpm, hoseSize, psi } from '../../units/index.js';

/** What stands at the end of a line. */
export interface NozzlePart extends Origin {
  id: string;
  name: string;
  kind: 'smoothBore' | 'fixed' | 'selectable' | 'automatic' | 'sweep';
  /** In hands, on a monitor, or under a bumper. */
  use: 'hand' | 'monitor' | 'sweep';
  /** The pressure that it is made for, psi. */
  pressurePsi: number;
  /** Bore of its tip, in. */
  tipIn?: number;
  /** What it flows at its pressure; of a selectable one at its usual setting, gpm. */
  ratedGpm?: number;
  /** Its settings, the least first, gpm. */
  settingsGpm?: number[];
  /** Range in which it keeps its pressure, gpm. */
  fromGpm?: number;
  toGpm?: number;
}

const bore = (id: string, use: NozzlePart['use'], tipIn: number, at: number): NozzlePart => ({
  id,
  name: `${use === 'monitor' ? 'Monitor, smooth bore' : 'Smooth bore'}, ${hoseSize(tipIn)} tip`,
  kind: 'smoothBore',
  use,
  pressurePsi: at,
  tipIn,
});
const fixed = (id: string, use: NozzlePart['use'], ratedGpm: number, at: number): NozzlePart => ({
  id,
  name: `${{ hand: 'Fog', monitor: 'Monitor, fog', sweep: 'Ground sweep' }[use]}, ${gpm(ratedGpm)} at ${psi(at)}`,
  kind: use === 'sweep' ? 'sweep' : 'fixed',
  use,
  pressurePsi: at,
  ratedGpm,
});
const selectable = (
  id: string,
  use: NozzlePart['use'],
  settingsGpm: number[],
  ratedGpm: number,
  at: number,
): NozzlePart => ({
  id,
  name: `${use === 'monitor' ? 'Monitor, selectable' : 'Selectable'}, ${gpm(settingsGpm[0]!)} to ${gpm(settingsGpm.at(-1)!)} at ${psi(at)}`,
  kind: 'selectable',
  use,
  pressurePsi: at,
  ratedGpm,
  settingsGpm,
});
const automatic = (
  id: string,
  use: NozzlePart['use'],
  fromGpm: number,
  toGpm: number,
  at: number,
): NozzlePart => ({
  id,
  name: `${use === 'monitor' ? 'Monitor, automatic' : 'Automatic'}, ${gpm(fromGpm)} to ${gpm(toGpm)} at ${psi(at)}`,
  kind: 'automatic',
  use,
  pressurePsi: at,
  fromGpm,
  toGpm,
});

/** Nozzles of hand lines, monitors and sweeps; pressures psi, flows gpm, tips in. */
export const NOZZLES: NozzlePart[] = [
  fixed('fog-150-75', 'hand', 150, 75),
  fixed('fog-150-50', 'hand', 150, 50),
  fixed('fog-175-75', 'hand', 175, 75),
  fixed('fog-95-100', 'hand', 95, 100),
  fixed('fog-250-75', 'hand', 250, 75),
  fixed('fog-30-100', 'hand', 30, 100),
  selectable('selectable-forestry', 'hand', [10, 23], 23, 100),
  selectable('selectable-60', 'hand', [20, 40, 60], 40, 100),
  selectable('selectable-125', 'hand', [30, 60, 95, 125], 95, 100),
  automatic('automatic-200', 'hand', 60, 200, 100),
  automatic('automatic-low', 'hand', 70, 200, 75),
  bore('bore-7-8', 'hand', 0.875, 50),
  bore('bore-15-16', 'hand', 0.9375, 50),
  bore('bore-1-1-16', 'hand', 1.0625, 50),
  bore('bore-1-1-8', 'hand', 1.125, 50),
  bore('bore-1-1-4', 'hand', 1.25, 50),
  bore('tip-1-1-4', 'monitor', 1.25, 80),
  bore('tip-1-3-8', 'monitor', 1.375, 80),
  bore('tip-1-1-2', 'monitor', 1.5, 80),
  bore('tip-1-3-4', 'monitor', 1.75, 80),
  bore('tip-2', 'monitor', 2, 80),
  selectable('monitor-brush', 'monitor', [30, 60, 95, 125], 60, 100),
  selectable('monitor-300', 'monitor', [125, 200, 300], 300, 100),
  automatic('monitor-automatic', 'monitor', 300, 1_250, 80),
  fixed('monitor-1000', 'monitor', 1_000, 100),
  fixed('sweep-15', 'sweep', 15, 60),
  fixed('sweep-25', 'sweep', 25, 60),
];
