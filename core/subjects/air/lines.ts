import { reading } from '../../kernel/index.js';
import { compressorCfm } from '../foam/index.js';
import { expansionOf } from '../foaming/index.js';
import { AIR_PSI, truckLines } from '../lines/index.js';
import type { LineAir, TruckLine } from '../lines/index.js';

/** A line that air goes into. Pounds are what stands in its hose. */
export interface AirLine {
  line: TruckLine;
  air: LineAir;
  /** Foam against its solution, let out of the nozzle. */
  expansion: number;
  waterLb: number;
  foamLb: number;
}

const WATER_LB_PER_FT3 = 62.4;
const IN_PER_FT = 12;
/** The air's own pressure at the sea, psi: in the hose it is squeezed by so much more. */
const ATMOSPHERE_PSI = 14.7;

/** Water that a hose holds, lb. */
const filledLb = ({ hose }: Pick<TruckLine, 'hose'>): number =>
  hose.reduce(
    (sum, { sizeIn, lengthFt, parallel }) =>
      sum + (Math.PI / 4) * (sizeIn / IN_PER_FT) ** 2 * lengthFt * parallel * WATER_LB_PER_FT3,
    0,
  );

/** Of a hose with foam, the share that is solution and not air, at a pressure (formulas: compressed air). */
export const solutionShare = ({ cfm, gpm }: Pick<LineAir, 'cfm' | 'gpm'>, psi: number): number =>
  1 / (1 + (expansionOf(cfm, gpm) - 1) * (ATMOSPHERE_PSI / (ATMOSPHERE_PSI + psi)));

/** Every line that air goes into, whether it runs or not. */
export const airLines = reading('air', [truckLines], (all): AirLine[] =>
  all.flatMap((line): AirLine[] => {
    const { air } = line;
    if (!air) return [];
    const waterLb = filledLb(line);
    return [
      {
        line,
        air,
        expansion: expansionOf(air.cfm, air.gpm),
        waterLb,
        foamLb: waterLb * solutionShare(air, AIR_PSI),
      },
    ];
  }),
);

/** The lines that one compressor feeds at once. Ft³ a minute. */
export interface AirTogether {
  compressorCfm: number;
  /** Those that run, and what they ask for. */
  running: AirLine[];
  askedCfm: number;
  /** Of all that air is piped to, those that it feeds at once, in the order of the truck. */
  atOnce: AirLine[];
  outlets: number;
}

/** What the compressor feeds at once; null where there is none. */
export const airTogether = reading(
  'air',
  [airLines, truckLines, compressorCfm],
  (all, lines, cfm): AirTogether | null => {
    if (cfm === 0) return null;
    let left = cfm;
    const atOnce = all.filter(({ air }) => {
      if (air.cfm > left) return false;
      left -= air.cfm;
      return true;
    });
    const running = all.filter(({ line }) => line.runs);
    return {
      compressorCfm: cfm,
      running,
      askedCfm: running.reduce((sum, { air }) => sum + air.cfm, 0),
      atOnce,
      outlets: lines.filter(({ outlet }) => outlet?.air !== undefined).length,
    };
  },
);
