import type { Build } from '../../build/index.js';
import { bedsIn, feetThere, hoseShelf, isConnected } from '../hose/index.js';
import { fedBy, LINE_FT } from '../plumbing/index.js';
import type { Fed } from '../plumbing/index.js';

/** What a line of a truck comes from: hose that lies ready in a bed, or a monitor. */
export interface Source {
  /** Of the hose load, or of the monitor. */
  id: string;
  name: string;
  /** The bed or monitor that a discharge feeds. */
  feedsId: string;
  what: Fed['what'];
  hose: { sizeIn: number; lengthFt: number; use: 'attack' | 'forestry' | 'booster' } | null;
}

/** The lines that come with a truck, in the order of its beds: its loads of attack hose, then its monitors. */
export function sourcesOf(build: Build): Source[] {
  const stock = hoseShelf.in(build);
  const beds = bedsIn(build);
  const loads = build.hose.loads.flatMap((load): Source[] => {
    const { id, bedId, partId } = load;
    const lengthFt = feetThere(load, build.hose.sections);
    const bed = beds.find((of) => of.id === bedId);
    const hose = stock.find(partId);
    if (!bed || !hose || hose.use === 'supply' || lengthFt === 0 || lengthFt > LINE_FT) return [];
    if (!isConnected(load)) return [];
    return [
      {
        id,
        name: bed.name,
        feedsId: bedId,
        what: bed.kind,
        hose: { sizeIn: hose.sizeIn, lengthFt, use: hose.use },
      },
    ];
  });
  const order = new Map(beds.map(({ id }, i) => [id, i]));
  loads.sort((a, b) => order.get(a.feedsId)! - order.get(b.feedsId)!);
  const monitors = fedBy(build)
    .filter(({ what }) => what === 'deckMonitor' || what === 'bumperMonitor' || what === 'waterway')
    .map(({ id, name, what }): Source => ({ id, name, feedsId: id, what, hose: null }));
  return [...loads, ...monitors];
}
