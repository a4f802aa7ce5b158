import { fromBuild, reading } from '../../kernel/index.js';
import type { LineOf } from '../brief/index.js';
import { foamCells } from '../foam/index.js';
import type { FoamCell } from '../foam/index.js';
import { fromTheTank } from '../lines/index.js';
import { cellForSpill, needs } from './needs.js';
import type { Need } from './needs.js';

/** What a truck has for a fire. Gpm, gallons. */
export interface Has {
  gpm: number;
  waterGal: number;
  cells: readonly FoamCell[];
}

/** What a truck does at a fire by itself, and what must come. Minutes, gpm, gallons. */
export interface AtFire {
  need: Need;
  gpm: number;
  waterGal: number;
  concentrateGal: number;
  /** At the flow that the fire takes; 0 where it can't give that, or lacks the foam without which nothing helps. */
  lastsMin: number;
  stop: 'flow' | 'foam' | 'water' | null;
  shortGpm: number;
  shortWaterGal: number;
  shortConcentrateGal: number;
}

const EXACT = 1e-9;

/** A fire against what a truck carries (formulas: fires). */
export function atFire(need: Need, { gpm, waterGal, cells }: Has): AtFire {
  const concentrateGal =
    need.foamClass === 'B'
      ? (cellForSpill(need.fire as LineOf<'spills'>, cells)?.gallons ?? 0)
      : cells
          .filter(({ concentrate: { foamClass } }) => foamClass === need.foamClass)
          .reduce((sum, { gallons }) => sum + gallons, 0);
  const share = need.percent / 100;
  const waterMin = waterGal / (need.gpm * (1 - share));
  const foamMin = need.needsFoam ? concentrateGal / (need.gpm * share) : Infinity;
  const shortGpm = Math.max(0, need.gpm - gpm);
  const lasts = shortGpm > EXACT ? 0 : Math.min(waterMin, foamMin);
  const enough = lasts >= need.minutes - EXACT;
  return {
    need,
    gpm,
    waterGal,
    concentrateGal,
    lastsMin: lasts,
    stop: enough ? null : shortGpm > EXACT ? 'flow' : foamMin < waterMin ? 'foam' : 'water',
    shortGpm,
    shortWaterGal: Math.max(0, need.solutionGal - need.concentrateGal - waterGal),
    shortConcentrateGal: Math.max(0, need.concentrateGal - concentrateGal),
  };
}

/** Every fire of the brief against this truck with the lines that run from its tank. */
export const atFires = reading(
  'fires',
  [needs, fromTheTank, fromBuild(({ tank }) => tank.gallons), foamCells],
  (all, of, waterGal, cells): AtFire[] =>
    of ? all.map((need) => atFire(need, { gpm: of.flowGpm, waterGal, cells })) : [],
);
