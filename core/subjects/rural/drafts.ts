import { reading } from '../../kernel/index.js';
import { counting } from '../brief/index.js';
import type { LineOf } from '../brief/index.js';
import { draftGpm } from '../lines/index.js';
import { chosenPump } from '../pump/index.js';
import { largestIntake, primer, primingS } from '../pumping/index.js';
import { highFt } from '../road/index.js';
import { supplies } from './carried.js';

/** A strainer hangs so far under the water, ft (formulas: draft). */
export const UNDER_WATER_FT = 2;

/** Suction hose from an intake over the bank down to its strainer, ft: the straight way, and the strainer's depth. */
export const suctionNeededFt = ({ liftFt, reachFt }: { liftFt: number; reachFt: number }): number =>
  Math.hypot(liftFt, reachFt) + UNDER_WATER_FT;

/** What this truck does at a draft site. Feet, gpm, seconds. */
export interface AtDraft {
  site: LineOf<'drafts'>;
  neededFt: number;
  carriedFt: number;
  drawnGpm: number;
  primingS: number;
}

/** Each draft site of the brief; none without a pump. */
export const draftSites = reading(
  'rural',
  [counting('drafts'), chosenPump, supplies, highFt, largestIntake, primer],
  (sites, pump, { suctionFt }, altitudeFt, sizeIn, kind): AtDraft[] =>
    pump
      ? sites.map((site) => {
          const neededFt = suctionNeededFt(site);
          return {
            site,
            neededFt,
            carriedFt: suctionFt,
            drawnGpm: draftGpm(pump.ratedGpm, site.liftFt, altitudeFt),
            primingS: primingS(pump, sizeIn, neededFt, kind),
          };
        })
      : [],
);
