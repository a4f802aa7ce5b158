import type { Subject } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { feetInches, inches, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import { underLintel, widthAcross } from './station.js';

export { liftedAtDoor, underLintel, widthAcross } from './station.js';
export type { Doorway, Way } from './station.js';

const stations = counting('stations');

/** Less than this to spare is said: what lies on the floor, and how the tires stand, take as much. In. */
export const TIGHT_IN = { height: 1, width: 2, length: 6, lane: 24, outriggers: 6 };

const spared = (margin: number, over: string): string =>
  margin < 0 ? `${inches(-margin)} ${over}` : `${inches(margin)} to spare`;

const doorHeight = placesCheck(
  'station',
  { id: 'doorHeight', title: 'Height of the station door', steps: ['cab'], mendedBy: ['height'] },
  [stations, underLintel],
  (all, under) =>
    all.map((line) => {
      const highest = under(line);
      if (!highest) return null;
      const limit = line.doorHighIn - line.aboveIn;
      const margin = limit - highest.zIn;
      const { state } = highest;
      return {
        line,
        actual: highest.zIn,
        limit,
        margin,
        comfort: TIGHT_IN.height,
        unit: 'in',
        state,
        words: `${spared(margin, 'too high')}: ${feetInches(highest.zIn)} high at ${within(highest.name)} when it rides highest (${within(state.name)}), under a door of ${feetInches(line.doorHighIn)} with ${inches(line.aboveIn)} kept clear.`,
      };
    }),
);

const doorWidth = placesCheck(
  'station',
  { id: 'doorWidth', title: 'Width of the station door', steps: ['cab'], mendedBy: ['width'] },
  [stations, widthAcross],
  (all, { widthIn, what }) =>
    all.map((line) => {
      const limit = line.doorWideIn - 2 * line.besideIn;
      const margin = limit - widthIn;
      return {
        line,
        actual: widthIn,
        limit,
        margin,
        comfort: TIGHT_IN.width,
        unit: 'in',
        words: `${spared(margin, 'too wide')}: ${inches(widthIn)} ${what}, in a door of ${feetInches(line.doorWideIn)} with ${inches(line.besideIn)} kept clear on each side.`,
      };
    }),
);

const bayLength = placesCheck(
  'station',
  { id: 'bayLength', title: 'Length of the bay', steps: ['body', 'bumper'], mendedBy: ['length'] },
  [stations, envelope],
  (all, { lengthIn }) =>
    all.map((line) => {
      if (line.bayLongIn === undefined) return null;
      const { roundIn = 0 } = line;
      const limit = line.bayLongIn - 2 * roundIn;
      const margin = limit - lengthIn;
      return {
        line,
        actual: lengthIn,
        limit,
        margin,
        comfort: TIGHT_IN.length,
        unit: 'in',
        words: `${spared(margin, 'too long')}: ${feetInches(lengthIn)} long, in a bay of ${feetInches(line.bayLongIn)}${roundIn > 0 ? ` with ${inches(roundIn)} to walk at each end` : ''}.`,
      };
    }),
);

/** The truck in its station: under the lintel, between the jambs, in the bay. */
export const station: Subject = {
  id: 'station',
  title: 'Station',
  checks: [doorHeight, doorWidth, bayLength],
  caution:
    'Doors settle, floors are uneven and snow raises the ramp: measure each door, and drive through it slowly the first time.',
};
