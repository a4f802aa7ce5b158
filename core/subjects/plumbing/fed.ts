import type { Build } from '../../build/index.js';
import { bumperItemShelf } from '../bumper/index.js';
import { fittingShelf } from '../fittings/index.js';
import { bedsIn, hoseShelf, isConnected, loadsIn } from '../hose/index.js';
import { pumpIn } from '../pump/index.js';

/** What a discharge can be piped to: a bed whose line is kept connected, or a monitor. */
export interface Fed {
  id: string;
  name: string;
  what: 'crosslay' | 'well' | 'reel' | 'main' | 'tray' | 'own' | 'deckMonitor' | 'bumperMonitor' | 'waterway';
  /** Whether a truck of its kind has it piped: hose that lies loose in a bed seldom is. */
  usual: boolean;
  /** The largest attack hose that lies there, in; 0 where there is none. */
  hoseIn: number;
}

/** The id under which an aerial device's waterway is fed. */
export const WATERWAY = 'waterway';
/** Attack hose of more than this in one load lies loose: it is stretched by sections and is no line, ft. */
export const LINE_FT = 500;

/** Everything that a discharge of this truck could feed, front to back. */
export function fedBy(build: Build): Fed[] {
  const monitors = build.bumper.lines
    .filter(({ partId }) => bumperItemShelf.in(build).find(partId)?.shape === 'monitor')
    .map(({ id }): Fed => ({ id, name: 'Bumper monitor', what: 'bumperMonitor', usual: true, hoseIn: 0 }));
  const hoses = hoseShelf.in(build);
  const beds = bedsIn(build).map(({ id, name, kind }): Fed => {
    const attack = loadsIn(build, id).filter((load) => {
      const use = hoses.find(load.partId)?.use;
      const ready = use !== undefined && use !== 'supply' && isConnected(load);
      return ready && load.lengthFt > 0 && load.lengthFt <= LINE_FT;
    });
    const hoseIn = Math.max(0, ...attack.map(({ partId }) => hoses.part(partId).sizeIn));
    const usual = kind === 'crosslay' || kind === 'well' || (kind === 'reel' && hoseIn > 0);
    return {
      id,
      name,
      what: kind,
      usual: usual || ((kind === 'main' || kind === 'own') && hoseIn > 0),
      hoseIn,
    };
  });
  const deck = build.fittings.lines
    .filter(({ partId }) => fittingShelf.in(build).find(partId)?.shape === 'deckMonitor')
    .map(({ id }): Fed => ({ id, name: 'Deck monitor', what: 'deckMonitor', usual: true, hoseIn: 0 }));
  const waterway: Fed[] =
    build.device.partId !== undefined && pumpIn(build)
      ? [{ id: WATERWAY, name: 'Waterway of the device', what: 'waterway', usual: true, hoseIn: 0 }]
      : [];
  return [...monitors, ...beds, ...deck, ...waterway];
}
