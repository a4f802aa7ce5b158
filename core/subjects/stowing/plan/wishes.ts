import { GROUPS } from '../../equipment/index.js';
import type { EquipmentGroup, Often } from '../../equipment/index.js';

/** What a plan is to keep small, each with how much it counts: 0 not at all, 1 as usual, 3 above all. */
export interface Wishes {
  /** Pounds lifted to their height, by how often. */
  reach: number;
  /** Feet from the crew's doors, by how often. */
  walk: number;
  /** Moment of the whole truck to one side. */
  sides: number;
  /** Height of what is carried. */
  low: number;
}
export const WISH_NAMES: Record<keyof Wishes, string> = {
  reach: 'Little to lift, and not high',
  walk: 'Few steps from the crew’s doors',
  sides: 'Both sides alike',
  low: 'Weight low',
};
export const USUAL_WISHES: Wishes = { reach: 1, walk: 1, sides: 1, low: 1 };

/** Where the pieces of a discipline ride. */
export const WHERE = ['any', 'left', 'right', 'front', 'middle', 'rear'] as const;
export type Where = (typeof WHERE)[number];
export const WHERE_NAMES: Record<Where, string> = {
  any: 'Anywhere',
  left: 'Driver’s side',
  right: 'Officer’s side',
  front: 'First behind the cab',
  middle: 'Over the wheels',
  rear: 'Behind the wheels',
};

/** What a plan must keep. */
export interface Rules {
  where: Readonly<Record<EquipmentGroup, Where>>;
  /** Room that stays free, percent of what floors, shelves, trays and boards have. */
  growthPct: number;
}

const everywhere = Object.fromEntries(GROUPS.map((group) => [group, 'any'])) as Record<EquipmentGroup, Where>;
const of = (where: Partial<Record<EquipmentGroup, Where>>): Rules['where'] => ({ ...everywhere, ...where });

/** Ways in which departments place disciplines; each is a school of its own, and may be changed line by line. */
export const SCHOOLS: readonly { id: string; name: string; words: string; where: Rules['where'] }[] = [
  { id: 'any', name: 'Anywhere', words: 'Each piece where it costs least.', where: everywhere },
  {
    id: 'sides',
    name: 'Fire on one side, rescue on the other',
    words: 'A crew knows its side and meets nobody there; the sides weigh what they weigh.',
    where: of({
      attack: 'left',
      'water supply': 'left',
      'forcible entry': 'left',
      ventilation: 'left',
      wildland: 'left',
      rescue: 'right',
      'rapid intervention': 'right',
      medical: 'right',
      'breathing apparatus': 'right',
    }),
  },
  {
    id: 'tasks',
    name: 'By task, in the order of use',
    words:
      'What is needed first is nearest to the crew’s doors, on both sides; what comes later is behind it.',
    where: of({
      attack: 'front',
      'forcible entry': 'front',
      'breathing apparatus': 'front',
      medical: 'front',
      rescue: 'rear',
      'salvage and traffic': 'rear',
      service: 'rear',
    }),
  },
];

/** How often a piece is used in a month. */
export const USES_A_MONTH: Record<Often, number> = { everyRun: 30, weekly: 4.3, monthly: 1, yearly: 1 / 12 };
