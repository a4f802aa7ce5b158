import { fromBuild, reading } from '../../kernel/index.js';
import { hoseShelf } from '../hose/index.js';
import { coefficients, frictionOfOne, LEAST_INTAKE_PSI } from '../lines/index.js';
import { chosenPump, curveOf, netPsiAt } from '../pump/index.js';
import type { CurvePoint } from '../pump/index.js';

/** Supply hose that a truck carries for a relay: of one size, ft; in. */
export interface CarriedSupply {
  sizeIn: number;
  lengthFt: number;
  coefficient: number;
}

/** The largest supply hose that is carried, with all of it together; null without any. */
export const supplyHose = reading(
  'rural',
  [fromBuild(({ hose }) => hose.loads), hoseShelf.stock, coefficients],
  (loads, stock, friction): CarriedSupply | null => {
    const all = loads
      .map(({ partId, lengthFt }) => ({ part: stock.part(partId), lengthFt }))
      .filter(({ part, lengthFt }) => part.use === 'supply' && lengthFt > 0);
    const sizeIn = Math.max(0, ...all.map(({ part }) => part.sizeIn));
    return all.length
      ? {
          sizeIn,
          lengthFt: all
            .filter(({ part }) => part.sizeIn === sizeIn)
            .reduce((sum, { lengthFt }) => sum + lengthFt, 0),
          coefficient: friction[sizeIn] ?? NaN,
        }
      : null;
  },
);

/** This pumper at the water, another one at the fire: what it must give for a flow, and how far that goes. Psi, ft. */
export interface RelayAt {
  gpm: number;
  /** At its discharge, with all of its supply hose in one lay. */
  askedPsi: number;
  givesPsi: number;
  /** The longest lay through which the other keeps what it needs at its intake. */
  longestFt: number;
}

/** A relay from draft at a flow (formulas: relay). Null beyond what the pump is counted on for. */
export function relayAt(
  curve: readonly CurvePoint[],
  { lengthFt, coefficient }: CarriedSupply,
  gpm: number,
): RelayAt | null {
  const givesPsi = netPsiAt(curve, gpm);
  if (givesPsi === null) return null;
  const perFt = frictionOfOne([{ lengthFt: 1, coefficient }]) * gpm ** 2;
  return {
    gpm,
    askedPsi: LEAST_INTAKE_PSI + perFt * lengthFt,
    givesPsi,
    longestFt: Math.max(0, (givesPsi - LEAST_INTAKE_PSI) / perFt),
  };
}

/** Shares of the rating that a relay is looked at with. */
const SHARES = [0.25, 0.5, 0.75, 1] as const;

export const relay = reading('rural', [chosenPump, supplyHose], (pump, hose): RelayAt[] =>
  pump && hose
    ? SHARES.flatMap((share) => relayAt(curveOf(pump), hose, Math.round(pump.ratedGpm * share)) ?? [])
    : [],
);
