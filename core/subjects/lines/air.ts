import type { Nozzle } from './hydraulics.js';

/** How dry foam with air is made: air for each gallon of solution, ft³ (formulas: compressed air). */
export const CONSISTENCIES = ['wet', 'medium', 'dry'] as const;
export type Consistency = (typeof CONSISTENCIES)[number];
export const CONSISTENCY_NAMES: Record<Consistency, string> = { wet: 'Wet', medium: 'Medium', dry: 'Dry' };
export const CFM_PER_GPM: Record<Consistency, number> = { wet: 0.75, medium: 1, dry: 2.5 };

/** Air that goes into a line with its solution. */
export interface LineAir {
  consistency: Consistency;
  gpm: number;
  cfm: number;
}

/** Solution that a line with air usually flows, by its hose; in, gpm. */
const USUAL_GPM = [
  { fromIn: 2.5, gpm: 120 },
  { fromIn: 2, gpm: 90 },
  { fromIn: 1.75, gpm: 70 },
  { fromIn: 1.5, gpm: 45 },
  { fromIn: 0, gpm: 20 },
] as const;
export const usualAirGpm = (sizeIn: number): number => USUAL_GPM.find(({ fromIn }) => sizeIn >= fromIn)!.gpm;

/** Air and water are held at one pressure, psi: neither keeps the other out of the line. */
export const AIR_PSI = 100;

/** Air for a flow of solution. */
export const airOf = (consistency: Consistency, gpm: number): LineAir => ({
  consistency,
  gpm,
  cfm: CFM_PER_GPM[consistency] * gpm,
});

/**
 * A line with air: its solution passes the discharge at the pressure of the compressor, whatever stands at its end. What
 * foam loses in hose is not reckoned: nobody has a formula for it that holds.
 */
export const nozzleWithAir = ({ gpm }: LineAir): Nozzle => ({
  type: 'fog',
  ratedGpm: gpm,
  ratedPsi: AIR_PSI,
  pressurePsi: AIR_PSI,
});
