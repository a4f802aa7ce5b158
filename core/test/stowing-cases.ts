import { freshId } from '../build/index.js';
import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { withBody, withCompartments } from '../subjects/body/index.js';
import type { EquipmentLine } from '../subjects/equipment/index.js';
import { withNewFitted } from '../subjects/shelving/index.js';
import type { FittedLine } from '../subjects/shelving/index.js';
import { floorOf } from '../truck/index.js';
import { briefed } from './site-cases.js';
import type { SITE_FIGURES } from './site-cases.js';

/**
 * A pumper with empty compartments. L1 is 44 in long and 27 deep, its floor 23 in over the ground, 57 in to the drum of
 * its door; L3 the same, 68 in long. A door lets through all but an inch and a half at each side.
 */
const plain = starterBuild('pumper', 'Plain', 'D');
/** Across its mirrors, in. */
const WIDE_IN = 116;

const fitted = (build: Build, partId: string, compartmentId: string, said: Partial<FittedLine> = {}): Build =>
  withNewFitted(
    build,
    { partId, compartmentId, upIn: 0, ...said },
    said.id ?? `fit-${partId}-${compartmentId}`,
  );

/** A piece in a compartment: on its floor, 2 in from its front end, where nothing else is said. */
export const stowedIn = (
  build: Build,
  partId: string,
  compartmentId: string,
  said: Partial<EquipmentLine> = {},
): Build => ({
  ...build,
  equipment: {
    ...build.equipment,
    lines: [
      ...build.equipment.lines,
      {
        id: freshId(),
        partId,
        count: 1,
        compartmentId,
        on: floorOf(compartmentId),
        alongIn: 2,
        inIn: 0,
        pose: 'along',
        ...said,
      },
    ],
  },
});

const lane = (build: Build, wideFt: number, parkedFt: number): Build =>
  briefed(build, 'lanes', { name: 'Lane', wideFt, parkedFt, setUp: 'passes' });

const tray = fitted(plain, 'tray', 'L1');
const lightTray = fitted(plain, 'tray-light', 'L3', { id: 'light' });
const onLight = { on: 'light', alongIn: 0 };
const highShelf = fitted(plain, 'shelf', 'L3', { id: 'high', upIn: 34 });
const tubes = fitted(plain, 'tubes-three', 'L1', { id: 'tubes' });
/** One compartment of 20 by 20 by 40 in behind hinged doors. */
const small = withCompartments(withBody(plain, { doorsId: 'hinged' }), [
  { id: 'c', name: 'C1', face: 'left', startIn: 1, lengthIn: 20, floorIn: -17, heightIn: 40, depthIn: 20 },
]);
/** Filled to a height by two blocks, one behind the other. */
const block = (heightIn: number) =>
  [0, 10].reduce(
    (on, inIn) => stowedIn(on, 'other-piece', 'c', { alongIn: 0, inIn, lengthIn: 20, widthIn: 10, heightIn }),
    small,
  );

