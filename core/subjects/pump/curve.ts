/** A point of a pump's curve at full power: flow, and net pressure. */
export interface CurvePoint {
  gpm: number;
  psi: number;
}

/** A rated fire pump is tested at its rating and at these shares of it and net pressures, psi. */
const TESTED = [
  { share: 1, psi: 150 },
  { share: 0.7, psi: 200 },
  { share: 0.5, psi: 250 },
] as const;

/** The tested points of a rating, the largest flow first. */
export const testedCurve = (ratedGpm: number): CurvePoint[] =>
  TESTED.map(({ share, psi }) => ({ gpm: ratedGpm * share, psi }));

/**
 * Net pressure that a pump is counted on for at a flow, psi (formulas: pump): straight lines between its points, no
 * more than the last below the smallest flow; null beyond the largest, where nobody counts on it.
 */
export function netPsiAt(curve: readonly CurvePoint[], gpm: number): number | null {
  const first = curve[0];
  if (!first || gpm > first.gpm) return null;
  for (let i = 1; i < curve.length; i++) {
    const [more, less] = [curve[i - 1]!, curve[i]!];
    if (gpm >= less.gpm)
      return less.psi + ((more.psi - less.psi) * (gpm - less.gpm)) / Math.max(1e-9, more.gpm - less.gpm);
  }
  return curve.at(-1)!.psi;
}

/** Gallons a minute times psi that make one horsepower. */
const GPM_PSI_PER_HP = 1714;
/** Power in the water, hp (formulas: pump). */
export const waterHp = (gpm: number, psi: number): number => (gpm * psi) / GPM_PSI_PER_HP;

export interface PumpInput {
  ratedGpm: number;
  flowGpm: number;
  intakePsi: number;
  efficiency: number;
}

/** Null where the flow is beyond what the pump is counted on for. */
export interface PumpResult {
  netPressurePsi: number | null;
  dischargePressurePsi: number | null;
  waterHp: number | null;
  shaftHp: number | null;
}

/** The calculation `pump` of the outside contract (formulas: pump). */
export function pumpAtFlow({ ratedGpm, flowGpm, intakePsi, efficiency }: PumpInput): PumpResult {
  const net = netPsiAt(testedCurve(ratedGpm), flowGpm);
  if (net === null) return { netPressurePsi: null, dischargePressurePsi: null, waterHp: null, shaftHp: null };
  const hp = waterHp(flowGpm, net);
  return {
    netPressurePsi: net,
    dischargePressurePsi: net + intakePsi,
    waterHp: hp,
    shaftHp: hp / efficiency,
  };
}
