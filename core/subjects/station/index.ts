import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { feetInches, inches, within } from '../../units/index.js';
import { counting, placesCheck, spared, TIGHT_IN } from '../brief/index.js';
import type { AtPlace, CommonLine, LineOf } from '../brief/index.js';
import type { Highest } from '../ride/index.js';
import { underLintel, widthAcross } from './station.js';

export {
  floorThrough,
  liftedAtDoor,
  underLintel,
  underLintelBy,
  waysThrough,
  widthAcross,
} from './station.js';
export type { Doorway, Way } from './station.js';
export { freeBeside } from './lanes.js';

export type StationLine = LineOf<'stations'>;

/** What the truck comes to under something of a height: the highest of it over all load states. In. */
export function underCover(
  line: CommonLine,
  highest: Highest,
  { clearIn, aboveIn, under }: { clearIn: number; aboveIn: number; under: string },
): AtPlace {
  const limit = clearIn - aboveIn;
  const margin = limit - highest.zIn;
  const { state } = highest;
  const rides = `when it rides highest (${within(state.name)})`;
  const high = `${feetInches(highest.zIn)} high at ${within(highest.name)} ${rides}`;
  return {
    line,
    actual: highest.zIn,
    limit,
    margin,
    comfort: TIGHT_IN.height,
    unit: 'in',
    state,
    words: `${spared(margin, 'too high')}: ${high}, under ${under}${feetInches(clearIn)} with ${inches(aboveIn)} kept clear.`,
  };
}

/** What the truck comes to under the lintel of a station. */
export const doorHeightAt = reading(
  'station',
  [underLintel],
  (under) =>
    (line: StationLine): AtPlace | null => {
      const highest = under(line);
      const { doorHighIn: clearIn, aboveIn } = line;
      return highest && underCover(line, highest, { clearIn, aboveIn, under: 'a door of ' });
    },
);

/** What it comes to between the jambs. */
export const doorWidthAt = reading(
  'station',
  [widthAcross],
  ({ widthIn, what }) =>
    (line: StationLine): AtPlace => {
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
    },
);

/** What it comes to in the bay; null where nobody said how long that is. */
export const bayLengthAt = reading(
  'station',
  [envelope],
  ({ lengthIn }) =>
    (line: StationLine): AtPlace | null => {
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
    },
);

const stations = counting('stations');

/** The truck in its station: under the lintel, between the jambs, in the bay. */
export const station: Subject = {
  id: 'station',
  title: 'Station',
  checks: [
    placesCheck(
      'station',
      { id: 'doorHeight', title: 'Height of the station door', steps: ['cab'], mendedBy: ['height'] },
      [stations, doorHeightAt],
      (all, at) => all.map(at),
    ),
    placesCheck(
      'station',
      { id: 'doorWidth', title: 'Width of the station door', steps: ['cab'], mendedBy: ['width'] },
      [stations, doorWidthAt],
      (all, at) => all.map(at),
    ),
    placesCheck(
      'station',
      { id: 'bayLength', title: 'Length of the bay', steps: ['body', 'bumper'], mendedBy: ['length'] },
      [stations, bayLengthAt],
      (all, at) => all.map(at),
    ),
  ],
  caution:
    'Doors settle, floors are uneven and snow raises the ramp: measure each door, and drive through it slowly the first time.',
};
