import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { withEquipment } from '../subjects/equipment/index.js';
import { loadsIn, withBoards, withLoad, withNewLoad } from '../subjects/hose/index.js';
import { briefed } from './site-cases.js';
import type { SITE_FIGURES } from './site-cases.js';

/** Two crosslays of 200 ft of 1¾ in over the pump; 800 ft of 5 in and 400 ft of 2½ in over a tank of 50 in. */
const plain = starterBuild('pumper', 'Plain', 'D');
/** Across its mirrors, in. */
const WIDE_IN = 116;
const without = (build: Build, ...beds: string[]): Build =>
  beds.reduce((on, bedId) => withLoad(on, loadsIn(on, bedId)[0]!.id, null), build);

/** The same with a folding tank in its rack. */
const tanked = withEquipment(plain, 'folding-tank', 'tank-rack');

/** A lane of so many feet between its curbs, of which cars take some. */
const lane = (build: Build, wideFt: number, parkedFt = 0): Build =>
  briefed(build, 'lanes', { name: 'Lane', wideFt, parkedFt, setUp: 'passes' });

/** Each check of pulling and of ladders: a build that passes it, one that does not, and how that stands. */
export const HOSE_CASES: [string, Build, Build, Status][] = [
  ['grip', withBoards(without(plain, 'main-left', 'main-right'), true), plain, 'caution'],
  ['ladderRoom', lane(plain, 14), lane(plain, 20, 8), 'fails'],
  ['pieceRoom', lane(tanked, 14), lane(tanked, 20, 8), 'fails'],
  ['buried', plain, withNewLoad(plain, 'crosslay-1', 'attack-1.75', 100), 'caution'],
];

export const HOSE_FIGURES: typeof SITE_FIGURES = {
  // 21 layers from the crosslay's floor at 76 in, over the step under the pump house at 24; 36 layers of 5 in hose from the
  // bed's floor at 94 in, over the tailboard at 25.
  grip: ['in', [76 + 21 * 0.31 - 24, 66], [94 + 36 * 0.42 - 25, 66]],
  // Flat on the side somebody lifts them off in 30 in; with its mirrors the truck is as wide as the envelope says.
  ladderRoom: ['in', [14 * 12 - WIDE_IN, 30], [12 * 12 - WIDE_IN, 30]],
  // The tank, 32 in high, stands under the body's top at 92 in, its middle at 76: arms of half of 76 less 36 in,
  // and half of the tank.
  pieceRoom: ['in', [14 * 12 - WIDE_IN, (76 - 36) / 2 + 16], [12 * 12 - WIDE_IN, (76 - 36) / 2 + 16]],
  buried: ['pieces', [0, 0], [1, 0]],
};
