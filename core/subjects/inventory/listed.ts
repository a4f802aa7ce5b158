import { freshId } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { hoseShelf, sectionsOf, withSections } from '../hose/index.js';
import type { HoseSection } from '../hose/index.js';
import { byLoad } from './tests-due.js';

/** What loads are planned with and nobody has listed yet, as sections of hose. */
export function withPlannedListed(build: Build, newId: () => string = freshId): Build {
  const stock = hoseShelf.in(build);
  const more = byLoad(build).flatMap(({ loadId, plannedFt, listedFt }): HoseSection[] => {
    const { partId } = build.hose.loads.find(({ id }) => id === loadId)!;
    return sectionsOf(Math.max(0, plannedFt - listedFt), stock.part(partId).sectionFt).map((lengthFt) => ({
      id: newId(),
      partId,
      lengthFt,
      loadId,
    }));
  });
  return withSections(build, [...(build.hose.sections ?? []), ...more]);
}

/** A section like another, with neither its number nor its record. */
export const anotherLike = (of: HoseSection | undefined, partId: string, lengthFt: number): HoseSection => ({
  id: freshId(),
  partId: of?.partId ?? partId,
  lengthFt: of?.lengthFt ?? lengthFt,
  ...(of?.couplings ? { couplings: of.couplings } : {}),
  ...(of?.madeIn ? { madeIn: of.madeIn } : {}),
  ...(of?.loadId ? { loadId: of.loadId } : {}),
});
