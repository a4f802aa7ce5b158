import type { BuildType } from '#core/build';
import type { YardOrder } from '#core/exchange';

/** The types of truck in a firefighter's words. */
export const TYPE_WORDS: Record<BuildType, { name: string; words: string }> = {
  pumper: { name: 'Pumper', words: 'Pump house, tank, hose beds and compartments on both sides.' },
  aerial: {
    name: 'Aerial',
    words: 'Ladder or platform stowed over the truck, outriggers; pump and tank if wanted.',
  },
  brush: { name: 'Brush truck', words: 'Light or medium 4x4 with flatbed, boxes and skid or PTO pump.' },
};

/** The orders of the yard. */
export const ORDER_WORDS: Record<YardOrder, string> = {
  department: 'By department',
  changed: 'Last changed first',
  name: 'By name',
  type: 'By type',
};
