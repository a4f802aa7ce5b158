import { fromBuild, reading } from '../../kernel/index.js';
import { concentrateShelf, FIRST_CELL, foamShelf } from './block.js';
import type { Cell, Refill } from './block.js';
import type { Concentrate, FoamClass } from './concentrates.js';
import type { FoamSystem } from './parts.js';

/** A cell with its concentrate, and what mixes it into the water. */
export interface FoamCell {
  id: string;
  concentrate: Concentrate;
  system: FoamSystem;
  /** The cell whose system this one's concentrate passes: its own, or the first with a selector. */
  throughId: string;
  gallons: number;
  cell: Cell;
  percent: number;
  refill: Refill;
  /** Refilled through the pickup of the first cell. */
  sharesPickup: boolean;
  lbPerGal: number;
  /** What was chosen, and not taken as usual. */
  chosen: boolean;
}

/** What a system of a class mixes where nobody says. */
const USUAL: Record<FoamClass, string> = { A: 'class-a', B: 'class-b-3' };
export const usualConcentrate = (foamClass: FoamClass): string => USUAL[foamClass];

/** Every cell of this truck with its concentrate; none without a foam system. */
export const foamCells = reading(
  'foam',
  [fromBuild(({ foam }) => foam), foamShelf.stock, concentrateShelf.stock],
  (foam, systems, concentrates): FoamCell[] => {
    if (foam.partId === undefined) return [];
    const first = systems.part(foam.partId);
    return [{ ...foam, id: FIRST_CELL, pickup: undefined }, ...(foam.more ?? [])].map((said): FoamCell => {
      const system = said.partId === undefined ? first : systems.part(said.partId);
      const concentrate = concentrates.part(said.concentrateId ?? USUAL[system.foamClass]);
      const chosen = said.concentrateId !== undefined;
      return {
        id: said.id,
        concentrate,
        system,
        throughId: said.partId === undefined ? FIRST_CELL : said.id,
        gallons: said.gallons,
        cell: said.cell ?? 'tank',
        percent: said.percent ?? concentrate.usualPct,
        refill: said.refill ?? 'top',
        sharesPickup: said.pickup !== undefined,
        // What a system says of its concentrate holds until one is chosen.
        lbPerGal: chosen ? concentrate.lbPerGal : system.lbPerGal,
        chosen,
      };
    });
  },
);

/** The cell that the foam of a discharge comes from; null where none flows there. */
export const cellFor = (
  outlet: { foam?: 'yes'; foamFrom?: string } | null,
  cells: readonly FoamCell[],
): FoamCell | null =>
  outlet?.foam === undefined ? null : (cells.find(({ id }) => id === outlet.foamFrom) ?? cells[0] ?? null);

/** Air that the compressors of its foam systems give, ft³ a minute; 0 where there is none. */
export const compressorCfm = reading('foam', [foamCells], (cells) =>
  cells
    .filter(({ id, throughId }) => throughId === id)
    .reduce((sum, { system }) => sum + (system.airCfm ?? 0), 0),
);

/** Which class a cell is for, in words: "class A". */
export const classInWords = ({ concentrate }: Pick<FoamCell, 'concentrate'>): string =>
  `class ${concentrate.foamClass}`;
