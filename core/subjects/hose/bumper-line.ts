import { isUsual, way } from '../../kernel/index.js';
import type { Question } from '../../kernel/index.js';
import { bumperItemShelf, withBumperItem } from '../bumper/index.js';
import { bedsIn } from './beds.js';
import { withNewLoad } from './edits.js';

/** The line that is asked about. */
const BUMPER_LINE = { partId: 'attack-1.75', lengthFt: 100 };
const WELL = 'hose-well';

/** Whether there is a line at the bumper, each way on this truck. */
export const bumperLine: Question = {
  id: 'bumperLine',
  step: 'bumper',
  question: 'A line at the bumper, or none?',
  ways: (build, { house }) => {
    const chosen = build.bumper.lines.some(({ partId }) => partId === WELL);
    const item = bumperItemShelf.in(build).find(WELL);
    const tried = house.settle(withBumperItem(build, WELL, true));
    if (!item || !isUsual(item, build.type) || !tried.bumper.lines.some(({ partId }) => partId === WELL))
      return [];
    const line = withNewLoad(
      tried,
      bedsIn(tried).find(({ kind }) => kind === 'well')!.id,
      BUMPER_LINE.partId,
      BUMPER_LINE.lengthFt,
    );
    return [
      way(
        'line',
        'A line at the bumper',
        'Short and soon at work on a car or a dumpster; all of it on the front axle.',
        chosen,
        chosen ? build : line,
      ),
      way(
        'none',
        'None',
        'Spares the front axle; the crosslays do its work.',
        !chosen,
        withBumperItem(build, WELL, false),
      ),
    ];
  },
};
