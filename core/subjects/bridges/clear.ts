import { reading } from '../../kernel/index.js';
import { feetInches, inches, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace, CommonLine } from '../brief/index.js';
import { unladen } from '../ride/index.js';
import type { Highest } from '../ride/index.js';
import { TIGHT_IN, widthAcross } from '../station/index.js';

/** Anything that is low: a bridge over the road, a covered one, a branch, a wire. */
interface Low {
  line: CommonLine;
  clearIn: number;
  aboveIn: number;
}

const low = reading('bridges', [counting('bridges'), counting('heights')], (bridges, heights): Low[] =>
  [...bridges, ...heights].flatMap((line) =>
    line.clearIn === undefined ? [] : [{ line, clearIn: line.clearIn, aboveIn: line.aboveIn ?? 0 }],
  ),
);

/** What a truck comes to under something low. */
export function underLow({ line, clearIn, aboveIn }: Low, highest: Highest): AtPlace {
  const limit = clearIn - aboveIn;
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
    words: `${margin < 0 ? `${inches(-margin)} too high` : `${inches(margin)} to spare`}: ${feetInches(highest.zIn)} high at ${within(highest.name)} when it rides highest (${within(state.name)}), under ${feetInches(clearIn)} with ${inches(aboveIn)} kept clear.`,
  };
}

export const clearHeight = placesCheck(
  'bridges',
  { id: 'clearHeight', title: 'Height of bridges and low places', steps: ['cab'], mendedBy: ['height'] },
  [low, unladen],
  (all, highest) => all.map((of) => highest && underLow(of, highest)),
);

export const clearWidth = placesCheck(
  'bridges',
  { id: 'clearWidth', title: 'Width of bridges', steps: ['chassis'], mendedBy: ['width'] },
  [counting('bridges'), widthAcross],
  (all, { widthIn, what }) =>
    all.map((line) => {
      if (line.wideIn === undefined) return null;
      const margin = line.wideIn - widthIn;
      return {
        line,
        actual: widthIn,
        limit: line.wideIn,
        margin,
        comfort: TIGHT_IN.width,
        unit: 'in',
        words: `${margin < 0 ? `${inches(-margin)} too wide` : `${inches(margin)} to spare`}: ${inches(widthIn)} ${what}, in ${feetInches(line.wideIn)}.`,
      };
    }),
);
