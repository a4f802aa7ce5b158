import { gpm, inShort, within } from '../../units/index.js';
import type { Pump } from './parts.js';

const DRIVE_NAMES: Record<Pump['drive'], string> = {
  midship: 'midship',
  pto: 'PTO',
  auxiliary: 'own engine',
  electric: 'electric',
};
export const PANEL_NAMES: Record<Pump['panel'], string> = {
  side: 'side panel',
  top: 'top panel',
  skid: 'skid',
};

/** Rating, drive and panel. */
export const pumpInShort = ({ ratedGpm, drive, panel }: Pump): string =>
  inShort(gpm(ratedGpm), DRIVE_NAMES[drive], PANEL_NAMES[panel]);

/** The pump as the specification asks for it. */
export function pumpSentence(pump: Pump): string {
  const { ratedGpm, drive, panel, walkwayIn, stages, pumpAndRoll, own, name } = pump;
  const driven = {
    midship: 'a midship pump',
    pto: 'a PTO pump',
    auxiliary: 'a pump with its own engine',
    electric: 'an electrically driven pump',
  }[drive];
  const operated = {
    side: 'a side panel',
    top: walkwayIn ? 'a top panel on a walkway' : 'an enclosed top panel',
    skid: 'its panel on the skid',
  }[panel];
  return `The pump shall be ${own ? `${within(name)}, ` : ''}${driven} rated ${gpm(ratedGpm)}${stages ? ' in two stages' : ''}, with ${operated}${pumpAndRoll ? ', and shall pump while the truck drives' : ''}.`;
}
