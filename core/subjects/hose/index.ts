import type { Subject } from '../../kernel/index.js';
import { counted, feet, inShort, listed, within } from '../../units/index.js';
import { bedsIn } from './beds.js';
import { bedsPlace, hoseAlong } from './bed-places.js';
import { hoseBlock, hoseProblems, hoseShelf, settleHose } from './block.js';
import { hoseQuestions } from './questions.js';
import { hoseChanges } from './changes.js';
import { hoseChecks, hoseFigures, hoseLimits, supplyConnections } from './checks.js';
import { absentHose, hoseChoices } from './choices.js';
import { dividerGrips } from './main-bed.js';
import { hoseComponents, hoseTakes } from './place.js';

export { bedsIn, suitsBed } from './beds.js';
export type { Bed } from './beds.js';
export { hoseShelf, isConnected, loadsIn } from './block.js';
export {
  withCrosslaysAt,
  withDead,
  withDividerAt,
  withDividers,
  withFinish,
  withLoad,
  withLying,
  withNewLoad,
  withReel,
  withReelSaid,
} from './edits.js';
export type { HoseLoad, HoseSection } from './block.js';
export { loadNames } from './named.js';
export { boards, withBoards } from './boards.js';
export { withOwnBed, withOwnBedSaid } from './own-beds.js';
export { couplingKinds, feetThere, isoDate, SECTION_FIELDS, withSection, withSections } from './sections.js';
export { bedded, chosenLoads, packable } from './loads.js';
export type { BeddedLoad } from './loads.js';
export { bedsTable, fillingTable, overIt } from './tables.js';
export { bedInWords, bedViews } from './views.js';
export type { BedView, BedViews, LoadView } from './views.js';
export { bedHolds, FINISHES, pack, sectionsOf, usualFill } from './packing/index.js';
export type { HoseBedInput } from './packing/index.js';

/** The hose in its beds: loads, crosslays, trays, the reel. */
export const hose: Subject = {
  id: 'hose',
  title: 'Hose loads',
  step: () => true,
  shelves: [hoseShelf],
  limits: hoseLimits,
  block: hoseBlock,
  settle: settleHose,
  problems: hoseProblems,
  along: hoseAlong,
  takes: hoseTakes,
  provides: [bedsPlace],
  components: hoseComponents,
  figures: hoseFigures,
  checks: hoseChecks,
  changes: hoseChanges,
  choices: hoseChoices,
  absent: absentHose,
  grips: dividerGrips,
  questions: hoseQuestions,
  common: supplyConnections,
  caution:
    'Hose is pulled and packed by people: how it is loaded, and how full, is the department’s own practice, and a bed is tried with the real hose before it is built.',
  sentence: ({ build }) => {
    const loads = build.hose.loads.filter(({ lengthFt }) => lengthFt > 0);
    if (loads.length === 0) return 'No hose shall be carried.';
    const all = bedsIn(build);
    const bed = (bedId: string) => within(all.find(({ id }) => id === bedId)?.name ?? bedId);
    const of = (partId: string) => hoseShelf.in(build).part(partId).name;
    const said = loads.map(
      ({ lengthFt, partId, bedId }) => `${feet(lengthFt)} of ${of(partId)} hose in the ${bed(bedId)}`,
    );
    return `Hose beds shall take ${listed(said)}.`;
  },
  line: ({ build }) => {
    const loads = build.hose.loads.filter(({ lengthFt }) => lengthFt > 0);
    return loads.length === 0
      ? 'None'
      : inShort(feet(loads.reduce((sum, { lengthFt }) => sum + lengthFt, 0)), counted(loads.length, 'load'));
  },
};
