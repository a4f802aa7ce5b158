import { numbered } from '../build/index.js';
import type { Build } from '../build/index.js';
import type { FittedLine } from '../subjects/shelving/index.js';
import { usd } from '../kernel/index.js';
import { placedOnMeadow } from './meadow-places.js';
import { osierList } from './osier-list.js';
import { riverPumper } from './osier-reach.js';

const fit = (
  compartmentId: string,
  partId: string,
  upIn: number,
  where: Partial<FittedLine> = {},
): Omit<FittedLine, 'id'> => ({ partId, compartmentId, upIn, ...where });

/** What its compartments are fitted with, from the floor up; beside its board R1 begins 16 in further back. */
const BESIDE_BOARD = { alongIn: 16 };
const FITTED: FittedLine[] = numbered('s', [
  fit('L1', 'tubes-six', 0, { alongIn: 0 }),
  fit('L1', 'shelf-heavy', 20),
  fit('L1', 'shelf', 31),
  fit('L1', 'shelf', 42),
  fit('L3', 'tray', 0),
  fit('L3', 'shelf', 20),
  fit('L3', 'shelf', 28),
  fit('L3', 'vent', 30),
  fit('R1', 'slide-board', 0, { alongIn: 0 }),
  fit('R1', 'tray', 0, BESIDE_BOARD),
  fit('R1', 'shelf', 16, BESIDE_BOARD),
  fit('R1', 'shelf', 26, BESIDE_BOARD),
  fit('R1', 'shelf', 35, BESIDE_BOARD),
  fit('R2', 'shelf', 13),
  fit('R2', 'charger', 4),
  fit('R1', 'outlet', 6, { alongIn: 30 }),
  fit('L3', 'outlet', 8),
  fit('R3', 'tray-full', 0),
  fit('R3', 'shelf', 18, { lengthIn: 48 }),
  fit('R3', 'shelf', 31),
  fit('R3', 'charger', 20),
  fit('B1', 'tray', 0),
  fit('B1', 'shelf', 18),
  fit('B1', 'shelf', 29),
  fit('B1', 'vent', 33),
]);

/** The pumper with hinged doors, which leave the whole height of an opening, fitted out, and nothing in it yet. */
const emptied: Build = {
  ...riverPumper,
  name: 'Meadow pumper',
  body: { ...riverPumper.body, doorsId: 'hinged' },
  shelving: { ...riverPumper.shelving, lines: FITTED },
  equipment: {
    ...riverPumper.equipment,
    lines: riverPumper.equipment.lines.filter(({ compartmentId }) => !/^[LRB]\d$/.test(compartmentId)),
  },
  money: { ...riverPumper.money, budgetCents: usd(870_000) },
};

const withList = (lines: Build['equipment']['lines']): Build => ({
  ...emptied,
  equipment: { ...emptied.equipment, lines: [...emptied.equipment.lines, ...lines] },
});

/** With its list of 300 pieces, none of which has a place yet. */
export const meadowListed = withList(osierList);

/** The river pumper as it will ride: hinged doors, everything fitted, 300 pieces each in its place. */
export const meadowPumper = withList(osierList.map(placedOnMeadow));