/** Each check of shelves and of what lies on them: a build that passes it, one that does not, and how that stands. */
export const STOWING_CASES: [string, Build, Build, Status][] = [
  [
    'shelvingFits',
    fitted(plain, 'shelf', 'L1', { upIn: 20 }),
    fitted(fitted(plain, 'shelf', 'L1', { upIn: 20 }), 'shelf-heavy', 'L1', { upIn: 21 }),
    'fails',
  ],
  ['comesOut', tray, fitted(plain, 'tray', 'L1', { alongIn: 0, lengthIn: 44 }), 'fails'],
  ['trayHigh', tray, fitted(plain, 'tray', 'L1', { upIn: 30 }), 'fails'],
  ['trayRoom', lane(tray, 14, 0), lane(tray, 20, 9.5), 'fails'],
  ['stowedFits', stowedIn(plain, 'irons', 'L1'), stowedIn(plain, 'irons', 'L1', { alongIn: 10 }), 'fails'],
  [
    'stowedLb',
    stowedIn(lightTray, 'cribbing', 'L3', onLight),
    stowedIn(lightTray, 'cribbing', 'L3', { ...onLight, count: 2 }),
    'fails',
  ],
  [
    'outerLb',
    stowedIn(lightTray, 'cribbing', 'L3', onLight),
    stowedIn(lightTray, 'cribbing', 'L3', { ...onLight, count: 2 }),
    'fails',
  ],
  [
    'heavyHigh',
    stowedIn(plain, 'cribbing', 'L1', { alongIn: 1.5 }),
    stowedIn(highShelf, 'cribbing', 'L3', { on: 'high' }),
    'fails',
  ],
  [
    'apart',
    stowedIn(stowedIn(plain, 'spare-masks', 'R1'), 'fuel-cans', 'L1'),
    stowedIn(stowedIn(plain, 'spare-masks', 'L1'), 'fuel-cans', 'L1', { alongIn: 25 }),
    'fails',
  ],
  [
    'cleanCab',
    stowedIn(plain, 'pack', 'cab', { on: 'none' }),
    stowedIn(plain, 'gross-decon', 'cab', { on: 'none' }),
    'fails',
  ],
  [
    'setsTogether',
    stowedIn(stowedIn(plain, 'irons', 'L1', { set: 'Entry' }), 'sledge', 'L2', { set: 'Entry' }),
    stowedIn(stowedIn(plain, 'irons', 'L1', { set: 'Entry' }), 'sledge', 'R1', { set: 'Entry' }),
    'fails',
  ],
  [
    'charged',
    stowedIn(fitted(plain, 'charger', 'L3', { upIn: 20 }), 'battery-cutter', 'L3'),
    stowedIn(plain, 'battery-cutter', 'L3', { count: 2 }),
    'caution',
  ],
  [
    'tubed',
    stowedIn(tubes, 'spare-cylinder', 'L1', { on: 'tubes', count: 3 }),
    stowedIn(plain, 'spare-cylinder', 'L1', { count: 3 }),
    'caution',
  ],
  [
    'inFront',
    stowedIn(stowedIn(plain, 'irons', 'L1'), 'falling-axe', 'L1', { inIn: 12 }),
    stowedIn(stowedIn(plain, 'irons', 'L1', { inIn: 12 }), 'falling-axe', 'L1'),
    'caution',
  ],
  [
    'asked',
    stowedIn(fitted(plain, 'vent', 'L1', { upIn: 40 }), 'fuel-cans', 'L1'),
    stowedIn(plain, 'fuel-cans', 'L1'),
    'caution',
  ],
  ['growthRoom', block(30), block(37), 'fails'],
];

const NONE_OR_ONE: (typeof SITE_FIGURES)[string] = ['pieces', [0, 0], [1, 0]];

export const STOWING_FIGURES: typeof SITE_FIGURES = {
  shelvingFits: NONE_OR_ONE,
  comesOut: NONE_OR_ONE,
  // The plate of a tray is 3 in over its underside.
  trayHigh: ['in', [23 + 3, 54], [23 + 30 + 3, 54]],
  // Seven tenths of a depth of 27 in.
  trayRoom: ['in', [14 * 12 - WIDE_IN, 0.7 * 27], [10.5 * 12 - WIDE_IN, 0.7 * 27]],
  stowedFits: NONE_OR_ONE,
  stowedLb: ['lb', [140, 250], [280, 250]],
  // 13½ in of its 24 in lie over the outer half of 27 in, which is rated for half.
  outerLb: ['lb', [(140 * 13.5) / 24, 125], [(280 * 13.5) / 24, 125]],
  // 20 in high: on the floor; and on a shelf 1½ in thick.
  heavyHigh: ['in', [23 + 10, 60], [23 + 34 + 1.5 + 10, 60]],
  apart: NONE_OR_ONE,
  cleanCab: NONE_OR_ONE,
  setsTogether: NONE_OR_ONE,
  charged: ['pieces', [0, 0], [2, 0]],
  tubed: ['pieces', [0, 0], [3, 0]],
  inFront: NONE_OR_ONE,
  asked: NONE_OR_ONE,
  growthRoom: ['%', [25, 10], [7.5, 10]],
};
