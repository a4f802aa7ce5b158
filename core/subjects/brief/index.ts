import { fromBuild } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { briefBlock } from './block.js';
import { counting, placesCheck } from './judge.js';

export {
  brief,
  BRIEF_KINDS,
  briefOf,
  hasBrief,
  linesOf,
  ownLines,
  takenBrief,
  withBrief,
  withBriefLine,
  withOwnLine,
} from './block.js';
export { DISTRICT_KINDS, DISTRICT_NAMES } from './districts.js';
export type { DistrictKind } from './districts.js';
export * from './fields.js';
export {
  askedFor,
  counting,
  judgePlaces,
  placesCheck,
  spared,
  statusAt,
  tightest,
  TIGHT_IN,
} from './judge.js';
export type { AtPlace } from './judge.js';
export { startBrief } from './start.js';

const crew = placesCheck(
  'brief',
  { id: 'crew', title: 'Seats for the crew', steps: ['cab'], mendedBy: ['seats'] },
  [counting('crew'), fromBuild(({ cab }) => cab.crew)],
  (all, seats) =>
    all.map((line) => ({
      line,
      actual: seats,
      limit: line.seats,
      margin: seats - line.seats,
      unit: 'seats',
      words: `${seats} of at least ${line.seats}.`,
    })),
);

/** What the department says of its district, and what it wants: each line is a limit that every build is checked against. */
export const briefSubject: Subject = {
  id: 'brief',
  title: 'Brief',
  block: briefBlock,
  checks: [crew],
};
