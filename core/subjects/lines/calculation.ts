import { BadInput } from '../../build/index.js';
import { lineAtNozzle, lineAtPump, USUAL_COEFFICIENTS } from './hydraulics.js';
import type { LineAt, Nozzle } from './hydraulics.js';

export interface LineInput {
  hose: { sizeIn: number; lengthFt: number; parallel?: number; coefficient?: number }[];
  nozzle: {
    type: Nozzle['type'];
    pressurePsi: number;
    tipIn?: number;
    ratedGpm?: number;
    ratedPsi?: number;
    fromGpm?: number;
    toGpm?: number;
    flowGpm?: number;
  };
  elevationFt: number;
  applianceLossPsi: number;
  /** What then flows; the pressure for the nozzle's own is asked for where left out. */
  pumpPressurePsi?: number;
}

/** What each kind of nozzle needs said, beside its pressure. */
const NEEDS = {
  smoothBore: ['tipIn'],
  fog: ['ratedGpm', 'ratedPsi'],
  automatic: ['fromGpm', 'toGpm', 'flowGpm'],
} as const;

const refused = (field: string, must: string): never => {
  throw new BadInput([{ field, message: `${field} ${must}` }]);
};

function nozzleOf(nozzle: LineInput['nozzle']): Nozzle {
  const needs: readonly string[] = NEEDS[nozzle.type];
  const known = Object.entries(nozzle).filter(([, value]) => value !== undefined);
  for (const key of needs)
    if (!known.some(([name]) => name === key))
      refused(`nozzle.${key}`, `must be given for a nozzle of type ${nozzle.type}`);
  for (const [key] of known)
    if (key !== 'type' && key !== 'pressurePsi' && !needs.includes(key))
      refused(`nozzle.${key}`, `must be left out for a nozzle of type ${nozzle.type}`);
  if (nozzle.type === 'automatic' && nozzle.toGpm! < nozzle.fromGpm!)
    refused('nozzle.toGpm', `must be at least nozzle.fromGpm, ${nozzle.fromGpm} (was ${nozzle.toGpm})`);
  return nozzle as Nozzle;
}

/**
 * The calculation `line` of the outside contract (formulas: water lines).
 * @throws BadInput where a nozzle says too little or too much, or hose has no usual friction and gives none.
 */
export function lineCalculation({ hose, nozzle, pumpPressurePsi, ...rest }: LineInput): LineAt {
  const lays = hose.map(
    ({ sizeIn, lengthFt, parallel = 1, coefficient = USUAL_COEFFICIENTS[sizeIn] }, i) => ({
      lengthFt,
      parallel,
      coefficient:
        coefficient ??
        refused(`hose.${i}.coefficient`, `must be given for hose of ${sizeIn} in, which has no usual one`),
    }),
  );
  const line = { lays, nozzle: nozzleOf(nozzle), ...rest };
  return pumpPressurePsi === undefined ? lineAtNozzle(line) : lineAtPump(line, pumpPressurePsi);
}
