import type { Build } from '../../build/index.js';
import type { Row, TableOf } from '../../kernel/index.js';
import { counted, feet, formatWhole } from '../../units/index.js';
import { hoseShelf, loadNames } from '../hose/index.js';
import { byKind, byLoad } from './tests-due.js';

/** Hose by kind with how its tests stand on a day. */
export const kindsTable = (build: Build, today: Date): TableOf => ({
  title: 'Hose by kind',
  columns: [
    { head: 'Hose' },
    { head: 'Sections', figure: true },
    { head: 'Feet', figure: true },
    { head: 'Passed', figure: true },
    { head: 'Due again', figure: true },
    { head: 'Not on record', figure: true },
    { head: 'Failed', figure: true },
  ],
  rows: byKind(build, today).map(({ partId, name, sections, feet: ft, states }): Row => ({
    id: partId,
    cells: [
      name,
      formatWhole(sections),
      feet(ft),
      formatWhole(states.passed),
      formatWhole(states.due),
      formatWhole(states.never),
      formatWhole(states.failed),
    ],
    wrong: [...(states.due > 0 ? [4] : []), ...(states.failed > 0 ? [6] : [])],
  })),
});

/** Loads against what is listed for them. */
export const loadsTable = (build: Build, names = loadNames(build)): TableOf => ({
  title: 'Loads and their sections',
  columns: [
    { head: 'Load' },
    { head: 'Planned', figure: true },
    { head: 'Listed for it', figure: true },
    { head: 'Failed', figure: true },
    { head: 'On the truck', figure: true },
    { head: 'To find' },
  ],
  rows: byLoad(build).map(({ loadId, plannedFt, listedFt, failedFt }): Row => {
    const load = build.hose.loads.find(({ id }) => id === loadId)!;
    const hose = hoseShelf.in(build).part(load.partId);
    const toFindFt = Math.max(0, plannedFt - listedFt + failedFt);
    const sections = Math.ceil(toFindFt / hose.sectionFt);
    return {
      id: loadId,
      cells: [
        `${names.get(loadId) ?? load.bedId}: ${hose.name}`,
        feet(plannedFt),
        feet(listedFt),
        failedFt > 0 ? feet(failedFt) : 'none',
        feet(Math.max(0, plannedFt - failedFt)),
        listedFt === 0 ? 'none listed yet' : toFindFt === 0 ? 'nothing' : counted(sections, 'section'),
      ],
      ...(failedFt > 0 ? { wrong: [3] } : {}),
    };
  }),
});
