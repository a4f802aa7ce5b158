import { fromBuild, reading } from '../../../kernel/index.js';
import { counting } from '../../brief/index.js';
import { compressorCfm, foamCells } from '../../foam/index.js';
import { coefficients, feeding, fromHydrant, tankSupply, truckLines, USUAL_LAY } from '../../lines/index.js';
import type { Feeding, Supply, TruckLine } from '../../lines/index.js';
import { connections } from '../../plumbing/index.js';
import type { Connection } from '../../plumbing/index.js';
import { chosenPump } from '../../pump/index.js';
import type { Pump } from '../../pump/index.js';

/** What a drill works on: the truck's own pump, openings and lines. */
export interface DrillTruck {
  pump: Pump;
  feeding: Feeding;
  connections: readonly Connection[];
  /** Those that a discharge of the truck feeds. */
  lines: readonly TruckLine[];
  tank: Supply;
  tankGal: number;
  /** A hydrant of the brief, through the truck's supply line. */
  hydrant: Supply | null;
  foam: boolean;
  air: boolean;
}

/** The truck for a drill; null where it has no pump or no line to work with. */
export const drillTruck = reading(
  'operating',
  [
    chosenPump,
    feeding,
    connections,
    truckLines,
    tankSupply,
    fromBuild(({ tank }) => tank.gallons),
    counting('hydrants'),
    coefficients,
    foamCells,
    compressorCfm,
    fromBuild(({ lines }) => lines),
  ],
  (pump, of, all, lines, tank, tankGal, hydrants, friction, cells, cfm, asked): DrillTruck | null => {
    const fed = lines.filter(({ outlet, held }) => outlet !== null && held);
    if (!pump || !of || fed.length === 0 || tankGal === 0) return null;
    const { layIn, layFt, lays } = { ...USUAL_LAY, ...asked };
    const lay = { lengthFt: layFt, parallel: lays, coefficient: friction[layIn] ?? NaN };
    const [hydrant] = hydrants;
    return {
      pump,
      feeding: of,
      connections: all,
      lines: fed,
      tank,
      tankGal,
      hydrant: hydrant ? fromHydrant(hydrant.name, hydrant, lay) : null,
      foam: cells.length > 0,
      air: cfm > 0,
    };
  },
);
