import { IN_PER_FT, inches } from '../../units/index.js';
import type { LineOf } from '../brief/index.js';

/**
 * What is free beside a truck in a lane, in, and in words: it stands along the other edge of what is open, so all that
 * is left is on the side that needs it.
 */
export function freeBeside(
  { wideFt, parkedFt }: Pick<LineOf<'lanes'>, 'wideFt' | 'parkedFt'>,
  widthIn: number,
  side: 'left' | 'right',
): { freeIn: number; words: string } {
  const freeIn = (wideFt - parkedFt) * IN_PER_FT - widthIn;
  const free = inches(Math.max(0, freeIn));
  if (side === 'left')
    return {
      freeIn,
      words: `along the ${parkedFt > 0 ? 'parked cars' : 'right of the lane'} ${free} are free on the driver’s side`,
    };
  const end = parkedFt > 0 ? ', up to the parked cars' : '';
  return { freeIn, words: `along the left of the lane ${free} are free on the officer’s side${end}` };
}
