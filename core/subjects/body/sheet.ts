import { same } from '../../build/index.js';
import { middleOf, surfaceOf } from '../../kernel/index.js';
import type { Item } from '../../truck/index.js';
import type { CompartmentLine } from './block.js';
import { regionOf } from './listed.js';
import type { Standing } from './listed.js';

/** So much of what a body weighs and costs is its compartments: their sheet, frames and doors. */
const COMPARTMENTS_SHARE = 0.37;

/** What a body weighs and costs as its family makes it. */
export interface AsMade {
  weightLb: number;
  priceCents: number;
}

/** What makes its box: neither its name, nor its doors, nor how its inside is divided. */
const boxed = ({ face, of, startIn, lengthIn, floorIn, heightIn, depthIn }: CompartmentLine) => ({
  face,
  of,
  startIn,
  lengthIn,
  floorIn,
  heightIn,
  depthIn,
});

const beside = (lines: readonly CompartmentLine[], others: readonly CompartmentLine[]): CompartmentLine[] => {
  const known = others.map(boxed);
  return lines.filter((line) => !known.some((other) => same(other, boxed(line))));
};

/**
 * What a list of compartments adds to a body and takes from it (formulas: room): the sheet of each that its
 * family does not make, less that of each of the family's that the list does not have, as the family's own weighs.
 * What has no room is not built and adds nothing.
 */
export function sheetsOf(
  lines: readonly CompartmentLine[],
  family: readonly CompartmentLine[],
  standing: Standing,
  { weightLb, priceCents }: AsMade,
  isBuilt: (line: CompartmentLine) => boolean,
): (Item & { priceCents: number })[] {
  // What has no room has no sheet: a family's compartment may be squeezed to nothing.
  const sheet = (line: CompartmentLine): number => Math.max(0, surfaceOf(regionOf(line, standing)));
  const usual = family.reduce((sum, line) => sum + sheet(line), 0);
  if (usual === 0) return [];
  const of = (line: CompartmentLine, sign: 1 | -1) => {
    const share = (sign * COMPARTMENTS_SHARE * sheet(line)) / usual;
    return {
      ...middleOf(regionOf(line, standing)),
      weightLb: weightLb * share,
      priceCents: Math.round(priceCents * share),
    };
  };
  return [
    ...beside(lines, family)
      .filter(isBuilt)
      .map((line) => of(line, 1)),
    ...beside(family, lines).map((line) => of(line, -1)),
  ];
}
