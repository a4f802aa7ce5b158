/** Hose that water passes one piece after the other; several side by side share the flow. */
export interface Lay {
  lengthFt: number;
  /** Side by side; one where left out. */
  parallel?: number;
  /** Of its friction (formulas: water lines). */
  coefficient: number;
}

/** What throws the water: a bore, a fog nozzle of one flow, or one that keeps its pressure over a range of flows. */
export type Nozzle =
  | { type: 'smoothBore'; tipIn: number; pressurePsi: number }
  | { type: 'fog'; ratedGpm: number; ratedPsi: number; pressurePsi: number }
  | { type: 'automatic'; fromGpm: number; toGpm: number; pressurePsi: number; flowGpm: number };

/** A line from the pump to its nozzle. */
export interface Line {
  lays: readonly Lay[];
  nozzle: Nozzle;
  /** The nozzle above the pump, ft. */
  elevationFt: number;
  applianceLossPsi: number;
}

/** What a line does at a pressure or at a flow. Gpm, psi, lbf. */
export interface LineAt {
  flowGpm: number;
  nozzlePressurePsi: number;
  frictionLossPsi: number;
  elevationPsi: number;
  pumpPressurePsi: number;
  nozzleReactionLbf: number;
}

/** Of a column of water, psi for each foot. */
export const PSI_PER_FT = 0.434;

/** Friction of hose by its nominal diameter in inches, where nobody has measured their own (formulas: water lines). */
export const USUAL_COEFFICIENTS: Readonly<Record<number, number>> = {
  0.75: 1100,
  1: 150,
  1.5: 24,
  1.75: 15.5,
  2: 8,
  2.5: 2,
  3: 0.8,
  4: 0.2,
  5: 0.08,
  6: 0.05,
};

/** What the friction of all lays comes to for a flow of one gpm, psi: it grows with the square of the flow. */
export const frictionOfOne = (lays: readonly Lay[]): number =>
  lays.reduce(
    (sum, { lengthFt, parallel = 1, coefficient }) =>
      sum + (coefficient * (lengthFt / 100)) / (100 * parallel) ** 2,
    0,
  );

/** What an opening lets through at one psi, gpm: a bore by its diameter, fog by what it is rated (formulas: nozzles). */
const BORE = 29.7;
const opening = (nozzle: Exclude<Nozzle, { type: 'automatic' }>): number =>
  nozzle.type === 'smoothBore' ? BORE * nozzle.tipIn ** 2 : nozzle.ratedGpm / Math.sqrt(nozzle.ratedPsi);

const flowOfOpening = (gpmAtOne: number, psi: number): number => gpmAtOne * Math.sqrt(Math.max(0, psi));

/** What a nozzle pushes back (formulas: nozzles), lbf. */
export const reactionLbf = (nozzle: Nozzle, gpm: number, psi: number): number =>
  nozzle.type === 'smoothBore' ? 1.57 * nozzle.tipIn ** 2 * psi : 0.0505 * gpm * Math.sqrt(Math.max(0, psi));

/** What a nozzle is meant to flow at its own pressure, gpm. */
export const ratedFlow = (nozzle: Nozzle): number =>
  nozzle.type === 'automatic'
    ? Math.min(nozzle.toGpm, Math.max(nozzle.fromGpm, nozzle.flowGpm))
    : flowOfOpening(opening(nozzle), nozzle.pressurePsi);

function lineAt(line: Line, flowGpm: number, nozzlePressurePsi: number): LineAt {
  const frictionLossPsi = frictionOfOne(line.lays) * flowGpm ** 2;
  const elevationPsi = line.elevationFt * PSI_PER_FT;
  return {
    flowGpm,
    nozzlePressurePsi,
    frictionLossPsi,
    elevationPsi,
    pumpPressurePsi: nozzlePressurePsi + frictionLossPsi + elevationPsi + line.applianceLossPsi,
    nozzleReactionLbf: reactionLbf(line.nozzle, flowGpm, nozzlePressurePsi),
  };
}

/** The pressure that the pump must give so that the nozzle has its own (formulas: water lines). */
export const lineAtNozzle = (line: Line): LineAt =>
  lineAt(line, ratedFlow(line.nozzle), line.nozzle.pressurePsi);

/**
 * What flows when the pump gives so much (formulas: water lines). An automatic nozzle keeps its pressure within its
 * range, and is an opening of the nearer end of it outside; what does not even lift the water flows nothing.
 */
export function lineAtPump(line: Line, pumpPressurePsi: number): LineAt {
  const left = pumpPressurePsi - line.elevationFt * PSI_PER_FT - line.applianceLossPsi;
  const friction = frictionOfOne(line.lays);
  /** Where the opening lets through what the friction leaves. */
  const through = (gpmAtOne: number): LineAt => {
    const psi = Math.max(0, left) / (1 + friction * gpmAtOne ** 2);
    return { ...lineAt(line, flowOfOpening(gpmAtOne, psi), psi), pumpPressurePsi };
  };
  const { nozzle } = line;
  if (nozzle.type !== 'automatic') return through(opening(nozzle));
  const { fromGpm, toGpm, pressurePsi } = nozzle;
  const atEnd = (gpm: number) => gpm / Math.sqrt(pressurePsi);
  if (left <= pressurePsi + friction * fromGpm ** 2) return through(atEnd(fromGpm));
  if (left >= pressurePsi + friction * toGpm ** 2) return through(atEnd(toGpm));
  const held = lineAt(line, Math.sqrt((left - pressurePsi) / friction), pressurePsi);
  return { ...held, pumpPressurePsi };
}
