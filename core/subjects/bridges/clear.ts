import { reading } from '../../kernel/index.js';
import { feetInches, inches } from '../../units/index.js';
import { counting, placesCheck, spared, TIGHT_IN } from '../brief/index.js';
import type { AtPlace, CommonLine, LineOf } from '../brief/index.js';
import { unladen } from '../ride/index.js';
import { underCover, widthAcross } from '../station/index.js';

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

/** What a truck comes to between the sides of a bridge. */
function between(
  line: LineOf<'bridges'>,
  { widthIn, what }: { widthIn: number; what: string },
): AtPlace | null {
  if (line.wideIn === undefined) return null;
  const margin = line.wideIn - widthIn;
  return {
    line,
    actual: widthIn,
    limit: line.wideIn,
    margin,
    comfort: TIGHT_IN.width,
    unit: 'in',
    words: `${spared(margin, 'too wide')}: ${inches(widthIn)} ${what}, in ${feetInches(line.wideIn)}.`,
  };
}

/** What the truck comes to under and in a bridge; null where nobody said how high or wide it is. */
export const bridgeClearAt = reading('bridges', [unladen, widthAcross], (highest, width) => ({
  height: ({ clearIn, aboveIn = 0, ...line }: LineOf<'bridges'>) =>
    clearIn === undefined || !highest ? null : underCover(line, highest, { clearIn, aboveIn, under: '' }),
  width: (line: LineOf<'bridges'>) => between(line, width),
}));

export const clearHeight = placesCheck(
  'bridges',
  { id: 'clearHeight', title: 'Height of bridges and low places', steps: ['cab'], mendedBy: ['height'] },
  [low, unladen],
  (all, highest) => all.map(({ line, ...of }) => highest && underCover(line, highest, { ...of, under: '' })),
);

export const clearWidth = placesCheck(
  'bridges',
  { id: 'clearWidth', title: 'Width of bridges', steps: ['chassis'], mendedBy: ['width'] },
  [counting('bridges'), bridgeClearAt],
  (all, { width }) => all.map(width),
);
