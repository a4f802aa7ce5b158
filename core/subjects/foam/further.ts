import type { Build } from '../../build/index.js';
import { capital } from '../../units/index.js';
import { foamShelf, withMoreCell } from './block.js';
import { classInWords } from './cells.js';
import type { FoamCell } from './cells.js';

/** A cell that can be added beside the first: the build with it, or null where no usual system is made for it. */
export interface FurtherCell {
  title: string;
  build: Build | null;
}

const KINDS = [
  { title: 'Another cell on the same system', foamClass: null },
  { title: 'Class A with a system of its own', foamClass: 'A' },
  { title: 'Class B with a system of its own', foamClass: 'B' },
] as const;

/** What can be added beside the first cell: on its system, or with the first usual one of a class that needs no eductor. */
export function furtherCells(build: Build): FurtherCell[] {
  const systems = foamShelf.in(build).suiting(build.type);
  return KINDS.map(({ title, foamClass }) => {
    if (foamClass === null) return { title, build: withMoreCell(build, {}) };
    const system = systems.find((one) => one.foamClass === foamClass && one.how !== 'eductor');
    return { title, build: system ? withMoreCell(build, { partId: system.id }) : null };
  });
}

/** A further cell by its class and what mixes it: "Class B, its own system". */
export const furtherInWords = (cell: FoamCell): string =>
  `${capital(classInWords(cell))}, ${cell.throughId === cell.id ? 'its own system' : 'by a selector'}`;
