import { each, reading } from '../../kernel/index.js';
import type { HarmedAt, Subject } from '../../kernel/index.js';
import { clumps } from '../../truck/index.js';
import { inches, within } from '../../units/index.js';
import { counting, placesCheck, spared } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { axles } from '../chassis/index.js';
import { riseAt, rides } from '../ride/index.js';

/** Something that water harms, as low as it comes in any load state. */
export interface Harmed extends HarmedAt {
  componentId: string;
  /** Above the ground in the state in which it rides lowest, in. */
  lowIn: number;
  state: { id: string; name: string };
}

const marks = each('flood', clumps, (clump) =>
  clump.flatMap(({ id, harmedAt = [] }) => harmedAt.map((mark) => ({ componentId: id, ...mark }))),
);

/** All that water harms, the lowest first (formulas: flood). */
export const harmed = reading('flood', [marks, rides, axles], (all, states, { wheelbaseIn }): Harmed[] =>
  all
    .flat()
    .map((mark) => {
      const heights = states.map((state) => ({
        state,
        lowIn: mark.zIn + riseAt(state, mark.xIn, wheelbaseIn),
      }));
      const lowest = heights.reduce((low, next) => (next.lowIn < low.lowIn ? next : low));
      return { ...mark, lowIn: lowest.lowIn, state: { id: lowest.state.id, name: lowest.state.name } };
    })
    .sort((a, b) => a.lowIn - b.lowIn),
);

/** A truck pushes a wave before it: with less than this to spare it is close, in. */
const WAVE_IN = 4;

/** What the truck comes to in water of some depth. */
export const floodAt = reading('flood', [harmed], ([first]) => (line: LineOf<'floods'>): AtPlace | null => {
  if (!first) return null;
  const margin = first.lowIn - line.deepIn;
  const height = `${inches(first.lowIn)} above the ground (${within(first.state.name)})`;
  return {
    line,
    actual: first.lowIn,
    limit: line.deepIn,
    margin,
    comfort: WAVE_IN,
    unit: 'in',
    state: first.state,
    words: `${spared(margin, 'too deep')}: of what ${inches(line.deepIn)} of water would harm, the ${first.what} is reached first, ${height}.`,
  };
});

/** The truck in water on the road. */
export const flood: Subject = {
  id: 'flood',
  title: 'Flood',
  checks: [
    placesCheck(
      'flood',
      { id: 'flood', title: 'Water on the road', steps: ['chassis'], mendedBy: ['wading'] },
      [counting('floods'), floodAt],
      (all, at) => all.map(at),
    ),
  ],
  figures: [
    {
      id: 'wading',
      title: 'Wading depth',
      unit: 'in',
      note: 'To the lowest of what water harms; a wave before the truck reaches higher.',
      reading: reading('flood', [harmed], ([first]) => first?.lowIn ?? 0),
    },
  ],
  caution:
    'Moving water carries a truck away long before it drowns: nobody drives into water of unknown depth or with a current.',
};
