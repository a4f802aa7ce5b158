import type { Hose } from '../catalogue/index.js';
import type { BuildSpec } from './build-spec.js';
import { catalogueOf } from './catalogue-of.js';

/** A place for hose that a build has, in the order of the lists. */
export interface Bed {
  id: string;
  name: string;
  kind: 'main' | 'crosslay' | 'well' | 'reel' | 'tray';
}

const bed = (id: string, name: string, kind: Bed['kind']): Bed => ({ id, name, kind });

/** The beds that follow from what was chosen: body, pump, bumper. */
export function bedsFor(spec: Pick<BuildSpec, 'type' | 'pumpId' | 'bumper' | 'ownParts'>): Bed[] {
  const well = spec.bumper.itemIds.includes('hose-well') ? [bed('bumper-well', 'Bumper well', 'well')] : [];
  if (spec.type === 'brush') {
    return [...well, bed('reel', 'Booster reel', 'reel'), bed('tray-left', 'Tray, driver’s side', 'tray'), bed('tray-right', 'Tray, officer’s side', 'tray')];
  }
  const crosslays = spec.pumpId === undefined ? 0 : (catalogueOf(spec).find('pump', spec.pumpId)?.crosslays ?? 0);
  return [
    ...well,
    ...Array.from({ length: crosslays }, (_, i) => bed(`crosslay-${i + 1}`, `Crosslay ${i + 1}`, 'crosslay')),
    bed('main-left', 'Hose bed, driver’s side', 'main'),
    bed('main-right', 'Hose bed, officer’s side', 'main'),
  ];
}

/** What suits a bed: booster on a reel, forestry and attack in trays, attack and supply in the rest. */
export function suitsBed({ kind }: Pick<Bed, 'kind'>, { use }: Pick<Hose, 'use'>): boolean {
  if (kind === 'reel') return use === 'booster';
  if (kind === 'tray') return use === 'forestry' || use === 'attack';
  return use === 'attack' || use === 'supply';
}
