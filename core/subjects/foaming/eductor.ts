import type { LineAt } from '../lines/index.js';

/** An eductor needs so much before it, and gives less than two thirds of it behind it; psi (formulas: foam). */
export const EDUCTOR_PSI = 200;
const LOST_SHARE = 0.35;
/** Off by more than this of its flow, an eductor picks up too little or nothing. */
const FLOW_SHARE = 0.05;

/** A line behind an eductor: what is left for its hose and nozzle, and what they ask for. Psi, gpm. */
export interface AtEductor {
  leftPsi: number;
  askedPsi: number;
  ratedGpm: number;
  flowGpm: number;
  reaches: boolean;
  matches: boolean;
}

/** Whether a line works behind an eductor: its nozzle flows what the eductor is made for, at what that leaves. */
export function atEductor(
  { flowGpm, pumpPressurePsi: askedPsi }: Pick<LineAt, 'flowGpm' | 'pumpPressurePsi'>,
  ratedGpm: number,
): AtEductor {
  const leftPsi = EDUCTOR_PSI * (1 - LOST_SHARE);
  return {
    leftPsi,
    askedPsi,
    ratedGpm,
    flowGpm,
    reaches: askedPsi <= leftPsi,
    matches: Math.abs(flowGpm - ratedGpm) <= FLOW_SHARE * ratedGpm,
  };
}
