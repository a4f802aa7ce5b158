import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { settled } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { foamingChanges } from './changes.js';
import { foamingChecks, foamingLimits } from './checks.js';
import { cellsLast } from './mixed.js';

export { cellsLast, flushMin, foamLines, proportioned, refillMin } from './mixed.js';
export type { CellLasts, FoamLine, Proportioned } from './mixed.js';
export { atEductor, EDUCTOR_PSI } from './eductor.js';
export { concentrateGpm, expansionOf, mixing, solutionGal } from './mixing.js';
export type { FoamInput, Mixing } from './mixing.js';
export { cellsTable, foamCharts, foamInWords, foamLinesTable } from './tables.js';

/** A discharge whose cell is gone takes the first again. */
function settleFoaming(build: Build): Build {
  const { connections } = build.plumbing;
  const there = new Set((build.foam.more ?? []).map(({ id }) => id));
  if (!connections?.some(({ foamFrom }) => foamFrom !== undefined && !there.has(foamFrom))) return build;
  return settled(build, 'plumbing', {
    ...build.plumbing,
    connections: connections.map((one) => {
      const { foamFrom, ...rest } = one;
      return foamFrom === undefined || there.has(foamFrom) ? one : rest;
    }),
  });
}

/** Foam as it is worked: concentrate in each line, how long it lasts, what a proportioner holds. */
export const foaming: Subject = {
  id: 'foaming',
  title: 'Foam at work',
  under: 'foam',
  limits: foamingLimits,
  settle: settleFoaming,
  checks: foamingChecks,
  changes: foamingChanges,
  figures: [
    {
      id: 'foamMin',
      title: 'Foam with these lines',
      unit: 'min',
      reading: reading('foaming', [cellsLast], (all) => {
        const lasting = all.map(({ enduranceMin }) => enduranceMin).filter(Number.isFinite);
        return lasting.length ? Math.min(...lasting) : 0;
      }),
    },
  ],
  caution:
    'Water first, then concentrate, then air; away in reverse, and each foam outlet is flushed. Two classes of concentrate never meet. The makers of system and concentrate decide percentages, pressures and what may be mixed.',
};
