import { BadInput } from '../../build/index.js';
import { IN_PER_FT } from '../../units/index.js';

/** An axle on a bridge: its place along the truck, and what it carries. In, lb. */
export interface AxleLoad {
  xIn: number;
  loadLb: number;
}

export interface BridgeInput {
  axles: AxleLoad[];
}

/** Axles that stand together on a bridge, from one to another, against what the formula allows them. Lb. */
export interface AxleGroup {
  first: number;
  last: number;
  weightLb: number;
  limitLb: number;
  marginLb: number;
}

export interface BridgeResult {
  groups: AxleGroup[];
  worstMarginLb: number;
}

/** Two axles that stand no farther apart than this are a tandem, ft; and what a tandem may carry, lb. */
const TANDEM = { apartFt: 8, lb: 34_000 };

/** What the bridge formula allows so many axles that stand so far apart from first to last (formulas: bridges), lb. */
export function formulaLb(apartFt: number, axles: number): number {
  if (axles === 2 && apartFt <= TANDEM.apartFt) return TANDEM.lb;
  return 500 * ((apartFt * axles) / (axles - 1) + 12 * axles + 36);
}

/**
 * The calculation `bridge` of the outside contract: every group of neighboring axles against the bridge formula
 * (formulas: bridges).
 * @throws BadInput where the axles are not in their order from front to rear.
 */
export function bridge({ axles }: BridgeInput): BridgeResult {
  axles.forEach(({ xIn }, i) => {
    if (i > 0 && xIn <= axles[i - 1]!.xIn)
      throw new BadInput([
        {
          field: `axles.${i}.xIn`,
          message: `axles.${i}.xIn must be more than that of the axle before it, ${axles[i - 1]!.xIn} (was ${xIn})`,
        },
      ]);
  });
  const groups = axles.flatMap((_, first) =>
    axles.slice(first + 1).map((_end, i): AxleGroup => {
      const last = first + 1 + i;
      const of = axles.slice(first, last + 1);
      const weightLb = of.reduce((sum, { loadLb }) => sum + loadLb, 0);
      const limitLb = formulaLb((axles[last]!.xIn - axles[first]!.xIn) / IN_PER_FT, of.length);
      return { first, last, weightLb, limitLb, marginLb: limitLb - weightLb };
    }),
  );
  return { groups, worstMarginLb: Math.min(...groups.map(({ marginLb }) => marginLb)) };
}
