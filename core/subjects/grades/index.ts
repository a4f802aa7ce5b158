import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { changeCheck, leastAngles } from './changes.js';

export { changeAt, changeOfGrade, governingAt, leastAngles, roadOver } from './changes.js';
export type { LeastAngle, LeastAngles } from './changes.js';

/** The truck where the road rises and falls. */
export const grades: Subject = {
  id: 'grades',
  title: 'Grades',
  checks: [changeCheck],
  figures: [
    {
      id: 'breakover',
      title: 'Breakover angle',
      unit: 'deg',
      note: 'At the ride height of the load state in which it is least.',
      reading: reading('grades', [leastAngles], ({ breakover }) => breakover?.deg ?? 0),
    },
  ],
};
