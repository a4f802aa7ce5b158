import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { loadsIn, withBoards, withLoad, withNewLoad } from '../subjects/hose/index.js';
import type { SITE_FIGURES } from './site-cases.js';

/** Two crosslays of 200 ft of 1¾ in over the pump; 800 ft of 5 in and 400 ft of 2½ in over a tank of 50 in. */
const plain = starterBuild('pumper', 'Plain', 'D');
const without = (build: Build, ...beds: string[]): Build =>
  beds.reduce((on, bedId) => withLoad(on, loadsIn(on, bedId)[0]!.id, null), build);

/** Each check of pulling: a build that passes it, one that does not, and how that stands. */
export const HOSE_CASES: [string, Build, Build, Status][] = [
  ['grip', withBoards(without(plain, 'main-left', 'main-right'), true), plain, 'caution'],
  ['buried', plain, withNewLoad(plain, 'crosslay-1', 'attack-1.75', 100), 'caution'],
];

export const HOSE_FIGURES: typeof SITE_FIGURES = {
  // 21 layers from the crosslay's floor at 76 in, over the step under the pump house at 24; 36 layers of 5 in hose from the
  // bed's floor at 94 in, over the tailboard at 25.
  grip: ['in', [76 + 21 * 0.31 - 24, 66], [94 + 36 * 0.42 - 25, 66]],
  buried: ['pieces', [0, 0], [1, 0]],
};
